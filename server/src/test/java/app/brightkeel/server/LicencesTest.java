package app.brightkeel.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is shipped of Java, with its licences, as the build listed it: the reviewed list is the one that is served. */
public class LicencesTest {

    private static final Path REVIEWED = Path.of("..", "docs", "licences", "java.txt");

    private static String served(String name) throws IOException {
        try (InputStream in =
                Objects.requireNonNull(LicencesTest.class.getResourceAsStream("/static/licences/" + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    public void theListIsTheReviewedOne() throws IOException {
        String now = served("java.txt");
        if (Boolean.getBoolean("keel.write")) {
            Files.writeString(REVIEWED, now);
        }
        assertEquals(
                Files.exists(REVIEWED) ? Files.readString(REVIEWED) : "",
                now,
                "what is shipped changed: run ./keel api");
    }

    @DataProvider
    public Object[][] texts() {
        return new Object[][] {{"Apache-2.0"}, {"MIT"}, {"EPL-2.0"}, {"OFL-1.1-screen-font"}};
    }

    @Test(dataProvider = "texts")
    public void itsTextsAreThere(String licence) throws IOException {
        assertFalse(served(licence + ".txt").isBlank());
    }
}

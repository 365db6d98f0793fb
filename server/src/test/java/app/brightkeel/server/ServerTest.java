package app.brightkeel.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.springframework.test.web.servlet.MockMvc;

/** A test with the whole server on an empty data directory, without a socket. */
@SpringBootTest(properties = {"springdoc.api-docs.version=openapi_3_1", "keel.demo=false"})
@AutoConfigureMockMvc
public abstract class ServerTest extends AbstractTestNGSpringContextTests {

    @Autowired
    protected MockMvc http;

    @DynamicPropertySource
    static void data(DynamicPropertyRegistry registry) {
        String directory = freshDirectory();
        registry.add("keel.data", () -> directory);
    }

    private static String freshDirectory() {
        try {
            return Files.createTempDirectory("keel-test").toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

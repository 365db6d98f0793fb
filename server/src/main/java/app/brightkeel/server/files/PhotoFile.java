package app.brightkeel.server.files;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * A photo by its content, whatever it was called: what it is and how large, read from its head without decoding it.
 *
 * @param kind as image/jpeg
 * @param wide [pixels], and {@code tall}
 */
public record PhotoFile(String kind, int wide, int tall) {

    /** Largest file [bytes]: the camera of a telephone stays under it. */
    public static final int MOST_BYTES = 8 << 20;

    /** Longest side [pixels]. */
    private static final int MOST_PIXELS = 12_000;

    private static final String WANTED = "a photo as JPEG or PNG";

    /**
     * Looks at a file.
     *
     * @throws Refusal naming what it is not, or how large it may be
     */
    public static PhotoFile of(byte[] bytes) {
        if (bytes.length == 0) {
            throw new Refusal(RefusalCode.ABSENT, "photo", "", WANTED);
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new Refusal(RefusalCode.UNREADABLE, "photo", "something else", WANTED);
            }
            ImageReader reader = readers.next();
            try {
                String format = reader.getFormatName().toLowerCase(Locale.ROOT);
                if (!format.equals("jpeg") && !format.equals("png")) {
                    throw new Refusal(RefusalCode.UNREADABLE, "photo", format, WANTED);
                }
                reader.setInput(in, true, true);
                int wide = reader.getWidth(0);
                int tall = reader.getHeight(0);
                if (Math.max(wide, tall) > MOST_PIXELS) {
                    throw new Refusal(
                            RefusalCode.OUT_OF_RANGE,
                            "photo",
                            wide + " × " + tall + " pixels",
                            "at most " + MOST_PIXELS + " pixels a side");
                }
                return new PhotoFile("image/" + format, wide, tall);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof Refusal refusal) {
                throw refusal;
            }
            throw new Refusal(RefusalCode.UNREADABLE, "photo", "broken off", WANTED);
        }
    }
}

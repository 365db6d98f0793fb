package app.brightkeel.server.files;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Pages of a PDF of ours, looked at before they are printed. */
public final class PdfPages {

    private static final float DOTS_PER_INCH = 96;

    private PdfPages() {}

    /** How many there are. */
    public static int count(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One of them as a PNG in grey, counted from 1; empty where there is none of that number. */
    public static Optional<byte[]> picture(byte[] pdf, int page) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            if (page < 1 || page > document.getNumberOfPages()) {
                return Optional.empty();
            }
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(page - 1, DOTS_PER_INCH, ImageType.GRAY);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(image, "png", bytes);
            return Optional.of(bytes.toByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

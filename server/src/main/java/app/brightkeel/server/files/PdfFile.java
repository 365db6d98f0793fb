package app.brightkeel.server.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Objects;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** What every PDF begins and ends with. */
final class PdfFile {

    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private PdfFile() {}

    static PDDocument begun(String title) {
        PDDocument document = new PDDocument();
        document.getDocumentInformation().setTitle(title);
        document.getDocumentCatalog().setLanguage("en");
        PDViewerPreferences shown = new PDViewerPreferences(new COSDictionary());
        shown.setDisplayDocTitle(true);
        document.getDocumentCatalog().setViewerPreferences(shown);
        return document;
    }

    /**
     * The letters, of which a file keeps those it uses. Words are not looked through for ligatures, which these letters do not
     * need: that took two hundred times as long as writing them.
     */
    static PDFont letters(PDDocument document) throws IOException {
        try (InputStream letters = Objects.requireNonNull(PDDocument.class.getResourceAsStream(FONT))) {
            TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(letters));
            font.setEnableGsub(false);
            return PDType0Font.load(document, font, true);
        }
    }

    static byte[] bytes(PDDocument document) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.save(bytes);
        return bytes.toByteArray();
    }
}

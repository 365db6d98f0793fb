package app.brightkeel.server.http;

import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigReader;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.converter.HttpMessageNotWritableException;

/** Reads the body of a request by the one function that reads rigs everywhere. */
final class RigDocumentConverter implements HttpMessageConverter<RigDocument> {

    private final RigReader reader;

    RigDocumentConverter(RigReader reader) {
        this.reader = reader;
    }

    @Override
    public boolean canRead(Class<?> type, @org.jspecify.annotations.Nullable MediaType mediaType) {
        return type == RigDocument.class;
    }

    @Override
    public boolean canWrite(Class<?> type, @org.jspecify.annotations.Nullable MediaType mediaType) {
        return false;
    }

    @Override
    public List<MediaType> getSupportedMediaTypes() {
        return List.of(MediaType.APPLICATION_JSON);
    }

    @Override
    public RigDocument read(Class<? extends RigDocument> type, HttpInputMessage message) throws IOException {
        return RigDocument.of(reader.read(message.getBody().readAllBytes()));
    }

    @Override
    public void write(
            RigDocument document, @org.jspecify.annotations.Nullable MediaType type, HttpOutputMessage message)
            throws HttpMessageNotWritableException {
        throw new UnsupportedOperationException("written by the ordinary converter");
    }
}

package app.brightkeel.server.http;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.zip.GZIPInputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Sends a kept answer as it is to who takes gzip, and expanded to who does not. */
final class KeptConverter implements HttpMessageConverter<Kept<?>> {

    @Override
    public boolean canRead(Class<?> type, @Nullable MediaType mediaType) {
        return false;
    }

    @Override
    public boolean canWrite(Class<?> type, @Nullable MediaType mediaType) {
        return type == Kept.class;
    }

    @Override
    public List<MediaType> getSupportedMediaTypes() {
        return List.of(MediaType.APPLICATION_JSON);
    }

    @Override
    public Kept<?> read(Class<? extends Kept<?>> type, HttpInputMessage message) {
        throw new UnsupportedOperationException("only ever written");
    }

    @Override
    public void write(Kept<?> kept, @Nullable MediaType type, HttpOutputMessage message) throws IOException {
        HttpHeaders headers = message.getHeaders();
        // who sends no JSON has said so in the head of the answer
        if (headers.getContentType() == null) {
            headers.setContentType(MediaType.APPLICATION_JSON);
        }
        headers.add(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        if (takesGzip()) {
            headers.set(HttpHeaders.CONTENT_ENCODING, "gzip");
            headers.setContentLength(kept.gzipped().length);
            message.getBody().write(kept.gzipped());
        } else {
            new GZIPInputStream(new ByteArrayInputStream(kept.gzipped())).transferTo(message.getBody());
        }
    }

    private static boolean takesGzip() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes)) {
            return false;
        }
        String accepted = attributes.getRequest().getHeader(HttpHeaders.ACCEPT_ENCODING);
        return accepted != null
                && accepted.contains("gzip")
                && !accepted.replace(" ", "").contains("gzip;q=0");
    }
}

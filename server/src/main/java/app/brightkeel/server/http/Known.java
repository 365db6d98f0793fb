package app.brightkeel.server.http;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.function.Supplier;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Answers that were given: what was asked of a revision, or of a whole shelf, is the same until that is another. */
@Component
class Known {

    /** A fifth of the memory: at 256 MB all that is ever asked of four hundred rigs. */
    private static final long MOST_BYTES = Runtime.getRuntime().maxMemory() / 5;

    private final Cache<Object, byte[]> answers = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((Object asked, byte[] answer) -> answer.length + 200)
            .build();
    private final JsonMapper mapper;
    private final Turns turns;

    Known(JsonMapper mapper, Turns turns) {
        this.mapper = mapper;
        this.turns = turns;
    }

    /** What was asked of a rig at a revision. */
    private record Asked(String id, long revision, String what) {}

    /** @param what was asked, with all that the answer depends on beside the revision */
    <T> Kept<T> of(String id, long revision, String what, Supplier<T> made) {
        return of(new Asked(id, revision, what), made);
    }

    /** The same where many rigs are judged for it. */
    <T> Kept<T> ofLong(String id, long revision, String what, Supplier<T> made) {
        return kept(
                new Asked(id, revision, what),
                () -> turns.takeLong(() -> zipped(out -> mapper.writeValue(out, made.get()))));
    }

    /** @param asked equal where the answer is the same; kept as long as that */
    <T> Kept<T> of(Object asked, Supplier<T> made) {
        return kept(asked, () -> turns.take(() -> zipped(out -> mapper.writeValue(out, made.get()))));
    }

    /** Words asked of a rig at a revision, sent as they are. */
    Kept<byte[]> text(String id, long revision, String what, Supplier<String> made) {
        return kept(
                new Asked(id, revision, what),
                () -> turns.take(() -> zipped(out -> out.write(made.get().getBytes(StandardCharsets.UTF_8)))));
    }

    private <T> Kept<T> kept(Object asked, Supplier<byte[]> made) {
        byte[] known = answers.getIfPresent(asked);
        if (known == null) {
            known = made.get();
            answers.put(asked, known);
        }
        return new Kept<>(known);
    }

    private interface Written {
        void to(OutputStream out) throws IOException;
    }

    private static byte[] zipped(Written written) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new Quick(bytes)) {
            written.to(zip);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** The quickest of its levels: a rig's answers are a tenth of their size by it already. */
    private static final class Quick extends GZIPOutputStream {
        Quick(ByteArrayOutputStream out) throws IOException {
            super(out, 1 << 13);
            def.setLevel(Deflater.BEST_SPEED);
        }
    }
}

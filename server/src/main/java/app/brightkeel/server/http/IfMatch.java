package app.brightkeel.server.http;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The revision an edit was made on, from the {@code If-Match} header. */
final class IfMatch {

    private static final Pattern TAG = Pattern.compile("\"(\\d{1,18})\"");

    private IfMatch() {}

    /** @throws Unusable where it is absent or not a quoted number */
    static long revision(@Nullable String header) {
        if (header == null) {
            throw new Unusable(true, "If-Match is wanted: the revision this edit was made on, in quotes");
        }
        Matcher tag = TAG.matcher(header.strip());
        if (!tag.matches()) {
            throw new Unusable(false, "If-Match is not a revision in quotes, like \"14\"");
        }
        return Long.parseLong(tag.group(1));
    }

    /** A header that cannot be used. */
    static final class Unusable extends RuntimeException {
        private final boolean absent;

        Unusable(boolean absent, String message) {
            super(message);
            this.absent = absent;
        }

        boolean absent() {
            return absent;
        }
    }
}

package app.brightkeel.core.gear;

import java.util.Locale;

/** Constants as tables write them: small letters and hyphens. */
final class Named {

    private Named() {}

    static <E extends Enum<E>> E of(Class<E> type, String written) {
        return Enum.valueOf(type, written.toUpperCase(Locale.ROOT).replace('-', '_'));
    }
}

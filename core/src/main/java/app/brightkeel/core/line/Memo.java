package app.brightkeel.core.line;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Results of dear stages by what they were computed from, whatever rig asked: of a thousand rigs that are tried most want the
 * same of the same battery and the same wires. Bounded; what was not asked for longest is forgotten first. Any thread may ask.
 */
final class Memo {

    /** A few kilobytes each with what it was computed from. */
    private static final int MOST = 4000;

    private record Key(Stage<?, ?> stage, Object needs) {}

    private final Map<Key, Object> known = new LinkedHashMap<>(16, 0.75f, true);

    /** The result for these needs; worked out by whoever asks first, by two at once where they ask at once. */
    @SuppressWarnings("unchecked")
    <I, R> R of(Stage<I, R> stage, I needs, Supplier<R> work) {
        Key key = new Key(stage, needs);
        synchronized (known) {
            Object before = known.get(key);
            if (before != null) {
                return (R) before;
            }
        }
        R made = work.get();
        synchronized (known) {
            known.put(key, made);
            if (known.size() > MOST) {
                Iterator<Key> oldest = known.keySet().iterator();
                oldest.next();
                oldest.remove();
            }
        }
        return made;
    }
}

package app.brightkeel.core.line;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Results of dear stages by what they were computed from, whatever rig asked: of a thousand rigs that are tried most want the
 * same of the same battery and the same wires. Bounded; what was not asked for longest is forgotten first. Any thread may ask.
 *
 * <p>What is found here was not worked out, so that nothing notes which assumed figures it stands on: a line whose account of
 * them counts does not look here.
 */
final class Memo {

    /** A few kilobytes each with what it was computed from. */
    private static final int MOST = 4000;

    private record Key(DearStage<?, ?> stage, Object needs) {}

    private final Map<Key, Object> known = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Object> eldest) {
            return size() > MOST;
        }
    };

    /** The result for these needs; worked out by whoever asks first, by two at once where they ask at once. */
    @SuppressWarnings("unchecked")
    <I, R> R of(DearStage<I, R> stage, I needs) {
        Key key = new Key(stage, needs);
        synchronized (known) {
            Object before = known.get(key);
            if (before != null) {
                return (R) before;
            }
        }
        R made = stage.compute(needs);
        synchronized (known) {
            known.put(key, made);
        }
        return made;
    }
}

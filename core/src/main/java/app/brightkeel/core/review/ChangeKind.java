package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Changes of one kind, made again from their ids: the first two words of an id name its kind, what follows says which one it
 * is. Each link names its kinds in a table beside its rules, {@link LinkReview#kinds}.
 */
@FunctionalInterface
public interface ChangeKind {

    /** The change with this id; empty where the rig has none such, or it cannot be. */
    Optional<Change> made(Line line, String id);

    /** Few enough to be gone through. */
    static ChangeKind among(Function<Line, Stream<Change>> all) {
        return (line, id) ->
                all.apply(line).filter(change -> change.id().equals(id)).findFirst();
    }

    /** What one rule alone knows to offer, where it finds something. */
    static ChangeKind curing(Rule rule) {
        return among(line -> Ruling.of(rule, line).toMend() ? rule.cures(line) : Stream.empty());
    }

    /** Made of what its id says: the words behind the kind, as many as there must be. */
    public static ChangeKind of(int words, BiFunction<Line, String[], Optional<Change>> made) {
        return (line, id) -> {
            String[] all = id.split("\\.", -1);
            if (all.length != words + 2) {
                return Optional.empty();
            }
            return made.apply(line, Arrays.copyOfRange(all, 2, all.length))
                    .filter(change -> change.id().equals(id));
        };
    }
}

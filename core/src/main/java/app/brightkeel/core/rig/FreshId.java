package app.brightkeel.core.rig;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;

/** An id no part of a rig has yet. */
public final class FreshId {

    private static final int LONGEST = 36;

    private FreshId() {}

    /** The wish itself, shortened if need be, or the wish with the first number that is free. */
    public static String of(Rig rig, String wish) {
        Set<String> taken = new HashSet<>();
        Marks.visit(rig, new Marks.Visitor() {
            @Override
            public void part(PartKind kind, String id) {
                if (!kind.apart() || kind == PartKind.PHASE) {
                    taken.add(id);
                }
            }
        });
        return among(taken, wish);
    }

    /** The same among the ids of one list alone, as those of a craft's places. */
    public static String among(Collection<String> taken, String wish) {
        String stem = wish.length() > LONGEST ? wish.substring(0, LONGEST) : wish;
        return free(taken, stem, "-");
    }

    /** A name that none of these bears: the word itself, or with the first number that is free: "hole", "hole 2". */
    public static String name(Collection<String> taken, String word) {
        return free(taken, word, " ");
    }

    private static String free(Collection<String> taken, String stem, String before) {
        String own = stem;
        for (int n = 2; taken.contains(own); n++) {
            own = stem + before + n;
        }
        return own;
    }
}

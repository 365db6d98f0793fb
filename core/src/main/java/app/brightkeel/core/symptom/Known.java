package app.brightkeel.core.symptom;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Link;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What practitioners know of causes and of the looks that tell them apart, from tables. */
final class Known {

    private static final Table CAUSES = Table.read(Known.class, "causes.csv");
    private static final Table SYMPTOMS = Table.read(Known.class, "symptoms.csv");
    private static final Table TESTS = Table.read(Known.class, "tests.csv");
    private static final Table ANSWERS = Table.read(Known.class, "answers.csv");
    private static final Table SIGNS = Table.read(Known.class, "signs.csv");

    private static final Map<String, Cause> CAUSE = causes();
    private static final Map<String, Test> TEST = tests();
    private static final Map<String, Double> YES = answers();
    private static final Map<String, Double> TIMES = signs();

    private Known() {}

    /** Why something may be so; {@code link} is where it is changed. */
    record Cause(String id, Tier tier, Link link, String what, String cure) {}

    /**
     * A look, a try, a reading with two answers.
     *
     * @param needs reading of the rig that its words want: rest, pack, plug, or what is lost: between, beyond the plan;
     *              "" where they want none
     * @param base  how often the answer is yes where a cause has nothing to do with it
     */
    record Test(String id, String needs, int minutes, double base, String question, String how) {}

    private static Map<String, Cause> causes() {
        Map<String, Cause> all = new LinkedHashMap<>();
        List<String> ids = CAUSES.words("cause");
        for (int i = 0; i < ids.size(); i++) {
            all.put(
                    ids.get(i),
                    new Cause(
                            ids.get(i),
                            Table.constant(Tier.class, CAUSES.words("tier").get(i)),
                            Table.constant(Link.class, CAUSES.words("link").get(i)),
                            CAUSES.words("what").get(i),
                            CAUSES.words("cure").get(i)));
        }
        return all;
    }

    private static Map<String, Test> tests() {
        Map<String, Test> all = new LinkedHashMap<>();
        List<String> ids = TESTS.words("test");
        double[] minutes = TESTS.column("minutes");
        double[] base = TESTS.column("base");
        for (int i = 0; i < ids.size(); i++) {
            all.put(
                    ids.get(i),
                    new Test(
                            ids.get(i),
                            TESTS.words("needs").get(i),
                            (int) minutes[i],
                            base[i],
                            TESTS.words("question").get(i),
                            TESTS.words("how").get(i)));
        }
        return all;
    }

    private static Map<String, Double> answers() {
        Map<String, Double> all = new HashMap<>();
        double[] yes = ANSWERS.column("yes");
        for (int i = 0; i < yes.length; i++) {
            String cause = ANSWERS.words("cause").get(i);
            String test = ANSWERS.words("test").get(i);
            if (!CAUSE.containsKey(cause) || !TEST.containsKey(test)) {
                throw new IllegalStateException("answers.csv knows what no other table has: " + cause + ", " + test);
            }
            all.put(cause + " " + test, yes[i]);
        }
        return all;
    }

    private static Map<String, Double> signs() {
        Map<String, Double> all = new HashMap<>();
        double[] times = SIGNS.column("times");
        for (int i = 0; i < times.length; i++) {
            String cause = SIGNS.words("cause").get(i);
            if (!CAUSE.containsKey(cause)) {
                throw new IllegalStateException("signs.csv knows a cause that no other table has: " + cause);
            }
            all.put(SIGNS.words("finding").get(i) + " " + cause, times[i]);
        }
        return all;
    }

    /** How many times as likely a finding of the plan makes a cause; 1 where it has nothing to do with it. */
    static double times(String finding, Cause cause) {
        return TIMES.getOrDefault(finding + " " + cause.id(), 1.0);
    }

    /** Findings that say something of any cause. */
    static List<String> findings() {
        return SIGNS.words("finding");
    }

    /** Causes of a symptom, and how often each is behind it. */
    static Map<Cause, Double> causes(Symptom symptom) {
        Map<Cause, Double> all = new LinkedHashMap<>();
        double[] often = SYMPTOMS.column("often");
        for (int i = 0; i < often.length; i++) {
            if (SYMPTOMS.words("symptom").get(i).equals(Table.written(symptom))) {
                Cause cause = CAUSE.get(SYMPTOMS.words("cause").get(i));
                if (cause == null) {
                    throw new IllegalStateException("symptoms.csv, row " + i + ": no such cause");
                }
                all.put(cause, often[i]);
            }
        }
        return all;
    }

    /** Those that tell any of these causes from the others. */
    static List<Test> tests(Map<Cause, Double> causes) {
        return TEST.values().stream()
                .filter(test ->
                        causes.keySet().stream().anyMatch(cause -> YES.containsKey(cause.id() + " " + test.id())))
                .toList();
    }

    /** How often the answer is yes where a cause is so. */
    static double yes(Cause cause, Test test) {
        return YES.getOrDefault(cause.id() + " " + test.id(), test.base());
    }
}

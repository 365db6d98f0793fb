package app.brightkeel.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where something stands in a rig, as a JSON Pointer (RFC 6901) into its document: {@code /devices/0/draw/baseW}. */
public final class Pointer {

    private Pointer() {}

    /** What one step leads to from a record or a list of a rig; empty where nothing stands there. */
    public static Optional<Object> step(Object at, String step) {
        if (at instanceof List<?> list) {
            int index = step.matches("\\d{1,6}") ? Integer.parseInt(step) : list.size();
            return index < list.size() ? Optional.of(list.get(index)) : Optional.empty();
        }
        if (!(at instanceof Record)) {
            return Optional.empty();
        }
        return Components.of(at).stream()
                .filter(component -> component.name().equals(step))
                .findFirst()
                .map(component -> component.of(at));
    }

    /**
     * A rig with another figure where a pointer leads; empty where none stands there.
     *
     * @throws app.brightkeel.core.refusal.Refusal where it may not be so
     */
    public static Optional<Rig> with(Rig rig, String pointer, Figure figure) {
        return with(rig, List.of(pointer.substring(1).split("/")), figure).map(Rig.class::cast);
    }

    private static Optional<Object> with(Object at, List<String> steps, Figure figure) {
        if (steps.isEmpty()) {
            return at instanceof Figure ? Optional.of(figure) : Optional.empty();
        }
        String step = steps.get(0);
        Optional<Object> below = step(at, step).flatMap(there -> with(there, steps.subList(1, steps.size()), figure));
        if (at instanceof List<?> list) {
            return below.map(made -> {
                List<Object> all = new ArrayList<>(list);
                all.set(Integer.parseInt(step), made);
                return List.copyOf(all);
            });
        }
        return below.map(made -> {
            Object[] values = Components.values(at);
            values[Components.place(at.getClass(), step)] = made;
            return Components.made(at.getClass(), values);
        });
    }

    /** Joins names and list places; none of ours needs escaping. */
    public static String of(Object... steps) {
        StringBuilder all = new StringBuilder();
        for (Object step : steps) {
            all.append('/').append(step);
        }
        return all.toString();
    }

    public static String device(int index, String field) {
        return "/devices/" + index + "/" + field;
    }

    public static String transducer(int index, String field) {
        return "/transducers/" + index + "/" + field;
    }

    public static String station(int index, String field) {
        return "/craft/stations/" + index + "/" + field;
    }

    public static String pack(int index, String field) {
        return "/harness/packs/" + index + "/" + field;
    }

    public static String segment(int index, String field) {
        return "/harness/segments/" + index + "/" + field;
    }

    public static String fitting(int segment, int index, String field) {
        return "/harness/segments/" + segment + "/fittings/" + index + "/" + field;
    }

    public static String passage(int index, String field) {
        return "/craft/passages/" + index + "/" + field;
    }

    public static String dataLead(int index, String field) {
        return "/network/leads/" + index + "/" + field;
    }

    public static String ballast(int index, String field) {
        return "/fitOut/ballast/" + index + "/" + field;
    }

    public static String kept(int index, String field) {
        return "/craft/kept/" + index + "/" + field;
    }

    public static String box(int index, String field) {
        return "/fitOut/boxes/" + index + "/" + field;
    }

    public static String boards(String field) {
        return "/fitOut/boards/" + field;
    }

    public static String boardPart(int index, String field) {
        return boards("parts/" + index + "/" + field);
    }

    public static String phase(int index, String field) {
        return "/outing/phases/" + index + "/" + field;
    }
}

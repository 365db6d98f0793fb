package app.brightkeel.server.files;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Says what binding found wrong in our own words: the library's messages name classes. */
public final class JsonRefusals {

    private JsonRefusals() {}

    public static Refusal of(JacksonException e) {
        String at = pointer(e.getPath());
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof Refusal refusal) {
                return new Refusal(
                        refusal.code(),
                        at + pointer(refusal.field()),
                        WholeNumber.told(refusal.value()),
                        refusal.allowed());
            }
        }
        if (e instanceof UnrecognizedPropertyException unknown) {
            String known = unknown.getKnownPropertyIds() == null
                    ? "nothing"
                    : unknown.getKnownPropertyIds().stream()
                            .map(String::valueOf)
                            .sorted()
                            .collect(Collectors.joining(", "));
            return new Refusal(RefusalCode.NOT_OFFERED, at, "not a field here", known);
        }
        if (e instanceof InvalidTypeIdException kind) {
            return new Refusal(
                    RefusalCode.NOT_OFFERED,
                    at + "/kind",
                    String.valueOf(kind.getTypeId()),
                    kinds(kind.getBaseType().getRawClass()));
        }
        if (e instanceof InvalidFormatException format && format.getTargetType().isEnum()) {
            return new Refusal(
                    RefusalCode.NOT_OFFERED, at, String.valueOf(format.getValue()), constants(format.getTargetType()));
        }
        if (e instanceof InvalidNullException) {
            return new Refusal(RefusalCode.ABSENT, at, "", "wanted, and not there");
        }
        if (e instanceof MismatchedInputException mismatch) {
            return new Refusal(RefusalCode.UNREADABLE, at, "of the wrong kind", wanted(mismatch.getTargetType()));
        }
        return new Refusal(RefusalCode.UNREADABLE, at, "", "could not be read");
    }

    private static String kinds(Class<?> sum) {
        Class<?>[] permitted = sum.getPermittedSubclasses();
        return permitted == null
                ? "a known kind"
                : Stream.of(permitted)
                        .map(c -> RigJson.kebab(c.getSimpleName()))
                        .collect(Collectors.joining(", "));
    }

    private static String constants(Class<?> type) {
        return Stream.of(type.getEnumConstants())
                .map(c -> RigJson.kebab(((Enum<?>) c).name()))
                .collect(Collectors.joining(", "));
    }

    private static String wanted(Class<?> type) {
        if (type == String.class) {
            return "a text";
        }
        if (type == boolean.class) {
            return "true or false";
        }
        if (type == int.class) {
            return "a whole number";
        }
        if (type == double.class) {
            return "a number";
        }
        if (type != null && type.isEnum()) {
            return constants(type);
        }
        return type != null && Iterable.class.isAssignableFrom(type) ? "a list" : "an object";
    }

    private static String pointer(List<JacksonException.Reference> path) {
        StringBuilder all = new StringBuilder();
        for (JacksonException.Reference step : path) {
            all.append('/').append(step.getPropertyName() != null ? step.getPropertyName() : step.getIndex());
        }
        return all.toString();
    }

    /** "segments[3].to" → "/segments/3/to". */
    private static String pointer(String field) {
        return field.isEmpty()
                ? ""
                : "/" + field.replace("[", "/").replace("]", "").replace('.', '/');
    }
}

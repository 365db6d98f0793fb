package app.brightkeel.core.line;

import app.brightkeel.core.rig.Figure;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;

/** A result, or the pointers of what is missing for it. */
public sealed interface Outcome<R> {

    /** @param value the result */
    record Known<R>(R value) implements Outcome<R> {}

    /** @param pointers of undecided choices and figures that are never assumed; not empty */
    record Missing<R>(List<String> pointers) implements Outcome<R> {
        public Missing {
            pointers = List.copyOf(new LinkedHashSet<>(pointers));
            if (pointers.isEmpty()) {
                throw new IllegalArgumentException("nothing is missing");
            }
        }
    }

    static <R> Outcome<R> known(R value) {
        return new Known<>(value);
    }

    /** Known when nothing is missing. */
    static <R> Outcome<R> unless(List<String> missing, java.util.function.Supplier<R> value) {
        return missing.isEmpty() ? new Known<>(value.get()) : new Missing<>(missing);
    }

    /** Notes the pointer of a figure that is not given. */
    static void want(List<String> missing, Figure figure, String pointer) {
        if (!figure.isSet()) {
            missing.add(pointer);
        }
    }

    default boolean isKnown() {
        return this instanceof Known;
    }

    /** The result; asking a missing one is a bug of the caller. */
    default R value() {
        if (this instanceof Known<R> known) {
            return known.value();
        }
        throw new IllegalStateException("missing: " + missing());
    }

    /** The result, or something else where it is missing. */
    default R orElse(R other) {
        return this instanceof Known<R> known ? known.value() : other;
    }

    /** What is missing; empty where known. */
    default List<String> missing() {
        return this instanceof Missing<R> missing ? missing.pointers() : List.of();
    }

    default <S> Outcome<S> map(Function<? super R, ? extends S> then) {
        return this instanceof Known<R> known ? new Known<>(then.apply(known.value())) : new Missing<>(missing());
    }

    default <S> Outcome<S> flatMap(Function<? super R, Outcome<S>> then) {
        return this instanceof Known<R> known ? then.apply(known.value()) : new Missing<>(missing());
    }

    /** Both known, or all that is missing for either. */
    static <A, B, R> Outcome<R> both(Outcome<A> a, Outcome<B> b, BiFunction<A, B, R> then) {
        if (a instanceof Known<A> left && b instanceof Known<B> right) {
            return new Known<>(then.apply(left.value(), right.value()));
        }
        Set<String> all = new LinkedHashSet<>(a.missing());
        all.addAll(b.missing());
        return new Missing<>(new ArrayList<>(all));
    }
}

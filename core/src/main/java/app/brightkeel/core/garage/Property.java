package app.brightkeel.core.garage;

import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Something that is declared of a piece of gear: a number or a choice. */
public sealed interface Property {

    /** As files and the interface name it: the field it stands in. */
    String name();

    /** As a person reads it. */
    String words();

    /** A number in the unit of its field. */
    record Number(String name, String words, At at, Unit unit) implements Property {

        /** Unset where nobody knows. */
        public Figure of(Thing thing) {
            return at.in((Record) thing).map(Figure.class::cast).orElse(Figure.UNSET);
        }

        /** @throws Refusal naming the field for a number outside its range */
        public Thing with(Thing thing, Figure figure) {
            return figure.equals(of(thing)) ? thing : (Thing) at.with((Record) thing, figure);
        }
    }

    /** One of a few words. */
    record Choice(String name, String words, At at, List<Enum<?>> choices) implements Property {

        public Choice {
            choices = List.copyOf(choices);
        }

        public Enum<?> of(Thing thing) {
            return (Enum<?>) at.in((Record) thing).orElseThrow();
        }

        public Thing with(Thing thing, Enum<?> chosen) {
            return (Thing) at.with((Record) thing, chosen);
        }

        /** How a choice is called in sentences. */
        public static String words(Enum<?> choice) {
            return choice instanceof Worded worded ? worded.words() : Table.written(choice);
        }

        /** The choice that is written so, in files or in sentences; empty for none of them. */
        public Optional<Enum<?>> find(String written) {
            String word = written.strip();
            return choices.stream()
                    .filter(each -> Stream.of(Table.written(each), words(each)).anyMatch(word::equalsIgnoreCase))
                    .findFirst();
        }

        /** @throws Refusal naming the property for none of the choices */
        public Enum<?> chosen(String written) {
            return find(written)
                    .orElseThrow(() -> new Refusal(
                            RefusalCode.NOT_OFFERED,
                            name,
                            written,
                            "one of: " + choices.stream().map(Choice::words).collect(Collectors.joining("; "))));
        }
    }
}

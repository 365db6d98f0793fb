package app.brightkeel.core.review.carry;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Rule;
import java.util.function.Function;
import java.util.function.Predicate;

/** How rules judge a craft that floats; on the ice, and where it is not known yet, they are silent. */
final class Floating {

    private Floating() {}

    static Rule.Judgement judge(Line line, Predicate<Afloat> applies, Function<Afloat, Rule.Judgement> judge) {
        return CarryStage.afloat(line).filter(applies).map(judge).orElse(Rule.SILENT);
    }
}

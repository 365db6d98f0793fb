package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.rig.Zone;
import java.util.function.Predicate;

/** What stands in room that is needed around the seat. */
public final class Room {

    private Room() {}

    /** Close where one of the wanted things stands in the way of something; silent where there is none of them. */
    public static Rule.Judgement kept(Line line, Predicate<Seated.FromSeat> wanted) {
        return WorstOf.of(line.get(SeatStage.STAGE).map(Seated::things), (worst, each) -> {
            if (wanted.test(each)) {
                worst.add(
                        each.standsIn().isEmpty() ? 1 : 0,
                        "The {} stands in the way of {}.",
                        each.thing().name(),
                        each.standsIn().stream()
                                .map(area -> area.zone().words())
                                .sorted()
                                .findFirst()
                                .orElse(Zone.NONE.words()));
            }
        });
    }
}

package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Moment;
import app.brightkeel.core.picture.Pictures;
import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Wanted;
import java.util.List;

/**
 * The picture of a link, or why there is none yet.
 *
 * @param scenes those that can be drawn, the first being shown first
 */
public record Picture(List<Scene> scenes, Text why) {

    static final Picture NONE = new Picture(List.of(), Text.of(""));

    static Picture of(Line line, Link link) {
        return of(line, Pictures.all(line, link));
    }

    /** The harness at another moment. */
    static Picture of(Line line, Moment moment) {
        return of(line, List.of(Pictures.harness(line, moment)));
    }

    private static Picture of(Line line, List<Outcome<Scene>> all) {
        List<Scene> known =
                all.stream().filter(Outcome::isKnown).map(Outcome::value).toList();
        return known.isEmpty()
                ? new Picture(
                        List.of(),
                        Text.of(
                                "Waits for {}.",
                                Wanted.words(line.rig(), all.get(0).missing())))
                : new Picture(known, Text.of(""));
    }
}

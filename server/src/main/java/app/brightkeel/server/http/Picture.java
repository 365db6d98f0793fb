package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Pictures;
import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Wanted;
import java.util.List;

/**
 * The picture of a link, or why there is none yet.
 *
 * @param scenes one, or none
 */
public record Picture(List<Scene> scenes, Text why) {

    static final Picture NONE = new Picture(List.of(), Text.of(""));

    static Picture of(Line line, Link link) {
        Outcome<Scene> scene = Pictures.of(line, link);
        return scene.isKnown()
                ? new Picture(List.of(scene.value()), Text.of(""))
                : new Picture(List.of(), Text.of("Waits for {}.", Wanted.words(line.rig(), scene.missing())));
    }
}

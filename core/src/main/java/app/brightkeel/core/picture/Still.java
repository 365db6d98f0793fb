package app.brightkeel.core.picture;

import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A drawing that is looked at and not edited.
 *
 * @param marks all that is seen of it, without what a hand takes hold of
 * @param areas of its parts by their ids, in the order in which they are drawn
 */
record Still(List<Mark> marks, Map<String, List<Point>> areas) {

    static Still of(Scene scene) {
        List<Mark> marks = new ArrayList<>();
        Map<String, List<Point>> areas = new LinkedHashMap<>();
        for (Mark mark : scene.marks()) {
            if (mark instanceof Mark.Element element) {
                areas.put(element.part(), element.area());
            } else if (!(mark instanceof Mark.Pick || mark instanceof Mark.Drag || mark instanceof Mark.Handle)) {
                marks.add(mark);
            }
        }
        return new Still(marks, areas);
    }

    /** An area made to stand out. */
    static Mark marked(List<Point> area) {
        return new Mark.Path(Role.TARGET, area, true, 1);
    }
}

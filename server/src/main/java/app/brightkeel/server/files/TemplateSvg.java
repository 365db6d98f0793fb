package app.brightkeel.server.files;

import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.quantity.Habit;

/** A full-size sheet as an SVG file: 96 pixels to the inch, as SVG counts them. */
public final class TemplateSvg {

    static final double PIXELS_PER_M = 96 / 0.0254;

    private static final int HEAD = 60;
    private static final int MARGIN = 30;

    private TemplateSvg() {}

    /** @param scene to scale */
    public static String of(String rig, Scene scene, Habit habit) {
        Frame.ToScale frame = (Frame.ToScale) scene.frame();
        double wide = (frame.high().x() - frame.low().x()) * PIXELS_PER_M;
        double tall = (frame.high().y() - frame.low().y()) * PIXELS_PER_M;
        SvgPicture.Place place = new SvgPicture.Place(
                new SvgPicture.Scale(frame.low().x(), frame.high().x(), MARGIN, MARGIN + wide, false),
                new SvgPicture.Scale(frame.low().y(), frame.high().y(), HEAD + tall, HEAD, false),
                MARGIN,
                MARGIN + wide,
                HEAD,
                HEAD + tall);
        SvgSheet sheet = new SvgSheet();
        String title = scene.title().in(habit);
        double width = Math.max(wide, SvgSheet.titleWide(title)) + 2 * MARGIN;
        sheet.head(MARGIN, width - 2 * MARGIN, title, scene.subtitle().in(habit));
        SvgPen pen = new SvgPen(sheet, place, habit);
        for (Mark mark : scene.marks()) {
            mark.draw(pen);
        }
        return sheet.whole(
                (int) Math.ceil(width),
                (int) Math.ceil(tall + HEAD + MARGIN),
                title + ", " + rig,
                SvgPicture.says(scene, habit));
    }
}

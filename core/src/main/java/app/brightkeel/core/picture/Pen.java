package app.brightkeel.core.picture;

import app.brightkeel.core.picture.Scene.Mark;

/** Puts marks on paper: one for each kind of file a picture can become. */
public interface Pen {

    void path(Mark.Path path);

    void note(Mark.Note note);

    void spot(Mark.Spot spot);

    void span(Mark.Span span);
}

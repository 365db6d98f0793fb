package app.brightkeel.core.enclosure;

/** Where the lowest fore left corner of a thing is, from that of what all of them stand in [m]. */
public record Corner(double deepM, double wideM, double tallM) {

    static final Corner ORIGIN = new Corner(0, 0, 0);
}

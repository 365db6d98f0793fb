package app.brightkeel.core.enclosure;

/** A direction of a room. */
enum Axis {
    DEEP,
    WIDE,
    TALL;

    /** Of a box, along it [m]. */
    double along(Box box) {
        return switch (this) {
            case DEEP -> box.deepM();
            case WIDE -> box.wideM();
            case TALL -> box.tallM();
        };
    }

    /** The box round two that stand one after the other along it. */
    Box joined(Box a, Box b) {
        return new Box(
                this == DEEP ? a.deepM() + b.deepM() : Math.max(a.deepM(), b.deepM()),
                this == WIDE ? a.wideM() + b.wideM() : Math.max(a.wideM(), b.wideM()),
                this == TALL ? a.tallM() + b.tallM() : Math.max(a.tallM(), b.tallM()));
    }

    /** A box of another measure along it. */
    Box with(Box box, double alongM) {
        return new Box(
                this == DEEP ? alongM : box.deepM(),
                this == WIDE ? alongM : box.wideM(),
                this == TALL ? alongM : box.tallM());
    }

    /** A corner moved along it. */
    Corner moved(Corner corner, double byM) {
        return new Corner(
                corner.deepM() + (this == DEEP ? byM : 0),
                corner.wideM() + (this == WIDE ? byM : 0),
                corner.tallM() + (this == TALL ? byM : 0));
    }
}

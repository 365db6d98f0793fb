package app.brightkeel.core.reading;

/**
 * A contact on the way of the current.
 *
 * @param id      of the fitting; of the crimps at a wire's ends its id, a slash, and start or end
 * @param part    id of the part it belongs to, to be marked in a picture
 * @param segment place in the harness of the wire it sits in
 * @param ohm     that it adds as planned [Ω]
 * @param spread  of that, one standard deviation [Ω]
 * @param ratingA of a fuse, 0 for all else [A]
 */
record Place(String id, String part, String name, int segment, Sort sort, double ohm, double spread, double ratingA) {

    /** What it is. */
    enum Sort {
        CRIMP,
        JOINT,
        SWITCH,
        FUSE
    }
}

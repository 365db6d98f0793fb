package app.brightkeel.core.craft;

/**
 * A hull with its sizes: x aft of the bow, y from the centre line, z over its lowest line, all [m].
 *
 * <p>Volumes and moments are integrated over sections by Simpson's rule; above the deck the sides go straight up.
 */
final class Hull {

    /** Pieces of the length, even. */
    private static final int PIECES = 30;

    /** Slices of the depth where it is heeled. */
    private static final int SLICES = 16;

    private final double lengthM;
    private final double depthM;
    private final double[] breadth = new double[PIECES + 1];
    private final double[] keel = new double[PIECES + 1];
    private final double[] fullness = new double[PIECES + 1];

    Hull(double lengthM, double beamM, double depthM, HullShape shape) {
        this.lengthM = lengthM;
        this.depthM = depthM;
        for (int i = 0; i <= PIECES; i++) {
            double at = (double) i / PIECES;
            breadth[i] = shape.breadth().at(at) * beamM / 2;
            keel[i] = shape.keel().at(at) * depthM;
            fullness[i] = shape.fullness().at(at);
        }
    }

    /**
     * What lies under a waterline.
     *
     * @param volumeM3 under it
     * @param xM       of the centre of that volume
     * @param zM       of the same
     * @param areaM2   of the waterplane
     * @param floatM   x of the waterplane's centre
     * @param acrossM4 second moment of the waterplane about its centre line
     * @param alongM4  about its athwart axis
     */
    record Under(
            double volumeM3, double xM, double zM, double areaM2, double floatM, double acrossM4, double alongM4) {}

    /** Under a waterline that stands {@code middleM} over the lowest line amidships and rises aft by {@code slope}. */
    Under under(double middleM, double slope) {
        double volume = 0;
        double byX = 0;
        double byZ = 0;
        double area = 0;
        double areaByX = 0;
        double areaByXx = 0;
        double across = 0;
        for (int i = 0; i <= PIECES; i++) {
            double x = lengthM * i / PIECES;
            double water = middleM + slope * (x - lengthM / 2);
            double height = depthM - keel[i];
            double wet = Math.min(water - keel[i], height);
            if (wet <= 0) {
                continue;
            }
            double weight = weight(i) * lengthM / PIECES;
            double zeta = wet / height;
            double y = breadth[i] * (fullness[i] == 0 ? 1 : Math.pow(zeta, fullness[i]));
            double above = Math.max(0, water - depthM);
            double half = y * wet / (fullness[i] + 1);
            double section = 2 * (half + y * above);
            double sectionZ = 2
                    * (half * (keel[i] + wet * (fullness[i] + 1) / (fullness[i] + 2))
                            + y * above * (depthM + above / 2));
            volume += weight * section;
            byX += weight * section * x;
            byZ += weight * sectionZ;
            area += weight * 2 * y;
            areaByX += weight * 2 * y * x;
            areaByXx += weight * 2 * y * x * x;
            across += weight * 2 * y * y * y / 3;
        }
        if (volume <= 0) {
            return new Under(0, lengthM / 2, 0, 0, lengthM / 2, 0, 0);
        }
        double floats = areaByX / area;
        return new Under(volume, byX / volume, byZ / volume, area, floats, across, areaByXx - area * floats * floats);
    }

    /** Its sections in slices, to be heeled: see {@link Heeled}. */
    Heeled sliced(double slope) {
        double[] half = new double[(PIECES + 1) * SLICES];
        double[] z = new double[half.length];
        double[] thick = new double[half.length];
        double[] volume = new double[half.length];
        double[] rise = new double[half.length];
        for (int i = 0; i <= PIECES; i++) {
            double height = Math.max(0, depthM - keel[i]) / SLICES;
            for (int k = 0; k < SLICES; k++) {
                int at = i * SLICES + k;
                half[at] = breadth[i] * Math.pow((k + 0.5) / SLICES, fullness[i]);
                z[at] = keel[i] + (k + 0.5) * height;
                thick[at] = height;
                volume[at] = weight(i) * lengthM / PIECES * height;
                rise[at] = slope * (lengthM * i / PIECES - lengthM / 2);
            }
        }
        return new Heeled(half, z, thick, volume, rise);
    }

    /** By how much the edge of the deck is under that water where it is lowest; negative where it stands over it [m]. */
    double edgeUnderM(double middleM, double slope, double tan) {
        double most = Double.NEGATIVE_INFINITY;
        double widest = 0;
        for (double half : breadth) {
            widest = Math.max(widest, half);
        }
        for (int i = 0; i <= PIECES; i++) {
            // at the pointed ends the deck is no side
            if (breadth[i] > widest / 2) {
                double water = middleM + slope * (lengthM * i / PIECES - lengthM / 2);
                most = Math.max(most, water + breadth[i] * tan - depthM);
            }
        }
        return most;
    }

    private static double weight(int i) {
        return i == 0 || i == PIECES ? 1.0 / 3 : i % 2 == 1 ? 4.0 / 3 : 2.0 / 3;
    }

    /** Half width at a place and height [m]; 0 under the bottom. */
    double halfWidthM(double xM, double zM) {
        double at = share(xM);
        double bottom = between(keel, at);
        if (zM <= bottom) {
            return 0;
        }
        // where the keel comes up to the deck there is no height to share, and all above is deck
        double height = Math.min(1, (zM - bottom) / (depthM - bottom));
        return between(breadth, at) * Math.pow(height, between(fullness, at));
    }

    /** Lowest line of the hull at a place [m]. */
    double keelM(double xM) {
        return between(keel, share(xM));
    }

    /** Bottom of the hull at a place off the centre line [m]; the deck outside its width. */
    double bottomM(double xM, double yM) {
        double at = share(xM);
        double bottom = between(keel, at);
        double width = between(breadth, at);
        double full = between(fullness, at);
        double out = width <= 0 ? 1 : Math.min(1, Math.abs(yM) / width);
        double height = full == 0 ? (out < 1 ? 0 : 1) : Math.pow(out, 1 / full);
        return bottom + (depthM - bottom) * height;
    }

    private double share(double xM) {
        return Math.max(0, Math.min(1, xM / lengthM));
    }

    private static double between(double[] values, double share) {
        double at = share * PIECES;
        int i = Math.min(PIECES - 1, (int) at);
        return values[i] + (values[i + 1] - values[i]) * (at - i);
    }
}

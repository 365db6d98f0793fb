package app.brightkeel.core.battery;

/**
 * Where the energy of a run went [Wh].
 *
 * @param cellsWh   given up by the cells: rest volts over the charge that left them
 * @param devicesWh taken by the devices: their power over the time they ran
 * @param wireWh    lost between pack terminals and devices
 * @param innerWh   lost inside the packs
 */
public record Energy(double cellsWh, double devicesWh, double wireWh, double innerWh) {

    static final Energy NONE = new Energy(0, 0, 0, 0);

    /** At the packs' terminals. */
    public double givenWh() {
        return devicesWh + wireWh;
    }

    /** What the two sides of the balance differ by, of what the cells gave: how well the stepping closes. */
    public double openShare() {
        return cellsWh > 0 ? (cellsWh - devicesWh - wireWh - innerWh) / cellsWh : 0;
    }

    Energy plus(Energy more) {
        return new Energy(
                cellsWh + more.cellsWh, devicesWh + more.devicesWh, wireWh + more.wireWh, innerWh + more.innerWh);
    }
}

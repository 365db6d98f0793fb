package app.brightkeel.core.battery;

/** What ends a run: always one of these four. */
public enum End {
    DEVICE_MINIMUM("the screen gets too few volts"),
    PACK_CUT_OFF("the pack cuts off"),
    RESERVE("the battery is empty down to your reserve"),
    EMPTY("the pack is empty");

    private final String words;

    End(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

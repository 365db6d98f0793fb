package app.brightkeel.core.care;

import java.time.LocalDate;

/**
 * Work that is due once more.
 *
 * @param task     id, which stays the same however often it is done
 * @param day      by which it is due
 * @param usesLeft days out until it is due sooner; −1 where use does not count
 * @param due      whether that day has come
 * @param last     day it was last done, as 2026-10-31; "" where nobody wrote it down
 * @param times    that it was done
 * @param charge   whether it is a battery that is charged
 */
public record CareDue(
        String task,
        LocalDate day,
        int usesLeft,
        boolean due,
        String what,
        String why,
        String last,
        int times,
        boolean charge) {}

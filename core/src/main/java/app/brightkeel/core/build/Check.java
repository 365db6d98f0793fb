package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Text;

/**
 * Something to see, and to tick, before work goes on.
 *
 * @param id  within its step, stable
 * @param see what is to be seen
 * @param why what goes wrong where nobody looked
 */
public record Check(String id, Text see, Text why) {}

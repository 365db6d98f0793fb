package app.brightkeel.core.trip;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Link;

/**
 * Something that went wrong on a trip.
 *
 * @param link  that it belongs to
 * @param words of the person, on one line
 */
public record Trouble(Link link, String words) {

    public Trouble {
        Checks.name("words", words);
    }
}

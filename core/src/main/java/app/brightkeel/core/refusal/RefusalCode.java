package app.brightkeel.core.refusal;

/** Why something was refused; stable, part of the problem details that clients read. */
public enum RefusalCode {
    /** A number outside what the field can hold, NaN and infinities included. */
    OUT_OF_RANGE,
    /** A choice that is not on the list of choices, or a size that no table holds. */
    NOT_OFFERED,
    /** A name or text that is blank, too long or badly spelt. */
    BAD_TEXT,
    /** A list longer than the stated limit. */
    TOO_MANY,
    /** Two things with one id. */
    DUPLICATE,
    /** A reference to something that is not there. */
    DANGLING,
    /** What leads back to itself: a harness, covers that lie over each other. */
    LOOP,
    /** Something required is not there. */
    ABSENT,
    /** A document that could not be read as what it claims to be. */
    UNREADABLE
}

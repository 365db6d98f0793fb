package app.brightkeel.core.rig;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Marks what names other parts by id: one, or a list of them. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
@interface Names {

    /** What it may name. */
    PartKind[] value();

    /** Whether it may be "", that is name nothing. */
    boolean orNothing() default false;

    /** What becomes of it when what it names is gone. */
    Gone gone() default Gone.GOES;

    /** Whether a record's own constructor looks after it, since what it names stands in the same record. */
    boolean checkedThere() default false;

    /** What is allowed where no two of the rig's list may name the same; "" where they may. */
    String once() default "";

    enum Gone {
        /** The record that names it goes, too. */
        GOES,
        /** Names nothing from then on; of a list, that entry goes. */
        IS_EMPTIED
    }
}

package app.brightkeel.core.build;

/** Tells the steps of one sort of thing, then what of them has to wait for what. */
interface StepsOf {

    void tell();

    /** Asked when all steps are told. */
    void order();
}

package app.brightkeel.core.line;

/** A stage whose computing costs more than looking its needs up among those of other rigs, see {@link Memo}. */
public interface DearStage<I, R> extends Stage<I, R> {}

package app.brightkeel.server.http;

import app.brightkeel.core.build.Progress;
import app.brightkeel.server.store.BuildStore;
import app.brightkeel.server.store.PhotoStore;
import java.util.List;

/** What was done of a rig as it is now, with a person's notes and photos. */
public record BuildProgress(Progress progress, List<BuildStore.StepNote> notes, List<PhotoStore.Photo> photos) {}

package app.brightkeel.server.store;

import app.brightkeel.core.rig.Rig;

/**
 * A rig as it stands in the store.
 *
 * @param revision the head: its number is the entity tag
 * @param canUndo  whether the head has a parent
 * @param canRedo  whether the head has a child
 */
public record StoredRig(String id, long revision, boolean canUndo, boolean canRedo, Rig rig) {}

package app.brightkeel.core.gear;

import app.brightkeel.core.rig.Craft;

/** A craft that can be copied into a rig, under the name it goes by. */
public record CraftItem(String id, String name, Craft craft) {}

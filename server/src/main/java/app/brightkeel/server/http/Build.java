package app.brightkeel.server.http;

import app.brightkeel.core.build.BuildPlan;
import app.brightkeel.core.build.Workshop;

/**
 * How a rig is built.
 *
 * @param revision of the rig it is made from
 * @param workshop when and where
 * @param chosen   whether somebody said so, or it is what is usual
 */
public record Build(long revision, Workshop workshop, boolean chosen, BuildPlan plan) {}

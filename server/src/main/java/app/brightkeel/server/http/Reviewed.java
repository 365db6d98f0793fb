package app.brightkeel.server.http;

import app.brightkeel.core.review.Review;

/** A review of a rig that is not kept, with the picture asked for. */
public record Reviewed(Review review, Picture picture) {}

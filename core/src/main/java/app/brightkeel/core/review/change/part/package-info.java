/** Parts added and taken out as such, whatever link they belong to: blank ones, and copies of what the catalogue has. */
@NullMarked
package app.brightkeel.core.review.change.part;

import org.jspecify.annotations.NullMarked;

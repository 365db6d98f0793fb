/** Rules, numbers and alternatives of the Carry link: room, balance and what stays dry. */
@NullMarked
package app.brightkeel.core.review.carry;

import org.jspecify.annotations.NullMarked;

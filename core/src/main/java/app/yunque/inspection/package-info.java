/**
 * What to look at, feel and measure on the parts that came off, and in which order.
 *
 * <p>A mechanic asks here: <em>what do I pick up first, and why?</em> The answer is a plan, worked out anew from the parts, the kind of
 * unit, the complaint, duty, surroundings and what has been found so far. What stands against a signature is told elsewhere ({@code route}).
 *
 * <p>Not here: the checks themselves and what their words weigh ({@code finding}), measuring ({@code measure}).
 */
@NullMarked
package app.yunque.inspection;

import org.jspecify.annotations.NullMarked;

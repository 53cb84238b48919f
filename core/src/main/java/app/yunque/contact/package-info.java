/**
 * What the marking on the teeth shows, which way to move what, and how far.
 *
 * <p>A mechanic asks here: <em>the blue sits at the heel: which shim, which way, how thick, and what becomes of the
 * backlash?</em>
 *
 * <p>Out is positive: a member moved away from the point where the axes meet. Lengths in mm, angles in degrees where they
 * enter. Directions are sure; distances are a starting shim, because uncrowned teeth touch on an edge after the move and
 * the change is then only a part of the formula. Measure again after every shim, one member at a time.
 *
 * <p>Not here: how much backlash there is ({@code backlash}).
 */
@NullMarked
package app.yunque.contact;

import org.jspecify.annotations.NullMarked;

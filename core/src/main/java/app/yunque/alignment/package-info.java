/**
 * Settings and alignment: turns of a screw to a setting, centres of a lathe, shaft couplings, belts, gibs, steered wheels, hubs in line.
 *
 * <p>A mechanic asks here: <em>how many turns, which way, what goes under which foot, and when is it good enough?</em>
 *
 * <p>Lengths in mm. An indicator reads plus when its plunger is pushed in. A shim that is added is plus. Of a coupling x runs from the machine that stays to the
 * one that is moved, y up; readings are zeroed at the top, or at three o'clock, and read half a turn on.
 *
 * <p>Odd ends: readings of a coupling that do not close are refused and not averaged; a scribed mark is where one starts and never a proof.
 *
 * <p>Not here: lost motion of a slide ({@code backlash}), what a shim does to a mesh ({@code contact}).
 */
@NullMarked
package app.yunque.alignment;

import org.jspecify.annotations.NullMarked;

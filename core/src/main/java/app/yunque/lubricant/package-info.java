/**
 * Which oil, and how much of it.
 *
 * <p>A mechanic asks here: <em>which ISO VG does this box want in this climate, and how many litres bring it to the
 * line?</em>
 *
 * <p>Viscosity is kinematic, in mm²/s at 40 °C; grades after ISO 3448. Levels are heights above the lowest floor point
 * of the case in mm; volumes inside geometry in mm³, answers in litres. Gears count as solid discs of the mean of tip
 * and root diameter.
 *
 * <p>The plate on the machine and its maker's table win over everything here. Not here: compatibility of oils with
 * bronze, plastics, seals and each other; greases; change intervals.
 */
@NullMarked
package app.yunque.lubricant;

import org.jspecify.annotations.NullMarked;

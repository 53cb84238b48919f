/**
 * How much goes in, and where it then stands.
 *
 * <p>A mechanic asks here: <em>how many litres bring it to the line, and how deep do the gears then dip?</em>
 *
 * <p>Levels are heights above the lowest floor point of the case in mm; volumes inside geometry in mm³, answers in litres.
 * Gears count as solid discs of the mean of tip and root diameter.
 */
@NullMarked
package app.yunque.lubricant.sump;

import org.jspecify.annotations.NullMarked;

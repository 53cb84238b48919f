/**
 * How much grease, of which class, in what surroundings.
 *
 * <p>A mechanic asks here: <em>how many grams does this bearing take, and how soon again?</em>
 *
 * <p>Masses in grams, times in hours. Which greases bear each other stands with the thickeners.
 */
@NullMarked
package app.yunque.lubricant.grease;

import org.jspecify.annotations.NullMarked;

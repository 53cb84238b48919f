/**
 * Proving a rebuilt unit: does it run cool enough to go back to work?
 *
 * <p>A mechanic asks here: <em>is this temperature after the run acceptable?</em> Temperatures in °C, rise in K above
 * the surroundings.
 *
 * <p>Not here: service intervals and wear trends over several visits.
 */
@NullMarked
package app.yunque.upkeep;

import org.jspecify.annotations.NullMarked;

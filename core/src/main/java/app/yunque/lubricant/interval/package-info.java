/**
 * When oil is changed, and what is lost meanwhile.
 *
 * <p>A mechanic asks here: <em>when is it due next, and how much has to be flushed?</em>
 *
 * <p>Hours of running and days; whichever comes first.
 */
@NullMarked
package app.yunque.lubricant.interval;

import org.jspecify.annotations.NullMarked;

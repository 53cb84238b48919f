/**
 * What the oil that came out tells.
 *
 * <p>A mechanic asks here: <em>is this oil still fit, and what has worn?</em>
 *
 * <p>Samples with their trend, counts of particles after ISO 4406, wear metals, looks without a laboratory.
 */
@NullMarked
package app.yunque.lubricant.condition;

import org.jspecify.annotations.NullMarked;

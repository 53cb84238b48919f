/**
 * How two parts sit on each other: limits of a size, clearance and interference, seats worn out of round, presses, keys, lands of seals.
 *
 * <p>A mechanic asks here: <em>what may this seat measure, does this pair still fit, how hot must the ring be, how hard must I press?</em>
 *
 * <p>Terms after ISO 286-1. Clearance is hole less shaft: plus is free, minus is tight; interference is the same with the sign turned. Sizes in
 * mm, deviations in µm because that is how tables and drawings say them.
 *
 * <p>Odd ends: sizes over 0 to 500 mm; a letter or a grade outside the built-in subset is refused and its two limits are entered by hand. A
 * bearing has no letter of its own: the word "bearing" stands for the bore or the outside of one of normal class.
 *
 * <p>Not here: the clearance inside a bearing ({@code bearing}), screws ({@code fastener}).
 */
@NullMarked
package app.yunque.fit;

import org.jspecify.annotations.NullMarked;

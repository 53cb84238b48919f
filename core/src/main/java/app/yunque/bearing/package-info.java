/**
 * Rolling bearings: their sizes, the clearance inside and what fit and heat take of it, end float, preload and drag, life, and what they sound like.
 *
 * <p>A mechanic asks here: <em>which bearing is this, is it the right clearance, how thick must the shim be, how hard may it drag?</em>
 *
 * <p>Terms after ISO 5593 and ISO 5753-1. Clearance and float are plus, preload is minus. Sizes in mm, clearance in µm where tables say so.
 *
 * <p>Odd ends: preload is never measured with an indicator; a float of nothing says only "nothing or less". A clearance may belong to two groups at once,
 * because they overlap on purpose.
 *
 * <p>Not here: the seats ({@code fit}), packs of shims ({@code shim}), grease ({@code lubricant}).
 */
@NullMarked
package app.yunque.bearing;

import org.jspecify.annotations.NullMarked;

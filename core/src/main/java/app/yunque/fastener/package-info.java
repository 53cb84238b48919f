/**
 * Screws, nuts and their threads.
 *
 * <p>A mechanic asks here: <em>is there such a thread, does this screw hold in that hole, and what does it strike when it
 * is the wrong one?</em>
 *
 * <p>Terms after ISO 68-1, ISO 261 and ASME B1.1. Lengths are under the head, in mm; engagement counts full thread only.
 * Positive clearance is free room behind the tip; negative means that the tip strikes. The chamfer at the tip, about one
 * pitch, is not taken off.
 *
 * <p>A thread outside the tables is no error on old machines: written as "special" it is taken as it stands, and nothing
 * is derived from it.
 *
 * <p>Not here: torques and tightening orders.
 */
@NullMarked
package app.yunque.fastener;

import org.jspecify.annotations.NullMarked;

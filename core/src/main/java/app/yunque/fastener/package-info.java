/**
 * Screws, nuts and their threads.
 *
 * <p>A mechanic asks here: <em>is there such a thread, does this screw hold in that hole, and what does it strike when it
 * is the wrong one, how tight does it go and in which order, does this pin protect the box?</em>
 *
 * <p>Terms after ISO 68-1, ISO 261, ASME B1.1 and ISO 898-1. Torques in N·m, forces in N, stresses in MPa. Lengths are under the head, in mm; engagement counts full thread only.
 * Positive clearance is free room behind the tip; negative means that the tip strikes. The chamfer at the tip, about one
 * pitch, is not taken off.
 *
 * <p>A thread outside the tables is no error on old machines: written as "special" it is taken as it stands, and nothing
 * is derived from it.
 *
 * <p>Not here: which order the screws of one part were logged with ({@code teardown}), keys and splines ({@code fit}).
 */
@NullMarked
package app.yunque.fastener;

import org.jspecify.annotations.NullMarked;

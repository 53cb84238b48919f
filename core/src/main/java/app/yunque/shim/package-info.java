/**
 * Packs of shims and gaskets: what is chosen from the shelf, what a gasket does to a float or a mesh, what is left in a stack.
 *
 * <p>A mechanic asks here: <em>which shims do I take, what happens when I fit another gasket, does the cover clamp the bearing?</em>
 *
 * <p>Thickness in mm, in the choice of a pack in whole µm, because shims are sold and added up in them. More shims is plus.
 *
 * <p>Odd ends: a pack of nothing is a pack; a stack that is higher than its housing is told as how much the cover would clamp.
 *
 * <p>Not here: the float that is wanted ({@code bearing}), what a move does to a bevel mesh ({@code contact}).
 */
@NullMarked
package app.yunque.shim;

import org.jspecify.annotations.NullMarked;

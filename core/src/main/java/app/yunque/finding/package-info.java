/**
 * The verdict on a part: does it go back, is it dressed first, or is a new one bought?
 *
 * <p>A mechanic asks here: <em>what do I do with this one?</em> The answer is a proposal with its reason; the mechanic
 * decides. The first rule that fires wins, hardest first.
 *
 * <p>Not here: measuring ({@code gear}), cost, causes of a failure.
 */
@NullMarked
package app.yunque.finding;

import org.jspecify.annotations.NullMarked;

/**
 * What is set after the rebuild and what a unit shows before it leaves, step by step.
 *
 * <p>A mechanic asks here: <em>what do I set next, how close, and may it leave?</em> Each kind of unit has its list; each step its target, who may
 * sign without it, and the station that a failure opens again.
 *
 * <p>Not here: how a mesh or a bearing is measured ({@code backlash}, {@code contact}), what stands against a signature in all
 * ({@code route}).
 */
@NullMarked
package app.yunque.procedure;

import org.jspecify.annotations.NullMarked;

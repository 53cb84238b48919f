/**
 * In which order: the least that has to come off, the order of the rebuild, and two mechanics at one unit.
 *
 * <p>A mechanic asks here: <em>what must come off to reach that part, in which order does it all go back with the fewest
 * tool changes, who does what when we are two, and why is there no order at all?</em>
 *
 * <p>This room knows tasks, not gearboxes: a task has an identity, minutes, and a tool, position and bench that may not
 * matter. "Before" always carries its reason, because reasons are what an explanation is made of. Minutes are shop
 * minutes.
 *
 * <p>Small problems are solved exactly. Larger ones are solved well, and the answer says so: the cost found stands beside
 * a bound that no order can beat. Equal answers are told apart by the order in which tasks were given, so the same
 * question has the same answer on every machine. Identities compare naturally: B2 comes before B10.
 *
 * <p>Tried and given up: a general constraint solver for the rebuild order. The state that costs anything is only tool,
 * position and bench, so dynamic programming over what is done is both exact and shorter up to eighteen tasks, and beyond
 * that the bound is what a mechanic can trust.
 *
 * <p>Not here: where the constraints come from ({@code teardown}).
 */
@NullMarked
package app.yunque.plan;

import org.jspecify.annotations.NullMarked;

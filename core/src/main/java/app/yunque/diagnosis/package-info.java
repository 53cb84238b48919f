/**
 * From what is complained of and found to what it may be, and what to look at next.
 *
 * <p>A mechanic asks here: <em>what is it most likely, what speaks for and against it, which look tells the most for its minutes?</em>
 *
 * <p>One fault at a time is weighed: the weight of a cause times the chance of each sign and each test with it (naive Bayes). Every weight is judgement and stands in a table
 * that a practitioner can correct; probabilities are told with that word. What nobody looked at counts neither way.
 *
 * <p>Odd ends: without evidence the weights stand as they are; a sign that is said to be there and not there is refused; where no single cause explains everything, two faults
 * are thought of.
 *
 * <p>Not here: what becomes of a part ({@code finding}), which checks are asked ({@code inspection}).
 */
@NullMarked
package app.yunque.diagnosis;

import org.jspecify.annotations.NullMarked;

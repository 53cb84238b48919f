/**
 * What a choice costs: reuse against renewal, repair against a new unit, spares to hold.
 *
 * <p>A mechanic, or whoever pays, asks here: <em>is it worth renewing, is the machine worth mending, how many of these should lie on the shelf?</em>
 *
 * <p>Money is in the shop's own currency, hours in h, chances from 0 to 1 entered in %. Chances are judgement: the answer says how far they may be off.
 *
 * <p>Not here: whether a part may go back at all ({@code finding}); nothing that is condemned becomes cheaper by reckoning.
 */
@NullMarked
package app.yunque.cost;

import org.jspecify.annotations.NullMarked;

/**
 * Which can to take.
 *
 * <p>A mechanic asks here: <em>which lubricant belongs in this place, is it on the shelf, and what is bought where it is not?</em>
 *
 * <p>Kind, grade, additive, thickener and approval are judged as one ({@link app.yunque.lubricant.PlaceJudgement}), for the plate, the
 * proposal, the shelf, a can by its name and what is bought alike. Each question that goes into it has a room of its own below.
 */
@NullMarked
package app.yunque.lubricant;

import org.jspecify.annotations.NullMarked;

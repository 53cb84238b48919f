/**
 * What an unmarked gear is.
 *
 * <p>A mechanic asks here: <em>this gear has no number: what module or diametral pitch, which pressure angle, is it
 * shifted, and what do I measure next to be sure?</em>
 *
 * <p>The anchor is the base pitch, the difference of two spans over k and k + 1 teeth: it depends on neither shift nor even
 * wear. Standard series are weighed by how common they are, an editable judgement. Lengths in mm, angles in degrees.
 *
 * <p>Odd ends: a gear that fits nothing standard is told as such; a broken gear is identified for every tooth count its
 * chord allows.
 */
@NullMarked
package app.yunque.identify;

import org.jspecify.annotations.NullMarked;

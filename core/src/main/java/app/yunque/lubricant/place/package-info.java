/**
 * What is lubricated, and what a plate or a can says.
 *
 * <p>A mechanic asks here: <em>what sort of place is this, and what is this text on its plate?</em>
 *
 * <p>A place says what it meets (bronze, a clutch, food); a lubricant what it is made of. Nothing is judged here.
 */
@NullMarked
package app.yunque.lubricant.place;

import org.jspecify.annotations.NullMarked;

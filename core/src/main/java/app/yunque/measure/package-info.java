/**
 * What a number on the bench is worth: its allowed range, its uncertainty, and the verdict against a
 * limit.
 *
 * <p>A mechanic asks here: <em>is this reading possible at all, how sure am I of it, and does it pass?</em>
 * The room knows nothing of gears, oil or screws; every other room leans on it.
 *
 * <p>Terms: <b>range</b>: the values a quantity can sensibly have, both ends included; <b>expanded
 * uncertainty</b> U = 2u, about 95 % (GUM); <b>guard band</b>: the strip of width U at a limit inside which
 * no honest verdict is possible (ISO 14253-1).
 *
 * <p>An impossible value is {@link app.yunque.measure.Refused}; a rule outside its domain answers {@link
 * app.yunque.measure.NotApplicable}; a missing reading is neither: the verdict is {@code NOT_JUDGED}. NaN is
 * how an empty field usually arrives here, so every check is written as what must hold and NaN falls through
 * to refusal.
 *
 * <p>Not here: the conversion of units. The core counts in mm, degrees Celsius, N·m; the server converts once,
 * at its edge, and keeps what was typed.
 */
@NullMarked
package app.yunque.measure;

import org.jspecify.annotations.NullMarked;

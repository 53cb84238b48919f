/**
 * How thick an oil is, cold and hot, and by which name.
 *
 * <p>A mechanic asks here: <em>what is this oil in ISO VG, and how thick is it at this temperature?</em>
 *
 * <p>Kinematic, in mm²/s; temperatures in °C. Grades after ISO 3448, lines after ASTM D341.
 */
@NullMarked
package app.yunque.lubricant.viscosity;

import org.jspecify.annotations.NullMarked;

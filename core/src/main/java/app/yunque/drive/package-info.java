/**
 * Several pairs in a row: ratio, speeds, pitch-line velocities, and whether the teeth counted at the shafts are the
 * teeth in the papers.
 *
 * <p>A mechanic asks here: <em>what is the ratio, does the unit turn out what it should, and how fast do the teeth
 * run?</em>
 *
 * <p>Stages count from the input, 1 first. Ratio i = n_in/n_out as a magnitude; every external mesh turns the sense
 * round. Speeds in min⁻¹, pitch-line velocity in m/s on the working circle, power in kW, torque in N·m.
 *
 * <p>{@link app.yunque.drive.Drive} is what the papers of a unit hold: stages of every kind and the positions of its levers.
 * {@link app.yunque.drive.Stage} is one of them, {@link app.yunque.drive.DriveLine} a row of them at work, {@link
 * app.yunque.drive.DriveShafts} the shafts they sit on; {@link app.yunque.drive.ShaftSpeeds} solves trains that branch and turn back.
 *
 * <p>Not here: backlash of one mesh ({@code backlash}).
 */
@NullMarked
package app.yunque.drive;

import org.jspecify.annotations.NullMarked;

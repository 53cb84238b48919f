/**
 * The way of a job through its eight stations: what is open at each, in one line, and what still stands against signing.
 *
 * <p>A mechanic asks here: <em>where does this job stand, and what is missing?</em>
 *
 * <p>Stations are never hidden. Only Strip can be shut: it stays closed until permission to open and isolation are on
 * record, and shuts again when the energy is back on. Everything else can be worked in any order; the line says what is
 * missing.
 *
 * <p>Not here: how the facts come about. They arrive counted, in {@link app.yunque.route.JobFacts}.
 */
@NullMarked
package app.yunque.route;

import org.jspecify.annotations.NullMarked;

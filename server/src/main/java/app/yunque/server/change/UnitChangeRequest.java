package app.yunque.server.change;

import app.yunque.drive.UnitChange;
import org.jspecify.annotations.Nullable;

/**
 * Something a job changes on the unit.
 *
 * @param version version that was seen; missing for a new one
 * @param what    what is changed
 * @param was     what it was, up to 400 characters
 * @param becomes what it is from now on, up to 400 characters
 * @param because why, up to 400 characters
 */
public record UnitChangeRequest(
        @Nullable Long version, UnitChange what, String was, String becomes, String because) {}

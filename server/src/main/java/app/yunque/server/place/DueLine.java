package app.yunque.server.place;

import java.util.UUID;

/**
 * A lubricated place that falls due.
 *
 * @param unitId  of its unit
 * @param tag     of its unit
 * @param unit    what the unit is
 * @param placeId of the place
 * @param place   its name
 * @param task    what is to be done, in words
 * @param can     what was put in last
 * @param next    when and why
 */
public record DueLine(
        UUID unitId,
        String tag,
        String unit,
        UUID placeId,
        String place,
        String task,
        String can,
        NextView next) {}

package app.yunque.server.place;

import app.yunque.server.sheet.DrawerAnswer;
import java.util.UUID;

/**
 * What hangs at a lubricated place.
 *
 * @param unitId of its unit
 * @param tag    of its unit
 * @param unit   what the unit is
 * @param place  the place
 * @param answer what its sheet answers
 */
public record PlaceCard(
        UUID unitId, String tag, String unit, PlaceView place, DrawerAnswer answer) {}

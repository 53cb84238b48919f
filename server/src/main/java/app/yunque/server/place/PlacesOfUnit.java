package app.yunque.server.place;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.server.sheet.DrawerEntries;
import java.util.List;

/**
 * All lubricated places of a unit.
 *
 * @param places    in the order they were described
 * @param apart     what is in a place and harms there, then what must be kept apart between them
 * @param papers    what the papers of the unit say of a place that is described anew
 * @param suggested places that the papers suggest and nobody described yet
 */
public record PlacesOfUnit(
        List<PlaceView> places,
        List<Compatibility.Finding> apart,
        DrawerEntries papers,
        List<PlaceRequest> suggested) {}

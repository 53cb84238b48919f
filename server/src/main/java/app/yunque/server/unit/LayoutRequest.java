package app.yunque.server.unit;

/**
 * The layout of a unit as it is now known.
 *
 * @param version version of the unit that was seen
 * @param layout  shafts and openings
 */
public record LayoutRequest(long version, UnitLayout layout) {}

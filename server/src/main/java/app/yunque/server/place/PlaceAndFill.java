package app.yunque.server.place;

import org.jspecify.annotations.Nullable;

/** A place and what was done there at a job; null while nothing was. */
record PlaceAndFill(PlaceEntity place, @Nullable FillEntity fill) {}

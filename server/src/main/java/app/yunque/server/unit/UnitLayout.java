package app.yunque.server.unit;

import app.yunque.server.quantity.EnteredNumber;
import app.yunque.teardown.Opening;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Shafts, bores and covers of a unit, and the openings of its housing.
 *
 * @param axes     names of all shafts, bores and covers in the order of the picture, those of the papers first; empty takes
 *                 the names that follow from the papers
 * @param openings openings by which parts come and go
 */
public record UnitLayout(List<String> axes, List<OpeningRequest> openings) {
    static final UnitLayout NONE = new UnitLayout(List.of(), List.of());

    /**
     * @param name     what it is called
     * @param shape    round or rectangular
     * @param width    diameter, or one side
     * @param height   other side of a rectangle; missing for a round one
     * @param closedBy the part that closes it, as the strip calls it; empty when it is always open
     * @param faces    which way it looks; missing while nobody said it
     * @param shaft    the shaft in whose axis it lies; missing when it is not the bore of a shaft
     * @param depth    free depth behind it; missing while nobody measured it
     */
    public record OpeningRequest(
            String name,
            Opening.Shape shape,
            EnteredNumber width,
            @Nullable EnteredNumber height,
            String closedBy,
            Opening.@Nullable Faces faces,
            @Nullable Integer shaft,
            @Nullable EnteredNumber depth) {}
}

package app.yunque.server.teardown;

import app.yunque.fastener.BoltPattern.Place;
import app.yunque.fastener.ScrewPattern;
import app.yunque.fastener.ScrewPattern.Arrangement;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.server.teardown.DetailRequest.ScrewPlaceRequest;
import app.yunque.server.teardown.DetailRequest.ScrewsRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Between how the screws of a part stand as entered and the core. */
final class ScrewsMapping {
    private static final String AT = "detail.screws.";
    private static final Map<String, String> FIELDS =
            Map.of("pitchAcrossMm", "pitchAcross", "pitchUpMm", "pitchUp");

    private ScrewsMapping() {}

    static @Nullable ScrewPattern core(@Nullable ScrewsRequest given) {
        if (given == null) {
            return null;
        }
        var arrangement = given.arrangement();
        boolean hasPitch = arrangement == Arrangement.FRAME || arrangement == Arrangement.ROWS;
        var faults = new Faults();
        var across =
                faults.gather(
                        () ->
                                hasPitch
                                        ? length(
                                                given.pitchAcross(),
                                                AT + "pitchAcross",
                                                "from one screw to the next across")
                                        : 0.0);
        var up =
                faults.gather(
                        () ->
                                hasPitch
                                        ? length(
                                                given.pitchUp(),
                                                AT + "pitchUp",
                                                "from one screw to the next up")
                                        : 0.0);
        var places =
                faults.gather(
                        () ->
                                arrangement == Arrangement.MEASURED
                                        ? places(given.places())
                                        : List.<Place>of());
        faults.throwIfAny();
        return AtField.named(
                AT,
                FIELDS,
                () ->
                        new ScrewPattern(
                                arrangement,
                                hasPitch ? count(given.across()) : 0,
                                hasPitch ? count(given.up()) : 0,
                                Objects.requireNonNull(across),
                                Objects.requireNonNull(up),
                                Objects.requireNonNull(places)));
    }

    private static List<Place> places(@Nullable List<ScrewPlaceRequest> given) {
        var faults = new Faults();
        var places = new ArrayList<Place>();
        for (int i = 0; given != null && i < given.size(); i++) {
            var entered = given.get(i);
            var at = "%splaces[%d].".formatted(AT, i);
            int screw = i + 1;
            var place =
                    faults.gather(
                            () ->
                                    AtField.named(
                                            at,
                                            Map.of("acrossMm", "across", "upMm", "up"),
                                            () ->
                                                    new Place(
                                                            length(
                                                                    entered.across(),
                                                                    "across",
                                                                    "place across of screw "
                                                                            + screw),
                                                            length(
                                                                    entered.up(),
                                                                    "up",
                                                                    "place up of screw "
                                                                            + screw))));
            if (place != null) {
                places.add(place);
            }
        }
        faults.throwIfAny();
        return places;
    }

    private static int count(@Nullable Integer given) {
        return given == null ? 0 : given;
    }

    private static double length(@Nullable EnteredNumber number, String field, String label) {
        return EnteredNumber.read(number, field, label, EntryKind.LENGTH).canonical();
    }
}

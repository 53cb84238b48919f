package app.yunque.server.place;

import app.yunque.lubricant.condition.OilCondition;
import app.yunque.lubricant.condition.WearMetal;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.measure.PlainDigits;
import app.yunque.server.quantity.EnteredNumber;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What was done at a place between its samples: changes, top-ups, and what turns in its box. */
record SampleHistory(List<FillEntity> latestFirst, WearMetal.Box box) {

    static SampleHistory of(PlaceEntity place, List<FillEntity> latestFirst) {
        boolean worm =
                FillService.sheet(place)
                        .map(PlaceSheet::sort)
                        .filter(s -> s == PlaceSort.WORM)
                        .isPresent();
        return new SampleHistory(
                latestFirst, worm ? WearMetal.Box.WORM_ON_BRONZE : WearMetal.Box.STEEL_GEARS);
    }

    /** The new oil as the can of the last filling says it; no number where it came from elsewhere. */
    Map<String, EnteredNumber> freshOil() {
        var can =
                latestFirst.stream()
                        .filter(f -> f.kind == FillKind.FILLED)
                        .findFirst()
                        .map(f -> f.fromShelf);
        return can.map(
                        c ->
                                Map.of(
                                        "base",
                                        new EnteredNumber(c.base().name(), ""),
                                        "fresh",
                                        c.viscosity()))
                .orElse(Map.of("fresh", new EnteredNumber("", "")));
    }

    /** How often the oil was changed between two samples; 0 when both are of the same. */
    int fillsBetween(SampleEntity earlier, SampleEntity later) {
        return fillsSince(earlier, later.takenOn);
    }

    /** How often the oil was changed since a sample, up to a day. */
    int fillsSince(SampleEntity sample, LocalDate upTo) {
        return (int) between(sample, upTo).filter(f -> f.kind == FillKind.FILLED).count();
    }

    /**
     * Wear between the last two samples of one fill, with what was topped up in between counted; empty without a top-up, and
     * where it is not known what the box holds.
     */
    Optional<String> wearWithTopUps(SampleFigures.Figure figure, List<SampleEntity> ofThisFill) {
        var measured = ofThisFill.stream().filter(s -> figure.of(s.entries).isPresent()).toList();
        if (measured.size() < 2 || !SampleFigures.isMetal(figure)) {
            return Optional.empty();
        }
        var first = measured.get(measured.size() - 2);
        var second = measured.get(measured.size() - 1);
        double hours = second.meter.canonical() - first.meter.canonical();
        double toppedUp =
                between(first, second.takenOn)
                        .filter(f -> f.kind == FillKind.TOPPED_UP)
                        .mapToDouble(SampleHistory::litres)
                        .sum();
        double sump = holds(second.takenOn);
        if (!OilCondition.canRate(sump, toppedUp, hours)) {
            return Optional.empty();
        }
        double rate =
                OilCondition.ratePer1000h(
                        figure.of(first.entries).orElseThrow(),
                        figure.of(second.entries).orElseThrow(),
                        sump,
                        toppedUp,
                        hours);
        return Optional.of(
                "%s L topped up counted: %s%s ppm in 1000 h of late"
                        .formatted(
                                PlainDigits.exact(toppedUp),
                                rate < 0 ? "−" : "+",
                                PlainDigits.rounded(Math.abs(rate), 1)));
    }

    private Stream<FillEntity> between(SampleEntity earlier, LocalDate upTo) {
        return latestFirst.stream()
                .filter(f -> f.doneOn.isAfter(earlier.takenOn) && !f.doneOn.isAfter(upTo));
    }

    /** Litres of the last filling on or before a day; 0 where it is not known. */
    private double holds(LocalDate on) {
        return latestFirst.stream()
                .filter(f -> f.kind == FillKind.FILLED && !f.doneOn.isAfter(on))
                .findFirst()
                .map(SampleHistory::litres)
                .orElse(0.0);
    }

    private static double litres(FillEntity fill) {
        return fill.amount == null ? 0 : fill.amount.canonical();
    }
}

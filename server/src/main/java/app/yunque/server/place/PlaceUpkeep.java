package app.yunque.server.place;

import app.yunque.lubricant.interval.NextChange;
import app.yunque.lubricant.place.LubricatedPlace.Thing;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;

/** When a place is due again, from its sheet and what was last put in. */
final class PlaceUpkeep {
    private PlaceUpkeep() {}

    /** The last filling; a top-up or a place that was left does not start anew. */
    static Optional<FillEntity> lastFilling(List<FillEntity> latestFirst) {
        return latestFirst.stream().filter(f -> f.kind == FillKind.FILLED).findFirst();
    }

    static Optional<NextChange> next(PlaceEntity place, List<FillEntity> latestFirst) {
        try {
            return lastFilling(latestFirst)
                    .flatMap(f -> FillService.sheet(place).map(s -> next(s, f)));
        } catch (Refused | NotApplicable cannot) {
            return Optional.empty();
        }
    }

    /** What is to be done there. */
    static String task(PlaceEntity place, NextChange next) {
        if (next.runIn()) {
            return "run-in change";
        }
        var sort = FillService.sheet(place).map(PlaceSheet::sort);
        boolean grease = sort.map(PlaceSort::takesGrease).orElse(false);
        boolean level = sort.map(PlaceSort::hasLevel).orElse(false);
        return grease ? "greasing" : level ? "oil change" : "oiling";
    }

    private static NextChange next(PlaceSheet sheet, FillEntity last) {
        if (!sheet.sort().hasLevel()) {
            var meets = sheet.place().touches();
            return NextChange.greasing(
                    last.doneOn,
                    sheet.greasingHours(),
                    meets.contains(Thing.SALT) || meets.contains(Thing.WATER),
                    sheet.hoursPerMonth(),
                    sheet.makers());
        }
        if (last.jobId != null) {
            return NextChange.first(last.doneOn, sheet.trade(), sheet.hoursPerMonth());
        }
        var base = last.fromShelf == null ? sheet.base() : last.fromShelf.base();
        return NextChange.after(
                last.doneOn,
                sheet.interval(base),
                sheet.temperature().degC(),
                sheet.hoursPerMonth(),
                sheet.makers());
    }
}

package app.yunque.server.unit;

import app.yunque.drive.Drive;
import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.Entered;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.server.unit.UnitLayout.OpeningRequest;
import app.yunque.teardown.Opening;
import app.yunque.teardown.ShaftStack;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Between the layout of a unit as entered and the core. */
final class LayoutMapping {
    private static final int MOST_AXES = 12;
    private static final int MOST_OPENINGS = 20;
    private static final int LONGEST_NAME = 40;
    private static final Map<String, String> OPENING =
            Map.of("widthMm", "width", "heightMm", "height", "depthMm", "depth");

    private LayoutMapping() {}

    /** Names of all shafts: as entered, else as they follow from the papers. */
    static List<String> shafts(@Nullable UnitLayout layout, Drive drive) {
        return layout == null || layout.axes().isEmpty()
                ? ShaftStack.shaftNames(drive)
                : layout.axes();
    }

    static List<Opening> openings(@Nullable UnitLayout layout) {
        var openings = new ArrayList<Opening>();
        var faults = new Faults();
        var given = layout == null ? List.<OpeningRequest>of() : layout.openings();
        for (int i = 0; i < given.size(); i++) {
            var at = "layout.openings[" + i + "].";
            var one = given.get(i);
            var opening = faults.gather(() -> opening(one, at));
            if (opening != null) {
                openings.add(opening);
            }
        }
        faults.throwIfAny();
        return openings;
    }

    private static Opening opening(OpeningRequest given, String at) {
        var faults = new Faults();
        var width = faults.gather(() -> mm(given.width(), at + "width", "width of the opening"));
        var height =
                given.shape() == Opening.Shape.ROUND
                        ? width
                        : faults.gather(
                                () -> mm(given.height(), at + "height", "height of the opening"));
        var depth =
                faults.gather(
                        () ->
                                Optional.ofNullable(
                                        Entered.valueOf(
                                                EnteredNumber.readOptional(
                                                        given.depth(),
                                                        at + "depth",
                                                        "free depth behind the opening",
                                                        EntryKind.LENGTH))));
        faults.throwIfAny();
        return AtField.named(
                at,
                OPENING,
                () ->
                        new Opening(
                                given.name(),
                                given.shape(),
                                Objects.requireNonNull(width),
                                Objects.requireNonNull(height),
                                given.closedBy(),
                                Objects.requireNonNullElse(given.faces(), Opening.Faces.UNSAID),
                                Objects.requireNonNullElse(given.shaft(), 0),
                                Objects.requireNonNull(depth).orElse(null)));
    }

    private static double mm(@Nullable EnteredNumber number, String field, String label) {
        return EnteredNumber.read(number, field, label, EntryKind.LENGTH).canonical();
    }

    /** The names go with their shafts; a shaft that came in between is named by its number until somebody names it. */
    static UnitLayout moved(
            UnitLayout layout, Drive before, Drive after, Map<Integer, Integer> shafts) {
        if (layout.axes().isEmpty()) {
            return layout;
        }
        var names = new ArrayList<String>();
        for (int shaft = 1; shaft <= after.shafts().count(); shaft++) {
            names.add("shaft " + shaft);
        }
        int described = Math.min(before.shafts().count(), layout.axes().size());
        for (int was = 1; was <= described; was++) {
            var is = shafts.get(was);
            if (is != null) {
                names.set(is - 1, layout.axes().get(was - 1));
            }
        }
        names.addAll(layout.axes().subList(described, layout.axes().size()));
        return new UnitLayout(names, layout.openings());
    }

    /**
     * What closes an opening is a part of the strip, chosen and not typed: a slip of the key would leave it open for good.
     *
     * @param before what was known until now; what closed an opening then may do so on
     * @throws Refused when an opening is closed by what is no part of the strip
     */
    static void refuseUnknownClosers(
            UnitLayout given, @Nullable UnitLayout before, Collection<String> parts) {
        var known = new HashSet<String>(parts.stream().map(LayoutMapping::alike).toList());
        if (before != null) {
            before.openings().forEach(o -> known.add(alike(o.closedBy())));
        }
        var faults = new ArrayList<Problem>();
        for (int i = 0; i < given.openings().size(); i++) {
            var closer = given.openings().get(i).closedBy();
            if (!closer.isBlank() && !known.contains(alike(closer))) {
                faults.add(
                        Problem.told(
                                "layout.openings[" + i + "].closedBy",
                                "No part of the strip is called “%s”. Choose the part that closes the opening, or log it first."
                                        .formatted(closer.strip())));
            }
        }
        if (!faults.isEmpty()) {
            throw new Refused(faults);
        }
    }

    private static String alike(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /** @throws Refused when the layout cannot be */
    static UnitLayout checked(UnitLayout given, Drive drive) {
        var axes = given.axes().stream().map(String::strip).toList();
        int fewest = drive.isUnknown() ? 1 : drive.shafts().count();
        if (!axes.isEmpty() && axes.size() < fewest) {
            throw Refused.because(
                    "layout.axes",
                    "The papers describe %d shafts; name at least those. %d are named."
                            .formatted(fewest, axes.size()));
        }
        if (axes.size() > MOST_AXES) {
            throw Refused.because(
                    "layout.axes",
                    "At most %d shafts, bores and covers fit the picture; %d are named."
                            .formatted(MOST_AXES, axes.size()));
        }
        var seen = new HashSet<String>();
        for (var name : axes) {
            if (name.isEmpty() || name.length() > LONGEST_NAME) {
                throw Refused.because(
                        "layout.axes",
                        "Each shaft needs a name of 1 to " + LONGEST_NAME + " characters.");
            }
            if (!seen.add(name.toLowerCase(Locale.ROOT))) {
                throw Refused.because(
                        "layout.axes",
                        "Two shafts are called “" + name + "”. Give each its own name.");
            }
        }
        if (given.openings().size() > MOST_OPENINGS) {
            throw Refused.because(
                    "layout.openings", "At most " + MOST_OPENINGS + " openings can be kept.");
        }
        int shafts = Math.max(axes.size(), shafts(null, drive).size());
        for (int i = 0; i < given.openings().size(); i++) {
            var shaft = given.openings().get(i).shaft();
            if (shaft != null && (shaft < 0 || shaft > shafts)) {
                throw Refused.because(
                        "layout.openings[" + i + "].shaft",
                        "There is no shaft %d; there are %d.".formatted(shaft, shafts));
            }
        }
        openings(given);
        return new UnitLayout(axes, given.openings());
    }
}

package app.yunque.server.place;

import app.yunque.lubricant.sump.Immersed;
import app.yunque.lubricant.sump.ImmersedBearing;
import app.yunque.lubricant.sump.ImmersedGear;
import app.yunque.lubricant.sump.ImmersedShaft;
import app.yunque.lubricant.sump.LevelRule;
import app.yunque.lubricant.sump.SumpShape;
import app.yunque.lubricant.sump.TiltedSump;
import app.yunque.measure.Refused;
import app.yunque.server.problem.AtField;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.SumpFields;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The sump of a lubricated place: its inside, what stands in it, and how high the oil goes. */
final class PlaceSump {
    private final DrawerSheet sheet;

    PlaceSump(DrawerSheet sheet) {
        this.sheet = sheet;
    }

    /**
     * The sump with what stands in it.
     *
     * @param shape   its inside
     * @param parts   gears, shafts and bearings, the gears first
     * @param across  where each gear is drawn (mm from the left)
     * @param rule    what the gear that picks the oil up asks; empty where only the mark decides
     * @param levelMm the level to fill to (mm)
     */
    record Sump(
            SumpShape shape,
            List<Immersed> parts,
            List<Double> across,
            Optional<LevelRule> rule,
            double levelMm) {}

    Sump read() {
        var shape = SumpFields.shape(sheet);
        var rule = rule();
        return new Sump(shape, parts(), across(shape), rule, level(shape, rule));
    }

    private double level(SumpShape shape, Optional<LevelRule> rule) {
        boolean stick = sheet.is("readBy", "STICK");
        if (!stick && sheet.has("plugMm")) {
            return shape instanceof TiltedSump tilted
                    ? tilted.middleMm(sheet.number("plugMm"), sheet.orElse("plugPlaceMm", 0))
                    : sheet.number("plugMm");
        }
        return sheet.optional("levelMm")
                .or(() -> rule.map(LevelRule::levelMm))
                .orElseThrow(
                        () ->
                                Refused.because(
                                        "levelMm",
                                        "Nothing says how high the oil stands. Enter the level, the height of the plug, or the gear that picks the oil up."));
    }

    private Optional<LevelRule> rule() {
        if (sheet.is("arrangement", "NONE")) {
            return Optional.empty();
        }
        return Optional.of(
                AtField.named(
                        Map.of(
                                "centreAboveFloorMm", "pickAxisMm",
                                "tipDiameterMm", "pickTipMm",
                                "moduleMm", "pickModuleMm",
                                "velocityMPerS", "velocity",
                                "speedRpm", "pickRpm",
                                "faceWidthMm", "pickFaceMm",
                                "coneDeg", "pickConeDeg"),
                        () ->
                                LevelRule.of(
                                        sheet.choice("arrangement", LevelRule.Arrangement.class),
                                        new LevelRule.Pickup(
                                                sheet.number("pickAxisMm"),
                                                sheet.number("pickTipMm"),
                                                sheet.number("pickModuleMm"),
                                                sheet.orElse("velocity", 0),
                                                sheet.orElse("pickRpm", 0),
                                                sheet.orElse("pickFaceMm", 0),
                                                sheet.orElse("pickConeDeg", 0)))));
    }

    private List<Immersed> parts() {
        SumpFields.refuseUnlike(sheet, "tips", "roots", "each gear has both diameters");
        SumpFields.refuseUnlike(sheet, "tips", "faces", "each gear has its face width");
        SumpFields.refuseUnlike(
                sheet, "shaftDiameters", "shaftLengths", "each shaft has its bare length");
        SumpFields.refuseUnlike(sheet, "outsides", "bores", "each bearing has its bore");
        SumpFields.refuseUnlike(sheet, "outsides", "widths", "each bearing has its width");
        if (!sheet.readings("gearAxes").isEmpty()) {
            SumpFields.refuseUnlike(sheet, "tips", "gearAxes", "each gear has its own axis");
        }
        var parts = new ArrayList<Immersed>();
        if (!areAxesKnown()) {
            return List.of();
        }
        for (int i = 0; i < sheet.readings("tips").size(); i++) {
            parts.add(gear(i));
        }
        for (int i = 0; i < sheet.readings("shaftDiameters").size(); i++) {
            int n = i;
            parts.add(
                    AtField.named(
                            Map.of(
                                    "diameterMm", "shaftDiameters",
                                    "freeLengthMm", "shaftLengths",
                                    "centreAboveFloorMm", "axesMm"),
                            () ->
                                    new ImmersedShaft(
                                            "shaft " + (n + 1),
                                            sheet.readings("shaftDiameters").get(n),
                                            sheet.readings("shaftLengths").get(n),
                                            axes())));
        }
        for (int i = 0; i < sheet.readings("outsides").size(); i++) {
            int n = i;
            parts.add(
                    AtField.named(
                            Map.of(
                                    "outsideMm", "outsides",
                                    "boreMm", "bores",
                                    "widthMm", "widths",
                                    "centreAboveFloorMm", "axesMm"),
                            () ->
                                    new ImmersedBearing(
                                            "bearing " + (n + 1),
                                            sheet.readings("outsides").get(n),
                                            sheet.readings("bores").get(n),
                                            sheet.readings("widths").get(n),
                                            axes())));
        }
        return List.copyOf(parts);
    }

    private ImmersedGear gear(int i) {
        var axes = sheet.readings("gearAxes");
        return AtField.named(
                Map.of(
                        "tipDiameterMm", "tips",
                        "rootDiameterMm", "roots",
                        "faceWidthMm", "faces",
                        "centreAboveFloorMm", axes.isEmpty() ? "axesMm" : "gearAxes"),
                () ->
                        new ImmersedGear(
                                "gear " + (i + 1),
                                sheet.readings("tips").get(i),
                                sheet.readings("roots").get(i),
                                sheet.readings("faces").get(i),
                                axes.isEmpty() ? axes() : axes.get(i)));
    }

    private double axes() {
        return sheet.orElse("axesMm", Double.NaN);
    }

    private boolean areAxesKnown() {
        return sheet.has("axesMm") || !sheet.readings("gearAxes").isEmpty();
    }

    /** Whether parts are named that cannot be counted, because nobody said how high their axes stand. */
    boolean hasUncountedParts() {
        return !areAxesKnown()
                && Stream.of("tips", "shaftDiameters", "outsides")
                        .anyMatch(n -> !sheet.readings(n).isEmpty());
    }

    /** Where each gear is drawn; spread evenly where nobody said. */
    private List<Double> across(SumpShape shape) {
        int gears = sheet.readings("tips").size();
        var given = sheet.readings("gearsAcross");
        if (given.size() == gears) {
            return given;
        }
        double wide = shape.outline().stream().mapToDouble(SumpShape.Corner::x).max().orElse(0);
        var spread = new ArrayList<Double>();
        for (int i = 0; i < gears; i++) {
            spread.add(wide * (i + 1) / (gears + 1));
        }
        return spread;
    }
}

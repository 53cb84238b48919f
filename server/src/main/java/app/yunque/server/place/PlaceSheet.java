package app.yunque.server.place;

import app.yunque.lubricant.KindWanted;
import app.yunque.lubricant.LubricantAdvice;
import app.yunque.lubricant.PlaceJudgement;
import app.yunque.lubricant.WantedLubricant;
import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.grade.GearOilDuty;
import app.yunque.lubricant.grade.GradeByHeat;
import app.yunque.lubricant.grade.SumpHeat;
import app.yunque.lubricant.grade.ToothLoad;
import app.yunque.lubricant.grade.WorkingTemperature;
import app.yunque.lubricant.grade.WormOil;
import app.yunque.lubricant.grease.BearingGrease;
import app.yunque.lubricant.grease.GreaseAmount;
import app.yunque.lubricant.grease.GreaseSurroundings;
import app.yunque.lubricant.interval.ChangeInterval;
import app.yunque.lubricant.interval.NextChange;
import app.yunque.lubricant.interval.OilChange;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.sump.FillQuantity;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.Refused;
import app.yunque.server.problem.AtField;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.GreaseFields;
import app.yunque.server.sheet.LubricantFields;
import app.yunque.server.sheet.SumpFields;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** A lubricated place as its sheet describes it, in the terms of the core. */
public final class PlaceSheet {
    private static final Map<String, String> DUTY_FIELDS =
            Map.of(
                    "pitchLineVelocityMPerS", "velocity",
                    "coldestAmbientDegC", "coldest",
                    "hottestAmbientDegC", "hottest");

    private final DrawerSheet sheet;

    PlaceSheet(DrawerSheet sheet) {
        this.sheet = sheet;
    }

    /** @throws Refused naming every field that is missing or not what it should be */
    public static PlaceSheet of(DrawerEntries entries) {
        return new PlaceSheet(DrawerSheet.read(PlaceFields.all(), completed(entries), null));
    }

    /** The entries with what stands in the sheet at first wherever nothing was said. */
    public static DrawerEntries completed(DrawerEntries entries) {
        var fields = new HashMap<>(entries.fields());
        for (var field : PlaceFields.all()) {
            if (field.kind() != Field.Kind.READINGS) {
                fields.putIfAbsent(
                        field.name(),
                        new EnteredNumber(
                                field.start(),
                                field.units().isEmpty() ? "" : field.units().get(0)));
            }
        }
        return new DrawerEntries(fields, entries.readings(), entries.instrument());
    }

    public PlaceSort sort() {
        return sheet.choice("sort", PlaceSort.class);
    }

    public BaseOil base() {
        return told().flatMap(PlateText::base).orElse(sheet.choice("base", BaseOil.class));
    }

    /** What overrules table and schools: the plate, and where it is silent what has done well on this machine. */
    Optional<PlateText> told() {
        return tried("plate")
                .flatMap(PlateText.Tried::text)
                .or(() -> tried("experience").flatMap(PlateText.Tried::text));
    }

    /** What stands on the plate as typed, where it is read. */
    Optional<String> plate() {
        return tried("plate")
                .flatMap(PlateText.Tried::text)
                .map(read -> sheet.choice("plate").strip());
    }

    private Optional<PlateText.Tried> tried(String field) {
        return Optional.of(sheet.choice(field))
                .filter(text -> !text.isBlank())
                .map(PlateText::tried);
    }

    /** What stands on the plate, or was said of it, and cannot be read: set aside, while the sheet goes on. */
    List<String> setAside() {
        return Stream.of("plate", "experience")
                .flatMap(field -> tried(field).stream())
                .map(PlateText.Tried::setAside)
                .filter(why -> !why.isEmpty())
                .map(why -> why + " Until then it does not count here.")
                .toList();
    }

    /** Where that stands, in words. */
    String whence() {
        return tried("plate").flatMap(PlateText.Tried::text).isEmpty()
                ? "What has done well here"
                : "The plate";
    }

    Set<LubricatedPlace.Thing> meets() {
        var meets = LubricantFields.touched(sheet);
        meets.addAll(sort().meets());
        return meets;
    }

    /** What its lubricant meets, for the rules of compatibility. */
    public LubricatedPlace place() {
        return new LubricatedPlace(
                meets(),
                sheet.choice("seal", LubricatedPlace.Seal.class),
                sheet.choice("plastic", LubricatedPlace.Plastic.class),
                temperature().degC(),
                sheet.orElse("velocity", 0));
    }

    /** What is still in it. */
    public Optional<Compatibility.Remains> remains() {
        return sheet.is("old", "YES")
                ? Optional.of(
                        new Compatibility.Remains(
                                LubricantFields.read(sheet, "old."),
                                sheet.number("old.sharePercent") / 100))
                : Optional.empty();
    }

    public LubricantAdvice advice() {
        return LubricantAdvice.of(sort(), new LubricantAdvice.Duty(duty(), worm(), meets()));
    }

    private GearOilDuty duty() {
        return AtField.named(
                DUTY_FIELDS,
                () ->
                        new GearOilDuty(
                                GearOilDuty.atLeastSlowest(sheet.orElse("velocity", 1)),
                                sheet.number("coldest"),
                                sheet.number("hottest"),
                                load()));
    }

    private Optional<ToothLoad> load() {
        if (!all("tangentialN", "loadFaceMm", "loadPinionMm", "loadRatio")) {
            return Optional.empty();
        }
        return Optional.of(
                AtField.named(
                        Map.of(
                                "faceMm", "loadFaceMm",
                                "pinionMm", "loadPinionMm",
                                "ratio", "loadRatio",
                                "roughnessUm", "raUm",
                                "toothDegC", "measuredDegC"),
                        () ->
                                new ToothLoad(
                                        sheet.number("tangentialN"),
                                        sheet.number("loadFaceMm"),
                                        sheet.number("loadPinionMm"),
                                        sheet.number("loadRatio"),
                                        ToothLoad.roughnessOfPair(sheet.optional("raUm")),
                                        ToothLoad.flankDegC(measured().degC()))));
    }

    private Optional<WormOil.Run> worm() {
        if (!all("wormMm", "wormRpm", "leadAngleDeg", "wormDistanceMm")) {
            return Optional.empty();
        }
        return Optional.of(
                AtField.named(
                        Map.of(
                                "velocityMPerS", "velocity",
                                "hottestDegC", "hottest",
                                "centreDistanceMm", "wormDistanceMm"),
                        () ->
                                new WormOil.Run(
                                        GearOilDuty.atLeastSlowest(sheet.number("velocity")),
                                        sheet.number("hottest"),
                                        sheet.number("wormMm"),
                                        sheet.number("wormRpm"),
                                        sheet.number("leadAngleDeg"),
                                        sheet.number("wormDistanceMm"))));
    }

    private boolean all(String... names) {
        for (var name : names) {
            if (!sheet.has(name)) {
                return false;
            }
        }
        return true;
    }

    /** The grade wanted: the plate's where it names one, otherwise the advice's. */
    Optional<IsoViscosityGrade> wanted(LubricantAdvice advice) {
        return told().flatMap(PlateText::grade).or(advice::grade);
    }

    /** Grade and temperature worked out together; empty without power and case. */
    Optional<GradeByHeat> heat(IsoViscosityGrade first) {
        return box().map(
                        b ->
                                GradeByHeat.of(
                                        first,
                                        base(),
                                        base().usualIndex(),
                                        b,
                                        sort().leastViscosityAtWork(),
                                        new GradeByHeat.Cold(
                                                sheet.number("coldest"),
                                                feed(),
                                                Optional.empty())));
    }

    Optional<GradeByHeat.Case> box() {
        if (!sort().isGearBath()
                || !all("powerKw", "caseLengthMm", "caseWidthMm", "caseHeightMm")) {
            return Optional.empty();
        }
        return Optional.of(
                new GradeByHeat.Case(
                        1000 * sheet.number("powerKw"),
                        sheet.number("efficiencyPercent") / 100,
                        SumpHeat.boxAreaM2(
                                sheet.number("caseLengthMm"),
                                sheet.number("caseWidthMm"),
                                sheet.number("caseHeightMm"),
                                sheet.is("baseFree", "YES")),
                        Double.parseDouble(sheet.choice("air")),
                        sheet.number("hottest"),
                        sheet.number("churningW")));
    }

    ColdStart.Feed feed() {
        return sort().hasLevel()
                ? sheet.choice("feed", ColdStart.Feed.class)
                : ColdStart.Feed.SPLASH;
    }

    /** The band of viscosity that is wanted at work (mm²/s). */
    double[] wantedAtWork(double viscosityThere) {
        return sort().wantedAtWork(viscosityThere);
    }

    private WorkingTemperature measured() {
        return temperature(Optional.empty());
    }

    /** Which temperature it works at, the best known. */
    public WorkingTemperature temperature() {
        if (sheet.has("measuredDegC") || sheet.has("infraredDegC") || !sort().isGearBath()) {
            return measured();
        }
        return temperature(
                box().map(
                                b -> {
                                    var grade = wanted(advice()).orElse(IsoViscosityGrade.VG_220);
                                    return b.with(
                                            ViscosityLine.of(
                                                    grade.midpointMm2PerS(), base().usualIndex()),
                                            base());
                                }));
    }

    private WorkingTemperature temperature(Optional<SumpHeat> balance) {
        return WorkingTemperature.of(
                sheet.optional("measuredDegC"),
                sheet.optional("infraredDegC"),
                balance,
                sheet.number("hottest"),
                sheet.choice("use", WorkingTemperature.Use.class));
    }

    /** The one judgement on whatever may go there. */
    public PlaceJudgement judgement() {
        return new PlaceJudgement(
                place(),
                Optional.of(new KindWanted(sort(), told(), hottest())),
                sort().takesOil()
                        ? Optional.of(new PlaceJudgement.Start(coldest(), feed()))
                        : Optional.empty(),
                remains());
    }

    /** The same of what is in it by itself: nothing of an older one is counted. */
    PlaceJudgement washed() {
        var full = judgement();
        return new PlaceJudgement(full.place(), full.kind(), full.start(), Optional.empty());
    }

    /** What is wanted there, the plate over the table. */
    WantedLubricant wantedLubricant() {
        return new WantedLubricant(advice(), told());
    }

    double velocity() {
        return sheet.orElse("velocity", 0);
    }

    double coldest() {
        return sheet.number("coldest");
    }

    public double hottest() {
        return sheet.number("hottest");
    }

    Optional<PlaceSump.Sump> sump() {
        return sort().hasLevel() ? Optional.of(new PlaceSump(sheet).read()) : Optional.empty();
    }

    /** Whether parts are named that cannot be counted, because nobody said how high their axes stand. */
    boolean hasUncountedParts() {
        return new PlaceSump(sheet).hasUncountedParts();
    }

    boolean isMarkHot() {
        return sheet.is("markIs", "HOT");
    }

    double fillDegC() {
        return sheet.number("fillDegC");
    }

    double residueL() {
        return sheet.number("residueL");
    }

    double reserve() {
        return sheet.number("reservePercent") / 100;
    }

    /** @throws Refused when the quantity was worked out for another mounting position */
    void refuseOtherPosition() {
        if (!sheet.choice("position").equals(sheet.choice("stands"))) {
            throw Refused.because(
                    "stands",
                    "This sump was measured %s; the box now stands %s. A quantity belongs to one position: measure it as it stands, and move breather, level and drain plug."
                            .formatted(words("position"), words("stands")));
        }
    }

    private String words(String field) {
        return PlaceFields.all().stream()
                .filter(f -> f.name().equals(field))
                .flatMap(f -> f.choices().stream())
                .filter(o -> o.value().equals(sheet.choice(field)))
                .map(Field.Option::words)
                .findFirst()
                .orElseThrow();
    }

    /** Litres to pour at the filling temperature; empty where there is no level. */
    public Optional<Double> litresToFill() {
        return sump().map(this::litresToFill);
    }

    double litresToFill(PlaceSump.Sump sump) {
        double atMark = FillQuantity.of(sump.shape(), sump.levelMm(), sump.parts()).litres();
        double cold =
                isMarkHot()
                        ? OilChange.coldLitres(atMark, base(), temperature().degC(), fillDegC())
                        : atMark;
        return OilChange.toFill(cold, residueL());
    }

    /** Whether a lubricant is of the wanted form and grade: the plate's, otherwise the advice's. */
    public boolean suits(Lubricant lubricant) {
        return wantedLubricant().suits(lubricant);
    }

    /** What is wanted, in words. */
    public String wantedWords() {
        return wantedLubricant().words(judgement());
    }

    /** Whether anything at all is put there. */
    public boolean takesAnything() {
        return advice().form() != LubricantAdvice.Form.NOTHING;
    }

    List<List<String>> dipstick(PlaceSump.Sump sump) {
        return SumpFields.dipstick(
                sheet, sump.shape(), h -> FillQuantity.net(sump.shape(), h, sump.parts()));
    }

    /** Grease to fill (g); empty where the room is unknown or oil is used. */
    Optional<Double> greaseG() {
        return bearingGrease()
                .map(BearingGrease::firstG)
                .or(() -> greaseRoomCm3().map(room -> GreaseAmount.ofRoomG(room, share())));
    }

    /** Room for grease in a box (cm³); empty when it was not measured. */
    Optional<Double> greaseRoomCm3() {
        return sheet.optional("cavityCm3");
    }

    /** Grease of a bearing; empty for any other place. */
    Optional<BearingGrease> bearingGrease() {
        if (sort() != PlaceSort.BEARING) {
            return Optional.empty();
        }
        return Optional.of(
                AtField.named(
                        Map.of("widthMm", "bearingWidthMm", "speedRpm", "bearingRpm"),
                        () ->
                                BearingGrease.of(
                                        GreaseFields.bearing(sheet, "bearingWidthMm"),
                                        sheet.number("bearingRpm"),
                                        sheet.choice("carries", BearingGrease.Carries.class),
                                        new GreaseSurroundings(
                                                temperature().degC(),
                                                dirt(),
                                                GreaseSurroundings.Moisture.of(water()),
                                                GreaseSurroundings.Vibration.BELOW_5_MM_PER_S,
                                                sheet.choice(
                                                        "shaft",
                                                        GreaseSurroundings.Shaft.class)))));
    }

    /** Share of the room in a box that is filled with grease. */
    double share() {
        return sheet.optional("sharePercent")
                .map(p -> p / 100)
                .orElseGet(() -> sort().usualShare());
    }

    double gunG() {
        return sheet.number("gunG");
    }

    /** What keeps it up. */
    public double hoursPerMonth() {
        return sheet.number("hoursPerMonth");
    }

    public NextChange.Trade trade() {
        return sheet.choice("trade", NextChange.Trade.class);
    }

    public NextChange.Makers makers() {
        return new NextChange.Makers(sheet.optional("makersHours"), sheet.optional("makersMonths"));
    }

    /** How long its oil lasts. */
    public ChangeInterval interval(BaseOil filled) {
        return AtField.named(
                Map.of("sumpDegC", "measuredDegC"),
                () ->
                        ChangeInterval.of(
                                filled, temperature().degC(), hoursPerMonth(), dirt(), water()));
    }

    private ChangeInterval.Dirt dirt() {
        return sheet.choice("dirt", ChangeInterval.Dirt.class);
    }

    private ChangeInterval.Water water() {
        return sheet.choice("water", ChangeInterval.Water.class);
    }

    /** Hours between greasings of a bearing; empty elsewhere. */
    public Optional<Double> greasingHours() {
        return bearingGrease().map(BearingGrease::hours);
    }
}

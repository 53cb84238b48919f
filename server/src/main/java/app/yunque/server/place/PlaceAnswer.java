package app.yunque.server.place;

import app.yunque.lubricant.LubricantAdvice;
import app.yunque.lubricant.ShelfChoice;
import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.grade.GradeByHeat;
import app.yunque.lubricant.grade.SplashLimit;
import app.yunque.lubricant.grade.WorkingTemperature;
import app.yunque.lubricant.grease.GreaseAmount;
import app.yunque.lubricant.interval.OilChange;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.sump.FillQuantity;
import app.yunque.lubricant.sump.ImmersedGear;
import app.yunque.lubricant.viscosity.AgmaNumber;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Verdict;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.GreaseFields;
import app.yunque.server.sheet.OnTheShelf;
import app.yunque.server.sheet.SumpPicture;
import app.yunque.server.sheet.ViscosityChart;
import app.yunque.server.store.LubricantView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What is to go to a place, how much of it, and what of the shelf is it: put together from the rules of the core. */
final class PlaceAnswer {
    private static final int CANDIDATES = 3;

    /** Nobody packs a box with more strokes than this. */
    private static final int MOST_STROKES = 100;

    private final PlaceSheet sheet;
    private final LubricantAdvice advice;
    private final Optional<IsoViscosityGrade> wanted;
    private final Optional<GradeByHeat> heat;
    private final WorkingTemperature works;
    private final List<LubricantView> shelf;

    private PlaceAnswer(PlaceSheet sheet, List<LubricantView> shelf) {
        this.sheet = sheet;
        this.shelf = shelf;
        advice = sheet.advice();
        wanted = sheet.wanted(advice);
        heat = wanted.flatMap(sheet::heat);
        works = sheet.temperature();
    }

    static DrawerAnswer of(PlaceSheet sheet, List<LubricantView> shelf) {
        return new PlaceAnswer(sheet, shelf).answer();
    }

    private DrawerAnswer answer() {
        var oil = sheet.sump().map(Oil::new);
        var grease = sheet.greaseG();
        Optional<Double> need = oil.map(o -> o.draw).or(() -> grease.map(g -> g / 1000));
        var choice = choice(need);
        var answer =
                DrawerAnswer.saying(sentence(oil, grease, choice)).verdict(verdict(oil, choice));
        answer.warn(advice.warnings())
                .warn(sheet.setAside())
                .warn(splash())
                .warn(plateAgainstItself())
                .warn(stiff(choice))
                .warn(plateAgainstAdvice())
                .warn(againstRemains(oil));
        warnOfHeat(answer, oil);
        oil.ifPresent(o -> o.tell(answer));
        grease.ifPresent(g -> tellGrease(answer, g));
        var amount = oil.map(o -> o.fill).or(() -> grease).orElse(null);
        choice.ifPresent(c -> answer.shelf(OnTheShelf.of(c, amount)));
        oil.ifPresent(
                o -> answer.table(o.dips()).table(o.dipstick()).working(o.quantity.working()));
        answer.why(
                advice.form() == LubricantAdvice.Form.NOTHING ? "Why" : "Why this lubricant",
                why(choice));
        return answer.build();
    }

    private String sentence(
            Optional<Oil> oil, Optional<Double> grease, Optional<ShelfChoice> choice) {
        var told = new StringBuilder();
        sheet.told()
                .ifPresentOrElse(
                        p ->
                                told.append(sheet.whence())
                                        .append(": ")
                                        .append(String.join("; ", p.understood()))
                                        .append(". It wins."),
                        () -> told.append(advice.reason()));
        oil.ifPresent(
                o ->
                        told.append(
                                " Fill %s L to %s mm."
                                        .formatted(
                                                PlainDigits.rounded(o.fill, 2),
                                                PlainDigits.rounded(o.sump.levelMm(), 0))));
        grease.ifPresent(
                g -> told.append(" Fill %s g.".formatted(PlainDigits.rounded(g, g < 10 ? 1 : 0))));
        choice.ifPresent(c -> told.append(' ').append(c.sentence()));
        return told.toString();
    }

    private Verdict verdict(Optional<Oil> oil, Optional<ShelfChoice> choice) {
        var place =
                GradeByHeat.together(
                        heat, start(choice), oil.filter(o -> !o.levelSays().isEmpty()).isPresent());
        var fed = limit().map(l -> place.worse(l.verdict())).orElse(place);
        return choice.map(c -> fed.worse(c.answer().verdict())).orElse(fed);
    }

    /** Whether splash reaches the teeth at that velocity. */
    private Optional<SplashLimit> limit() {
        return sheet.sort().isGearBath() && sheet.feed() == ColdStart.Feed.SPLASH
                ? Optional.of(SplashLimit.of(sheet.velocity()))
                : Optional.empty();
    }

    private List<String> splash() {
        return limit().filter(l -> !l.verdict().isPass()).map(SplashLimit::sentence).stream()
                .toList();
    }

    /** Where the plate asks for what harms at its own place, one of the two is wrong. */
    private List<String> plateAgainstItself() {
        return sheet.wantedLubricant().againstThePlate(sheet.judgement()).stream()
                .map(
                        f ->
                                "%s contradicts what is said of the place: %s Look at both again, and ask the maker. %s"
                                        .formatted(sheet.whence(), f.reason(), f.instead()))
                .toList();
    }

    /** Why it does not start cold, and what to do. */
    private List<String> stiff(Optional<ShelfChoice> choice) {
        return start(choice).filter(s -> !s.verdict().isPass()).map(ColdStart::sentence).stream()
                .toList();
    }

    /** How the wanted grade starts, of the base oil that is taken or bought; empty for grease. */
    private Optional<ColdStart> start(Optional<ShelfChoice> choice) {
        var base =
                choice.flatMap(ShelfChoice::chosen)
                        .filter(l -> !l.isGrease())
                        .map(Lubricant::base)
                        .orElse(sheet.base());
        return wanted.map(
                g ->
                        ColdStart.of(
                                ViscosityLine.of(g.midpointMm2PerS(), base.usualIndex()),
                                base,
                                sheet.coldest(),
                                sheet.feed(),
                                Optional.empty()));
    }

    private ViscosityLine line(IsoViscosityGrade grade) {
        return ViscosityLine.of(grade.midpointMm2PerS(), sheet.base().usualIndex());
    }

    /** The choice of the lubricant: what was wanted, what each school says, how it stands at work and at the start. */
    private DrawerAnswer.Builder why(Optional<ShelfChoice> choice) {
        var why = DrawerAnswer.saying("");
        // Of what is taken or bought: the table's usual kind may be forbidden here, and is not
        // named then.
        choice.ifPresentOrElse(
                c -> c.chosen().ifPresent(l -> why.words("kind", l.additive().words())),
                () -> why.words("kind", advice.kind()));
        wanted.ifPresent(g -> tellGrade(why, g, choice));
        heat.filter(h -> h.verdict().isPass())
                .ifPresent(h -> why.words("worked out", h.sentence()));
        why.table(schools()).table(rounds()).working(advice.working());
        chart(choice).ifPresent(why::chart);
        heat.ifPresent(h -> why.working(h.heat().working()));
        return why;
    }

    private void tellGrade(
            DrawerAnswer.Builder why, IsoViscosityGrade grade, Optional<ShelfChoice> choice) {
        why.words(
                        "grade",
                        grade.words()
                                + AgmaNumber.numberOf(grade).map(n -> ", AGMA " + n).orElse(""))
                .figure("works at", works.degC(), "°C", 0)
                .words("that is", works.whence())
                .figure("viscosity there", line(grade).viscosityAt(works.degC()), "mm²/s", 1);
        start(choice).ifPresent(s -> why.figure("at the coldest start", s.dynamic(), "mPa·s", 0));
    }

    private void warnOfHeat(DrawerAnswer.Builder answer, Optional<Oil> oil) {
        heat.ifPresent(
                h -> {
                    if (!h.verdict().isPass()) {
                        answer.warn(List.of(h.sentence()));
                    }
                    answer.warn(h.heat().warnings());
                    answer.warn(
                            oil.flatMap(o -> h.heat().littleOil(o.quantity.litres())).stream()
                                    .toList());
                });
        if (works.assumed() && wanted.isPresent()) {
            answer.warn(
                    List.of(
                            "The working temperature is assumed. Measure it in the oil after an hour's work and enter it: viscosity and interval follow."));
        }
    }

    private void tellGrease(DrawerAnswer.Builder answer, double grams) {
        var bearing = sheet.bearingGrease();
        bearing.ifPresentOrElse(
                b -> GreaseFields.tell(answer, b, sheet.gunG()).working(b.working()),
                () -> tellBox(answer, grams));
        answer.warn(List.of(GreaseFields.INJECTION));
    }

    private void tellBox(DrawerAnswer.Builder answer, double grams) {
        answer.figure("first fill", grams, "g", grams < 10 ? 1 : 0)
                .figure("share of the room", 100 * sheet.share(), "%", 0);
        double strokes = grams / sheet.gunG();
        if (strokes <= MOST_STROKES) {
            answer.figure("strokes of the gun", strokes, "", 0);
        } else {
            answer.words(
                    "strokes of the gun",
                    "%s: pack it by hand or with a paddle"
                            .formatted(PlainDigits.rounded(strokes, 0)));
        }
        sheet.greaseRoomCm3()
                .ifPresent(room -> answer.working(GreaseAmount.working(room, sheet.share())));
    }

    /** The plate wins; more than one grade apart is told with what may stand behind it. */
    private List<String> plateAgainstAdvice() {
        var plate = sheet.told().flatMap(p -> p.grade());
        if (plate.isEmpty()
                || advice.grade().isEmpty()
                || Math.abs(plate.get().gradesThickerThan(advice.grade().get())) <= 1) {
            return List.of();
        }
        return List.of(
                "%s: %s stays; the table would say %s. Spindle bearings, a clutch, a backstop, bronze or seals may be the reason."
                        .formatted(
                                sheet.whence(), plate.get().words(), advice.grade().get().words()));
    }

    /** Old oil of another kind, and how often to flush until less than 1 % of it is left. */
    private List<String> againstRemains(Optional<Oil> oil) {
        return sheet.remains().filter(r -> r.lubricant().base() != sheet.base()).stream()
                .map(
                        r ->
                                "%s %% of the old %s is counted as still in it.%s"
                                        .formatted(
                                                PlainDigits.rounded(100 * r.share(), 1),
                                                r.lubricant().isGrease()
                                                        ? "grease"
                                                        : r.lubricant().base().words() + " oil",
                                                oil.map(o -> flush(o, r.share())).orElse("")))
                .toList();
    }

    private static String flush(Oil oil, double share) {
        int fills = OilChange.fillsForAnotherKind(oil.fill, share);
        return fills <= 1
                ? ""
                : " Flush with the new kind, without load: %d fills, the last one counted, leave less than 1 %%."
                        .formatted(fills);
    }

    private Optional<ShelfChoice> choice(Optional<Double> need) {
        if (advice.form() == LubricantAdvice.Form.NOTHING) {
            return Optional.empty();
        }
        boolean grease =
                sheet.told()
                        .map(p -> p.grease())
                        .orElse(advice.form() == LubricantAdvice.Form.GREASE);
        return Optional.of(
                ShelfChoice.of(
                        OnTheShelf.cans(shelf, grease),
                        sheet::suits,
                        sheet.judgement(),
                        need,
                        sheet.wantedLubricant().toBuy(sheet.judgement())));
    }

    private DrawerAnswer.Table schools() {
        return new DrawerAnswer.Table(
                "What each school says, the default first",
                List.of("school", "grade", "with its numbers"),
                advice.schools().stream()
                        .map(
                                s ->
                                        List.of(
                                                s.name(),
                                                s.grade().map(IsoViscosityGrade::words).orElse("–"),
                                                s.says() + " (" + s.source() + ")"))
                        .toList());
    }

    private DrawerAnswer.Table rounds() {
        return new DrawerAnswer.Table(
                "Grade and temperature worked out together",
                List.of("grade", "sump °C", "mm²/s there"),
                heat.map(GradeByHeat::rounds).orElse(List.of()).stream()
                        .map(
                                r ->
                                        List.of(
                                                r.grade().words(),
                                                PlainDigits.rounded(r.temperatureDegC(), 1),
                                                PlainDigits.rounded(r.viscosity(), 0)))
                        .toList());
    }

    /** The wanted grade with the oils of the shelf that could go, and the band that is needed at work. */
    private Optional<ViscosityChart> chart(Optional<ShelfChoice> choice) {
        if (wanted.isEmpty()) {
            return Optional.empty();
        }
        var ids =
                choice.map(ShelfChoice::judged).orElse(List.of()).stream()
                        .filter(j -> !j.isForbidden() && isNear(j, wanted.get()))
                        .limit(CANDIDATES)
                        .map(j -> j.can().id())
                        .collect(Collectors.toSet());
        var grade = wanted.get();
        double hot = works.degC();
        return Optional.of(
                ViscosityChart.of(
                        new ViscosityChart.Candidate(grade.words(), line(grade)),
                        shelf.stream()
                                .filter(l -> ids.contains(l.id()))
                                .map(l -> new ViscosityChart.Candidate(l.given().name(), l.line()))
                                .toList(),
                        hot,
                        sheet.coldest(),
                        sheet.wantedAtWork(line(grade).viscosityAt(hot))));
    }

    /** Of the wanted grade or its neighbour: what else lies far off the line is no candidate. */
    private static boolean isNear(ShelfChoice.Judged judged, IsoViscosityGrade wanted) {
        var grade = IsoViscosityGrade.nearest(judged.can().lubricant().viscosity());
        return Math.abs(grade.gradesThickerThan(wanted)) <= 1;
    }

    /** The oil of a box with a level. */
    private final class Oil {
        private final PlaceSump.Sump sump;
        private final FillQuantity quantity;
        private final double fill;
        private final double draw;

        Oil(PlaceSump.Sump sump) {
            sheet.refuseOtherPosition();
            this.sump = sump;
            quantity = FillQuantity.of(sump.shape(), sump.levelMm(), sump.parts());
            fill = sheet.litresToFill(sump);
            draw = fill * (1 + sheet.reserve());
        }

        String levelSays() {
            return sump.rule().map(r -> r.says(sump.levelMm())).orElse("");
        }

        /** Level of the oil at its working temperature (mm); empty when it would not fit in. */
        private Optional<Double> hotLevel() {
            double hot =
                    OilChange.hotLitres(
                            sheet.isMarkHot() ? fill + sheet.residueL() : quantity.litres(),
                            sheet.base(),
                            works.degC(),
                            sheet.fillDegC());
            double full = FillQuantity.net(sump.shape(), sump.shape().heightMm(), sump.parts());
            return hot <= full
                    ? Optional.of(FillQuantity.levelMm(sump.shape(), hot, sump.parts()))
                    : Optional.empty();
        }

        void tell(DrawerAnswer.Builder answer) {
            answer.figure("fill", fill, "L", 2)
                    .figure("level above the floor", sump.levelMm(), "mm", 1)
                    .figure("a millimetre of level is", quantity.litresPerMm(), "L", 3)
                    .figure("parts displace", quantity.displacedLitres(), "L", 2)
                    .figure("mass", fill * sheet.base().densityAt(sheet.fillDegC()) / 1000, "kg", 2)
                    .figure("draw, reserve counted", draw, "L", 2)
                    .words("containers", containers());
            sump.rule()
                    .ifPresent(
                            r ->
                                    answer.words("level by", r.reason())
                                            .figure("too low below", r.lowestMm(), "mm", 1)
                                            .figure("too high above", r.highestMm(), "mm", 1));
            var hot = hotLevel();
            hot.ifPresentOrElse(
                    h -> answer.figure("level when hot", h, "mm", 1),
                    () ->
                            answer.warn(
                                    List.of(
                                            "Hot, this oil has no room in the case: it goes out of the breather. Fill less.")));
            if (!levelSays().isEmpty()) {
                answer.warn(List.of(levelSays()));
            }
            answer.warn(quantity.warnings());
            if (sheet.hasUncountedParts()) {
                answer.warn(
                        List.of(
                                "Gears, shafts and bearings are not taken away yet: enter how high their axes stand, under Parts in the oil."));
            }
            if (!sump.shape().outline().isEmpty()) {
                answer.sump(
                        SumpPicture.of(
                                sump.shape(),
                                sump.levelMm(),
                                mark(sump.rule().map(r -> r.lowestMm())),
                                mark(sump.rule().map(r -> r.highestMm())),
                                mark(hot),
                                pictured()));
            }
        }

        private @Nullable Double mark(Optional<Double> mm) {
            return mm.filter(h -> h >= 0 && h <= sump.shape().heightMm()).orElse(null);
        }

        private List<SumpPicture.PartInSump> pictured() {
            var gears = sump.parts().stream().filter(ImmersedGear.class::isInstance).toList();
            return IntStream.range(0, gears.size())
                    .mapToObj(
                            i ->
                                    SumpPicture.PartInSump.of(
                                            gears.get(i), sump.across().get(i), true))
                    .toList();
        }

        private String containers() {
            return OilChange.containers(OilChange.drawn(draw, 0, 0), OilChange.USUAL_CONTAINERS)
                    .stream()
                    .map(c -> c + " L")
                    .collect(Collectors.joining(" + "));
        }

        DrawerAnswer.Table dips() {
            return new DrawerAnswer.Table(
                    "What dips",
                    List.of("part", "dips mm", "displaces L"),
                    quantity.dips().stream()
                            .filter(d -> d.dipMm() > 0)
                            .map(
                                    d ->
                                            List.of(
                                                    d.part(),
                                                    PlainDigits.rounded(d.dipMm(), 1),
                                                    PlainDigits.rounded(d.displacedLitres(), 3)))
                            .toList());
        }

        DrawerAnswer.Table dipstick() {
            return new DrawerAnswer.Table(
                    "Dipstick",
                    List.of("stick mm", "level mm", "litres", "mark"),
                    marked(sheet.dipstick(sump)));
        }

        /** The lowest mark at the first row above it, the highest at the last row below it: between them it is right. */
        private List<List<String>> marked(List<List<String>> rows) {
            var told = new ArrayList<List<String>>();
            for (int i = 0; i < rows.size(); i++) {
                var row = new ArrayList<>(rows.get(i));
                row.add(
                        mark(
                                i == 0 ? -1 : levelOf(rows.get(i - 1)),
                                levelOf(rows.get(i)),
                                i == rows.size() - 1
                                        ? Double.POSITIVE_INFINITY
                                        : levelOf(rows.get(i + 1))));
                told.add(List.copyOf(row));
            }
            return told;
        }

        private double levelOf(List<String> row) {
            return Double.parseDouble(row.get(1));
        }

        private String mark(double before, double level, double after) {
            var marks = new ArrayList<String>();
            sump.rule()
                    .ifPresent(
                            r -> {
                                if (before < r.lowestMm() && r.lowestMm() <= level) {
                                    marks.add("lowest");
                                }
                                if (level <= r.highestMm() && r.highestMm() < after) {
                                    marks.add("highest");
                                }
                            });
            if (before < sump.levelMm() && sump.levelMm() <= level) {
                marks.add("line");
            }
            return String.join(", ", marks);
        }
    }
}

package app.yunque.lubricant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.lubricant.ShelfChoice.Can;
import app.yunque.lubricant.ShelfChoice.Judged;
import app.yunque.lubricant.compatibility.Compatibility.Remains;
import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.interval.NextChange;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.Lubricant.Additive;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.place.LubricatedPlace.Plastic;
import app.yunque.lubricant.place.LubricatedPlace.Seal;
import app.yunque.lubricant.place.LubricatedPlace.Thing;
import app.yunque.lubricant.sump.FilledAmount;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.measure.Verdict;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which can is taken, how much went in, and when it is due again. */
class ShelfChoiceTest {
    private static final LubricatedPlace WORM_BOX =
            new LubricatedPlace(Set.of(Thing.BRONZE_WORM_WHEEL), Seal.FKM, Plastic.NONE, 60, 0.3);
    private static final DataSheet MILD = new DataSheet(Optional.of(-24.0), Optional.of(220.0));

    private static Can can(String name, Additive additive, double viscosity, double left) {
        return can(name, BaseOil.MINERAL, additive, viscosity, left, false, MILD);
    }

    private static Can can(
            String name,
            BaseOil base,
            Additive additive,
            double viscosity,
            double left,
            boolean past,
            DataSheet sheet) {
        return new Can(
                UUID.randomUUID(),
                name,
                new Lubricant(
                        base,
                        additive,
                        Optional.empty(),
                        Optional.empty(),
                        viscosity,
                        false,
                        false),
                past,
                left,
                sheet);
    }

    private static final Can RIGHT = can("worm oil", Additive.COMPOUNDED, 460, 10);
    private static final Can LITTLE = can("worm oil, a rest", Additive.COMPOUNDED, 460, 1);
    private static final Can THIN = can("gear oil 220", Additive.MILD_EP, 220, 40);
    private static final Can SULPHUR = can("hypoid 460", Additive.ACTIVE_SULPHUR, 460, 40);
    private static final Can UNKNOWN = can("no label 460", Additive.UNKNOWN, 460, 40);
    private static final Can OLD =
            can("worm oil, old", BaseOil.MINERAL, Additive.COMPOUNDED, 460, 40, true, MILD);
    private static final Can STIFF =
            can(
                    "worm oil, summer",
                    BaseOil.MINERAL,
                    Additive.COMPOUNDED,
                    460,
                    40,
                    false,
                    new DataSheet(Optional.of(-3.0), Optional.empty()));

    private static ShelfChoice choose(Optional<Remains> remains, List<Can> cans) {
        return ShelfChoice.of(
                cans,
                l -> IsoViscosityGrade.nearest(l.viscosity()) == IsoViscosityGrade.VG_460,
                new PlaceJudgement(
                        WORM_BOX,
                        Optional.empty(),
                        Optional.of(new PlaceJudgement.Start(-5, ColdStart.Feed.SPLASH)),
                        remains),
                Optional.of(2.0),
                Purchase.said("worm oil CKE, ISO VG 460"));
    }

    private static ShelfChoice choose(Can... cans) {
        return choose(Optional.empty(), List.of(cans));
    }

    /** However the cans stand, the right one is taken, and no worse one before it. */
    @Test
    void theRightCanIsTakenHoweverTheyStand() {
        var cans = new ArrayList<>(List.of(RIGHT, LITTLE, THIN, SULPHUR, UNKNOWN, OLD, STIFF));
        for (int seed = 0; seed < 20; seed++) {
            Collections.shuffle(cans, new Random(seed));
            var choice = choose(Optional.empty(), cans);
            assertThat(choice.proposed().map(Judged::can)).contains(RIGHT);
            assertThat(choice.sentence()).isEqualTo("Take worm oil from the shelf.");
            assertThat(choice.judged()).hasSize(7).first().extracting(Judged::can).isEqualTo(RIGHT);
            assertThat(choice.judged())
                    .filteredOn(Judged::isForbidden)
                    .extracting(Judged::can)
                    .containsExactlyInAnyOrder(SULPHUR, STIFF);
        }
    }

    @Test
    void whatIsMissingIsSaid() {
        assertThat(choose(LITTLE, SULPHUR).sentence())
                .isEqualTo("Take worm oil, a rest from the shelf and buy 1.00 L more of it.");
        var nothing = choose(SULPHUR, THIN, UNKNOWN, OLD);
        assertThat(nothing.proposed()).isEmpty();
        assertThat(nothing.sentence()).endsWith("worm oil CKE, ISO VG 460.");
    }

    @Test
    void everyCanIsToldWhyNot() {
        assertThat(says(THIN)).isEqualTo("goes by its kind, but it is another grade");
        assertThat(says(SULPHUR)).startsWith("no: Active sulphur eats the bronze");
        assertThat(says(UNKNOWN)).startsWith("with a reserve: What is in it is not known");
        assertThat(says(OLD))
                .isEqualTo("goes. Past its last good day: have it tested or leave it.");
        assertThat(says(LITTLE)).isEqualTo("goes, but only 1 L are left");
        assertThat(says(STIFF)).startsWith("no: ").contains("−3 °C");
    }

    private static String says(Can can) {
        return choose(can).judged().get(0).says();
    }

    /** Of two that go, the one of the kind that is in it already: nothing has to be flushed. */
    @Test
    void theKindThatIsInItComesFirst() {
        var mineral = can("a mineral", Additive.COMPOUNDED, 460, 10);
        var pao = can("b synthetic", BaseOil.PAO, Additive.COMPOUNDED, 460, 10, false, MILD);
        var inside = Optional.of(new Remains(pao.lubricant(), 0.07));
        assertThat(choose(inside, List.of(mineral, pao)).proposed().map(Judged::can)).contains(pao);
        assertThat(choose(Optional.empty(), List.of(mineral, pao)).proposed().map(Judged::can))
                .contains(mineral);
    }

    // Common practice, no source: more than a tenth apart, the geometry or the mark is wrong.
    @ParameterizedTest(name = "{0} L into {1} L: {2}")
    @CsvSource({
        "10, 10, CLEAR_PASS, they agree",
        "10.9, 10, CLEAR_PASS, they agree",
        "11.2, 10, DOUBTFUL, 12 % too much",
        "7, 10, DOUBTFUL, 30 % too little"
    })
    void whatWentInIsHeldAgainstWhatWasWorkedOut(
            double filled, double workedOut, Verdict verdict, String says) {
        var told = FilledAmount.of(filled, workedOut);
        assertThat(told.verdict()).isEqualTo(verdict);
        assertThat(told.sentence()).contains(says);
        assertThatThrownBy(() -> FilledAmount.of(-filled, workedOut))
                .hasMessageContaining("outside 0.00005 to 10000 L");
    }

    // Common practice, no source: a year between greasings, half of it with salt or water; a fast
    // bearing sooner; the maker wins.
    @ParameterizedTest(name = "bearing {0} h, wet {1}, {2} h a month, maker {3} months: {4} days")
    @CsvSource({
        ", false, 100, , 365",
        ", true, 100, , 182",
        "600, false, 100, , 182",
        "600, true, 200, , 91",
        "20000, false, 100, , 365",
        ", true, 100, 1, 30",
        ", true, 100, 24, 730"
    })
    void greasingComesRound(Double bearing, boolean wet, double use, Double makers, int days) {
        var day = LocalDate.of(2026, 1, 1);
        var next =
                NextChange.greasing(
                        day,
                        Optional.ofNullable(bearing),
                        wet,
                        use,
                        new NextChange.Makers(Optional.empty(), Optional.ofNullable(makers)));
        assertThat(next.due()).isEqualTo(day.plusDays(days));
        assertThat(next.reason()).isNotBlank();
        if (next.reason().contains("bearing")) {
            assertThat(next.reason()).as("the use it counts on").contains("h a month");
        }
        assertThat(next.runIn()).isFalse();
    }
}

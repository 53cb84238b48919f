package app.yunque.lubricant;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.lubricant.Purchase.Outcome;
import app.yunque.lubricant.ShelfChoice.Answer;
import app.yunque.lubricant.ShelfChoice.Can;
import app.yunque.lubricant.ShelfChoice.Judged;
import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.compatibility.Compatibility.Weight;
import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.grade.GearOilDuty;
import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.Lubricant.Additive;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.place.LubricatedPlace.Plastic;
import app.yunque.lubricant.place.LubricatedPlace.Seal;
import app.yunque.lubricant.place.LubricatedPlace.Thing;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.viscosity.BaseOil;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Advice that is followed blind: over every sort of place, what it meets alone and in twos, plates, climates and a large shelf nothing
 * forbidden is ever proposed, in any wording; what is bought is judged as a can is; and whatever does not pass says why and what to do.
 */
class PlaceAdviceTest {
    private static final DataSheet PLAIN = new DataSheet(Optional.empty(), Optional.empty());
    private static final List<String> PLATES =
            List.of("", "CKC 220", "GL-5 80W-90", "CKE 220", "C 150", "HLP 46", "KP2K-30", "VG 68");
    private static final List<Can> SHELF = shelf();

    /** What is still in it, in turn: nothing, much polyglycol, a trace of it, old grease. */
    private static final List<Optional<Compatibility.Remains>> REMAINS =
            List.of(
                    Optional.empty(),
                    Optional.of(new Compatibility.Remains(old(BaseOil.PAG, false), 0.05)),
                    Optional.of(new Compatibility.Remains(old(BaseOil.PAG, false), 0.005)),
                    Optional.of(new Compatibility.Remains(old(BaseOil.MINERAL, true), 0.1)));

    private static Lubricant old(BaseOil base, boolean isGrease) {
        return new Lubricant(
                base,
                Additive.MILD_EP,
                isGrease ? Optional.of(Thickener.LITHIUM) : Optional.empty(),
                isGrease ? Optional.of(2) : Optional.empty(),
                220,
                false,
                false);
    }

    private static Can can(Lubricant l) {
        return new Can(
                UUID.nameUUIDFromBytes(
                        l.toString().getBytes(java.nio.charset.StandardCharsets.UTF_8)),
                l.toString(),
                l,
                false,
                100,
                PLAIN);
    }

    private static List<Can> shelf() {
        var cans = new ArrayList<Can>();
        for (var base : BaseOil.values()) {
            for (var additive : Additive.values()) {
                for (double viscosity :
                        new double[] {
                            additive == Additive.NONE ? 22 : 68, base == BaseOil.PAO ? 460 : 220
                        }) {
                    cans.add(
                            can(
                                    new Lubricant(
                                            base,
                                            additive,
                                            Optional.empty(),
                                            Optional.empty(),
                                            viscosity,
                                            additive == Additive.COMPOUNDED,
                                            base == BaseOil.PAO)));
                }
            }
        }
        for (var thickener : List.of(Thickener.LITHIUM, Thickener.CALCIUM_SULFONATE)) {
            for (int nlgi : new int[] {-1, 1, 2}) {
                for (var additive : List.of(Additive.NONE, Additive.MILD_EP)) {
                    for (var base : List.of(BaseOil.MINERAL, BaseOil.SILICONE)) {
                        cans.add(
                                can(
                                        new Lubricant(
                                                base,
                                                additive,
                                                Optional.of(thickener),
                                                Optional.of(nlgi),
                                                150,
                                                nlgi == 1,
                                                false)));
                    }
                }
            }
        }
        return List.copyOf(cans);
    }

    private static Lubricant oil(BaseOil base, Additive additive, double viscosity) {
        return new Lubricant(
                base, additive, Optional.empty(), Optional.empty(), viscosity, false, false);
    }

    /** Every thing alone, and every two of them that stand beside each other in the list. */
    private static List<Set<Thing>> meetings() {
        var sets = new ArrayList<Set<Thing>>();
        sets.add(Set.of());
        var things = Thing.values();
        for (int i = 0; i < things.length; i++) {
            sets.add(EnumSet.of(things[i]));
            sets.add(EnumSet.of(things[i], things[(i + 1) % things.length]));
        }
        return sets;
    }

    private record Asked(WantedLubricant wanted, PlaceJudgement at, String words) {
        Asked washed() {
            return new Asked(
                    wanted,
                    new PlaceJudgement(at.place(), at.kind(), at.start(), Optional.empty()),
                    words);
        }

        ShelfChoice choice() {
            return ShelfChoice.of(SHELF, wanted::suits, at, Optional.of(5.0), wanted.toBuy(at));
        }
    }

    private static Asked asking(
            PlaceSort sort,
            Set<Thing> meets,
            String plate,
            double degC,
            double coldest,
            ColdStart.Feed feed) {
        var all = EnumSet.noneOf(Thing.class);
        all.addAll(meets);
        all.addAll(sort.meets());
        var told =
                plate.isEmpty() ? Optional.<PlateText>empty() : Optional.of(PlateText.read(plate));
        var advice =
                LubricantAdvice.of(
                        sort,
                        new LubricantAdvice.Duty(
                                new GearOilDuty(2, coldest, 30, Optional.empty()),
                                Optional.empty(),
                                all));
        var place =
                new LubricatedPlace(
                        all,
                        Seal.values()[(sort.ordinal() + meets.size()) % Seal.values().length],
                        Plastic.values()[
                                (sort.ordinal() * 5 + meets.size()) % Plastic.values().length],
                        degC,
                        2);
        return new Asked(
                new WantedLubricant(advice, told),
                new PlaceJudgement(
                        place,
                        Optional.of(new KindWanted(sort, told, 30)),
                        sort.takesOil()
                                ? Optional.of(new PlaceJudgement.Start(coldest, feed))
                                : Optional.empty(),
                        REMAINS.get(
                                (sort.ordinal() + meets.size() + plate.length()) % REMAINS.size())),
                sort + " " + all + " plate " + plate + " at " + degC + " °C from " + coldest);
    }

    @ParameterizedTest
    @EnumSource(PlaceSort.class)
    void nothingForbiddenIsEverProposed(PlaceSort sort) {
        int asked = sort.ordinal();
        for (var meets : meetings()) {
            for (var plate : PLATES) {
                // Each in turn: over all of them every climate and feed meets every place.
                double degC = new double[] {50, 88, 98}[asked++ % 3];
                boolean isPumped = asked % 2 == 0;
                holds(
                        asking(
                                sort,
                                meets,
                                plate,
                                degC,
                                isPumped ? 5 : -20,
                                isPumped ? ColdStart.Feed.PUMP : ColdStart.Feed.SPLASH));
            }
        }
    }

    private static void holds(Asked asked) {
        var choice = asked.choice();
        var toBuy = asked.wanted.toBuy(asked.at);
        var words = asked.words;
        // What is taken is of the wanted grade and has nothing against it, and no better one is
        // left.
        choice.proposed()
                .ifPresent(
                        taken -> {
                            assertThat(taken.told().grave()).as(words).isEmpty();
                            assertThat(asked.wanted.suits(taken.can().lubricant()))
                                    .as(words)
                                    .isTrue();
                        });
        boolean isAnyFree =
                choice.judged().stream()
                        .anyMatch(j -> j.suits() && !j.can().past() && j.told().grave().isEmpty());
        assertThat(choice.answer() == Answer.TAKE).as(words).isEqualTo(isAnyFree);
        // A can that is forbidden there is named in no sentence.
        choice.judged().stream()
                .filter(Judged::isForbidden)
                .forEach(
                        j ->
                                assertThat(choice.sentence())
                                        .as(words)
                                        .doesNotContain(j.can().name()));
        choice.chosen()
                .ifPresent(
                        l ->
                                assertThat(asked.at.of(l, PLAIN).findings())
                                        .as(words)
                                        .noneMatch(f -> f.weight() == Weight.FORBIDS));
        // What is bought is judged as a can is, and is of the kind and approval the words say.
        toBuy.lubricant()
                .ifPresent(
                        l -> {
                            var told = asked.at.of(l, PLAIN);
                            assertThat(told.findings())
                                    .as(words)
                                    .noneMatch(f -> f.weight() == Weight.FORBIDS);
                            assertThat(told.grave().isEmpty())
                                    .as(words)
                                    .isEqualTo(toBuy.outcome() == Outcome.BUY);
                            assertThat(toBuy.words()).as(words).contains(l.additive().words());
                            if (asked.at.place().meets(Thing.FOOD)) {
                                assertThat(toBuy.words()).as(words).contains("registered H1");
                            }
                        });
        // Whatever does not pass says why and what to do.
        switch (choice.answer()) {
            case TAKE, BUY -> assertThat(choice.answer().verdict().isPass()).isTrue();
            case TAKE_ALTHOUGH, BUY_ALTHOUGH ->
                    assertThat(choice.sentence())
                            .as(words)
                            .contains("Although: ")
                            .contains("Instead: ");
            case ASK_THE_MAKER -> {
                assertThat(choice.sentence())
                        .as(words)
                        .contains("Nothing known suits: ")
                        .contains("Ask the maker");
                assertThat(choice.chosen()).as(words).isEmpty();
                assertThat(choice.answer().verdict().isFail()).isTrue();
            }
        }
    }

    /** Advice that was followed into harm before: what was wrongly proposed, and what stands there now. */
    @ParameterizedTest(name = "{0} {1} plate {2}: {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "GEARS | - | GL-5 80W-90 | 0 | active sulphur EP",
                "WORM | BRONZE_WORM_WHEEL | CKE 220 | 0 | compounded with fatty oil",
                "GEARS | - | C 150 | 0 | none or rust and oxidation only",
                "WORM | BRONZE_WORM_WHEEL | GL-5 80W-90 | 0 | nothing known suits: active sulphur eats the bronze",
                "HEADSTOCK | - | | 0 | ISO VG 46, mineral, none or rust",
                "WAYS_LYING | - | | 0 | friction modified or tackified",
                "GEARS | FOOD | | 0 | registered H1 for food",
                "HYDROSTATIC | - | | 0 | nothing known suits: only the fluid on the plate goes here",
                "PLASTIC_GEARS | - | | 0 | synthetic hydrocarbon (PAO), none or rust",
                "WINCH_GEARS | SALT | | 0 | calcium sulfonate",
                "PLANETARY | - | | -20 | synthetic hydrocarbon (PAO)",
            })
    void whatToBuy(PlaceSort sort, String meets, String plate, double coldest, String words) {
        var asked =
                asking(
                        sort,
                        meets.equals("-") ? Set.of() : Set.of(Thing.valueOf(meets)),
                        plate == null ? "" : plate,
                        50,
                        coldest,
                        ColdStart.Feed.SPLASH);
        var at =
                new PlaceJudgement(
                        new LubricatedPlace(
                                asked.at.place().touches(), Seal.FKM, Plastic.NONE, 50, 1),
                        asked.at.kind(),
                        asked.at.start(),
                        Optional.empty());
        assertThat(asked.wanted.toBuy(at).words()).contains(words);
    }

    /** A wet brake in the gear bath: no gear oil goes gladly, and the sentence says whose fluid does. */
    @Test
    void aWetBrakeInTheGearBathIsNeverSentToEp() {
        var asked =
                asking(PlaceSort.GEARS, Set.of(Thing.WET_CLUTCH), "", 50, 0, ColdStart.Feed.SPLASH)
                        .washed();
        var toBuy = asked.wanted.toBuy(asked.at);
        assertThat(toBuy.words()).doesNotContain("EP, passive");
        assertThat(toBuy.outcome()).isEqualTo(Outcome.BUY_ALTHOUGH);
        assertThat(asked.choice().answer().verdict().isPass()).isFalse();
    }

    /** 220 mineral has 63 421 mPa·s at −20 °C (rebuilt from ISO 3448 and ASTM D341): splash with a reserve, and a pump never draws it. */
    @Test
    void aPumpInTheColdIsNotToldToTakeWhatItCannotDraw() {
        var splash = asking(PlaceSort.PLANETARY, Set.of(), "", 50, -20, ColdStart.Feed.SPLASH);
        var pump = asking(PlaceSort.PLANETARY, Set.of(), "", 50, -20, ColdStart.Feed.PUMP);
        var mineral = oil(BaseOil.MINERAL, Additive.MILD_EP, 220);
        assertThat(splash.at.of(mineral, PLAIN).findings())
                .filteredOn(f -> f.rule().equals("cold start"))
                .extracting(Compatibility.Finding::weight)
                .containsExactly(Weight.WARNS);
        assertThat(pump.at.of(mineral, PLAIN).findings())
                .filteredOn(f -> f.rule().equals("cold start"))
                .extracting(Compatibility.Finding::weight)
                .containsExactly(Weight.FORBIDS);
    }

    @Test
    void aPlateThatHarmsItsOwnPlaceIsTold() {
        var wrong =
                asking(
                        PlaceSort.WORM,
                        Set.of(Thing.BRONZE_WORM_WHEEL),
                        "GL-5 80W-90",
                        50,
                        0,
                        ColdStart.Feed.SPLASH);
        assertThat(wrong.wanted.againstThePlate(wrong.at))
                .extracting(Compatibility.Finding::rule)
                .contains("bronze");
        var right = asking(PlaceSort.GEARS, Set.of(), "CKC 220", 50, 0, ColdStart.Feed.SPLASH);
        assertThat(right.wanted.againstThePlate(right.at)).isEmpty();
    }

    /** In any wording: what is wanted there names no kind that is forbidden there. */
    @ParameterizedTest
    @EnumSource(PlaceSort.class)
    void noKindIsNamedThatIsForbidden(PlaceSort sort) {
        for (var thing : List.of(Thing.WET_CLUTCH, Thing.FRICTION_CLUTCH)) {
            var asked = asking(sort, Set.of(thing), "", 50, 0, ColdStart.Feed.SPLASH).washed();
            assertThat(asked.wanted.words(asked.at))
                    .as(sort + " " + thing)
                    .doesNotContain(Additive.MILD_EP.words())
                    .doesNotContain("antiwear or EP");
        }
    }

    /** A can that is not on the shelf is judged as one that is; without a grade on it nothing is said of a cold start. */
    @Test
    void aTypedCanIsJudgedByItsLetters() {
        var headstock =
                asking(PlaceSort.HEADSTOCK, Set.of(), "", 50, -20, ColdStart.Feed.PUMP).washed().at;
        assertThat(headstock.of(PlateText.read("CLP 68")).findings())
                .filteredOn(f -> f.weight() == Weight.FORBIDS)
                .extracting(Compatibility.Finding::rule)
                .contains("kind");
        assertThat(headstock.of(PlateText.read("GL-5")).findings())
                .extracting(Compatibility.Finding::rule)
                .contains("kind")
                .doesNotContain("cold start");
        assertThat(headstock.of(PlateText.read("HLP 220")).findings())
                .extracting(Compatibility.Finding::rule)
                .contains("cold start");
    }

    /** Oil does not wash old grease off a pawl. */
    @Test
    void oldGreaseIsWashedOutBeforeOilGoesOn() {
        var grease =
                new Lubricant(
                        BaseOil.MINERAL,
                        Additive.NONE,
                        Optional.of(Thickener.LITHIUM),
                        Optional.of(2),
                        150,
                        false,
                        false);
        var oil = oil(BaseOil.MINERAL, Additive.NONE, 22);
        var place = new LubricatedPlace(Set.of(Thing.PAWL), Seal.PTFE, Plastic.NONE, 20, 0);
        assertThat(
                        Compatibility.of(
                                        oil,
                                        place,
                                        Optional.of(new Compatibility.Remains(grease, 0.2)))
                                .grave())
                .extracting(Compatibility.Finding::rule)
                .containsExactly("old grease");
        assertThat(
                        Compatibility.of(
                                        oil,
                                        place,
                                        Optional.of(new Compatibility.Remains(grease, 0.01)))
                                .grave())
                .isEmpty();
    }

    /** Polyglycol over a trace of mineral oil does no harm, and is not told to mix. */
    @Test
    void twoThatDoNotMixAreNeverToldToMix() {
        var mineral = oil(BaseOil.MINERAL, Additive.MILD_EP, 220);
        var pag = oil(BaseOil.PAG, Additive.MILD_EP, 220);
        var place = new LubricatedPlace(Set.of(), Seal.PTFE, Plastic.NONE, 50, 0);
        var told =
                Compatibility.of(
                        pag, place, Optional.of(new Compatibility.Remains(mineral, 0.005)));
        assertThat(told.findings())
                .extracting(Compatibility.Finding::reason)
                .anyMatch(r -> r.contains("do not mix; so little of the old is left, 0.5 %"))
                .noneMatch(r -> r.startsWith("They mix"));
        assertThat(told.verdict().isPass()).isTrue();
    }
}

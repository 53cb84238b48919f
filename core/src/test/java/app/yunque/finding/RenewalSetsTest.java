package app.yunque.finding;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.finding.RenewalSets.Pull;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.teardown.Condition;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.GoesOn;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.StepDetail;
import app.yunque.teardown.Steps;
import app.yunque.teardown.TeardownStep;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: what the renewal of one part pulls with it. */
class RenewalSetsTest {
    private static PartRecord part(TeardownStep step, ServiceDuty duty, @Nullable String word) {
        var found =
                word == null
                        ? List.<PartFinding>of()
                        : List.of(
                                new PartFinding(
                                        Checks.of(step).get(1).id(),
                                        word,
                                        Severity.MEASURE,
                                        Look.WASHED,
                                        "Mira"));
        return new PartRecord(step, duty, found, List.of());
    }

    private static PartRecord plain(int number, String name, PartKind kind) {
        return part(step(number, name, kind).build(), ServiceDuty.FEED, null);
    }

    private static RenewalSets.@Nullable Advice told(PartRecord renewed, PartRecord other) {
        return RenewalSets.of(List.of(renewed, other), Set.of(renewed.step().id()))
                .get(other.step().id());
    }

    private static @Nullable Pull pull(PartRecord renewed, PartRecord other) {
        var told = told(renewed, other);
        return told == null ? null : told.pull();
    }

    @ParameterizedTest(name = "{0} renewed: {2} {4} {5}")
    @CsvSource(
            nullValues = "-",
            value = {
                "bevel pinion, GEAR, bevel gear, GEAR, RENEW_TOO, ''",
                "bevel pinion, GEAR, bevel housing, HOUSING, -, -",
                "half nut front, NUT, half nut rear, NUT, RENEW_TOO, ''",
                "dog upper half, OTHER, dog lower half, OTHER, RENEW_TOO, ''",
                "pawl spring, SPRING, upper pawl spring, SPRING, RENEW_TOO, ''",
                "pawl, PAWL, pawl spring, SPRING, RENEW_TOO, ''",
                "pawl, PAWL, upper pawl, PAWL, -, -",
                "pawl, PAWL, detent spring, SPRING, -, -",
                "front belt, OTHER, rear belt, OTHER, RENEW_TOO, ''",
                "brake lining, OTHER, rear lining, OTHER, RENEW_TOO, ''",
                "sprocket, GEAR, chain, OTHER, RENEW_TOO, ''",
                "chain, OTHER, sprocket, GEAR, LOOK_AGAIN, CHN-2",
                "worm wheel, GEAR, worm, WORM, LOOK_AGAIN, WOR-1",
                "worm, WORM, worm wheel, GEAR, LOOK_AGAIN, WWL-1",
                "pawl, PAWL, ratchet wheel, GEAR, LOOK_AGAIN, PWL-1",
                "bush, BUSH, shaft, SHAFT, LOOK_AGAIN, JRN-1",
                "shaft seal, SEAL, shaft, SHAFT, LOOK_AGAIN, LND-1",
                "shaft seal, SEAL, cover, COVER, -, -",
                "shift fork, LEVER, detent, PLUNGER, LOOK_AGAIN, DET-1",
                "shift lever, LEVER, detent, PLUNGER, -, -",
                "stem nut, NUT, stem, SHAFT, LOOK_AGAIN, STM-1",
                "nut, NUT, stem, SHAFT, -, -",
                "cover, COVER, gasket, GASKET, -, -"
            })
    void pullsWithIt(
            String renewed,
            PartKind kind,
            String other,
            PartKind otherKind,
            @Nullable Pull pull,
            @Nullable String check) {
        var told = told(plain(1, renewed, kind), plain(2, other, otherKind));
        assertThat(told == null ? null : told.pull()).isEqualTo(pull);
        assertThat(told == null ? null : told.check()).isEqualTo(check);
        if (told != null) {
            assertThat(told.because()).isEqualTo(renewed);
            assertThat(told.why()).isNotBlank();
        }
    }

    @Test
    void everyCheckThatIsMadeAgainThereIs() {
        var parts =
                List.of(
                        plain(1, "bush", PartKind.BUSH),
                        plain(2, "shaft", PartKind.SHAFT),
                        plain(3, "chain", PartKind.OTHER),
                        plain(4, "sprocket", PartKind.GEAR));
        RenewalSets.of(parts, Set.of(parts.get(0).step().id(), parts.get(2).step().id()))
                .values()
                .forEach(a -> assertThat(Checks.find(a.check())).isPresent());
    }

    private static Steps gear(int number, int stage, Member member) {
        return step(number, member + " " + stage, PartKind.GEAR).gear(new GearPlace(stage, member));
    }

    @ParameterizedTest(name = "mate {0}, {1}: {2}")
    @CsvSource(
            nullValues = "-",
            value = {
                "-, -, LOOK_AGAIN",
                "light scuffing, -, RENEW_TOO",
                "progressive pitting, -, RENEW_TOO",
                "initial pitting, -, -",
                "-, AS_NEW, LOOK_AGAIN",
                "-, WATCH, RENEW_TOO",
                "-, BEYOND, RENEW_TOO"
            })
    void aNewGearDoesNotRunWithAWornMate(
            @Nullable String word, @Nullable Zone zone, @Nullable Pull pull) {
        var pinion = part(gear(1, 1, Member.PINION).build(), ServiceDuty.FEED, null);
        var measured =
                zone == null
                        ? List.<Measured>of()
                        : List.of(
                                new Measured(
                                        "GER-3",
                                        zone == Zone.BEYOND
                                                ? Verdict.CLEAR_FAIL
                                                : Verdict.CLEAR_PASS,
                                        zone,
                                        false,
                                        ""));
        var seen =
                word == null
                        ? List.<PartFinding>of()
                        : List.of(PartFinding.of("GER-1", word, Look.WASHED, "Mira"));
        var wheel =
                new PartRecord(gear(2, 1, Member.WHEEL).build(), ServiceDuty.FEED, seen, measured);
        assertThat(pull(pinion, wheel)).isEqualTo(pull);
        // Gears of another stage are no mates, nor is a gear its own.
        var far = part(gear(3, 2, Member.WHEEL).build(), ServiceDuty.FEED, "light scuffing");
        assertThat(pull(pinion, far)).isNull();
        var twin = part(gear(4, 1, Member.PINION).build(), ServiceDuty.FEED, "light scuffing");
        assertThat(pull(pinion, twin)).isNull();
    }

    @ParameterizedTest(name = "{0} on {1}: {2}")
    @CsvSource({
        "spalling, LIFTING, RENEW_TOO",
        "case crushing, LIFTING, RENEW_TOO",
        "'hardening, grinding or fatigue crack', LIFTING, RENEW_TOO",
        "spalling, FEED, LOOK_AGAIN",
        "feathered tip, LIFTING, LOOK_AGAIN"
    })
    void onLiftingDutyTheMateOfACrackedGearGoesWithIt(String word, ServiceDuty duty, Pull pull) {
        var pinion =
                new PartRecord(
                        gear(1, 1, Member.PINION).build(),
                        duty,
                        List.of(PartFinding.of("GER-1", word, Look.WASHED, "Mira")),
                        List.of());
        var wheel = part(gear(2, 1, Member.WHEEL).build(), duty, null);
        assertThat(pull(pinion, wheel)).isEqualTo(pull);
    }

    @Test
    void aDamagedPlanetTakesItsStageAlong() {
        var planet =
                part(
                        step(1, "planet", PartKind.GEAR)
                                .found(Condition.PITTED)
                                .in("carrier 1")
                                .build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(pull(planet, in("carrier 1", "planet upper", PartKind.GEAR)))
                .isEqualTo(Pull.RENEW_TOO);
        assertThat(pull(planet, in("carrier 1", "planet pin", PartKind.PIN)))
                .isEqualTo(Pull.RENEW_TOO);
        assertThat(pull(planet, in("carrier 1", "needles", PartKind.ROLLER)))
                .isEqualTo(Pull.RENEW_TOO);
        assertThat(told(planet, in("carrier 1", "sun", PartKind.GEAR)).check()).isEqualTo("GER-1");
        assertThat(told(planet, in("carrier 1", "carrier", PartKind.CARRIER)).check())
                .isEqualTo("CAR-1");
        assertThat(pull(planet, in("carrier 1", "ring gear", PartKind.RING_GEAR)))
                .isEqualTo(Pull.LOOK_AGAIN);
        // Another stage, and a planet that is renewed for no damage.
        var far =
                part(
                        step(9, "planet", PartKind.GEAR).on(2, Side.LEFT).in("carrier 2").build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(pull(planet, far)).isNull();
        var lost =
                part(
                        step(1, "planet", PartKind.GEAR).in("carrier 1").build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(pull(lost, in("carrier 1", "planet upper", PartKind.GEAR))).isNull();
        assertThat(pull(planet, in("carrier 1", "dowel pin", PartKind.PIN))).isNull();
    }

    private static PartRecord in(String group, String name, PartKind kind) {
        return part(step(2, name, kind).on(2, Side.LEFT).in(group).build(), ServiceDuty.FEED, null);
    }

    @Test
    void withoutAGroupTheShaftSaysWhatBelongsTogether() {
        var planet =
                part(
                        step(1, "planet", PartKind.GEAR).found(Condition.BROKEN).build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(pull(planet, plain(2, "planet two", PartKind.GEAR))).isEqualTo(Pull.RENEW_TOO);
        var away =
                part(
                        step(2, "planet two", PartKind.GEAR).on(3, Side.LEFT).build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(pull(planet, away)).isNull();
    }

    @Test
    void cupAndConeOfOneSeatAreOneBearing() {
        var cup = plain(1, "bearing cup", PartKind.BEARING);
        assertThat(pull(cup, plain(2, "bearing cone", PartKind.BEARING))).isEqualTo(Pull.RENEW_TOO);
        assertThat(pull(plain(2, "bearing cone", PartKind.BEARING), cup)).isEqualTo(Pull.RENEW_TOO);
        assertThat(pull(cup, plain(2, "bearing cup inner", PartKind.BEARING))).isNull();
        var right =
                part(
                        step(2, "bearing cone", PartKind.BEARING).on(1, Side.RIGHT).build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(pull(cup, right)).isNull();
        var shaft =
                part(
                        step(2, "bearing cone", PartKind.BEARING).on(2, Side.LEFT).build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(pull(cup, shaft)).isNull();
    }

    @Test
    void whatIsMatchedGoesTogetherWhicheverOfTheTwoSaysSo() {
        var back = new StepDetail.Back("", "Spacer B", null, GoesOn.UNSAID, false, "");
        var one =
                part(
                        step(1, "spacer A", PartKind.SPACER).back(back).build(),
                        ServiceDuty.FEED,
                        null);
        var other = plain(2, "spacer B", PartKind.SPACER);
        assertThat(pull(one, other)).isEqualTo(Pull.RENEW_TOO);
        assertThat(pull(other, one)).isEqualTo(Pull.RENEW_TOO);
        assertThat(pull(one, plain(2, "spacer C", PartKind.SPACER))).isNull();
    }

    @Test
    void aPawlBeyondItsLimitTakesTheOthersAlong() {
        var worn =
                new PartRecord(
                        step(1, "pawl", PartKind.PAWL).build(),
                        ServiceDuty.FEED,
                        List.of(),
                        List.of(new Measured("PWL-2", Verdict.CLEAR_FAIL, Zone.BEYOND, false, "")));
        assertThat(pull(worn, plain(2, "upper pawl", PartKind.PAWL))).isEqualTo(Pull.RENEW_TOO);
    }

    @Test
    void aHookedSprocketAndAChainThatIsNotAsNewGo() {
        var chain = plain(1, "chain", PartKind.OTHER);
        var hooked =
                new PartRecord(
                        step(2, "sprocket", PartKind.GEAR).build(),
                        ServiceDuty.FEED,
                        List.of(PartFinding.of("CHN-2", "hooked", Look.WASHED, "Mira")),
                        List.of());
        assertThat(pull(chain, hooked)).isEqualTo(Pull.RENEW_TOO);
        var asNew =
                new PartRecord(
                        step(1, "chain", PartKind.OTHER).build(),
                        ServiceDuty.FEED,
                        List.of(),
                        List.of(new Measured("CHN-1", Verdict.CLEAR_PASS, Zone.AS_NEW, false, "")));
        assertThat(pull(plain(2, "sprocket", PartKind.GEAR), asNew)).isNull();
    }

    @Test
    void aWornWormOrWheelGoesWithTheOther() {
        var wheel = plain(1, "worm wheel", PartKind.GEAR);
        var catches =
                new PartRecord(
                        step(2, "worm", PartKind.WORM).build(),
                        ServiceDuty.FEED,
                        List.of(PartFinding.of("WOR-1", "nail catches", Look.WASHED, "Mira")),
                        List.of());
        assertThat(pull(wheel, catches)).isEqualTo(Pull.RENEW_TOO);
        var ridged =
                new PartRecord(
                        step(2, "worm wheel", PartKind.GEAR).build(),
                        ServiceDuty.FEED,
                        List.of(
                                PartFinding.of(
                                        "WWL-1",
                                        "ridge where the worm does not reach",
                                        Look.WASHED,
                                        "Mira")),
                        List.of());
        assertThat(pull(plain(1, "worm", PartKind.WORM), ridged)).isEqualTo(Pull.RENEW_TOO);
    }

    @Test
    void whatWasLookedAtInTheWordsOfTheCheckIsNotAskedAgain() {
        var shaft =
                new PartRecord(
                        step(2, "shaft", PartKind.SHAFT).build(),
                        ServiceDuty.FEED,
                        List.of(PartFinding.of("LND-1", "polished track", Look.WASHED, "Mira")),
                        List.of());
        assertThat(told(plain(1, "shaft seal", PartKind.SEAL), shaft)).isNull();
        assertThat(told(plain(1, "bush", PartKind.BUSH), shaft)).isNotNull();
        var elsewhere =
                part(
                        step(3, "shaft", PartKind.SHAFT).on(2, Side.LEFT).build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(told(plain(1, "shaft seal", PartKind.SEAL), elsewhere)).isNull();
    }

    @Test
    void whatBrokeSendsOneBackToAllThatCarriedTheSameLoad() {
        var broken =
                part(
                        step(1, "lever", PartKind.LEVER).found(Condition.BROKEN).build(),
                        ServiceDuty.FEED,
                        null);
        var unseen =
                part(
                        step(2, "key", PartKind.KEY).found(Condition.NOT_SAID).build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(told(broken, unseen).check()).isEqualTo("ANY-1");
        assertThat(told(broken, plain(2, "key", PartKind.KEY))).as("looked at").isNull();
        var cover =
                part(
                        step(2, "cover", PartKind.COVER).found(Condition.NOT_SAID).build(),
                        ServiceDuty.FEED,
                        null);
        assertThat(told(broken, cover)).as("carries nothing").isNull();
    }

    /** A set makes nothing milder, says why, and leaves what is renewed anyway alone. */
    @Test
    void proposalsCountTheSets() {
        var worn = looked(plain(1, "bevel pinion", PartKind.GEAR));
        var mate = looked(plain(2, "bevel gear", PartKind.GEAR));
        var seal = plain(3, "shaft seal", PartKind.SEAL);
        var shaft = looked(plain(4, "shaft", PartKind.SHAFT));
        var all = List.of(worn, mate, seal, shaft);
        var alone = Proposals.of(all, Map.of());
        assertThat(alone.get(mate.step().id()).disposition()).isEqualTo(Disposition.REUSE);
        // The seal is renewed anyway: its land is looked at.
        assertThat(alone.get(shaft.step().id()))
                .isEqualTo(
                        new DispositionProposal(
                                Disposition.REUSE,
                                "Looked at, and found sound. Look again (LND-1), shaft seal is renewed: A new lip runs where the old one ran.",
                                false));
        var made = new HashMap<>(Map.of(worn.step().id(), Disposition.RENEW));
        var set = Proposals.of(all, made).get(mate.step().id());
        assertThat(set.disposition()).isEqualTo(Disposition.RENEW);
        assertThat(set.reason())
                .isEqualTo(
                        "Renewed as a set with bevel pinion: Bevel gears are run in together and go together.");
        // A seal that somebody decided to leave pulls nothing.
        made.put(seal.step().id(), Disposition.REUSE);
        assertThat(Proposals.of(all, made).get(shaft.step().id()).reason())
                .isEqualTo("Looked at, and found sound.");
    }

    @Test
    void aSetDoesNotHideThatAPartIsCracked() {
        var worn = plain(1, "bevel pinion", PartKind.GEAR);
        var cracked =
                part(
                        step(2, "bevel gear", PartKind.GEAR).found(Condition.CRACKED).build(),
                        ServiceDuty.FEED,
                        null);
        var proposals =
                Proposals.of(List.of(worn, cracked), Map.of(worn.step().id(), Disposition.RENEW));
        assertThat(proposals.get(cracked.step().id()).reason()).startsWith("Cracked");
    }

    /** The same part with every must of its own found as it should be. */
    private static PartRecord looked(PartRecord part) {
        var words =
                part.openMusts().stream()
                        .map(
                                c ->
                                        PartFinding.of(
                                                c.id(),
                                                c.words().get(0).text(),
                                                Look.WASHED,
                                                "Mira Halden"))
                        .toList();
        return new PartRecord(part.step(), part.duty(), words, part.measured());
    }
}

package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * One unit of each kind that is not driven through elsewhere: what is looked at, set and proved on it is asked without a question back,
 * and every form is opened and answered. Common practice, no source.
 */
@ExtendWith(PackagedApp.class)
class EveryKindOfUnitTest {

    private enum Unit {
        WORM_REDUCER(
                "worm reducer",
                "enclosed power gearbox",
                "worm of which only starts and teeth are known",
                Map.of("Starts of the worm", "1", "Teeth of the worm wheel", "40"),
                "Runs hot",
                List.of(
                        "cover input left",
                        "worm input middle",
                        "worm wheel output middle",
                        "bearing output left",
                        "seal output left"),
                List.of(
                        "Worm set: rim backlash",
                        "Contact on the wheel, both directions",
                        "Feel, turned slowly under hand load"),
                List.of("S-02", "S-03", "S-05"),
                List.of("P-12", "P-16")),
        PLANETARY_WINCH(
                "planetary winch",
                "lifting or load holding",
                "planetary set",
                Map.of(
                        "Teeth of the sun", "18",
                        "Teeth of a planet", "27",
                        "Teeth of the ring", "72",
                        "Number of planets", "3"),
                "Slips under load",
                List.of(
                        "cover input left",
                        "ring gear output middle",
                        "planet carrier output middle",
                        "brake output right"),
                List.of("Planetary stage: play of the carrier"),
                List.of("S-11"),
                List.of("P-19", "P-20", "P-21")),
        CYCLOIDAL_REDUCER(
                "cycloidal reducer",
                "enclosed power gearbox",
                "cycloidal disc",
                Map.of("Lobes of the disc", "29", "Pins of the ring", "30"),
                "Noise",
                List.of(
                        "cover input left",
                        "cycloidal disc input middle",
                        "eccentric input middle",
                        "30 pins output middle"),
                List.of("Cycloidal: lost motion at the output"),
                List.of("S-08"),
                List.of("P-12")),
        LATHE_SLIDE(
                "lathe cross slide",
                "feed, timed or reversing",
                "screw and nut, the last stage",
                Map.of(
                        "Pitch, thread to thread", "5",
                        "Starts", "1",
                        "Pitch diameter", "17.5",
                        "Included angle of the thread", "30",
                        "Coefficient of friction", "0.12"),
                "Dead travel at the handwheel",
                List.of("handwheel input left", "nut input middle", "gib input middle"),
                List.of("Screw and nut: lost motion of the slide"),
                List.of("S-16"),
                List.of("P-30", "P-31")),
        METERING_PUMP(
                "metering pump",
                "feed, timed or reversing",
                "worm of which only starts and teeth are known",
                Map.of("Starts of the worm", "1", "Teeth of the worm wheel", "30"),
                "Doses too little",
                List.of(
                        "cover input left",
                        "worm wheel output middle",
                        "pump plunger output right",
                        "eccentric output middle"),
                List.of("Worm set: rim backlash", "Plunger or piston surface, its packing"),
                List.of("S-10"),
                List.of("P-26", "P-27"));

        private final String kind;
        private final String duty;
        private final String stage;
        private final Map<String, String> fields;
        private final String complaint;
        private final List<String> parts;
        private final List<String> lookedAt;
        private final List<String> set;
        private final List<String> proved;

        Unit(
                String kind,
                String duty,
                String stage,
                Map<String, String> fields,
                String complaint,
                List<String> parts,
                List<String> lookedAt,
                List<String> set,
                List<String> proved) {
            this.kind = kind;
            this.duty = duty;
            this.stage = stage;
            this.fields = fields;
            this.complaint = complaint;
            this.parts = parts;
            this.lookedAt = lookedAt;
            this.set = set;
            this.proved = proved;
        }
    }

    @ParameterizedTest
    @EnumSource
    void isLookedAtSetAndProvedByItsOwnLists(Unit unit) {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            describe(m, unit);
            Arrival.openJob(m, unit.complaint);
            unit.parts.forEach(part -> Arrival.takeOff(m, part));

            m.goTo("Inspect");
            for (var check : unit.lookedAt) {
                assertThat(m.region("What to look at").getByText(check).first()).isVisible();
            }
            Plan.lookAtTheRest(m);
            assertThat(m.text("every must answered").first()).isVisible();

            m.goTo("Set");
            var set = m.region("What is set, in this order");
            for (var step : unit.set) {
                assertThat(set.getByText(step).first()).isVisible();
            }
            Plan.goThrough(m, "What is set, in this order");
            m.goTo("Prove");
            var proved = m.region("What it shows before it leaves");
            for (var step : unit.proved) {
                assertThat(proved.getByText(step).first()).isVisible();
            }
            Plan.goThrough(m, "What it shows before it leaves");
            // Parts that nobody fitted again stand against it, however well the lists are answered.
            assertThat(m.region("Sign off").getByText("The ledger does not balance")).isVisible();
        }
    }

    private static void describe(Mechanic m, Unit unit) {
        Arrival.describe(m, "KND-" + (unit.ordinal() + 1), unit.kind, unit.duty);
        m.field("Add a stage").selectOption(unit.stage);
        unit.fields.forEach((field, value) -> m.field(field).fill(value));
    }
}

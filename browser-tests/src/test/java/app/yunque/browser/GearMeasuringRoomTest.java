package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(PackagedApp.class)
class GearMeasuringRoomTest {

    private static void open(Mechanic m, String title) {
        m.page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Drawers").setExact(true))
                .click();
        m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(title)).first().click();
        assertThat(m.heading(title)).isVisible();
    }

    // Handbook span of z 30, m 3 over 4 teeth: 32.258 mm; 31.95 read means 0.328 mm gone, 7.0 %.
    @Test
    void spansAGearByKeyboardAndKeepsWhatWasTypedThroughAReload() throws Exception {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            open(m, "Span over several teeth");
            assertThat(m.text("Span 4 teeth: new and unworn they read 32.258 mm")).isVisible();
            m.field("Span 1").focus();
            m.page.keyboard().type("31,95");
            m.page.keyboard().press("Enter");
            m.page.keyboard().type("31.95");
            m.page.keyboard().press("Enter");
            assertThat(m.text("7.0 ±")).isVisible();
            assertThat(m.text("0.328 mm")).isVisible();
            assertThat(m.text("No instrument of the shop is chosen")).isVisible();
            m.page.reload();
            assertThat(m.button("Take out reading 1, 31,95 mm")).isVisible();
            m.field("Instrument").selectOption(new SelectOption().setIndex(1));
            assertThat(m.text("No instrument of the shop is chosen")).isHidden();
            m.expectAccessible("a drawer");
            var file = m.page.waitForDownload(() -> m.press("As CSV"));
            var csv = Files.readString(file.path());
            Assertions.assertThat(csv).contains("Span 1,\"31,95\",mm");
        }
    }

    @Test
    void readsAMapFromACsvFileAndNamesTheDamagedTooth() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            open(m, "Backlash map round a turn");
            m.field("Teeth of the pinion").fill("18");
            m.field("Teeth of the wheel").fill("36");
            m.field("Centre distance").fill("81.3");
            var csv =
                    "place,reading\n1,0.33\n2,0.34\n3,0.36\n4,0.34\n5,0.33\n6,0.30\n7,0.28\n8,0.36\n9,0.25\n10,0.26\n11,0.26\n12,0.30\n";
            m.page.getByLabel("CSV file for Reading")
                    .setInputFiles(
                            new FilePayload(
                                    "map.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
            assertThat(m.text("At 210°, tooth 22 the backlash is")).isVisible();
            assertThat(m.text("worn, chipped or missing tooth")).isVisible();
            m.expectAccessible("the map");
            m.press("Clear");
            m.field("Reading 1").fill("0.3");
            m.page.keyboard().press("Enter");
            assertThat(m.text("Number of places 1 is outside 4 to 200")).isVisible();
        }
    }

    @Test
    void movesTheCentresOfATrueMeshAndSaysWhenItCannotBe() {
        try (var m = Mechanic.signedIn("Aitana Luna", "3690")) {
            open(m, "The mesh as it stands");
            m.field("Centre distance").first().fill("90.2");
            var picture =
                    m.page.getByRole(
                            AriaRole.IMG,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^Teeth in mesh")));
            assertThat(picture)
                    .hasAccessibleName(
                            Pattern.compile("backlash 0\\.147 mm, contact ratio 1\\.57"));
            var slider =
                    m.page.getByRole(
                            AriaRole.SLIDER,
                            new Page.GetByRoleOptions().setName("Centre distance"));
            slider.focus();
            for (int i = 0; i < 10; i++) {
                slider.press("ArrowRight");
            }
            assertThat(m.field("Centre distance").first()).hasValue("90.30");
            assertThat(picture).hasAccessibleName(Pattern.compile("backlash 0\\.22\\d mm"));
            m.expectAccessible("the mesh");
            m.field("Centre distance").first().fill("70");
            assertThat(m.text("base circles overlap; these gears need more than 84.572 mm"))
                    .isVisible();
            m.field("Centre distance").first().fill("89.5");
            assertThat(m.text("the teeth would overlap by 0.35")).isVisible();
        }
    }

    @Test
    void keepsAMeasurementToAJobWithThePapersFilledIn() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            m.page.navigate(PackagedApp.address("/jobs/4/inspect"));
            m.press("+ Measuring room: every other way to measure and work out");
            m.field("Measure or work out").selectOption("Over pins or balls");
            assertThat(m.field("Number of teeth")).hasValue("54");
            assertThat(m.field("What it is about")).hasValue("wheel 1, z 54");
            m.field("Over pins 1").fill("140.9");
            m.page.keyboard().press("Enter");
            m.press("Keep to this job");
            var kept = m.region("Kept answers");
            assertThat(kept).containsText("Over pins or balls: wheel 1, z 54");
            kept.getByText("Over pins or balls: wheel 1, z 54").click();
            m.expectAccessible("Inspect with a kept answer");
            kept.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove"))
                    .last()
                    .click();
            assertThat(kept.getByText("Over pins or balls: wheel 1, z 54")).hasCount(0);
        }
    }

    @Test
    void findsForALubricatedPlaceWhatGoesThereOnTheShelf() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            m.page.navigate(PackagedApp.address("/jobs/10/fill"));
            assertThat(m.heading("Oil room")).isVisible();
            m.field("Work out").selectOption("Does it go there?");
            m.field("Lubricated place").fill("stem and nut");
            m.field("It meets").selectOption("bronze worm wheel");
            m.field("Wanted at 40 °C, mm²/s").fill("460");
            var best =
                    m.page.getByRole(AriaRole.ROW)
                            .filter(
                                    new Locator.FilterOptions()
                                            .setHasText("Worm oil 460, compounded"));
            assertThat(best).containsText("goes");
            m.press("Keep to this job");
            assertThat(m.region("Kept answers")).containsText("Does it go there? stem and nut");
            m.expectAccessible("Fill with the oil room");
        }
    }

    @Test
    void keepsAnAnswerOfADrawerToAJobChosenThere() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            open(m, "Rack and pinion");
            m.field("Keep the answer to a job")
                    .selectOption(
                            new SelectOption()
                                    .setLabel("job 4, PAN-2: Growls, and leaks at the sheave"));
            m.press("Keep to job 4");
            assertThat(m.text("Kept to job 4; it stands at Inspect.")).isVisible();
            m.page.navigate(PackagedApp.address("/jobs/4/inspect"));
            var kept = m.region("Kept answers");
            kept.getByText("Rack and pinion").click();
            kept.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove"))
                    .last()
                    .click();
            assertThat(kept.getByText("Over pins or balls: wheel 1, z 54")).hasCount(0);
        }
    }

    @Test
    void describesAUnitWithAWormAndABevelStage() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            m.page.navigate(PackagedApp.address("/units/new"));
            m.field("Tag").fill("TST-9");
            m.field("Name").fill("Test bench drive");
            m.field("Kind of gearbox").fill("bevel and worm");
            m.field("Input speed, if known").fill("1200");
            m.field("Add a stage").selectOption("bevel pair");
            m.field("Teeth of the pinion").fill("16");
            m.field("Teeth of the wheel").first().fill("32");
            m.field("Module or DP at the heel").fill("4");
            m.field("Angle between the shafts").fill("90");
            m.field("Pressure angle").first().fill("20");
            m.field("Face width").fill("20");
            m.field("Add another stage, behind the last").selectOption("worm and wheel");
            // Nothing stands there that nobody read off the unit.
            assertThat(m.field("Starts of the worm")).hasValue("");
            m.field("Starts of the worm").fill("1");
            m.field("Teeth of the wheel").last().fill("40");
            m.field("Axial module or DP").fill("4");
            m.field("Pressure angle").last().fill("20");
            m.field("Worm, reference diameter").fill("5");
            m.press("Keep the unit");
            assertThat(m.text("would have no core left")).isVisible();
            m.field("Worm, reference diameter").fill("40");
            m.expectAccessible("a unit of other stages");
            m.press("Keep the unit");
            assertThat(m.text("80.000")).isVisible();
            assertThat(m.text("2. worm 1 start, wheel z 40")).isVisible();
            forgottenChainIsPutInFront(m);
        }
    }

    private static Locator carries(Mechanic m, String stage) {
        return m.page.getByRole(
                AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(stage).setExact(true));
    }

    /** The papers are corrected: a chain before the bevel pair, and a lever that goes past the worm. */
    private static void forgottenChainIsPutInFront(Mechanic m) {
        m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Correct the papers"))
                .click();
        m.field("Add another stage, behind the last").selectOption("chain or toothed belt");
        m.field("Teeth of the driver").fill("15");
        m.field("Teeth of the driven").fill("30");
        m.press("Put stage 3 before stage 2");
        m.press("Put stage 2 before stage 1");
        assertThat(m.heading("Stage 1: chain or toothed belt")).isVisible();
        for (var name : List.of("slow", "past the worm")) {
            m.press("Add a gear position");
            m.field("Name, as at the lever, or the output").last().fill(name);
            carries(m, "stage 1").last().check();
            carries(m, "stage 2").last().check();
        }
        carries(m, "stage 3").first().check();
        m.expectAccessible("papers to correct");
        m.press("Keep the papers");
        assertThat(m.text("Ratio 160.000")).isVisible();
        m.field("Gear position").selectOption("past the worm");
        assertThat(m.text("Ratio 4.000")).isVisible();
    }

    @Test
    void namesAnUnknownGearAndSaysWhatToMeasureNext() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            open(m, "What gear is this?");
            m.press("A: from the old lathe, 30 teeth");
            assertThat(m.text("Most likely DP 8, 14.5°, full depth (94 %).")).isVisible();
            m.field("Teeth between the jaws k").fill("");
            assertThat(m.text("belong together: this one is missing")).isVisible();
            m.field("Span over k teeth").fill("");
            m.field("Span over one more").fill("");
            assertThat(m.text("Measure next:")).isVisible();
            m.expectAccessible("unknown gear");
        }
    }

    @ParameterizedTest(name = "{0} px wide")
    @CsvSource({"1280, 800", "1024, 768", "390, 844"})
    void drawersFitTheScreen(int width, int height) {
        try (var m = new Mechanic(width, height)) {
            m.signIn("Inés Roldán", "2580");
            for (var drawer :
                    new String[] {
                        "", "/mesh", "/backlash-map", "/by-eye", "/train", "/unknown-gear"
                    }) {
                m.page.navigate(PackagedApp.address("/drawers" + drawer));
                assertThat(m.page.getByText("Opening…")).hasCount(0);
                var example =
                        m.page.getByText("Try", new Page.GetByTextOptions().setExact(true))
                                .locator("xpath=following-sibling::button[1]");
                if (!drawer.isEmpty()) {
                    example.click();
                    assertThat(m.text("Show the working")).isVisible();
                }
                m.expectNoSidewaysScroll("drawers" + drawer);
            }
        }
    }

    @Test
    void keepsTheCardOfAnInstrument() {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            m.page.navigate(PackagedApp.address("/shop"));
            assertThat(m.text("calibration overdue since")).isVisible();
            m.press("Add an instrument");
            m.field("Number and name").fill("No. 30 bore gauge");
            m.field("Reads to").fill("0");
            m.press("Keep");
            assertThat(m.text("The largest reading must be above the smallest")).isVisible();
            m.field("Reads to").fill("60");
            m.press("Keep");
            assertThat(m.button("No. 30 bore gauge")).isVisible();
            m.expectAccessible("Shop");
            m.press("No. 30 bore gauge");
            m.press("Put away");
            assertThat(m.button("No. 30 bore gauge")).hasCount(0);
        }
    }
}

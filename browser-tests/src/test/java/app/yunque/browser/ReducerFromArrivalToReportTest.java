package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(PackagedApp.class)
class ReducerFromArrivalToReportTest {

    @Test
    void takesANewUnitThroughEightStationsToASignedReport() throws IOException {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            describeUnit(m);
            m.press("Open a job");
            m.field("Complaint").fill("Knocks at start");
            m.press("Open the job");
            receive(m);
            strip(m);
            inspect(m);
            decide(m);
            build(m);
            set(m);
            fill(m);
            prove(m);
            readReport(m);
        }
    }

    private static void describeUnit(Mechanic m) {
        m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Units")).click();
        m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Describe a new unit"))
                .click();
        m.field("Tag").fill("WSH-9");
        m.field("Name").fill("Wash water pump reducer");
        m.field("Kind of gearbox").fill("single-stage spur");
        m.field("Input speed, if known").fill("960");
        m.field("Add a stage")
                .selectOption("pair of gears on parallel shafts, or a pinion in a ring");
        m.field("Pressure angle").fill("20");
        m.field("Teeth of the pinion").fill("zero");
        m.field("Teeth of the wheel").fill("40");
        m.field("Module or DP").fill("3");
        m.field("Face width").fill("30");
        m.field("Centre distance").fill("90,2");
        m.expectAccessible("new unit");
        m.press("Keep the unit");
        assertThat(m.text("“zero” is not a whole number")).isVisible();
        m.field("Teeth of the pinion").fill("20");
        m.press("Keep the unit");
        assertThat(m.heading("WSH-9 · Wash water pump reducer")).isVisible();
        assertThat(m.text("Ratio 2.000")).isVisible();
    }

    private static void receive(Mechanic m) {
        assertThat(m.heading("Arrival")).isVisible();
        m.expectAccessible("Receive");
        m.field("Allowed by").fill("Works manager");
        m.press("Keep the permission");
        m.page.getByLabel("electric").check();
        m.field("How it is locked and tagged").fill("breaker locked, own padlock");
        m.press("I have isolated it");
        assertThat(m.text("only a failed start proves the isolation")).isVisible();
        assertThat(m.text("Not confirmed yet: “Main switch off")).isVisible();
        Arrival.stepsOfIsolation(m);
        m.page.getByLabel("I tried to start it, and nothing moved").check();
        m.press("I have isolated it");
        assertThat(m.text("Confirmed by Tomás Vega")).isVisible();
        m.field("Input turns").fill("100");
        m.field("Output turns").fill("50");
        assertThat(m.region("Turn count").getByText("Clear pass")).isVisible();
        m.press("Keep the turn count");
        assertThat(m.text("isolated, ratio confirmed")).isVisible();
    }

    private static void strip(Mechanic m) {
        m.goTo("Strip");
        step(m, "input cover", "input", "left end");
        m.page.getByLabel("Held by screws, a nut or studs").check();
        m.field("How many").fill("4");
        m.field("Thread").fill("M8");
        m.field("Length").fill("25");
        m.press("Keep ↵");
        assertThat(m.text("4 × M8, 25 mm")).isVisible();

        step(m, "shaft seal", "input", "left end");
        m.field("Way round").fill("lip to the oil");
        m.press("Keep ↵");
        assertThat(m.region("Watch list").getByText("One way: shaft seal")).isVisible();

        m.newStep().fill("wheel");
        m.field("Which gear of the papers")
                .selectOption(
                        new com.microsoft.playwright.options.SelectOption()
                                .setLabel("wheel 1, z 40"));
        m.press("Keep ↵");
        assertThat(m.text("3 steps, 3 parts out")).isVisible();

        m.press("Undo");
        assertThat(m.text("2 steps, 2 parts out")).isVisible();
        m.newStep().fill("wheel");
        m.field("Which gear of the papers")
                .selectOption(
                        new com.microsoft.playwright.options.SelectOption()
                                .setLabel("wheel 1, z 40"));
        m.press("Keep ↵");
        assertThat(m.text("3 steps, 3 parts out")).isVisible();
        assertThat(
                        m.region("Shaft stack")
                                .getByRole(
                                        AriaRole.BUTTON,
                                        new Locator.GetByRoleOptions()
                                                .setName("shaft seal · on the bench")))
                .isVisible();
        m.expectAccessible("Strip");
    }

    private static void step(Mechanic m, String part, String shaft, String side) {
        m.newStep().fill(part);
        choose(m, "Shaft", shaft);
        choose(m, "Side", side);
    }

    private static void choose(Mechanic m, String group, String option) {
        m.page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName(group))
                .getByText(option, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    private static void readings(Mechanic m, String... readings) {
        for (int i = 0; i < readings.length; i++) {
            m.field("Reading " + (i + 1)).fill(readings[i]);
            m.page.keyboard().press("Enter");
        }
    }

    private static void inspect(Mechanic m) {
        m.goTo("Inspect");
        assertThat(m.region("What to look at").getByText("musts done, about")).isVisible();
        Plan.say(m, "wheel", "Every tooth", "initial pitting");
        Plan.take(m, "wheel", "Every tooth");
        assertThat(m.region("Found on wheel").getByText("noted, compare next time")).isVisible();
        Plan.take(m, "mesh of stage 1", "Spur, helical: backlash");
        readings(m, "0,31", "0.33", "o.32", "0.30");
        assertThat(m.text("“o.32” is not a number for indicator reading 3.")).isVisible();
        m.press("Take out reading 3, o.32 mm");
        readings(m);
        m.field("Reading 4").fill("0.32");
        m.page.keyboard().press("Enter");
        assertThat(m.page.getByText("Worn but usable").first()).isVisible();
        m.page.getByText("Show the working").first().click();
        assertThat(m.text("j_wt = q · r_w / R")).isVisible();
        m.press("Keep the measurement");
        assertThat(m.region("Kept measurements").getByText("Backlash, stage 1")).isVisible();

        m.press("+ Measuring room: every other way to measure and work out");
        m.press("Span, wheel 1");
        var span = m.region("Span of wheel 1, z 40");
        for (var reading : new String[] {"41.40", "41.38", "41.41"}) {
            span.getByLabel(Pattern.compile("^Reading \\d$")).fill(reading);
            m.page.keyboard().press("Enter");
        }
        span.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Keep the measurement"))
                .click();
        assertThat(m.region("Kept measurements").getByText("Span over 5, wheel 1, z 40"))
                .isVisible();
        m.expectAccessible("Inspect");
        m.press("− Measuring room: every other way to measure and work out");
        Plan.say(m, "shaft seal", "Is it whole", "sound");
        Plan.say(m, "input cover", "Is it whole", "sound");
        Plan.lookAtTheRest(m);
    }

    private static void decide(Mechanic m) {
        m.goTo("Decide");
        assertThat(m.text("Single use: it has been disturbed")).isVisible();
        m.press("Take the 3 proposals");
        assertThat(m.text("Every part is decided.")).isVisible();
        assertThat(m.region("To buy").getByText("shaft seal")).isVisible();
        m.expectAccessible("Decide");
    }

    private static void build(Mechanic m) {
        m.goTo("Build");
        assertThat(m.text("Fit wheel")).isVisible();
        m.expectAccessible("Build");
        m.press("Fitted Space");
        assertThat(m.text("Fit shaft seal")).isVisible();
        assertThat(m.text("Must be new")).isVisible();
        m.press("Skip for now");
        assertThat(m.text("Fit input cover")).isVisible();
        m.press("Fitted Space");
        assertThat(m.text("1 × shaft seal still on the bench")).isVisible();
        m.text("1 × shaft seal still on the bench").click();
        m.press("Fitted Space");
        assertThat(m.text("Nothing is left on the bench and nothing is missing.")).isVisible();
    }

    private static void set(Mechanic m) {
        m.goTo("Set");
        assertThat(m.text("As found:")).isVisible();
        readings(m, "0.22", "0.24", "0.23", "0.23");
        m.press("Keep the measurement");
        assertThat(m.region("Before and after").getByText("a real change")).isVisible();
        m.expectAccessible("Set");
    }

    private static void fill(Mechanic m) {
        m.goTo("Fill");
        m.press("Describe the sump");
        m.field("Coldest start").fill("0");
        m.field("Hottest surroundings").fill("30");
        m.field("Length").fill("420");
        m.field("Width").fill("260");
        m.field("Height").fill("200");
        m.field("its axis above the floor").fill("150");
        m.field("Level above the floor").fill("950");
        assertThat(m.text("Oil level 950 mm is outside 0 to 200 mm")).isVisible();
        m.field("Level above the floor").fill("95");
        assertThat(m.text("Fill 10.37 L to 95 mm.")).isVisible();
        m.press("Keep the place");
        assertThat(m.field("From")).containsText("Gear oil 320, mild EP: goes");
        m.field("From").selectOption("a can that is not on the shelf");
        m.field("Name on the can").fill("Mineral gear oil");
        m.field("Filled").fill("10,4");
        m.press("Keep what went in");
        assertThat(m.button("Kept")).isVisible();
        assertThat(m.text("10.4 L went in, 10.37 L were worked out: they agree.")).isVisible();
        m.expectAccessible("Fill");
    }

    private static void prove(Mechanic m) {
        m.goTo("Prove");
        assertThat(m.text("Not proved: P-02 turns free by hand").first()).isVisible();
        m.field("Surroundings").fill("22");
        m.field("After the run").fill("51.5");
        m.field("Length of the run").fill("60");
        m.press("Keep the run");
        assertThat(m.text("a rise of 29.5 K")).isVisible();
        Plan.goThrough(m, "What it shows before it leaves");
        m.goTo("Set");
        Plan.goThrough(m, "What is set, in this order");
        m.goTo("Prove");
        m.expectAccessible("Prove");
        m.press("Sign as Tomás Vega");
        m.showPin("1470");
        assertThat(m.text("nothing is changed any more")).isVisible();
    }

    private static void readReport(Mechanic m) throws IOException {
        m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Read the report"))
                .first()
                .click();
        var report = m.page.frameLocator("iframe");
        assertThat(report.getByRole(AriaRole.HEADING).first())
                .hasText("WSH-9 · Wash water pump reducer");
        m.expectAccessible("report");
        var number = m.page.url().replaceAll(".*/jobs/(\\d+)/.*", "$1");
        var pdf =
                m.context
                        .request()
                        .get(PackagedApp.address("/api/jobs/" + number + "/report.pdf"))
                        .body();
        try (var document = Loader.loadPDF(pdf)) {
            var text = new PDFTextStripper();
            text.setSortByPosition(true);
            Assertions.assertThat(text.getText(document))
                    .contains(
                            "WSH-9",
                            "Knocks at start",
                            "initial pitting",
                            "readings 0,31; 0.33; 0.30; 0.32 mm",
                            "shaft seal")
                    .contains("10,4 L", "51.5 °C", "Signed: Tomás Vega");
        }
    }
}

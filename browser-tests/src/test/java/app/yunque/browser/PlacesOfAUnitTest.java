package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Oil and grease by place: what may not go there, the level by hand, samples, and what falls due. */
@ExtendWith(PackagedApp.class)
class PlacesOfAUnitTest {

    private static void open(Mechanic m, String tag, String place) {
        m.page.navigate(PackagedApp.address("/units"));
        m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(tag)).click();
        m.region("Lubricated places")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(place))
                .click();
        assertThat(m.heading("What goes in, and how much")).isVisible();
    }

    @Test
    void sulphurGoesOnBronzeOnlyWithAReasonAndAName() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            m.page.navigate(PackagedApp.address("/jobs/10/fill"));
            m.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("worm box"))
                    .click();
            assertThat(m.field("From")).containsText("Worm oil 460, compounded: goes");
            var hypoid =
                    m.field("From")
                            .locator("option")
                            .filter(new Locator.FilterOptions().setHasText("Hypoid"));
            m.field("From").selectOption(hypoid.getAttribute("value"));
            assertThat(m.page.getByText("no: Active sulphur eats").last()).isVisible();
            m.field("Filled").fill("0.6");
            m.press("Keep what went in");
            assertThat(m.text("may not go there")).isVisible();
            assertThat(m.field("Filled")).hasValue("0.6");
            m.field("Why in spite of it").fill("maker's letter: copper strip 1b");
            m.field("Why another kind or grade").fill("maker's letter");
            m.press("Keep what went in");
            assertThat(m.button("Kept")).isVisible();
            assertThat(
                            m.page.getByRole(
                                    AriaRole.BUTTON,
                                    new Page.GetByRoleOptions().setName("worm box")))
                    .containsText("filled, Hypoid oil 220");
            m.expectAccessible("Fill by place");
        }
    }

    @Test
    void theLevelIsMovedByKeyboardAndKept() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            open(m, "CVB-4", "sump");
            var slider = m.field("Move the level");
            slider.focus();
            var before = Integer.parseInt(slider.inputValue());
            m.page.keyboard().press("ArrowRight");
            m.page.keyboard().press("ArrowRight");
            assertThat(m.text("to " + (before + 2) + " mm.")).isVisible();
            m.press("Keep this level");
            assertThat(m.button("Keep this level")).hasCount(0);
            m.page.reload();
            assertThat(m.text("to " + (before + 2) + " mm.")).isVisible();
            m.field("Done here").selectOption("topped up");
            m.field("Filled").fill("0.2");
            m.press("Keep what went in");
            assertThat(m.region("Put in so far"))
                    .containsText("topped up, Gear oil 220, mild EP, 0.2 L");
            m.expectAccessible("Place of a unit");
        }
    }

    @Test
    void aSampleJoinsTheYearsBeforeIt() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            open(m, "BRP-03", "sump");
            var samples = m.region("Oil samples");
            assertThat(
                            samples.getByRole(AriaRole.IMG)
                                    .filter(
                                            new Locator.FilterOptions()
                                                    .setHas(m.page.locator("circle")))
                                    .first())
                    .isVisible();
            m.press("Enter a sample");
            m.field("Drawn on").fill("2026-11-26");
            m.field("Hours on the meter").last().fill("100");
            m.field("Iron, ppm").fill("12");
            m.press("Keep the sample");
            assertThat(m.text("It cannot stand at 100 h")).isVisible();
            m.field("Hours on the meter").last().fill("17300");
            m.press("Keep the sample");
            assertThat(samples).containsText("16 on record");
            m.expectAccessible("Samples");
        }
    }

    @Test
    void whatFallsDueStandsInOneList() {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            m.page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Due").setExact(true))
                    .click();
            assertThat(m.region("Overdue")).containsText("pawls and ratchet: oiling");
            assertThat(m.region("In the next 30 days")).containsText("sump: run-in change");
            m.expectAccessible("Due");
            m.page.setViewportSize(390, 800);
            m.expectNoSidewaysScroll("Due");
            m.region("Overdue")
                    .getByRole(
                            AriaRole.LINK,
                            new Locator.GetByRoleOptions().setName("pawls and ratchet"))
                    .click();
            assertThat(m.text("Take Light oil for pawls from the shelf.")).isVisible();
            m.expectNoSidewaysScroll("Place of a unit");
        }
    }
}

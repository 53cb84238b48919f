package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicInteger;
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
            m.field("Drawn on").fill(LocalDate.now(ZoneOffset.UTC).minusDays(1).toString());
            m.field("Hours on the meter").last().fill("100");
            m.field("Iron, ppm").fill("12");
            m.press("Keep the sample");
            assertThat(m.text("It cannot stand at 100 h")).isVisible();
            m.field("Hours on the meter").last().fill("17300");
            m.press("Keep the sample");
            assertThat(samples).containsText("16 on record");
            samples.getByText("17300 h").click();
            m.press("Remove");
            assertThat(samples).containsText("15 on record");
            assertThat(samples).containsText("Taken away: the sample of");
            m.press("Put it back");
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

    /** A slip of the hand: corrected, taken away, had back; the shelf follows every time. */
    @Test
    void whatWasKeptByMistakeIsCorrectedOrTakenAway() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            open(m, "VFM-5", "bevel box");
            assertThat(m.field("From")).containsText("Gear oil 150, mild EP: goes");
            m.field("Filled").fill("2,1");
            m.press("Keep what went in");
            var kept = m.region("Put in so far");
            assertThat(kept).containsText("Gear oil 150, mild EP, 2,1 L");

            kept.getByRole(AriaRole.BUTTON).first().click();
            m.field("Filled").fill("1,2");
            m.press("Keep what went in");
            assertThat(kept).containsText("Gear oil 150, mild EP, 1,2 L");
            assertThat(kept).not().containsText("2,1 L");

            kept.getByRole(AriaRole.BUTTON).first().click();
            m.press("Take this record away");
            assertThat(kept).not().containsText("1,2 L");
            m.press("Put it back");
            assertThat(kept).containsText("1,2 L");
            m.expectAccessible("Put in so far");
        }
    }

    /** The answer to a write is lost on the way: pressing again keeps it once, and the can is drawn from once. */
    @Test
    void aLostAnswerKeepsOnce() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            open(m, "TRL-1", "headstock");
            m.field("Done here").selectOption("topped up");
            m.field("Filled").fill("0.4");
            var lost = new AtomicInteger();
            m.page.route(
                    "**/api/places/*/fills/*",
                    route -> {
                        if (lost.getAndIncrement() == 0) {
                            route.fetch();
                            route.abort();
                        } else {
                            route.resume();
                        }
                    });
            m.press("Keep what went in");
            assertThat(m.text("No connection: this is not kept yet. Try again.")).isVisible();
            assertThat(m.field("Filled")).hasValue("0.4");
            m.press("Keep what went in");
            assertThat(m.region("Put in so far").getByText("topped up, Headstock oil 32, 0.4 L"))
                    .hasCount(1);
            assertThat(m.text("kept a change")).hasCount(0);
        }
    }

    /** Two on one sheet: nothing is overwritten in silence, and the choice is shown field by field. */
    @Test
    void twoPeopleOnOneSheetSeeBothVersions() {
        try (var tomas = Mechanic.signedIn("Tomás Vega", "1470");
                var ines = Mechanic.signedIn("Inés Roldán", "2580")) {
            open(tomas, "TWS-6", "gearbox");
            open(ines, "TWS-6", "gearbox");
            tomas.press("Change the sheet");
            ines.press("Change the sheet");
            ines.field("Coldest start").fill("-9");
            ines.press("Keep the place");
            assertThat(ines.button("Change the sheet")).isVisible();
            tomas.field("Coldest start").fill("-3");
            tomas.press("Keep the place");
            var dialog =
                    tomas.page.getByRole(
                            AriaRole.DIALOG,
                            new Page.GetByRoleOptions().setName("Two people on one record"));
            assertThat(dialog).containsText("Coldest start");
            assertThat(dialog).containsText("-3 °C");
            assertThat(dialog).containsText("-9 °C");
            assertThat(dialog.getByRole(AriaRole.ROW)).hasCount(2);
            tomas.expectAccessible("conflict of a place");
            dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep mine"))
                    .click();
            assertThat(tomas.button("Change the sheet")).isVisible();
            ines.page.reload();
            ines.press("Change the sheet");
            assertThat(ines.field("Coldest start")).hasValue("-3");
        }
    }

    /** A place described on the unit, taken off and had back; its grease by bearing, speed and surroundings. */
    @Test
    void aBearingIsDescribedAndGreased() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            m.page.navigate(PackagedApp.address("/units"));
            m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("SCR-7")).click();
            m.press("Describe another place");
            m.field("Name of the place").fill("tail bearing");
            m.field("What it is").selectOption("greased rolling bearing");
            // What is missing leads to its field, and nobody's example stands in for a measurement.
            assertThat(m.field("Bore")).hasValue("");
            m.press("coldest start");
            m.page.keyboard().type("2");
            assertThat(m.button("coldest start")).hasCount(0);
            m.press("hottest surroundings");
            m.page.keyboard().type("34");
            // 0.005 · 90 · 24 g from the side.
            m.field("Bore").fill("40");
            m.field("Outside diameter").fill("90");
            m.field("Width").fill("24");
            m.field("Mass").fill("0.63");
            m.field("Speed").last().fill("1000");
            assertThat(m.text("10.8 g")).isVisible();
            m.field("It carries").selectOption("a machine-tool spindle");
            assertThat(m.text("15 %")).isVisible();
            m.press("Keep the place");
            var places = m.region("Lubricated places");
            places.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("tail bearing"))
                    .click();
            assertThat(m.text("injection under the skin")).isVisible();
            m.press("Change the sheet");
            m.press("Take it off the unit");
            assertThat(m.text("Taken away: tail bearing")).isVisible();
            m.press("Put it back");
            assertThat(m.text("each greasing")).isVisible();
        }
    }

    /** Cards of the shop: what was typed survives a reload, what was put away comes back. */
    @Test
    void aCardOfTheShopIsNotLost() {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            m.page.navigate(PackagedApp.address("/shop"));
            m.press("Add a lubricant");
            m.field("Name on the can").fill("Chain oil 100");
            m.field("Last good day").fill(LocalDate.now(ZoneOffset.UTC).plusDays(9).toString());
            m.page.reload();
            m.press("Add a lubricant");
            assertThat(m.field("Name on the can")).hasValue("Chain oil 100");
            m.press("Keep");
            var shelf = m.region("Oil and grease on the shelf");
            assertThat(shelf).containsText("Chain oil 100");
            m.press("Chain oil 100");
            m.press("Put away");
            assertThat(shelf).containsText("Taken away: Chain oil 100");
            m.press("Put it back");
            assertThat(m.button("Chain oil 100")).isVisible();
            m.expectAccessible("Shop");
            m.page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Due").setExact(true))
                    .click();
            m.region("In the next 30 days")
                    .getByRole(
                            AriaRole.LINK,
                            new Locator.GetByRoleOptions().setName("Chain oil 100: last good day"))
                    .click();
            // Off the shelf again: the other errands count on what stands there.
            m.press("Chain oil 100");
            m.press("Put away");
            assertThat(m.button("Chain oil 100")).hasCount(0);
        }
    }
}

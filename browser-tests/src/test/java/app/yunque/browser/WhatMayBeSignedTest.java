package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Units of which something is wrong, from arrival to a refused signature, then to a signed one. */
@ExtendWith(PackagedApp.class)
class WhatMayBeSignedTest {

    /** A bevel box worn past its limit is not signed by a mechanic; set right, it is worn but usable. */
    @Test
    void aWornBevelBoxIsRefusedUntilItIsSetRight() {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            Arrival.describe(m, "BVL-7", "right-angle bevel box", "enclosed power gearbox");
            m.field("Add a stage").selectOption("bevel pair");
            m.field("Teeth of the pinion").fill("15");
            m.field("Teeth of the wheel").fill("45");
            m.field("Module or DP at the heel").fill("4");
            m.field("Angle between the shafts").fill("90");
            m.field("Pressure angle").fill("20");
            m.field("Face width").fill("25");
            Arrival.openJob(m, "Growls under load");
            Arrival.takeOff(m, "cover input left");
            Arrival.takeOff(m, "bevel wheel output middle");

            m.goTo("Inspect");
            assertThat(m.region("What to look at").getByText("0 of")).isVisible();
            Plan.take(m, "mesh of stage 1", "Bevel, straight or spiral: backlash at the heel");
            readings(m, "0.55", "0.60", "0.52", "0.58");
            assertThat(m.region("Measuring room").getByText("Clear fail").first()).isVisible();
            m.press("Keep to this job");
            assertThat(m.region("Kept answers").getByText("Clear fail").first()).isVisible();
            Plan.say(m, "bevel wheel", "Every tooth", "normal sliding wear");
            Plan.say(m, "cover", "Is it whole", "sound");
            Plan.lookAtTheRest(m);
            assertThat(route(m).getByText("a measurement fails")).isVisible();

            m.goTo("Decide");
            m.press("Take the 2 proposals");
            assertThat(m.text("Every part is decided.")).isVisible();
            fitAll(m, 2);

            m.goTo("Set");
            measureBevel(m, "0.55", "0.60", "0.52", "0.58");
            m.press("Keep to this job");
            prove(m);
            assertThat(
                            m.region("Sign off")
                                    .getByText(
                                            "A measurement after the rebuild is outside its limits"))
                    .isVisible();
            m.press("Sign as Inés Roldán");
            assertThat(m.text("a lead who signs all the same says all four").first()).isVisible();

            m.goTo("Set");
            measureBevel(m, "0.25", "0.26", "0.25", "0.24");
            assertThat(m.region("Measuring room").getByText("Worn but usable").first()).isVisible();
            m.press("Keep to this job");
            m.goTo("Prove");
            assertThat(
                            m.region("Sign off")
                                    .getByText(
                                            "A measurement after the rebuild is outside its limits"))
                    .hasCount(0);
            signAllTheSame(m);
            readReport(m, "worn but usable");
        }
    }

    /** Nobody signs for a pawl that only looks whole: each check of its own is made first. */
    @Test
    void aWinchWithAPawlNobodyLookedAtIsSignedByNobody() {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            Arrival.describe(m, "HWN-3", "hand winch with pawls", "lifting or load holding");
            Arrival.openJob(m, "Slips back a tooth");
            Arrival.takeOff(m, "cover input left");
            Arrival.takeOff(m, "pawl input middle");
            m.goTo("Inspect");
            Plan.say(m, "cover", "Is it whole", "sound");

            m.goTo("Decide");
            m.press("Take the proposal");
            assertThat(m.text("1 part has to be looked at or measured first.")).isVisible();
            m.page.getByRole(
                            AriaRole.GROUP,
                            new Page.GetByRoleOptions().setName("Decision for step 2, pawl"))
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Reuse"))
                    .click();
            m.field("Why reuse?").fill("it looks all right");
            m.page.keyboard().press("Enter");
            assertThat(m.text("about a part that holds is a lead’s")).isVisible();
            m.showPin("2580");
            assertThat(m.text("Every part is decided.")).isVisible();
            fitAll(m, 2);
            prove(m);
            assertThat(m.text("Nobody signs while this is so:")).isVisible();
            assertThat(
                            m.region("Sign off")
                                    .getByText(
                                            "Holds, stops or carries the load, and is not looked at as it must be: pawl (2)"))
                    .isVisible();
            assertThat(m.button("Sign as Inés Roldán")).isDisabled();

            m.goTo("Inspect");
            Plan.say(m, "pawl", "Is it whole", "sound");
            Plan.say(m, "pawl", "Pawl nose", "square, sharp");
            Plan.say(m, "pawl", "Pull-in", "draws itself in");
            Plan.say(m, "pawl", "Swing", "snaps at once");
            Plan.lookAtTheRest(m);
            assertThat(m.text("every must answered").first()).isVisible();
            m.goTo("Set");
            // How pawls engage together shows only now.
            Plan.say(m, "pawl", "Pawls engaged together", "as made");
            m.goTo("Prove");
            assertThat(m.text("Nobody signs while this is so:")).hasCount(0);
            signAllTheSame(m);
            readReport(m, "draws itself in");
        }
    }

    private static Locator route(Mechanic m) {
        return m.page.getByRole(
                AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stations"));
    }

    private static void measureBevel(Mechanic m, String... readings) {
        m.page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("What to measure"))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Backlash, stage 1, bevel"))
                .click();
        readings(m, readings);
    }

    private static void readings(Mechanic m, String... readings) {
        // The papers of the unit stand in the drawer already.
        assertThat(m.field("Teeth of the wheel")).hasValue("45");
        for (int i = 0; i < readings.length; i++) {
            m.field("Reading " + (i + 1)).last().fill(readings[i]);
            m.page.keyboard().press("Enter");
        }
    }

    private static void fitAll(Mechanic m, int parts) {
        m.goTo("Build");
        for (int i = 0; i < parts; i++) {
            m.press("Fitted Space");
        }
        assertThat(m.text("Nothing is left on the bench and nothing is missing.")).isVisible();
    }

    private static void prove(Mechanic m) {
        m.goTo("Prove");
        if (m.field("Surroundings").count() > 0) {
            m.field("Surroundings").fill("22");
            m.field("After the run").fill("51.5");
            m.field("Length of the run").fill("60");
            m.press("Keep the run");
            assertThat(m.button("Kept")).isVisible();
        }
        Plan.goThrough(m, "What it shows before it leaves");
        m.goTo("Set");
        Plan.goThrough(m, "What is set, in this order");
        m.goTo("Prove");
    }

    private static void signAllTheSame(Mechanic m) {
        m.field("The risk that is taken").fill("greased by hand, no place described");
        m.field("Until then").fill("half load");
        m.field("Looked at again").fill("after 50 hours");
        m.expectAccessible("Prove");
        m.press("Sign as Inés Roldán");
        assertThat(m.text("Who told the customer is missing").first()).isVisible();
        m.field("Who told the customer").fill("Inés Roldán");
        m.press("Sign as Inés Roldán");
        m.field("PIN once more").fill("1111");
        m.press("Go on");
        assertThat(m.text("That PIN is not Inés Roldán’s.")).isVisible();
        m.expectAccessible("the PIN once more");
        m.showPin("2580");
        assertThat(m.text("nothing is changed any more")).isVisible();
    }

    private static void readReport(Mechanic m, String found) {
        m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Read the report"))
                .first()
                .click();
        var report = m.page.frameLocator("iframe");
        assertThat(report.getByText(found).first()).isVisible();
        assertThat(report.getByText("Next look: after 50 hours.").first()).isVisible();
    }
}

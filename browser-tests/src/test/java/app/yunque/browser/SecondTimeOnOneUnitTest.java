package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The reducer of the demo opened once more: what the last rebuild knew is at hand. */
@ExtendWith(PackagedApp.class)
class SecondTimeOnOneUnitTest {

    @Test
    void opensBrp03AgainInInchesAndSignsAsALead() {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            m.press("Lengths first in millimetres");
            openJob(m);
            m.field("Allowed by").fill("Works manager");
            m.press("Keep the permission");
            m.page.getByLabel("electric").check();
            m.page.getByLabel("hanging load").check();
            m.field("How it is locked and tagged").fill("breaker locked");
            Arrival.stepsOfIsolation(m);
            m.page.getByLabel("I tried to start it, and nothing moved").check();
            m.press("I have isolated it");

            takeOffWhatIsKnown(m);
            measureInThou(m);
            liftTheIsolation(m);
            signDespiteWhatIsOpen(m);
        }
    }

    private static void openJob(Mechanic m) {
        m.press("Open a job");
        m.press("Open the job");
        assertThat(m.text("Choose the unit.")).isVisible();
        m.field("Unit")
                .selectOption(
                        new com.microsoft.playwright.options.SelectOption()
                                .setLabel("BRP-03 · Brine lift pump gear reducer"));
        m.press("Open the job");
        assertThat(m.text("Complaint is missing.")).isVisible();
        m.field("Complaint").fill("Yearly look");
        m.press("Open the job");
        assertThat(m.heading("Arrival")).isVisible();
    }

    private static void takeOffWhatIsKnown(Mechanic m) {
        m.goTo("Strip");
        var known = m.region("Known from the last rebuild");
        assertThat(known.getByText("and 23 more known parts")).isVisible();
        known.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("drain plug"))
                .click();
        known.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("coupling half"))
                .click();
        assertThat(m.text("2 steps, 2 parts out")).isVisible();
        assertThat(m.region("Watch list").getByText("One way: coupling half")).isVisible();
        assertThat(
                        m.region("Shaft stack")
                                .getByRole(
                                        AriaRole.BUTTON,
                                        new Locator.GetByRoleOptions()
                                                .setName("shim 0.15 · in place")))
                .isVisible();

        var part =
                m.region("Shaft stack")
                        .getByRole(
                                AriaRole.BUTTON,
                                new Locator.GetByRoleOptions().setName("coupling half"));
        part.focus();
        m.page.keyboard().press("Enter");
        assertThat(m.region("Shaft stack").getByRole(AriaRole.STATUS))
                .hasText(
                        "step 2 · coupling half · on the bench · Long boss to the shaft end · tray A");
        m.page.keyboard().press("ArrowRight");
        assertThat(m.region("Shaft stack").getByRole(AriaRole.STATUS)).containsText("in place");
    }

    private static void measureInThou(Mechanic m) {
        m.goTo("Inspect");
        Plan.take(m, "mesh of stage 1", "Spur, helical: backlash");
        assertThat(m.text("After the last rebuild: 0.267 mm")).isVisible();
        m.field("Readings in").selectOption("thou");
        for (int i = 1; i <= 4; i++) {
            m.field("Reading " + i).fill("12");
            m.page.keyboard().press("Enter");
        }
        // 12 thou at R 66.3 on the working radius of 86 · 64/83: 0.305 mm, 12.0 thou; inches stand
        // first.
        assertThat(m.text("12.0 thou · 0.305 mm")).isVisible();
        m.field("Stylus radius").fill("90");
        assertThat(m.text("Stylus radius 90 mm is not on the flank of this gear")).isVisible();
        m.field("Stylus radius").fill("66.3");
        m.press("Keep the measurement");
        assertThat(Plan.row(m, "mesh of stage 1", "Spur, helical: backlash"))
                .containsText("in limits");
        m.region("Kept measurements").getByText("Backlash, stage 1").click();
        m.press("Remove");
        assertThat(Plan.row(m, "mesh of stage 1", "Spur, helical: backlash")).containsText("must");
    }

    private static void liftTheIsolation(Mechanic m) {
        m.goTo("Receive");
        m.press("Open: Isolation");
        m.press("The energy is back on");
        assertThat(m.text("shut until it is isolated")).isVisible();
        m.goTo("Strip");
        assertThat(m.text("Strip is shut: until it is isolated.")).isVisible();
        assertThat(m.button("Keep line ↵")).isDisabled();
    }

    private static void signDespiteWhatIsOpen(Mechanic m) {
        m.goTo("Prove");
        m.press("Sign as Inés Roldán");
        assertThat(m.text("a lead who signs all the same says all four")).isVisible();
        m.field("The risk that is taken").fill("closed up unopened, runs well");
        m.field("Until then").fill("no restriction but the plate's");
        m.field("Looked at again").fill("in a month");
        m.field("Who told the customer").fill("Inés Roldán");
        m.press("Sign as Inés Roldán");
        m.showPin("2580");
        assertThat(m.text("With something open: closed up unopened, runs well")).isVisible();
        m.goTo("Fill");
        assertThat(m.text("Nothing was kept for this place.")).isVisible();
        assertThat(m.button("Keep what went in")).hasCount(0);
    }

    @Test
    void showsTheHistoryOfAUnitAndWhatAViewerMay() {
        try (var m = Mechanic.signedIn("Visitor", "1234")) {
            m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Units")).click();
            m.page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Brine lift pump gear reducer"))
                    .click();
            assertThat(m.region("Backlash after each rebuild").getByText("Stage 2: 0.209 mm"))
                    .isVisible();
            m.expectAccessible("Unit");
            m.page.navigate(PackagedApp.address("/jobs/5/receive"));
            m.field("Allowed by").fill("myself");
            m.field("Reference").fill("none");
            m.press("Keep the permission");
            assertThat(m.text("You may look but not change this: sign in as a mechanic or a lead."))
                    .isVisible();
            assertThat(m.field("Allowed by")).hasValue("myself");
            m.page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Visitor").setExact(true))
                    .click();
            m.page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Keys"))
                    .click();
            assertThat(m.text("go to a station of the job")).isVisible();
            assertThat(m.page.getByRole(AriaRole.MENUITEM)).hasCount(0);
            m.expectAccessible("Keys");
        }
    }

    @Test
    void changesTheCountOfShimsOnPurpose() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            m.page.navigate(PackagedApp.address("/jobs/4/build"));
            m.page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Card 16, Fit 2 × gasket, open"))
                    .click();
            assertThat(m.text("Must be new")).isVisible();
            m.press("+ The count differs from what came off (2)");
            m.field("New").fill("three");
            assertThat(m.text("“three” is not a whole number of pieces.")).isVisible();
            m.field("New").fill("3");
            m.field("Wanted on purpose").fill("3");
            m.press("Fitted Space");
            assertThat(m.text("Say why the count was changed on purpose.")).isVisible();
            m.field("Why the count changed").fill("play was tight");
            m.press("Fitted Space");
            assertThat(m.text("7 of 21 fitted")).isVisible();
            m.page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Card 16, Fit 2 × gasket, fitted"))
                    .click();
            assertThat(m.text("0 from the bench, 3 new.")).isVisible();
            m.press("Take it back");
            assertThat(m.text("6 of 21 fitted")).isVisible();
        }
    }
}

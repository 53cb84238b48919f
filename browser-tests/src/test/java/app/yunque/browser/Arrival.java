package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** A unit comes in: it is described, a job is opened, it is isolated, and parts come off. */
final class Arrival {
    private Arrival() {}

    /** The form of a new unit, filled in as far as every kind has it; its stages are the test's own. */
    static void describe(Mechanic m, String tag, String kind, String duty) {
        m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Units")).click();
        m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Describe a new unit"))
                .click();
        m.field("Kind of gearbox").fill(kind);
        m.field("Tag").fill(tag);
        m.field("Name").fill("Test of the whole way");
        m.field("Duty").selectOption(duty);
    }

    /** Keeps the unit, and goes on to Strip. */
    static void openJob(Mechanic m, String complaint) {
        m.press("Keep the unit");
        m.press("Open a job");
        m.field("Complaint").fill(complaint);
        m.press("Open the job");
        m.field("Allowed by").fill("Works manager");
        m.press("Keep the permission");
        m.page.getByLabel("electric").check();
        m.field("How it is locked and tagged").fill("breaker locked, own padlock");
        stepsOfIsolation(m);
        m.page.getByLabel("I tried to start it, and nothing moved").check();
        m.press("I have isolated it");
        assertThat(m.text("Confirmed by Inés Roldán")).isVisible();
        m.goTo("Strip");
    }

    /** Everything that stands under "Done at these sources". */
    static void stepsOfIsolation(Mechanic m) {
        var steps =
                m.page.getByRole(
                                AriaRole.GROUP,
                                new Page.GetByRoleOptions().setName("Done at these sources"))
                        .getByRole(AriaRole.CHECKBOX);
        assertThat(steps.first()).isVisible();
        for (int i = 0; i < steps.count(); i++) {
            steps.nth(i).check();
        }
    }

    static void takeOff(Mechanic m, String line) {
        var field =
                m.page.getByLabel(
                        "Quick line: type what comes off or what you do, in any order of words");
        field.fill(line);
        m.page.keyboard().press("Enter");
        assertThat(field).hasValue("");
    }
}

package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** Works through the plan of checks and the lists of setting and proving, as a mechanic does with taps and keys. */
final class Plan {
    private static final int MOST = 120;
    private static final Pattern ALL_ANSWERED = Pattern.compile("All \\d+ musts answered");

    private Plan() {}

    static Locator card(Mechanic m) {
        return m.region("Check in hand");
    }

    /** Takes one check of one part in hand. */
    static void take(Mechanic m, String part, String lookAt) {
        m.page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Must be answered"))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(part))
                .filter(new Locator.FilterOptions().setHasText(lookAt))
                .first()
                .click();
        assertThat(card(m).getByText(lookAt).first()).isVisible();
    }

    /** One tap on a fixed word, one on Keep. */
    static void say(Mechanic m, String part, String lookAt, String word) {
        take(m, part, lookAt);
        card(m).getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions()
                                .setName(Pattern.compile("^(\\d )?" + escaped(word) + "$")))
                .click();
        card(m).getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^Keep.*↵$")))
                .click();
        assertThat(row(m, part, lookAt)).containsText(word);
    }

    /** As a browser reads a pattern. */
    private static String escaped(String word) {
        return word.replaceAll("[.*+?^${}()|\\[\\]\\\\]", "\\\\$0");
    }

    static Locator row(Mechanic m, String part, String lookAt) {
        return m.page.getByRole(
                        AriaRole.LIST, new Page.GetByRoleOptions().setName("Must be answered"))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(part))
                .filter(new Locator.FilterOptions().setHasText(lookAt))
                .first();
    }

    /** Answers every must that is open, by key and Enter where it has words, else with a reading well inside its limits. */
    static void lookAtTheRest(Mechanic m) {
        var plan = m.region("What to look at");
        var open = plan.locator("[data-tone='open']");
        for (int i = 0; i < MOST && !isDone(plan); i++) {
            var row = open.first();
            var key = row.getAttribute("data-key");
            row.click();
            var group =
                    card(m).getByRole(
                                    AriaRole.GROUP,
                                    new Locator.GetByRoleOptions()
                                            .setName(Pattern.compile("^Found at ")));
            assertThat(card(m).getByRole(AriaRole.HEADING).first()).isVisible();
            if (group.count() > 0) {
                m.page.keyboard().press("1");
                m.page.keyboard().press("Enter");
            } else {
                measure(m);
            }
            assertThat(plan.locator("[data-key='%s'][data-tone='open']".formatted(key)))
                    .hasCount(0);
        }
        assertThat(plan.getByText(ALL_ANSWERED)).isVisible();
    }

    private static boolean isDone(Locator plan) {
        return plan.getByText(ALL_ANSWERED).count() > 0;
    }

    /** Any reading against its limits, as a share. */
    static void measure(Mechanic m) {
        var room = m.region("Measuring room");
        // A check that a rule measures opens with its drawer; any reading is taken here.
        room.getByLabel("Measure or work out").selectOption("A reading against its limits");
        room.getByLabel("Measured is").selectOption("a share, an angle, a force");
        room.getByLabel("Reading 1").last().fill("1");
        m.page.keyboard().press("Enter");
        room.getByLabel("Good to ±").fill("0.1");
        room.getByLabel("With wear it").selectOption("grows: play, loss, run-out");
        room.getByLabel("Least (of what shrinks: most) of a new one").fill("");
        room.getByLabel("Most (of what shrinks: least) of a new one").fill("2");
        room.getByLabel("Renew from").fill("4");
        assertThat(room.getByText("Clear pass").first()).isVisible();
        m.press("Keep to this job");
    }

    /** Does every step of a list that is open. */
    static void goThrough(Mechanic m, String title) {
        var list = m.region(title);
        for (int i = 0; i < MOST && list.locator("[data-state='OPEN']").count() > 0; i++) {
            var open =
                    list.locator("[data-state='OPEN']")
                            .filter(
                                    new Locator.FilterOptions()
                                            .setHasNot(
                                                    m.page.getByText(
                                                            "temperature after the run, steady")));
            if (open.count() == 0) {
                return;
            }
            int before = open.count();
            var head = open.first().getByRole(AriaRole.BUTTON).first();
            if (!"true".equals(head.getAttribute("aria-expanded"))) {
                head.click();
            }
            var keep =
                    open.first()
                            .getByRole(
                                    AriaRole.BUTTON,
                                    new Locator.GetByRoleOptions()
                                            .setName(Pattern.compile("^(Done|Keep the reading)$")));
            if (keep.textContent().startsWith("Keep")) {
                open.first().getByRole(AriaRole.TEXTBOX).first().fill("0");
            }
            keep.click();
            assertThat(open).hasCount(before - 1);
        }
    }
}

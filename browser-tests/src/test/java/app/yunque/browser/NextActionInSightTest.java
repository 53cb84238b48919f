package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is done next stands in the first screen, with nothing over it, on the bench's screen and on the tablet. */
@ExtendWith(PackagedApp.class)
class NextActionInSightTest {

    @ParameterizedTest(name = "{0}x{1}")
    @CsvSource({"1280, 800", "1024, 768"})
    void onEveryOpenDemoJob(int width, int height) {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            m.page.setViewportSize(width, height);
            for (int job = FIRST_OPEN; job <= LAST_OPEN; job++) {
                in(m, job, "receive");
                inSight(m, height, nextAtReceive(m, job));
                in(m, job, "inspect");
                inSight(m, height, starting(m, KEEP));
                in(m, job, "set");
                inSight(m, height, button(m, "Done"));
                in(m, job, "fill");
                inSight(m, height, nextAtFill(m, job));
                in(m, job, "prove");
                inSight(m, height, button(m, "Done"));
            }
            for (int job : new int[] {4, 6, 7}) {
                in(m, job, "strip");
                inSight(m, height, button(m, "Keep line ↵"));
                in(m, job, "build");
                var skip =
                        m.page.getByRole(AriaRole.ARTICLE)
                                .getByRole(
                                        AriaRole.BUTTON,
                                        new Locator.GetByRoleOptions().setName("Skip for now"));
                inSight(m, height, skip);
            }
        }
    }

    /** Job 5 waits for its permission; of the others each record stands in a line that opens. */
    private static Locator nextAtReceive(Mechanic m, int job) {
        return button(m, job == 5 ? "Keep the permission" : "Change: Turn count");
    }

    /** A unit whose places nobody described asks for the first of them. */
    private static Locator nextAtFill(Mechanic m, int job) {
        var places =
                m.page.getByRole(
                        AriaRole.NAVIGATION,
                        new Page.GetByRoleOptions().setName("Lubricated places"));
        assertThat(places).isAttached();
        return places.getByRole(AriaRole.BUTTON).count() == 0
                ? starting(m, DESCRIBE)
                : starting(m, KEPT);
    }

    private static Locator starting(Mechanic m, Pattern name) {
        return m.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name)).first();
    }

    private static final int FIRST_OPEN = 4;
    private static final int LAST_OPEN = 14;
    private static final Pattern KEEP = Pattern.compile("^Keep, and on to ");
    private static final Pattern DESCRIBE = Pattern.compile("^Describe ");
    private static final Pattern KEPT = Pattern.compile("^(?:Kept|Keep what went in)$");

    private static Locator button(Mechanic m, String name) {
        return m.page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    private static void in(Mechanic m, int job, String station) {
        m.page.navigate(PackagedApp.address("/jobs/" + job + "/" + station));
        assertThat(m.page.getByText("Opening…")).hasCount(0);
    }

    /** Wholly in the first screen, and what lies at its middle is the control itself. */
    private static void inSight(Mechanic m, int height, Locator control) {
        assertThat(control).isVisible();
        var box = control.boundingBox();
        var where = m.page.url();
        assertThat(box.y).as(where).isGreaterThanOrEqualTo(0);
        assertThat(box.y + box.height).as(where).isLessThanOrEqualTo(height);
        var hit =
                (Boolean)
                        control.evaluate(
                                "e => { const b = e.getBoundingClientRect(); const at = document.elementFromPoint(b.x + b.width / 2, b.y + b.height / 2); return e.contains(at); }");
        assertThat(hit).as("nothing over it at " + where).isTrue();
    }
}

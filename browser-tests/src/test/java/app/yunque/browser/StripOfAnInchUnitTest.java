package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * An inch unit with a part that was missing and one that was wrong, from the first typed line to a ledger that balances: what belongs there
 * is asked for, and figures stand as the wrench and the plate say them. Common practice, no source.
 */
@ExtendWith(PackagedApp.class)
class StripOfAnInchUnitTest {
    private static Locator card(Mechanic m) {
        return m.page.getByRole(AriaRole.ARTICLE);
    }

    private static void fitted(Mechanic m) {
        card(m).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Fitted"))
                .click();
    }

    @Test
    void balancesOverWhatBelongsThere() {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            Arrival.describe(m, "INCH-1", "worm reducer", "enclosed power gearbox");
            m.field("Add a stage").selectOption("worm of which only starts and teeth are known");
            Map.of("Starts of the worm", "1", "Teeth of the worm wheel", "40")
                    .forEach((field, value) -> m.field(field).fill(value));
            Arrival.openJob(m, "Shear pin did not shear");
            assertThat(m.text("Lay out before the first screw: 0 of")).isVisible();
            m.page.getByLabel("hex keys and sockets, metric and inch").check();
            assertThat(m.text("Lay out before the first screw: 1 of")).isVisible();

            Arrival.takeOff(m, "input cover 6x 1/4-20 x 3/4 and 2x 1/4-20 x 1-1/2, tray A");
            Arrival.takeOff(
                    m,
                    "plain bolt 3/8-16 x 2 finger tight, fitted where the shoulder bolt belongs, tray B");
            Arrival.takeOff(m, "no circlip on the output shaft, should be one");
            Arrival.takeOff(m, "worm wheel output middle, 31 kg, tray C");
            var log = m.region("Steps");
            assertThat(log.getByText("0.75 in (19.1 mm)")).isVisible();
            assertThat(log.getByText("1.5 in (38.1 mm)")).isVisible();
            assertThat(log.getByText("missing when it was opened")).isVisible();
            var watch = m.region("Watch list");
            assertThat(watch.getByText("Missing: circlip")).isVisible();
            assertThat(watch.getByText("Does not belong there: plain bolt")).isVisible();
            assertThat(watch.getByText("Heavy: worm wheel, 31 kg")).isVisible();
            m.expectAccessible("the log of an inch unit");

            m.press("Change step 1");
            m.field("Tray or bag").fill("box 4");
            m.press("Keep the change");
            assertThat(log.getByText("box 4")).isVisible();

            m.goTo("Build");
            fitted(m);
            assertThat(card(m).getByText("it was missing")).isVisible();
            assertThat(card(m).getByText("Must be new")).isVisible();
            fitted(m);
            assertThat(card(m).getByText("Fit shoulder bolt")).isVisible();
            assertThat(card(m).getByText("not the plain bolt that came out")).isVisible();
            fitted(m);
            assertThat(card(m).getByText("1/4-20").first()).isVisible();
            fitted(m);
            assertThat(m.text("Nothing is left on the bench and nothing is missing.")).isVisible();
            // Nothing came off of what was missing, one new one went in, nothing is left over.
            var row =
                    m.page.getByRole(
                            AriaRole.ROW, new Page.GetByRoleOptions().setName("3 circlip"));
            assertThat(row).containsText(Pattern.compile("circlip.*0\\s*0\\s*1\\s*0\\s*0\\s*0"));
        }
    }
}

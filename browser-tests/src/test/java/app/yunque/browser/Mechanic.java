package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.assertj.core.api.Assertions;

/** Somebody in front of the screen: finds things by role and visible text only. */
final class Mechanic implements AutoCloseable {
    final BrowserContext context;
    final Page page;

    Mechanic(int width, int height) {
        this(width, height, PackagedApp.address("/"));
    }

    /** In front of another app than the one of all tests. */
    Mechanic(int width, int height, String address) {
        this(PackagedApp.browser(), width, height, address);
    }

    /** In a browser of their own. */
    Mechanic(Browser browser, int width, int height, String address) {
        context =
                browser.newContext(new Browser.NewContextOptions().setViewportSize(width, height));
        page = context.newPage();
        page.navigate(address);
    }

    private Mechanic(BrowserContext context) {
        this.context = context;
        page = context.newPage();
    }

    /** The same person on the same device, in another tab. */
    Mechanic anotherTab() {
        return new Mechanic(context);
    }

    static Mechanic signedIn(String name, String pin) {
        var mechanic = new Mechanic(1280, 800);
        mechanic.signIn(name, pin);
        return mechanic;
    }

    void signIn(String name, String pin) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name)).check();
        field("PIN").fill(pin);
        press("Sign in");
        assertThat(heading("Floor")).isVisible();
    }

    /** What binds the shop asks for the PIN again. */
    void showPin(String pin) {
        field("PIN once more").fill(pin);
        press("Go on");
        assertThat(field("PIN once more")).hasCount(0);
    }

    void press(String button) {
        button(button).click();
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name)).first();
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** What came off, by fields: they are opened where the line still stands. */
    Locator newStep() {
        var line = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Quick line"));
        var what = field("What came off");
        assertThat(line.or(what).first()).isVisible();
        if (line.isVisible()) {
            press("By fields instead");
        }
        return what;
    }

    Locator heading(String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator region(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A line of the strip with exactly these words. */
    Locator step(String words) {
        return region("Steps").getByText(words, new Locator.GetByTextOptions().setExact(true));
    }

    Locator text(String words) {
        return page.getByText(words).first();
    }

    void goTo(String station) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stations"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(station))
                .click();
        assertThat(heading(station)).isAttached();
        assertThat(page.getByText("Opening…")).hasCount(0);
    }

    /** Axe finds nothing against WCAG 2.2 A and AA. */
    void expectAccessible(String where) {
        var found =
                new AxeBuilder(page)
                        .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                        .analyze()
                        .getViolations();
        Assertions.assertThat(found)
                .as("axe on " + where)
                .extracting(
                        rule ->
                                rule.getId()
                                        + ": "
                                        + rule.getNodes().stream()
                                                .map(n -> n.getHtml())
                                                .limit(3)
                                                .toList())
                .isEmpty();
    }

    void expectNoSidewaysScroll(String where) {
        var over =
                (Number) page.evaluate("document.documentElement.scrollWidth - window.innerWidth");
        Assertions.assertThat(over.intValue())
                .as("pixels too wide, " + where)
                .isLessThanOrEqualTo(0);
    }

    @Override
    public void close() {
        context.close();
    }
}

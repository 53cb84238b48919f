package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(PackagedApp.class)
class NothingIsLostTest {

    private static void openStrip(Mechanic m) {
        m.page.navigate(PackagedApp.address("/jobs/4/strip"));
        assertThat(m.heading("Off so far")).isVisible();
    }

    @Test
    void keepsStepsTypedWithoutAConnectionAndSendsThemLater() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            openStrip(m);
            m.context.setOffline(true);
            m.newStep().fill("oil scraper");
            m.page.keyboard().press("Enter");
            assertThat(m.text("no connection: 1 waiting on this device")).isVisible();
            m.newStep().fill("baffle plate");
            m.page.keyboard().press("Enter");
            assertThat(m.text("step: oil scraper; step: baffle plate")).isVisible();

            m.context.setOffline(false);
            assertThat(m.step("baffle plate")).isVisible();
            assertThat(m.step("oil scraper")).isVisible();
            assertThat(m.text("waiting on this device")).not().isVisible();
            m.press("Undo: added baffle plate");
            m.press("Undo: added oil scraper");
            assertThat(m.step("oil scraper")).hasCount(0);
        }
    }

    @Test
    void bringsBackWhatWasTypedAfterAReload() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            openStrip(m);
            m.newStep().fill("half-typed thing");
            m.field("Pieces").fill("two");
            m.page.reload();
            assertThat(m.field("What came off")).hasValue("half-typed thing");
            m.press("Keep ↵");
            assertThat(m.text("“two” is not a whole number of pieces.")).isVisible();
            assertThat(m.field("What came off")).hasValue("half-typed thing");
        }
    }

    @Test
    void twoTabsOnOneFormEachKeepWhatWasTypedInThem() {
        try (var first = Mechanic.signedIn("Tomás Vega", "1470")) {
            openStrip(first);
            first.newStep().fill("half a wheel");
            var second = first.anotherTab();
            openStrip(second);
            assertThat(second.newStep()).hasValue("");
            second.newStep().fill("half a cover");
            first.page.reload();
            assertThat(first.field("What came off")).hasValue("half a wheel");
            second.page.close();

            var third = first.anotherTab();
            openStrip(third);
            assertThat(third.field("What came off")).hasValue("half a cover");
            first.page.reload();
            assertThat(first.field("What came off")).hasValue("half a wheel");
        }
    }

    @Test
    void showsBothVersionsWhenTwoPeopleChangeOneStep() {
        try (var tomas = Mechanic.signedIn("Tomás Vega", "1470");
                var ines = Mechanic.signedIn("Inés Roldán", "2580")) {
            openStrip(tomas);
            openStrip(ines);
            tomas.press("Change step 2");
            ines.press("Change step 2");
            ines.field("Note").fill("two-leg puller");
            ines.press("Keep the change");
            assertThat(ines.step("two-leg puller")).isVisible();

            tomas.field("Note").fill("wedge it, do not pull");
            tomas.press("Keep the change");
            var dialog =
                    tomas.page.getByRole(
                            AriaRole.DIALOG,
                            new Page.GetByRoleOptions().setName("Two people on one record"));
            assertThat(dialog).containsText("Inés Roldán kept a change to this");
            assertThat(dialog).containsText("wedge it, do not pull");
            assertThat(dialog).containsText("two-leg puller");
            tomas.expectAccessible("conflict");
            tomas.press("Keep mine");
            assertThat(ines.step("wedge it, do not pull")).isVisible();
        }
    }

    @Test
    void asksForASignInWhenTheSessionEndedAndKeepsTheEntry() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            openStrip(m);
            var what = m.newStep();
            // On a busy machine the kinds come after the form; a name that is typed before is not
            // told a kind.
            assertThat(m.field("Kind")).containsText("pin");
            what.fill("dowel pin");
            assertThat(m.field("Kind")).hasValue("PIN");
            // The session ends as the entry goes out: what else is asked at that time must not come
            // first.
            var once = new AtomicBoolean();
            m.page.route(
                    url -> url.contains("/steps/"),
                    route -> {
                        if (once.getAndSet(true)) {
                            route.resume();
                            return;
                        }
                        m.context.clearCookies(
                                new BrowserContext.ClearCookiesOptions().setName("YUNQUE"));
                        route.fulfill(
                                new Route.FulfillOptions()
                                        .setStatus(401)
                                        .setContentType("application/problem+json")
                                        .setBody(
                                                "{\"status\":401,\"title\":\"Unauthorized\",\"detail\":\"Sign in first.\"}"));
                    });
            m.page.keyboard().press("Enter");
            assertThat(m.heading("Who is at the bench?")).isVisible();
            m.page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Tomás Vega"))
                    .check();
            m.field("PIN").fill("1470");
            m.press("Sign in");
            assertThat(m.step("dowel pin")).isVisible();
            m.press("Undo: added dowel pin");
            assertThat(m.step("dowel pin")).hasCount(0);
        }
    }

    /** Two tabs of one device, both without a line, both closed before it is back. */
    @Test
    void losesNothingThatTwoTabsTypedWithoutAConnection() {
        try (var first = Mechanic.signedIn("Tomás Vega", "1470")) {
            openStrip(first);
            var second = first.anotherTab();
            openStrip(second);
            first.context.setOffline(true);
            type(first, "grease shield");
            type(second, "thrust collar");
            type(first, "wave washer");
            assertThat(first.text("3 waiting on this device")).isVisible();
            second.page.close();
            first.page.close();

            first.context.setOffline(false);
            var later = first.anotherTab();
            openStrip(later);
            for (var part : List.of("grease shield", "thrust collar", "wave washer")) {
                assertThat(later.step(part)).isVisible();
            }
            assertThat(later.text("waiting on this device")).not().isVisible();
            for (int i = 0; i < 3; i++) {
                later.page
                        .getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions()
                                        .setName(Pattern.compile("^Undo: added")))
                        .click();
            }
            assertThat(later.step("grease shield")).hasCount(0);
        }
    }

    /** A shift under the floor: what was opened before opens again, and what is typed arrives once when the line is back. */
    @Test
    void worksOnWithoutALineEvenAfterAReload() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            m.page.evaluate(
                    "() => new Promise((done) => navigator.serviceWorker.controller ? done() : navigator.serviceWorker.addEventListener('controllerchange', () => done(), { once: true }))");
            openStrip(m);
            m.goTo("Inspect");
            m.goTo("Strip");
            m.context.setOffline(true);
            m.page.reload();
            assertThat(m.heading("Strip")).isAttached();
            assertThat(m.text("no connection: as of")).isVisible();
            type(m, "felt ring");
            assertThat(m.text("1 waiting on this device")).isVisible();
            m.page.reload();
            assertThat(m.text("1 waiting on this device")).isVisible();
            m.goTo("Inspect");
            assertThat(m.text("1 waiting on this device")).isVisible();
            m.page.navigate(PackagedApp.address("/jobs/1/build"));
            assertThat(m.text("The job cannot be fetched. Check the connection")).isVisible();

            m.context.setOffline(false);
            openStrip(m);
            assertThat(m.step("felt ring")).isVisible();
            assertThat(m.step("felt ring")).hasCount(1);
            assertThat(m.page.getByText("waiting on this device")).hasCount(0);
            m.press("Undo: added felt ring");
            assertThat(m.step("felt ring")).hasCount(0);
        }
    }

    private static void type(Mechanic m, String part) {
        m.newStep().fill(part);
        m.page.keyboard().press("Enter");
        assertThat(m.field("What came off")).hasValue("");
    }

    /** What one typed is not kept under the name of the next who signs in. */
    @Test
    void keepsAnEntryForTheOneWhoMadeIt() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            openStrip(m);
            // Typed first: the screen asks for news by itself, and would ask for a sign-in.
            m.newStep().fill("split cone");
            m.context.clearCookies(
                    new com.microsoft.playwright.BrowserContext.ClearCookiesOptions()
                            .setName("YUNQUE"));
            m.page.keyboard().press("Enter");
            assertThat(m.heading("Who is at the bench?")).isVisible();
            signInAgain(m, "Aitana Luna", "3690");
            assertThat(m.text("1 of Tomás Vega waits here for a sign-in")).isVisible();
            assertThat(m.step("split cone")).hasCount(0);

            m.button("Aitana Luna").click();
            m.page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                    .click();
            signInAgain(m, "Tomás Vega", "1470");
            assertThat(m.step("split cone")).isVisible();
            m.press("Undo: added split cone");
            assertThat(m.step("split cone")).hasCount(0);
        }
    }

    private static void signInAgain(Mechanic m, String name, String pin) {
        m.page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name)).check();
        m.field("PIN").fill(pin);
        m.press("Sign in");
    }

    @Test
    void tellsAWrongPinAndAnUnknownJob() {
        try (var m = new Mechanic(1280, 800)) {
            m.page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Visitor"))
                    .check();
            m.field("PIN").fill("9999");
            m.page.keyboard().press("Enter");
            assertThat(m.text("That PIN is not Visitor’s. Tries left: 4.")).isVisible();
            m.expectAccessible("sign-in");
            m.signIn("Visitor", "1234");
            m.expectAccessible("Floor");
            m.page.navigate(PackagedApp.address("/jobs/4711"));
            assertThat(m.text("There is no job 4711. Look on the Floor.")).isVisible();
        }
    }

    @ParameterizedTest(name = "{0} px wide")
    @CsvSource({"1280, 800", "1024, 768", "390, 844"})
    void fitsTheScreenWithoutSidewaysScrolling(int width, int height) {
        try (var m = new Mechanic(width, height)) {
            m.signIn("Inés Roldán", "2580");
            m.expectNoSidewaysScroll("Floor");
            for (var station :
                    new String[] {
                        "Receive", "Strip", "Inspect", "Decide", "Build", "Set", "Fill", "Prove"
                    }) {
                m.page.navigate(PackagedApp.address("/jobs/4/" + station.toLowerCase()));
                assertThat(m.heading(station)).isAttached();
                assertThat(m.page.getByText("Opening…")).hasCount(0);
                m.expectNoSidewaysScroll(station);
            }
        }
    }

    @Test
    void worksByKeyboardAloneAndInTheDim() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            openStrip(m);
            m.press("Dim for the night shift");
            m.page.keyboard().press("Alt+5");
            assertThat(m.text("Fit ball bearing 6209")).isVisible();
            m.expectAccessible("Build in the dim");
            m.heading("Build").evaluate("() => document.activeElement.blur()");
            m.page.keyboard().press("Space");
            assertThat(m.text("7 of 21 fitted")).isVisible();
            m.page.keyboard().press("ArrowLeft");
            m.press("Take it back");
            assertThat(m.text("6 of 21 fitted")).isVisible();
            for (int station = 1; station <= 8; station++) {
                m.page.keyboard().press("Alt+" + station);
                assertThat(m.page.getByText("Opening…")).hasCount(0);
                m.expectAccessible("station " + station + " in the dim");
            }
        }
    }
}

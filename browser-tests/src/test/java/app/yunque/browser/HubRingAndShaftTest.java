package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * The puzzle of the blind shaft, told where it is seen: a hub that has to be inside before its shaft, a snap ring that goes on inside, a
 * thick end that does not pass the small bore. Then the order of the rebuild, with the reason of each step.
 */
@ExtendWith(PackagedApp.class)
class HubRingAndShaftTest {
    @Test
    void solvesThePuzzleOnThePicture() {
        try (var m = Mechanic.signedIn("Aitana Luna", "3690")) {
            int number =
                    StripAndRebuildFeedGearboxTest.openedJob(
                            m, "{\"axes\":[\"bore A\"],\"openings\":[]}");
            m.page.navigate(PackagedApp.address("/jobs/" + number + "/strip"));
            log(
                    m,
                    "top cover",
                    "end cover shaft 1 right",
                    "snap ring shaft 1 left",
                    "feed shaft shaft 1 middle",
                    "gear hub shaft 1 middle");
            m.press("Order and openings");

            opening(m, "left wall", "small bore", "35", "nothing: it is always open");
            opening(m, "right wall", "large bore", "62", "end cover");
            opening(m, "top", "top opening", "60", "top cover");
            assertThat(wall(m, "right wall").getByText("closed by end cover")).isVisible();

            tap(m, "feed shaft");
            m.field("Shape").selectOption("shaft with steps");
            m.press("One step more");
            step(m, 1, "30", "60");
            step(m, 2, "34", "70");
            step(m, 3, "58", "20");
            m.press("Keep the sizes");
            assertThat(m.page.getByRole(AriaRole.IMG, named("Steps of the feed shaft")))
                    .isVisible();

            tap(m, "gear hub");
            m.field("Shape").selectOption("round");
            m.field("Largest diameter").fill("96");
            m.page.getByLabel("Length", new Page.GetByLabelOptions().setExact(true)).fill("28");
            m.field("Bore").fill("34");
            m.press("Keep the sizes");

            var follows = m.region("What follows for the rebuild");
            assertThat(follows)
                    .containsText(
                            "Gear hub goes in before the feed shaft: gear hub, Ø96 × 28, does not pass the large bore (Ø62) by which the shaft leaves.");
            assertThat(follows)
                    .containsText(
                            "Feed shaft goes in before the snap ring: the snap ring would be drawn against the gear hub, which stays inside.");
            m.expectAccessible("what blocks what, on the picture");

            m.goTo("Build");
            m.page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Order").setExact(true))
                    .click();
            var order = m.page.getByRole(AriaRole.LIST, named("Planned order")).locator("> li");
            assertThat(order).hasCount(5);
            var told = order.allInnerTexts();
            Assertions.assertThat(place(told, "gear hub")).isLessThan(place(told, "feed shaft"));
            Assertions.assertThat(place(told, "feed shaft")).isLessThan(place(told, "snap ring"));
            Assertions.assertThat(place(told, "feed shaft")).isLessThan(place(told, "end cover"));
            Assertions.assertThat(place(told, "snap ring")).isLessThan(place(told, "top cover"));
            var ring = order.nth(place(told, "snap ring"));
            ring.getByText("why here").click();
            assertThat(ring)
                    .containsText("not before feed shaft: the snap ring would be drawn against");
            m.expectAccessible("the planned order with its reasons");
            m.press("Use the planned order");
            assertThat(m.text("planned order, chosen by Aitana Luna")).isVisible();

            card(m, "Fit feed shaft").click();
            var goingIn = m.page.getByRole(AriaRole.GROUP, named("going in"));
            assertThat(goingIn)
                    .containsText(
                            "Half in by the large bore: it goes through the gear hub; hold it in line");
            card(m, "Fit snap ring").click();
            assertThat(goingIn)
                    .containsText(
                            "Goes on inside, over the end of the shaft that has come through.");
            m.expectAccessible("a card that says what goes on inside");
        }
    }

    private static Locator card(Mechanic m, String title) {
        return m.page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                        .setName(Pattern.compile("^Card \\d+, " + title + ", open$")));
    }

    /** What is no part of the strip cannot be chosen, and two parts are told apart in words. */
    @Test
    void saysOfTwoPartsWhichComesOffFirst() {
        try (var m = Mechanic.signedIn("Aitana Luna", "3690")) {
            int number =
                    StripAndRebuildFeedGearboxTest.openedJob(
                            m, "{\"axes\":[\"feed shaft\",\"rod\"],\"openings\":[]}");
            m.page.navigate(PackagedApp.address("/jobs/" + number + "/strip"));
            log(m, "key shaft 1 left", "seal shaft 2 right");
            m.press("Order and openings");
            tap(m, "seal");
            tap(m, "key");
            m.press("Say it");
            assertThat(m.text("Choose one of the sentences.")).isVisible();
            m.field("seal and key come off in any order").check();
            m.press("Say it");
            assertThat(m.text("Nothing held these two in an order: it changes nothing."))
                    .isVisible();
            tap(m, "seal");
            tap(m, "key");
            m.field("seal must be off before key").check();
            m.field("Because").fill("it lies on the key");
            m.press("Say it");
            assertThat(m.text("2 seal must be off before 1 key: it lies on the key.")).isVisible();
        }
    }

    private static void log(Mechanic m, String... lines) {
        for (var line : lines) {
            var quick =
                    m.page.getByRole(
                            AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Quick line"));
            quick.fill(line);
            quick.press("Enter");
            assertThat(quick).hasValue("");
        }
    }

    private static void opening(
            Mechanic m, String wall, String name, String across, String closedBy) {
        m.press("+ opening, " + wall);
        m.field("Opening").fill(name);
        if (wall.equals("top")) {
            m.field("Shape").selectOption("rectangular");
            m.field("Width").fill(across);
            m.field("Height").fill("110");
        } else {
            m.field("Diameter").fill(across);
        }
        m.field("Closed by").selectOption(closedBy);
        m.press("Add the opening");
        assertThat(wall(m, wall).getByText(name)).isVisible();
    }

    static Locator wall(Mechanic m, String name) {
        return m.page.getByRole(AriaRole.GROUP, named(name).setExact(true));
    }

    private static void step(Mechanic m, int step, String diameter, String length) {
        m.field("Diameter of step " + step).fill(diameter);
        m.field("Length of step " + step).fill(length);
    }

    private static void tap(Mechanic m, String part) {
        m.region("The case and its openings")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions()
                                .setName(Pattern.compile("^\\d+ " + part + "$")))
                .click();
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private static int place(List<String> told, String part) {
        for (int i = 0; i < told.size(); i++) {
            if (told.get(i).contains(part)) {
                return i;
            }
        }
        throw new AssertionError(part + " is not in " + told);
    }
}

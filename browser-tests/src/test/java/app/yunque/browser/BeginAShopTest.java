package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A shop of one's own, from the first start to its first mechanic at work. */
@ExtendWith(PackagedApp.class)
class BeginAShopTest {

    @Test
    void aShopBeginsWithItsLeadWhoAddsThePeople() throws Exception {
        var address = "http://127.0.0.1:" + PackagedApp.onNewRecords(false) + "/";
        try (var lead = new Mechanic(1280, 800, address)) {
            assertThat(lead.heading("A new start")).isVisible();
            lead.expectAccessible("the first start");
            lead.press("Begin my own shop");
            begin(lead);
            assertThat(lead.heading("Who is at the bench?")).isVisible();
            assertThat(lead.text("Bench & Sons")).isVisible();
            lead.signIn("Ana Sol", "open at six");

            lead.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shop")).click();
            lead.press("Add a person");
            lead.field("Name").fill("Leo Mar");
            lead.field("First PIN").fill("1234");
            lead.press("Keep");
            lead.showPin("open at six");
            assertThat(lead.text("among the first that anybody tries")).isVisible();
            lead.field("First PIN").fill("8264");
            lead.press("Keep");
            assertThat(lead.button("Leo Mar mechanic")).isVisible();
            lead.expectAccessible("the people of a shop");
        }
        try (var mechanic = new Mechanic(1024, 768, address)) {
            mechanic.signIn("Leo Mar", "8264");
            mechanic.page
                    .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shop"))
                    .click();
            assertThat(mechanic.button("Add a person")).hasCount(0);
            mechanic.field("PIN up to now").fill("8264");
            mechanic.field("New PIN").fill("left shelf");
            mechanic.field("New PIN again").fill("left shelf");
            mechanic.press("Change my PIN");
            assertThat(mechanic.text("The new PIN counts from now on.")).isVisible();
            mechanic.expectNoSidewaysScroll("the shop on a tablet");
        }
        try (var lead = new Mechanic(1280, 800, address)) {
            lead.signIn("Ana Sol", "open at six");
            lead.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shop")).click();
            lead.button("Leo Mar mechanic").click();
            lead.press("Leo Mar leaves");
            lead.showPin("open at six");
            assertThat(lead.button("Leo Mar mechanic left")).isVisible();
        }
        try (var gone = new Mechanic(1280, 800, address)) {
            assertThat(gone.page.getByRole(AriaRole.RADIO)).hasCount(1);
        }
    }

    private static void begin(Mechanic lead) {
        lead.field("Name of the shop").fill("Bench & Sons");
        lead.field("Lengths first in").selectOption("INCH");
        lead.field("Time zone").selectOption("America/Caracas");
        lead.field("Your name").fill("Ana Sol");
        lead.field("Your PIN").fill("open at six");
        lead.field("The same PIN again").fill("open at sex");
        submit(lead).click();
        assertThat(lead.text("The two PINs differ.")).isVisible();
        lead.field("The same PIN again").fill("open at six");
        lead.expectAccessible("a shop that begins");
        submit(lead).click();
    }

    private static Locator submit(Mechanic lead) {
        return lead.page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin").setExact(true));
    }
}

package app.yunque.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From the bill of a unit to goods on the bench, and an instrument that is found out of calibration. */
@ExtendWith(PackagedApp.class)
class WhatAJobBuysTest {

    /** The demo's capstan wants pawls, springs and a seal; the kit is cheaper than its parts. */
    @Test
    void theKitIsCheaperAndIsOrdered() {
        try (var m = Mechanic.signedIn("Tomás Vega", "1470")) {
            m.page.navigate(PackagedApp.address("/jobs/7/decide"));
            var toBuy = m.region("To buy");
            assertThat(toBuy).containsText("4 × pawl, upper row");
            assertThat(toBuy)
                    .containsText(
                            "Buy 1 × SW-1011, 1 × SW-1042 for 59.80. Singly it would be 72.20.");
            m.expectAccessible("Decide with parts to buy");
            m.press("Put the kit on the list instead");
            assertThat(toBuy).containsText("service kit: 4 pawls, 8 springs");
            var kit =
                    toBuy.getByRole(AriaRole.LISTITEM)
                            .filter(new Locator.FilterOptions().setHasText("service kit"));
            kit.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Order")).click();
            assertThat(kit).containsText("ordered");
            kit.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("It is here"))
                    .click();
            assertThat(kit).containsText("received");
            assertThat(toBuy).containsText("so far 52.00");
            m.page.reload();
            assertThat(m.region("To buy")).containsText("so far 52.00");
        }
    }

    @Test
    void aBillIsEnteredAsTextAndAFaultNamesItsLine() {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            m.page.navigate(PackagedApp.address("/units"));
            m.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("PAN-2")).click();
            var bill = m.region("Bill of parts");
            bill.getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName("Enter the bill"))
                    .click();
            m.field("Serial number of the machine").fill("PN-0099");
            m.field("Lines").fill("6; SW-1020; two; gasket");
            m.press("Keep the bill");
            assertThat(bill).containsText("write place; number; pieces; name");
            m.field("Lines").fill("6; SW-1020; 2; gasket\n12; SW-1030; 2; ball bearing 6208");
            m.press("Keep the bill");
            assertThat(bill).containsText("2 × gasket");
            assertThat(bill).containsText("serial number PN-0099");
            m.page.reload();
            assertThat(m.region("Bill of parts")).containsText("SW-1030");
        }
    }

    @Test
    void anInstrumentThatReadsWrongTellsWhereItWasUsed() {
        try (var m = Mechanic.signedIn("Inés Roldán", "2580")) {
            m.page.navigate(PackagedApp.address("/shop"));
            m.page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("No. 5 disc micrometer"))
                    .click();
            m.press("It reads wrong");
            m.field("What was found").fill("anvil chipped");
            m.press("Keep");
            var row =
                    m.page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("No. 5 disc micrometer"));
            assertThat(row).containsText("in doubt until");
            row.click();
            assertThat(m.text("Nothing on record was read with it in those days.")).isVisible();
        }
    }
}

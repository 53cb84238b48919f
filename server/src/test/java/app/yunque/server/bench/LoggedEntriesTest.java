package app.yunque.server.bench;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.quantity.EnteredNumber;
import app.yunque.teardown.PartKind;
import org.junit.jupiter.api.Test;

class LoggedEntriesTest {

    private static String of(String part, PartKind kind, String entry) {
        var found = LoggedEntries.of(step(1, part, kind).build()).get(entry);
        return found == null ? "" : found.text();
    }

    // Source: ISO 15, from memory: 6204 is 20 × 47 × 14 mm.
    @Test
    void theDesignationOfABearingFillsInItsSeatsAndItsClearance() {
        var part = "input bearing 6204 C3";
        var entries = LoggedEntries.of(step(1, part, PartKind.BEARING).build());
        assertThat(entries)
                .containsEntry("fit-measured-fit.nominalMm", new EnteredNumber("20", "mm"))
                .containsEntry("fit-measured-fit.hole", new EnteredNumber("bearing", ""))
                .containsEntry(
                        "bearing-clearance-left.bearing.outsideMm", new EnteredNumber("47", "mm"))
                .containsEntry("bearing-by-size.widthMm", new EnteredNumber("14", "mm"))
                .containsEntry("bearing-worn-clearance.group", new EnteredNumber("C3", ""));
        assertThat(of("6204", PartKind.BEARING, "bearing-worn-clearance.group")).isEqualTo("CN");
        assertThat(of("6204 C5", PartKind.BEARING, "bearing-worn-clearance.group"))
                .as("wider than the table goes")
                .isEmpty();
        assertThat(of("taper bearing 30208", PartKind.BEARING, "fit-fit.nominalMm"))
                .isEqualTo("40");
        assertThat(of("taper bearing 30208", PartKind.BEARING, "bearing-worn-clearance.group"))
                .as("set, and in no table")
                .isEmpty();
        assertThat(of("NU205", PartKind.BEARING, "bearing-clearance-groups.boreMm")).isEmpty();
        assertThat(of("input bearing", PartKind.BEARING, "fit-fit.nominalMm")).isEmpty();
        assertThat(of("gear 6204", PartKind.GEAR, "fit-fit.nominalMm"))
                .as("no number of another part is taken for it")
                .isEmpty();
    }
}

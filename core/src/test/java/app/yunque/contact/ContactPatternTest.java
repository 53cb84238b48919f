package app.yunque.contact;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.contact.ContactPattern.Kind;
import app.yunque.contact.ContactPattern.Place;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContactPatternTest {
    // Trade facts: spur, helical and spiral bevel common practice, no source; straight bevel from
    // the geometry of the cone.
    @ParameterizedTest(name = "{0}, {1} and {2}: {3}")
    @CsvSource({
        "SPUR, MIDDLE, MIDDLE, Central",
        "SPUR, COMES_AND_GOES, MIDDLE, run-out",
        "SPUR, MIDDLE, COMES_AND_GOES, run-out",
        "HELICAL, BOTH_ENDS, MIDDLE, Two bands",
        "SPUR, MIDDLE, BOTH_ENDS, Two bands",
        "SPUR, FAR_END, FAR_END, same end on both flanks",
        "HELICAL, FAR_END, NEAR_END, shafts cross",
        "HELICAL, NEAR_END, MIDDLE, One end on one flank only",
        "HELICAL, MIDDLE, FAR_END, One end on one flank only",
        "SPUR, NEAR_END, MIDDLE, No rule knows",
        "SPUR, TIP, MIDDLE, A band at the tip",
        "SPUR, MIDDLE, TIP, A band at the tip",
        "HELICAL, ROOT, ROOT, A band at the tip",
        "SPUR, MIDDLE, ROOT, A band at the tip",
        "STRAIGHT_BEVEL, MIDDLE, MIDDLE, good",
        "STRAIGHT_BEVEL, FAR_END, FAR_END, too far apart",
        "STRAIGHT_BEVEL, NEAR_END, NEAR_END, too close",
        "STRAIGHT_BEVEL, TIP, TIP, pinion stands too far out",
        "STRAIGHT_BEVEL, ROOT, ROOT, pinion stands too far in",
        "STRAIGHT_BEVEL, NEAR_END, FAR_END, do not meet",
        "STRAIGHT_BEVEL, FAR_END, NEAR_END, do not meet",
        "STRAIGHT_BEVEL, COMES_AND_GOES, MIDDLE, run-out",
        "STRAIGHT_BEVEL, MIDDLE, COMES_AND_GOES, run-out",
        "STRAIGHT_BEVEL, TIP, ROOT, No rule knows",
        "STRAIGHT_BEVEL, NEAR_END, MIDDLE, No rule knows",
        "STRAIGHT_BEVEL, MIDDLE, NEAR_END, No rule knows",
        "SPIRAL_BEVEL, MIDDLE, MIDDLE, good",
        "SPIRAL_BEVEL, NEAR_END, NEAR_END, too little room",
        "SPIRAL_BEVEL, FAR_END, FAR_END, too much room",
        "SPIRAL_BEVEL, TIP, MIDDLE, pinion stands too far out",
        "SPIRAL_BEVEL, FAR_END, NEAR_END, pinion stands too far out",
        "SPIRAL_BEVEL, ROOT, MIDDLE, pinion stands too far in",
        "SPIRAL_BEVEL, NEAR_END, FAR_END, pinion stands too far in",
        "SPIRAL_BEVEL, COMES_AND_GOES, MIDDLE, run-out",
        "SPIRAL_BEVEL, MIDDLE, COMES_AND_GOES, run-out",
        "SPIRAL_BEVEL, MIDDLE, NEAR_END, No rule knows",
        "WORM, MIDDLE, FAR_END, good",
        "WORM, FAR_END, MIDDLE, good",
        "WORM, NEAR_END, FAR_END, The same side of the wheel",
        "WORM, FAR_END, FAR_END, not square",
        "WORM, BOTH_ENDS, MIDDLE, hollow middle",
        "WORM, MIDDLE, BOTH_ENDS, hollow middle",
        "WORM, TIP, MIDDLE, centre distance is too large",
        "WORM, MIDDLE, TIP, centre distance is too large",
        "WORM, NEAR_END, MIDDLE, No rule knows"
    })
    void meansWhatTheTradeSays(Kind kind, Place drive, Place coast, String meaning) {
        assertThat(ContactPattern.of(kind, drive, coast).meaning()).contains(meaning);
    }

    @Test
    void offersThePlacesOfEachKind() {
        assertThat(ContactPattern.places(Kind.WORM))
                .containsExactlyElementsOf(
                        List.of(
                                Place.MIDDLE,
                                Place.NEAR_END,
                                Place.FAR_END,
                                Place.TIP,
                                Place.BOTH_ENDS));
        assertThat(ContactPattern.places(Kind.SPUR)).containsExactly(Place.values());
        assertThat(Kind.values())
                .extracting(Kind::words)
                .doesNotHaveDuplicates()
                .doesNotContain("");
    }
}

package app.yunque.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.fastener.BoltPattern.Place;
import app.yunque.fastener.ScrewPattern.Arrangement;
import app.yunque.measure.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScrewPatternTest {

    private static ScrewPattern of(Arrangement arrangement, int across, int up) {
        return new ScrewPattern(arrangement, across, up, 60, 80, List.of());
    }

    // Source: the same order as a grid whose places are entered one by one, worked by hand: 2 5 1 6
    // 4 3 of 2 × 3, the middle ones first.
    @Test
    void rowsFromTheMiddleOutwards() {
        var places = of(Arrangement.ROWS, 3, 2).places(6);
        assertThat(places)
                .containsExactly(
                        new Place(0, 80),
                        new Place(60, 80),
                        new Place(120, 80),
                        new Place(0, 0),
                        new Place(60, 0),
                        new Place(120, 0));
        assertThat(BoltPattern.of(places).order()).containsExactly(2, 5, 1, 6, 4, 3);
    }

    /** Clockwise from the top left, no screw twice and none inside. */
    @Test
    void aFrameIsNumberedRound() {
        assertThat(of(Arrangement.FRAME, 4, 3).places(10))
                .containsExactly(
                        new Place(0, 160),
                        new Place(60, 160),
                        new Place(120, 160),
                        new Place(180, 160),
                        new Place(180, 80),
                        new Place(180, 0),
                        new Place(120, 0),
                        new Place(60, 0),
                        new Place(0, 0),
                        new Place(0, 80));
        assertThat(of(Arrangement.FRAME, 2, 2).places(4)).doesNotHaveDuplicates().hasSize(4);
    }

    @ParameterizedTest
    @CsvSource({"2, 2", "2, 5", "5, 2", "3, 3", "6, 4", "30, 30"})
    void aFrameHasItsEdgeAndNothingElse(int across, int up) {
        var places = of(Arrangement.FRAME, across, up).places(2 * (across + up) - 4);
        assertThat(places).doesNotHaveDuplicates();
        assertThat(places)
                .allMatch(
                        p ->
                                p.acrossMm() == 0
                                        || p.upMm() == 0
                                        || p.acrossMm() == (across - 1) * 60
                                        || p.upMm() == (up - 1) * 80);
    }

    @Test
    void aCircleGoesCrosswiseFromTheTop() {
        var places = ScrewPattern.CIRCLE.places(8);
        assertThat(places.get(0).acrossMm()).isEqualTo(0, within(1e-9));
        assertThat(places.get(0).upMm()).isEqualTo(50, within(1e-9));
        assertThat(places.get(2).acrossMm()).as("clockwise").isEqualTo(50, within(1e-9));
        // Source: legacy cross pattern of eight, ASME PCC-1, from memory.
        assertThat(BoltPattern.of(places).order()).containsExactly(1, 5, 3, 7, 2, 6, 4, 8);
        for (int n = 3; n <= 24; n++) {
            assertThat(BoltPattern.of(ScrewPattern.CIRCLE.places(n)).order())
                    .isEqualTo(TighteningOrder.of(n));
        }
    }

    @Test
    void placesAsTheyWereMeasured() {
        var places = List.of(new Place(0, 0), new Place(40, 5), new Place(20, 60));
        var pattern = new ScrewPattern(Arrangement.MEASURED, 0, 0, 0, 0, places);
        assertThat(pattern.places(3)).isEqualTo(places);
        assertThatThrownBy(() -> pattern.places(4))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Places of 3 screws, and 4 are noted");
    }

    @Test
    void twoScrewsDoNotStandAtOnePlace() {
        var twice = List.of(new Place(0, 0), new Place(40, 5), new Place(0, 0));
        assertThatThrownBy(() -> new ScrewPattern(Arrangement.MEASURED, 0, 0, 0, 0, twice))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Screws 1 and 3 stand at one place");
    }

    @Test
    void anotherNumberThanWasNoted() {
        assertThatThrownBy(() -> of(Arrangement.FRAME, 4, 3).places(12))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(
                        "Frame 4 × 3, 60 × 80 mm apart, of 10 screws, and 12 are noted");
        assertThatThrownBy(() -> of(Arrangement.ROWS, 4, 3).places(1))
                .hasMessageContaining("of 12 screws, and 1 is noted");
    }

    @Test
    void aPatternThatIsNone() {
        assertThatThrownBy(() -> of(Arrangement.FRAME, 1, 3)).hasMessageContaining("is a row");
        assertThatThrownBy(() -> of(Arrangement.FRAME, 3, 1)).hasMessageContaining("is a row");
        of(Arrangement.ROWS, 1, 3);
        assertThatThrownBy(() -> of(Arrangement.ROWS, 0, 3)).hasMessageContaining("Screws across");
        assertThatThrownBy(() -> of(Arrangement.ROWS, 3, 31)).hasMessageContaining("Screws up");
        assertThatThrownBy(() -> new ScrewPattern(Arrangement.ROWS, 3, 2, 60, 2.9, List.of()))
                .hasMessageContaining("up");
        assertThatThrownBy(() -> new ScrewPattern(Arrangement.ROWS, 3, 2, 2.9, 60, List.of()))
                .hasMessageContaining("across");
    }
}

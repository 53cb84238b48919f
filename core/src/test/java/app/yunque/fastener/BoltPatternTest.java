package app.yunque.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.fastener.BoltPattern.Place;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoltPatternTest {

    private static List<Place> circle(int n, double turned, boolean anticlockwise) {
        return IntStream.range(0, n)
                .mapToObj(
                        i -> {
                            double a = turned + (anticlockwise ? 1 : -1) * 2 * Math.PI * i / n;
                            return new Place(60 * Math.cos(a) + 12, 60 * Math.sin(a) - 7);
                        })
                .toList();
    }

    // Source: legacy cross pattern of ASME PCC-1, from memory; odd numbers by half the circle,
    // common practice, no source.
    @ParameterizedTest
    @CsvSource({
        "3, 1 2 3",
        "4, 1 3 2 4",
        "5, 1 3 5 2 4",
        "6, 1 4 2 5 3 6",
        "7, 1 4 7 3 6 2 5",
        "8, 1 5 3 7 2 6 4 8",
        "10, 1 6 3 8 5 10 2 7 4 9",
        "12, 1 7 4 10 2 8 5 11 3 9 6 12",
        "16, 1 9 5 13 3 11 7 15 2 10 6 14 4 12 8 16"
    })
    void aCircleGoesCrosswise(int n, String order) {
        var expected = Arrays.stream(order.split(" ")).map(Integer::valueOf).toList();
        assertThat(BoltPattern.of(circle(n, 0.3, false)).order()).isEqualTo(expected);
        assertThat(TighteningOrder.of(n)).isEqualTo(expected);
    }

    /** However a circle is turned and numbered, opposite screws follow each other. */
    @Test
    void aTurnedCircleIsACircle() {
        for (double turned = 0; turned < 6.3; turned += 0.37) {
            for (boolean anticlockwise : new boolean[] {false, true}) {
                var places = circle(8, turned, anticlockwise);
                var order = BoltPattern.of(places).order();
                for (int i = 0; i < 8; i += 2) {
                    assertThat(Math.abs(order.get(i) - order.get(i + 1))).isEqualTo(4);
                }
                assertThat(order.get(0)).isEqualTo(1);
            }
        }
    }

    // Source: from the middle outwards, farthest from the last, worked by hand.
    @Test
    void aPlateGoesFromTheMiddleOutwards() {
        assertThat(BoltPattern.of(grid(3, 60, 80)).order()).containsExactly(2, 5, 1, 6, 4, 3);
        assertThat(BoltPattern.of(grid(4, 50, 60)).order()).containsExactly(2, 7, 3, 6, 4, 5, 8, 1);
    }

    private static List<Place> grid(int columns, double across, double up) {
        var places = new ArrayList<Place>();
        for (int row = 0; row < 2; row++) {
            for (int c = 0; c < columns; c++) {
                places.add(new Place(c * across, row * up));
            }
        }
        return places;
    }

    /** Every screw once, whatever the pattern. */
    @Test
    void everyScrewOnce() {
        var random = new Random(3);
        for (int n = 2; n <= 60; n++) {
            var places =
                    IntStream.range(0, n)
                            .mapToObj(i -> new Place(random.nextInt(900), random.nextInt(900)))
                            .distinct()
                            .toList();
            if (places.size() == n) {
                assertThat(BoltPattern.of(places).order())
                        .containsExactlyInAnyOrderElementsOf(
                                IntStream.rangeClosed(1, n).boxed().toList());
            }
        }
    }

    @Test
    void whatIsNoPattern() {
        assertThatThrownBy(() -> BoltPattern.of(List.of(new Place(0, 0))))
                .hasMessageContaining("2 to 60");
        assertThatThrownBy(
                        () ->
                                BoltPattern.of(
                                        List.of(new Place(0, 0), new Place(5, 0), new Place(0, 0))))
                .hasMessageContaining("Screws 1 and 3 stand at one place");
    }
}

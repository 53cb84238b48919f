package app.yunque.line;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.line.LineReading.Fastener;
import app.yunque.line.LineReading.Part;
import java.util.List;
import java.util.Optional;

/** Reads lines of a unit with three shafts. */
final class Lines {
    static final List<String> SHAFTS = List.of("input shaft", "intermediate shaft", "output shaft");

    static LineReading read(String line) {
        return LineReading.of(line, SHAFTS, Optional.empty(), LineReading.Previous.NONE);
    }

    static Part part(String line) {
        var read = read(line);
        assertThat(read.parts()).as(line).isNotEmpty();
        return read.parts().get(0);
    }

    static Fastener held(String line) {
        var read = read(line);
        assertThat(read.fasteners()).as(line).isNotEmpty();
        return read.fasteners().get(0);
    }

    private Lines() {}
}

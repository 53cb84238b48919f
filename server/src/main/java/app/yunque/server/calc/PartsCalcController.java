package app.yunque.server.calc;

import app.yunque.fastener.ScrewHole;
import app.yunque.fastener.ScrewInHole;
import app.yunque.fastener.ScrewThread;
import app.yunque.line.LineReading;
import app.yunque.measure.Refused;
import app.yunque.teardown.Envelope;
import app.yunque.teardown.Fastening;
import app.yunque.teardown.Opening;
import app.yunque.teardown.Passage;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Screws, passages and typed lines without a job. */
@RestController
@RequestMapping("/api/calc")
class PartsCalcController {

    /**
     * @param thread   thread as a drawing names it
     * @param lengthMm length under the head (mm)
     * @param hole     where it goes
     */
    record ScrewInput(String thread, double lengthMm, ScrewHole hole) {}

    /**
     * @param opening opening of the housing
     * @param part    room the part needs
     */
    record PassageInput(Opening opening, Envelope part) {}

    /**
     * @param passes   true when it passes
     * @param attitude easiest attitude; missing when it passes in none
     * @param words    the same in words
     */
    record PassageAnswer(boolean passes, Passage.@Nullable Attitude attitude, String words) {}

    /**
     * @param line     as typed
     * @param shafts   names of the shafts, input first
     * @param previous the line before, where this one leans on it; may be missing
     */
    record LineInput(String line, List<String> shafts, @Nullable PreviousLine previous) {}

    /**
     * @param shaft shaft the line before was about, by its name; may be missing
     * @param part  what it was about; may be missing
     */
    record PreviousLine(@Nullable String shaft, @Nullable String part) {}

    /** What a screw does in a hole. */
    @PostMapping("/fastener/screw-in-hole")
    ScrewInHole screwInHole(@RequestBody ScrewInput input) {
        Refused.ifAny(Fastening.LENGTH.judge(input.lengthMm()));
        return ScrewInHole.of(ScrewThread.of(input.thread()), input.lengthMm(), input.hole());
    }

    /** Whether a part passes an opening. */
    @PostMapping("/teardown/passage")
    PassageAnswer passage(@RequestBody PassageInput input) {
        var attitude = Passage.through(input.opening(), input.part());
        return new PassageAnswer(
                attitude != null, attitude, attitude == null ? "does not pass" : attitude.words());
    }

    /** One typed line, read. */
    @PostMapping("/teardown/quick-line")
    LineView quickLine(@RequestBody LineInput input) {
        var before = input.previous() == null ? null : input.previous().shaft();
        int shaft = before == null ? -1 : input.shafts().indexOf(before);
        return LineView.of(
                LineReading.of(
                        input.line(),
                        input.shafts(),
                        Optional.empty(),
                        new LineReading.Previous(shaft < 0 ? null : Integer.valueOf(shaft + 1))),
                input.shafts());
    }
}

package app.yunque.server.bench;

import app.yunque.server.photo.PhotoMark;
import app.yunque.server.teardown.StatementRequest;
import app.yunque.server.teardown.StepRequest;
import app.yunque.server.unit.UnitLayout;
import app.yunque.teardown.StripAct;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A teardown as an open file; described in docs/teardown-file.md.
 *
 * @param format     always {@value #FORMAT}
 * @param version    version of the format, 1
 * @param unit       the unit it was taken from
 * @param shafts     names of its shafts, bores and covers; a step counts them from 1
 * @param openings   openings of its housing
 * @param steps      the strip in order
 * @param statements what was said about the order
 * @param done       what was done beside taking parts off, in the order it was kept; missing in files of the first days
 * @param photos     pictures, in a zip beside this file; empty in the file alone
 */
public record TeardownFile(
        String format,
        int version,
        TeardownUnit unit,
        List<String> shafts,
        List<UnitLayout.OpeningRequest> openings,
        List<NumberedStep> steps,
        List<StatementRequest> statements,
        List<DoneEntry> done,
        List<PhotoEntry> photos) {
    static final String FORMAT = "yunque-teardown";

    /**
     * @param tag  tag on the machine
     * @param name what it is
     * @param kind kind of gearbox
     * @param job  job of the strip
     */
    public record TeardownUnit(String tag, String name, String kind, long job) {}

    /**
     * @param id   identity within the file
     * @param step the step as entered
     */
    public record NumberedStep(UUID id, StepRequest step) {}

    /**
     * Something that was done and is no part that came off. Whether it was put back belongs to the job it was done at, and is not here.
     *
     * @param act   what was done
     * @param line  in the words typed, up to 400 characters
     * @param after step that was the last when it was done; missing where none was
     */
    public record DoneEntry(StripAct act, String line, @Nullable UUID after) {}

    /**
     * @param file    name in the zip
     * @param step    step it belongs to
     * @param caption what it shows; may be missing
     * @param marks   what is drawn on it
     */
    public record PhotoEntry(
            String file, UUID step, @Nullable String caption, List<PhotoMark> marks) {}
}

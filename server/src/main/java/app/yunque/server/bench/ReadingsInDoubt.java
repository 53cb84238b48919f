package app.yunque.server.bench;

import app.yunque.server.finding.FindingBook;
import app.yunque.server.instrument.InstrumentDoubted;
import app.yunque.server.instrument.InstrumentService;
import app.yunque.server.job.JobRow;
import app.yunque.server.job.JobService;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What was read with an instrument while it was not to be trusted: in open jobs it is measured again, of signed ones the customer is told. */
@RestController
class ReadingsInDoubt {
    private final FindingBook book;
    private final InstrumentService instruments;
    private final JobService jobs;

    ReadingsInDoubt(FindingBook book, InstrumentService instruments, JobService jobs) {
        this.book = book;
        this.instruments = instruments;
        this.jobs = jobs;
    }

    /**
     * Readings of a job that are in doubt.
     *
     * @param job      number of the job
     * @param tag      tag of its unit
     * @param readings how many
     * @param signed   true when it was signed with them
     */
    record InJob(long job, String tag, int readings, boolean signed) {}

    @GetMapping("/api/instruments/{id}/in-doubt")
    @Transactional(readOnly = true)
    List<InJob> readingsInDoubt(@PathVariable UUID id) {
        var doubts = instruments.doubts();
        var read = book.readWith(id);
        return jobs.rowsOf(read.keySet()).stream()
                .map(
                        row ->
                                inJob(
                                        row,
                                        (int)
                                                read.get(row.job().id()).stream()
                                                        .filter(
                                                                at ->
                                                                        doubts.about(id, at)
                                                                                .isPresent())
                                                        .count()))
                .filter(j -> j.readings > 0)
                .toList();
    }

    private static InJob inJob(JobRow row, int readings) {
        return new InJob(row.job().number(), row.tag(), readings, row.job().isSigned());
    }

    @EventListener
    @Transactional(propagation = Propagation.MANDATORY)
    void doubted(InstrumentDoubted doubted) {
        jobs.touchOpen(book.readWith(doubted.instrument()).keySet());
    }
}

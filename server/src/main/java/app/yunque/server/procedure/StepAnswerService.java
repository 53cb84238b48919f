package app.yunque.server.procedure;

import app.yunque.procedure.ProcedureList;
import app.yunque.procedure.ProcedureStep;
import app.yunque.procedure.StepAnswer;
import app.yunque.server.finding.About;
import app.yunque.server.finding.Finding;
import app.yunque.server.finding.Finding.Content;
import app.yunque.server.finding.FindingBook;
import app.yunque.server.finding.FindingSort;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what was said of the steps of setting and proving. */
@Service
public class StepAnswerService {
    private static final int LONGEST_REMARK = 500;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final FindingBook book;

    StepAnswerService(FindingBook book) {
        this.book = book;
    }

    /** What stands in the record beside its keys. */
    private record Said(
            StepAnswer.Result result,
            @Nullable EnteredNumber value,
            @Nullable EnteredNumber uncertainty,
            @Nullable EnteredNumber least,
            @Nullable EnteredNumber most) {}

    /** Every try at a job, in the order they were kept. */
    @Transactional(readOnly = true)
    public List<StepAnswerView> views(UUID jobId) {
        return book.of(jobId, FindingSort.STEP).stream().map(StepAnswerService::view).toList();
    }

    @Transactional
    public void keep(JobRef job, UUID id, StepAnswerRequest request) {
        var step = ProcedureList.step(request.step());
        var remark = JobText.optional("remark", "Note", request.remark(), LONGEST_REMARK);
        StepAnswer.refuseImpossible(step, answer(step, request));
        book.keep(
                job,
                id,
                request.version(),
                new Content(
                        FindingSort.STEP,
                        step.at(),
                        step.id(),
                        About.NOTHING,
                        "",
                        JSON.writeValueAsString(
                                new Said(
                                        request.result(),
                                        request.value(),
                                        request.uncertainty(),
                                        request.least(),
                                        request.most())),
                        remark),
                StepAnswerService::view);
    }

    @Transactional
    public void remove(JobRef job, UUID id, long version) {
        book.remove(job, id, FindingSort.STEP, version, StepAnswerService::view);
    }

    private static StepAnswer answer(ProcedureStep step, StepAnswerRequest request) {
        var faults = new Faults();
        var kind = kind(step);
        var name = step.measured().isEmpty() ? "value of " + step.id() : step.measured();
        var value = number(faults, request.value(), "value", name, kind);
        var uncertainty = number(faults, request.uncertainty(), "uncertainty", "uncertainty", kind);
        var least = number(faults, request.least(), "least", "least", kind);
        var most = number(faults, request.most(), "most", "most", kind);
        faults.throwIfAny();
        return new StepAnswer(
                request.result(),
                value,
                uncertainty == null ? 0 : uncertainty,
                least,
                most,
                request.remark());
    }

    private static @Nullable Double number(
            Faults faults,
            @Nullable EnteredNumber number,
            String field,
            String label,
            EntryKind kind) {
        var read = EnteredNumber.gatherOptional(faults, number, field, label, kind);
        return read == null ? null : read.canonical();
    }

    private static EntryKind kind(ProcedureStep step) {
        return switch (step.unit()) {
            case "mm" -> EntryKind.LENGTH;
            case "N·m" -> EntryKind.TORQUE;
            default -> EntryKind.NUMBER;
        };
    }

    private static StepAnswerView view(Finding f) {
        var said = JSON.readValue(f.content().given(), Said.class);
        var given =
                new StepAnswerRequest(
                        f.version(),
                        f.content().question(),
                        said.result,
                        said.value,
                        said.uncertainty,
                        said.least,
                        said.most,
                        f.content().remark());
        return new StepAnswerView(
                f.id(), given, answer(ProcedureList.step(given.step()), given), f.by(), f.at());
    }
}

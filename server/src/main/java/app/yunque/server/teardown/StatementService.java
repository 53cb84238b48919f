package app.yunque.server.teardown;

import app.yunque.server.job.JobRef;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.teardown.Statement;
import app.yunque.teardown.StripModel;
import app.yunque.teardown.TeardownStep;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what the bench says about the order. */
@Service
public class StatementService {
    private final StatementRepository statements;
    private final AtTheBench bench;
    private final Clock clock;

    StatementService(StatementRepository statements, AtTheBench bench, Clock clock) {
        this.statements = statements;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Statement> said(UUID jobId) {
        return statements.ofJob(jobId).stream().map(StatementService::core).toList();
    }

    /** What was said, as said. */
    @Transactional(readOnly = true)
    public List<StatementRequest> given(UUID jobId) {
        return statements.ofJob(jobId).stream().map(StatementService::given).toList();
    }

    private static StatementRequest given(StatementEntity s) {
        return new StatementRequest(s.kind, s.firstStep, s.thenStep, s.orElse, s.reason);
    }

    @Transactional(readOnly = true)
    public List<StatementView> views(UUID jobId, StripModel model) {
        return statements.ofJob(jobId).stream()
                .map(
                        s ->
                                new StatementView(
                                        s.id,
                                        given(s),
                                        core(s).inWords(model.steps()),
                                        s.changedBy(),
                                        model.withoutEffect(core(s))))
                .toList();
    }

    @Transactional
    public void say(JobRef job, UUID id, StatementRequest request, List<TeardownStep> strip) {
        var statement = new StatementEntity();
        statement.id = id;
        statement.jobId = job.id();
        statement.kind = request.kind();
        statement.firstStep = request.first();
        statement.thenStep = request.then();
        statement.orElse = request.kind() == Statement.Kind.EITHER ? request.orElse() : null;
        statement.reason = request.reason().strip();
        var said = core(statement);
        for (var step : List.of(said.first(), said.then(), said.orElse())) {
            if (!step.isEmpty() && strip.stream().noneMatch(s -> s.id().equals(step))) {
                throw new NotThere("One of the steps is no longer there. Look again.");
            }
        }
        statement.keep(bench.name(), clock.instant());
        statements.saveAndFlush(statement);
    }

    @Transactional
    public void unsay(JobRef job, UUID id) {
        var statement =
                statements
                        .findById(id)
                        .filter(s -> s.jobId.equals(job.id()))
                        .orElseThrow(() -> new NotThere("That is no longer on record."));
        statement.removed = true;
        statement.keep(bench.name(), clock.instant());
    }

    private static Statement core(StatementEntity s) {
        return new Statement(
                s.id.toString(),
                s.kind,
                s.firstStep.toString(),
                s.thenStep.toString(),
                s.orElse == null ? "" : s.orElse.toString(),
                s.reason);
    }
}

package app.yunque.server.demo;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Tells at the start what became of the records and what to do, in place of a trace. */
final class EmptiedRecordsTold extends AbstractFailureAnalyzer<EmptiedRecords> {
    @Override
    protected FailureAnalysis analyze(Throwable root, EmptiedRecords fault) {
        return new FailureAnalysis(
                fault.getMessage() + " Nothing was put into them.",
                "Restore a backup with ./yunque restore FILE, return to the records kept from before with ./yunque restore"
                        + " --back, or begin with the demo: ./yunque reset-demo",
                fault);
    }
}

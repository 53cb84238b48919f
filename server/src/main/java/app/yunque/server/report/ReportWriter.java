package app.yunque.server.report;

import static app.yunque.measure.PlainDigits.rounded;

import app.yunque.finding.Disposition;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Verdict;
import app.yunque.route.Station;
import app.yunque.server.bench.JobView;
import app.yunque.server.decision.DecisionView;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.job.ReceiveView;
import app.yunque.server.measuring.MeasurementView;
import app.yunque.server.quantity.EnteredNumber;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Puts a job into the words of its report. */
final class ReportWriter {
    /** As found before after the rebuild, backlash before spans, from the input to the output. */
    private static final Comparator<MeasurementView> IN_READING_ORDER =
            Comparator.comparing((MeasurementView m) -> m.given().station())
                    .thenComparing(m -> m.given().kind())
                    .thenComparing(m -> m.given().stage())
                    .thenComparing(m -> m.given().member());

    private ReportWriter() {}

    static Report write(JobView job) {
        var receive = job.receive();
        return new Report(
                job.job(),
                job.unit(),
                permission(receive.permission()),
                isolation(receive.isolation()),
                receive.turnCount() == null ? "not made" : receive.turnCount().check().sentence(),
                Stream.concat(
                                job.measurements().stream()
                                        .sorted(IN_READING_ORDER)
                                        .map(ReportWriter::measured),
                                job.answers().stream().map(ReportWriter::answered))
                        .toList(),
                changes(job),
                parts(job),
                ledger(job),
                oil(job),
                proof(job));
    }

    private static String permission(ReceiveView.@Nullable PermissionView p) {
        if (p == null) {
            return "not on record";
        }
        return p.reference().isEmpty() ? p.approvedBy() : p.approvedBy() + ", " + p.reference();
    }

    private static String isolation(ReceiveView.@Nullable IsolationView i) {
        if (i == null) {
            return "not on record";
        }
        var sources =
                i.sources().stream()
                        .map(s -> s.name().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", "));
        return "%s: %s. Confirmed by %s.".formatted(sources, i.how(), i.confirmedBy());
    }

    private static Report.Measured answered(KeptAnswerView a) {
        var readings =
                a.given().entries().readings().getOrDefault("readings", List.of()).stream()
                        .map(r -> r.text() + " " + r.unit())
                        .collect(Collectors.joining("; "));
        return new Report.Measured(
                a.given().subject().isBlank() ? a.title() : a.title() + ", " + a.given().subject(),
                when(a.given().station()),
                a.answer().sentence(),
                "",
                words(a.answer().verdict()),
                a.keptBy(),
                readings);
    }

    private static String when(Station station) {
        return switch (station) {
            case SET -> "after rebuild";
            case FILL -> "at the fill";
            default -> "as found";
        };
    }

    private static Report.Measured measured(MeasurementView m) {
        var station = when(m.given().station());
        var readings =
                m.given().readings().stream()
                        .map(EnteredNumber::text)
                        .collect(Collectors.joining("; "));
        var unit = m.given().readings().get(0).unit();
        var result = m.result();
        var verdict = words(result.verdict());
        if (result.backlash() != null) {
            var b = result.backlash();
            return new Report.Measured(
                    "Backlash, stage " + m.given().stage(),
                    station,
                    rounded(b.mean().circumferentialMm(), 3)
                            + " ± "
                            + rounded(b.uncertaintyMm(), 3)
                            + " mm",
                    rounded(b.recommended().leastCircumferentialMm(), 3)
                            + " to "
                            + rounded(b.recommended().renewCircumferentialMm(), 3)
                            + " mm",
                    verdict,
                    m.keptBy(),
                    readings + " " + unit);
        }
        var wear = java.util.Objects.requireNonNull(result.wear());
        return new Report.Measured(
                "Span over " + m.given().teethSpanned() + ", " + m.gear(),
                station,
                rounded(wear.wearPercent(), 1)
                        + " ± "
                        + rounded(wear.uncertaintyPercent(), 1)
                        + " % worn",
                "renew at " + PlainDigits.exact(wear.renewPercent()) + " %",
                verdict,
                m.keptBy(),
                readings + " " + unit);
    }

    private static String words(Verdict verdict) {
        return switch (verdict) {
            case CLEAR_PASS -> "clear pass";
            case DOUBTFUL -> "doubtful";
            case CLEAR_FAIL -> "clear fail";
            case NOT_JUDGED -> "not judged";
        };
    }

    private static List<String> changes(JobView job) {
        return job.meshes().stream()
                .filter(m -> m.change() != null)
                .map(m -> "Backlash of " + m.words() + " after the rebuild: " + m.change())
                .toList();
    }

    private static List<Report.Part> parts(JobView job) {
        var parts = new ArrayList<Report.Part>();
        for (int i = 0; i < job.decisions().size(); i++) {
            var part = job.decisions().get(i);
            var line = job.ledger().entries().get(i);
            parts.add(
                    new Report.Part(
                            part.number(),
                            part.part(),
                            part.condition(),
                            decision(part),
                            part.reason() == null ? "" : part.reason(),
                            line.refitted(),
                            line.renewed()));
        }
        return parts;
    }

    private static String decision(DecisionView part) {
        return part.decided() == null ? "open" : part.decided().name().toLowerCase(Locale.ROOT);
    }

    private static String ledger(JobView job) {
        var ledger = job.ledger();
        var renewed =
                job.decisions().stream().filter(d -> d.decided() == Disposition.RENEW).count();
        return "Ledger: %d pieces off, %d refitted, %d new; %d on the bench, %d missing. %s."
                .formatted(
                        ledger.removed(),
                        ledger.refitted(),
                        ledger.renewed(),
                        ledger.onBench(),
                        ledger.missing(),
                        renewed == 1 ? "1 part renewed" : renewed + " parts renewed");
    }

    private static List<String> oil(JobView job) {
        var fill = job.fill();
        if (fill == null) {
            return List.of("Not filled yet.");
        }
        var given = fill.given();
        var lines = new ArrayList<String>();
        lines.add(
                "%s, %s: %s %s filled by %s."
                        .formatted(
                                given.oilName(),
                                given.grade().words(),
                                java.util.Objects.requireNonNull(given.filled()).text(),
                                given.filled().unit(),
                                fill.keptBy()));
        lines.add(fill.answer().grade().reason());
        if (!given.gradeSource().isEmpty()) {
            lines.add("Grade taken from: " + given.gradeSource() + ".");
        }
        lines.add(
                "Computed for a level of %s %s: %s L, of which the gears displace %s L."
                        .formatted(
                                given.level().text(),
                                given.level().unit(),
                                rounded(fill.answer().quantity().litres(), 2),
                                rounded(fill.answer().quantity().displacedLitres(), 2)));
        return lines;
    }

    private static List<String> proof(JobView job) {
        var proof = job.proof();
        if (proof == null) {
            return List.of("Not proved yet.");
        }
        var lines = new ArrayList<String>();
        lines.add(
                proof.given().turnsFree() ? "Turns free by hand." : "Free rotation not confirmed.");
        lines.add(
                proof.given().tight()
                        ? "No leak, standing and after the run."
                        : "Not confirmed tight.");
        lines.add(
                proof.temperature() == null
                        ? "No run."
                        : "Temperature: " + proof.temperature().sentence());
        if (!proof.given().remark().isEmpty()) {
            lines.add(proof.given().remark());
        }
        if (proof.given().nextService() != null) {
            lines.add("Next service: " + proof.given().nextService() + ".");
        }
        return lines;
    }
}

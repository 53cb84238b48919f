package app.yunque.server.report;

import static app.yunque.measure.PlainDigits.rounded;

import app.yunque.finding.Disposition;
import app.yunque.measure.PlainDigits;
import app.yunque.route.SigningPoint;
import app.yunque.route.Station;
import app.yunque.server.bench.JobView;
import app.yunque.server.change.UnitChangeView;
import app.yunque.server.decision.DecisionView;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.finding.SeenView;
import app.yunque.server.job.ReceiveView;
import app.yunque.server.measuring.MeasurementView;
import app.yunque.server.photo.PhotoView;
import app.yunque.server.place.FillKind;
import app.yunque.server.place.FillView;
import app.yunque.server.procedure.StepLine;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.teardown.StepView;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
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

    /**
     * @param pictures a small copy of a picture, by its identity
     */
    static Report write(JobView job, Function<UUID, byte[]> pictures, String shop, ZoneId zone) {
        var receive = job.receive();
        var notes = new Footnotes();
        var measured =
                Stream.concat(
                                job.measurements().stream()
                                        .sorted(IN_READING_ORDER)
                                        .map(m -> measured(m, notes)),
                                job.answers().stream().map(a -> answered(a, notes)))
                        .toList();
        return new Report(
                job.job(),
                job.unit(),
                permission(receive.permission()),
                isolation(receive.isolation()),
                receive.turnCount() == null ? "not made" : receive.turnCount().check().sentence(),
                measured,
                notes.all(),
                changes(job),
                parts(job, pictures),
                onMeshes(job, pictures),
                job.cause() == null ? "The cause was not stated." : job.cause(),
                unseen(job),
                job.route().againstSigning().stream().map(SigningPoint::says).toList(),
                done(job),
                job.unitChanges().stream().map(UnitChangeView::inWords).toList(),
                ledger(job),
                oil(job),
                proof(job),
                job.procedure() == null ? "" : job.procedure().notReleased(),
                shop,
                zone);
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

    private static Report.Measured answered(KeptAnswerView a, Footnotes notes) {
        var readings =
                a.given().entries().readings().getOrDefault("readings", List.of()).stream()
                        .map(r -> r.text() + " " + r.unit())
                        .collect(Collectors.joining("; "));
        return new Report.Measured(
                a.given().subject().isBlank() ? a.title() : a.title() + ", " + a.given().subject(),
                when(a.given().station()),
                a.answer().sentence(),
                limit(a.answer().bar()),
                a.answer().verdict().words(a.answer().zone()),
                a.keptBy(),
                readings,
                notes.of(a.answer().workings()));
    }

    /** Least and renewal, where the answer lies between them on a scale. */
    private static String limit(DrawerAnswer.@Nullable Bar bar) {
        return bar == null
                ? ""
                : "%s to %s %s"
                        .formatted(rounded(bar.least(), 3), rounded(bar.renew(), 3), bar.unit());
    }

    private static String when(Station station) {
        return switch (station) {
            case SET -> "after rebuild";
            case FILL -> "at the fill";
            default -> "as found";
        };
    }

    private static Report.Measured measured(MeasurementView m, Footnotes notes) {
        var station = when(m.given().station());
        var readings =
                m.given().readings().stream()
                        .map(EnteredNumber::text)
                        .collect(Collectors.joining("; "));
        var unit = m.given().readings().get(0).unit();
        var result = m.result();
        var verdict = result.verdict().words(result.zone());
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
                    readings + " " + unit,
                    notes.of(List.of(b.working(), b.recommended().working())));
        }
        var wear = result.wear();
        if (wear == null) {
            return new Report.Measured(
                    m.given().kind().name().toLowerCase(Locale.ROOT) + ", " + m.gear(),
                    station,
                    result.sentence(),
                    "",
                    verdict,
                    m.keptBy(),
                    readings + " " + unit,
                    List.of());
        }
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
                readings + " " + unit,
                notes.of(List.of(wear.working())));
    }

    private static List<String> changes(JobView job) {
        return job.meshes().stream()
                .filter(m -> m.change() != null)
                .map(m -> "Backlash of " + m.words() + " after the rebuild: " + m.change())
                .toList();
    }

    private static List<Report.Part> parts(JobView job, Function<UUID, byte[]> pictures) {
        var parts = new ArrayList<Report.Part>();
        for (int i = 0; i < job.decisions().size(); i++) {
            var part = job.decisions().get(i);
            var line = job.ledger().entries().get(i);
            var step = job.steps().get(i);
            parts.add(
                    new Report.Part(
                            part.number(),
                            part.part(),
                            part.condition(),
                            decision(part),
                            part.reason() == null ? "" : part.reason(),
                            line.refitted(),
                            line.renewed(),
                            details(job, step),
                            pictures(job, p -> step.id().equals(p.stepId()), pictures)));
        }
        return parts;
    }

    /** All that was noted at a step and at its card: where, how it is held, what goes on it, and the words as typed. */
    private static List<String> details(JobView job, StepView step) {
        var told = new ArrayList<String>();
        job.seen().stream()
                .filter(f -> step.id().equals(f.given().stepId()))
                .forEach(f -> told.add(found(f, step.given().count())));
        told.add(step.where());
        told.add(step.given().wayRound());
        told.addAll(step.facts());
        // The card says what held it, with its torque.
        job.rebuild().stream()
                .filter(c -> c.stepId().equals(step.id().toString()))
                .forEach(
                        c -> {
                            told.add(c.fasten());
                            told.add(c.goesOn().isBlank() ? "" : "goes on it: " + c.goesOn());
                        });
        job.fittings().stream()
                .filter(f -> f.stepId().equals(step.id()))
                .forEach(
                        f -> {
                            told.add(f.given().reason());
                            told.add(
                                    f.given().setTo() == null ? "" : "set to " + f.given().setTo());
                            told.add(
                                    f.given().ticked() == null
                                            ? ""
                                            : "screws ticked one by one over all rounds: %d"
                                                    .formatted(f.given().ticked()));
                            told.add(
                                    f.given().waiver() == null
                                            ? ""
                                            : "check waived: " + f.given().waiver());
                        });
        told.add(step.given().note().isBlank() ? "" : "“" + step.given().note() + "”");
        return told.stream().filter(t -> !t.isBlank()).distinct().toList();
    }

    /** "gritty on 2 of 4 (feel …, washed, BRG-1): wash … Tomás Vega, “at one place”". */
    private static String found(SeenView f, int count) {
        var given = f.given();
        return "found %s%s at %s (%s, %s) by %s: %s%s"
                .formatted(
                        given.word(),
                        count == 1
                                ? ""
                                : " on %s of %d"
                                        .formatted(
                                                given.pieces() == null ? "all" : given.pieces(),
                                                count),
                        given.check(),
                        f.title(),
                        given.look().words(),
                        f.by(),
                        f.means(),
                        given.remark().isBlank() ? "" : ", “" + given.remark() + "”");
    }

    private static List<Report.Picture> pictures(
            JobView job, Predicate<PhotoView> shown, Function<UUID, byte[]> pictures) {
        return job.photos().stream()
                .filter(shown)
                .map(
                        p ->
                                new Report.Picture(
                                        "data:image/jpeg;base64,"
                                                + Base64.getEncoder()
                                                        .encodeToString(pictures.apply(p.id())),
                                        p.caption()))
                .toList();
    }

    private static List<Report.OnMesh> onMeshes(JobView job, Function<UUID, byte[]> pictures) {
        return job.seen().stream()
                .filter(f -> f.given().stage() != null)
                .map(
                        f ->
                                new Report.OnMesh(
                                        "Stage %d: %s".formatted(f.given().stage(), found(f, 1)),
                                        pictures(job, p -> f.id().equals(p.findingId()), pictures)))
                .toList();
    }

    private static String unseen(JobView job) {
        return job.decisions().stream()
                .filter(d -> !d.lookedAt())
                .map(d -> d.part() + " (" + d.number() + ")")
                .collect(Collectors.joining(", "));
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
        if (job.places().isEmpty()) {
            return List.of("No lubricated place is described.");
        }
        var lines = new ArrayList<String>();
        for (var place : job.places()) {
            var fill = place.fill();
            if (fill == null) {
                lines.add(
                        place.name()
                                + (place.takes() ? ": not filled yet." : ": nothing goes there."));
            } else {
                lines.add(place.name() + ": " + filled(fill));
                said(lines, fill);
            }
        }
        return lines;
    }

    private static String filled(FillView fill) {
        var given = fill.given();
        if (given.kind() == FillKind.LEFT) {
            return "left as it was, %s (%s).".formatted(given.source(), fill.keptBy());
        }
        return "%s%s%s filled by %s."
                .formatted(
                        fill.can(),
                        fill.sort().isEmpty() ? "" : ", " + fill.sort(),
                        given.amount() == null
                                ? ""
                                : ": " + given.amount().text() + " " + given.amount().unit(),
                        fill.keptBy());
    }

    private static void said(List<String> lines, FillView fill) {
        if (!fill.says().isEmpty()) {
            lines.add(fill.says());
        }
        if (fill.given().kind() != FillKind.LEFT && !fill.given().source().isEmpty()) {
            lines.add("Taken from: " + fill.given().source() + ".");
        }
        if (!fill.given().despite().isEmpty()) {
            lines.add("In spite of a finding against it: " + fill.given().despite() + ".");
        }
        if (fill.drained() != null) {
            lines.add("What came out: " + fill.drained().sentence());
        }
    }

    /** "Disconnected: battery lead off. Put back." */
    private static List<String> done(JobView job) {
        return job.done().stream()
                .map(
                        d ->
                                "%s: %s.%s"
                                        .formatted(
                                                d.act(),
                                                d.given().line().replaceFirst("[.\\s]+$", ""),
                                                d.mirror().isEmpty()
                                                        ? ""
                                                        : d.isOpen()
                                                                ? " Not put back."
                                                                : " Put back."))
                .toList();
    }

    private static List<String> proof(JobView job) {
        var lines = new ArrayList<String>();
        var procedure = job.procedure();
        if (procedure != null) {
            procedure.setting().forEach(s -> lines.add(shown(s)));
            procedure.acceptance().forEach(s -> lines.add(shown(s)));
            procedure.notAsked().forEach(n -> lines.add("Not asked, " + n + "."));
        }
        var proof = job.proof();
        if (proof == null) {
            return lines;
        }
        if (proof.temperature() != null) {
            lines.add("Temperature: " + proof.temperature().sentence());
        }
        if (!proof.given().remark().isEmpty()) {
            lines.add(proof.given().remark());
        }
        if (proof.given().nextService() != null) {
            lines.add("Next service: " + proof.given().nextService() + ".");
        }
        return lines;
    }

    /** A step with what it showed; one that nobody made says so. */
    private static String shown(StepLine step) {
        return "%s %s: %s."
                .formatted(
                        step.id(),
                        step.what(),
                        step.says().isEmpty() ? step.state().words() : step.says());
    }
}

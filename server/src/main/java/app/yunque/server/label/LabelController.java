package app.yunque.server.label;

import app.yunque.measure.Refused;
import app.yunque.server.job.JobService;
import app.yunque.server.lan.PublicAddress;
import app.yunque.server.paper.Paper;
import app.yunque.server.paper.QrCode;
import app.yunque.server.teardown.StepService;
import app.yunque.server.unit.UnitService;
import app.yunque.teardown.RebuildOrder;
import app.yunque.teardown.TeardownStep;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Sheets of labels. */
@RestController
@RequestMapping("/api/jobs/{number}")
class LabelController {
    private static final int LINES_ON_A_LABEL = 6;

    private final JobService jobs;
    private final StepService steps;
    private final UnitService units;
    private final ITemplateEngine templates;
    private final PublicAddress address;

    LabelController(
            JobService jobs,
            StepService steps,
            UnitService units,
            ITemplateEngine templates,
            PublicAddress address) {
        this.jobs = jobs;
        this.steps = steps;
        this.units = units;
        this.templates = templates;
        this.address = address;
    }

    /** What a sheet has a label for. */
    enum Each {
        TRAY,
        STEP
    }

    /** One label a tray or bag, or one a step; the code opens it. */
    @GetMapping(path = "/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(
            @PathVariable long number, @RequestParam(defaultValue = "TRAY") Each each) {
        var job = jobs.find(number);
        var unit = units.papers(job.unitId());
        var strip = steps.strip(job.id());
        if (strip.isEmpty()) {
            throw Refused.because(
                    "labels", "Nothing has come off yet, so there is nothing to label.");
        }
        var base = address.base();
        var at = base + "/jobs/" + number + "/strip";
        var labels =
                each == Each.TRAY
                        ? trays(strip, unit.tag(), number, at)
                        : strip.stream()
                                .map(s -> one(s, unit.tag(), number, unit.shafts(), at))
                                .toList();
        var context = new Context(Locale.ENGLISH);
        context.setVariable("labels", labels);
        var name = ContentDisposition.inline().filename("yunque-labels-" + number + ".pdf").build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .body(Paper.pdf(templates.process("labels", context)));
    }

    private static List<Label> trays(List<TeardownStep> strip, String tag, long number, String at) {
        var trays =
                strip.stream()
                        .filter(s -> !s.tray().isEmpty())
                        .collect(
                                Collectors.groupingBy(
                                        TeardownStep::tray, TreeMap::new, Collectors.toList()));
        if (trays.isEmpty()) {
            throw Refused.because(
                    "labels",
                    "No step names a tray or bag yet. Name one, or print a label for each step.");
        }
        return trays.entrySet().stream()
                .map(
                        tray ->
                                new Label(
                                        title(tray.getKey()),
                                        tag,
                                        number,
                                        tray.getValue().stream()
                                                .limit(LINES_ON_A_LABEL)
                                                .map(s -> s.number() + "  " + s.inWords())
                                                .toList(),
                                        Math.max(0, tray.getValue().size() - LINES_ON_A_LABEL),
                                        QrCode.asPicture(at + "?tray=" + encoded(tray.getKey()))))
                .toList();
    }

    private static Label one(
            TeardownStep step, String tag, long number, List<String> shafts, String at) {
        var lines =
                List.of(
                        "step " + step.number() + ", " + RebuildOrder.where(step, shafts),
                        step.tray().isEmpty() ? "" : title(step.tray()),
                        step.wayRound());
        return new Label(
                step.inWords(),
                tag,
                number,
                lines.stream().filter(l -> !l.isBlank()).toList(),
                0,
                QrCode.asPicture(at + "?step=" + step.id()));
    }

    private static String title(String tray) {
        return tray.contains(" ") ? tray : "tray " + tray;
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}

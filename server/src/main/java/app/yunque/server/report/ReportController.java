package app.yunque.server.report;

import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{number}")
class ReportController {
    private final ReportService reports;

    ReportController(ReportService reports) {
        this.reports = reports;
    }

    /** The report as a page to read and print; an earlier signature by its revision. */
    @GetMapping(value = "/report", produces = "text/html;charset=UTF-8")
    String page(
            @PathVariable long number, @RequestParam(required = false) @Nullable Integer revision) {
        return reports.page(number, revision);
    }

    /** The report as a PDF; of a signed job exactly as it was signed. */
    @GetMapping(value = "/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @PathVariable long number, @RequestParam(required = false) @Nullable Integer revision) {
        var name = ContentDisposition.inline().filename("yunque-job-" + number + ".pdf").build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .body(reports.pdf(number, revision));
    }

    /** What the customer is asked to say yes to: what was found and what it costs. */
    @GetMapping(value = "/quotation", produces = "text/html;charset=UTF-8")
    String quotation(@PathVariable long number) {
        return reports.quotation(number);
    }

    @GetMapping(value = "/quotation.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> quotationPdf(@PathVariable long number) {
        var name =
                ContentDisposition.inline().filename("yunque-quotation-" + number + ".pdf").build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .body(reports.quotationPdf(number));
    }
}

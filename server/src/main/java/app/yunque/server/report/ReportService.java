package app.yunque.server.report;

import app.yunque.server.bench.JobViews;
import app.yunque.server.bench.SignedReports;
import app.yunque.server.job.JobService;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Makes the report as a page and as a PDF, and keeps the PDF of a signed job for good. */
@Service
class ReportService implements SignedReports {
    private static final int REGULAR = 400;
    private static final int BOLD = 700;

    private final JobViews views;
    private final JobService jobs;
    private final ITemplateEngine templates;

    ReportService(JobViews views, JobService jobs, ITemplateEngine templates) {
        this.views = views;
        this.jobs = jobs;
        this.templates = templates;
    }

    @Transactional(readOnly = true)
    public String page(long number) {
        var context = new Context(Locale.ENGLISH);
        context.setVariable("r", ReportWriter.write(views.of(number)));
        return templates.process("report", context);
    }

    /** The PDF as it was signed, or as the job stands now while it is open. */
    @Transactional(readOnly = true)
    public byte[] pdf(long number) {
        return jobs.signedReport(jobs.find(number)).orElseGet(() -> render(page(number)));
    }

    @Override
    @Transactional
    public void keep(long number) {
        jobs.keepReport(jobs.find(number), render(page(number)));
    }

    private static byte[] render(String html) {
        var bytes = new ByteArrayOutputStream();
        var builder = new PdfRendererBuilder();
        font(builder, "AtkinsonHyperlegible_400Regular.ttf", "Atkinson", REGULAR);
        font(builder, "AtkinsonHyperlegible_700Bold.ttf", "Atkinson", BOLD);
        font(builder, "BarlowCondensed_600SemiBold.ttf", "Barlow", BOLD);
        builder.withHtmlContent(html, null);
        builder.toStream(bytes);
        try {
            builder.run();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
        return bytes.toByteArray();
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(
                () -> {
                    try {
                        return new ClassPathResource("fonts/" + file).getInputStream();
                    } catch (IOException defect) {
                        throw new UncheckedIOException(defect);
                    }
                },
                family,
                weight,
                FontStyle.NORMAL,
                true);
    }
}

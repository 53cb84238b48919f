package app.yunque.server.report;

import app.yunque.server.bench.JobViews;
import app.yunque.server.bench.SignedReports;
import app.yunque.server.job.JobService;
import app.yunque.server.paper.Paper;
import java.util.Locale;
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
        return jobs.signedReport(jobs.find(number)).orElseGet(() -> Paper.pdf(page(number)));
    }

    @Override
    @Transactional
    public void keep(long number) {
        jobs.keepReport(jobs.find(number), Paper.pdf(page(number)));
    }
}

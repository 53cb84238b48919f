package app.yunque.server.report;

import app.yunque.server.bench.JobParts;
import app.yunque.server.bench.JobView;
import app.yunque.server.bench.JobViews;
import app.yunque.server.bench.SealedView;
import app.yunque.server.bench.SignedReports;
import app.yunque.server.door.TypedText;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobService;
import app.yunque.server.job.Seal;
import app.yunque.server.paper.Paper;
import app.yunque.server.parts.OrderState;
import app.yunque.server.photo.PhotoService;
import app.yunque.server.problem.NotThere;
import app.yunque.server.shop.ShopService;
import app.yunque.server.shop.ShopSettings;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Makes the report as a page and as a PDF, and seals it when the job is signed. */
@Service
class ReportService implements SignedReports {
    private final JobViews views;
    private final JobService jobs;
    private final PhotoService photos;
    private final ITemplateEngine templates;
    private final ShopService shop;
    private final JobParts parts;

    ReportService(
            JobViews views,
            JobService jobs,
            PhotoService photos,
            ITemplateEngine templates,
            ShopService shop,
            JobParts parts) {
        this.views = views;
        this.jobs = jobs;
        this.photos = photos;
        this.templates = templates;
        this.shop = shop;
        this.parts = parts;
    }

    /**
     * The page as it was signed, or as the job stands now while it is open.
     *
     * @param revision a signature; null for what stands now
     * @throws NotThere when the job has no such signature
     */
    @Transactional(readOnly = true)
    public String page(long number, @Nullable Integer revision) {
        var job = jobs.find(number);
        if (revision != null) {
            return jobs.sealedPage(job, revision).orElseThrow(() -> none(number, revision));
        }
        return jobs.sealedPage(job, jobs.revision(job)).orElseGet(() -> page(views.of(number), ""));
    }

    /** The PDF as it was signed, or as the job stands now while it is open; revisions as for the page. */
    @Transactional(readOnly = true)
    public byte[] pdf(long number, @Nullable Integer revision) {
        var job = jobs.find(number);
        if (revision != null) {
            return jobs.sealedPdf(job, revision).orElseThrow(() -> none(number, revision));
        }
        return jobs.sealedPdf(job, jobs.revision(job))
                .orElseGet(() -> Paper.pdf(page(number, null)));
    }

    private static NotThere none(long number, int revision) {
        return new NotThere(
                "Job %d has no signed revision %d. Open the report without one."
                        .formatted(number, revision));
    }

    @Override
    public Seal seal(JobView signed) {
        var data = SealedView.write(signed);
        // Records from before texts were cleaned at the door may hold what no database takes.
        var page = TypedText.printable(page(signed, Seal.digest(data)));
        return new Seal(data, page, Paper.pdf(page), signed.backlashAfterMm());
    }

    /** What the customer is asked to say yes to, as it stands now. */
    @Transactional(readOnly = true)
    public String quotation(long number) {
        var ref = jobs.find(number);
        var context = new Context(Locale.ENGLISH);
        context.setVariable(
                "q",
                Quotation.of(
                        views.of(ref),
                        parts.of(ref),
                        id -> photos.thumbnail(ref.id(), id),
                        shop.settings().map(ShopSettings::name).orElse(""),
                        LocalDate.now(shop.zone())));
        return TypedText.printable(templates.process("quotation", context));
    }

    @Transactional(readOnly = true)
    public byte[] quotationPdf(long number) {
        return Paper.pdf(quotation(number));
    }

    /** What came for the job, by number and where from: what a later mechanic finds inside. */
    private List<String> bought(JobRef job) {
        return parts.of(job).orders().stream()
                .filter(o -> o.given().state() == OrderState.RECEIVED)
                .map(
                        o ->
                                "%d × %s, number %s%s"
                                        .formatted(
                                                o.given().quantity(),
                                                o.given().name(),
                                                o.given().number(),
                                                o.isFromStores()
                                                        ? ", from stores"
                                                        : o.quote() == null ? "" : ", bought"))
                .toList();
    }

    /** @param digest of the data that is sealed with it; empty while nothing is */
    private String page(JobView job, String digest) {
        var context = new Context(Locale.ENGLISH);
        context.setVariable("digest", digest);
        context.setVariable("bought", bought(jobs.find(job.job().number())));
        context.setVariable(
                "r",
                ReportWriter.write(
                        job,
                        id -> photos.thumbnail(job.job().id(), id),
                        shop.settings().map(ShopSettings::name).orElse(""),
                        shop.zone()));
        return templates.process("report", context);
    }
}

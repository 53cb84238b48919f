package app.yunque.server.bench;

import app.yunque.measure.Refused;
import app.yunque.route.LeadsReason;
import app.yunque.server.job.CorrectionRequest;
import app.yunque.server.job.JobService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signs a job and seals it as it stands at that moment: nobody writes to it in between, and everything sealed is of one view. */
@Service
public class Signing {
    private final JobService jobs;
    private final JobViews views;
    private final SignedReports reports;

    Signing(JobService jobs, JobViews views, SignedReports reports) {
        this.jobs = jobs;
        this.views = views;
        this.reports = reports;
    }

    /** Opens a signed job again as its next revision. */
    @Transactional
    public void correct(long number, CorrectionRequest request) {
        var job = jobs.find(number);
        jobs.correct(number, request, jobs.head(job));
        jobs.touch(job);
    }

    /**
     * @param despite a lead's reason to sign although something stands against it
     * @throws Refused when the job is signed already, or something stands against it and no reason is given
     */
    @Transactional
    public void sign(long number, @Nullable LeadsReason despite) {
        var job = jobs.openForWork(number);
        var against = views.asItStands(job).route().againstSigning();
        jobs.sign(job, against, despite);
        jobs.touch(job);
        var signed = views.asItStands(jobs.find(number));
        if (!signed.route().againstSigning().equals(against)) {
            throw Refused.because(
                    "job",
                    "Something this job is judged by was changed in this moment. Look at it again, then sign.");
        }
        jobs.seal(job, reports.seal(signed));
    }
}

package app.yunque.server.bench;

import app.yunque.server.job.Seal;

/** Writes the report of a job as it stands when it is signed. */
public interface SignedReports {
    Seal seal(JobView signed);
}

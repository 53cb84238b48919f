package app.yunque.server.bench;

/** Keeps the report of a job as it stands when it is signed. */
public interface SignedReports {
    void keep(long number);
}

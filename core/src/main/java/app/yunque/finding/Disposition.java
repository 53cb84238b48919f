package app.yunque.finding;

/** What becomes of a part. */
public enum Disposition {
    REUSE,
    DRESS,
    RENEW
}

package app.yunque.server.people;

/** What a person may do: a viewer reads, a mechanic works, a lead also waives and signs against the ledger. */
public enum Role {
    VIEWER,
    MECHANIC,
    LEAD
}

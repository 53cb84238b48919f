package app.yunque.server.begin;

/** Fills new records with the demo of the salt works. */
public interface Demo {
    /** In the transaction that is running. */
    void load();
}

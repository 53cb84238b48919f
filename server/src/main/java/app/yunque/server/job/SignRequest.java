package app.yunque.server.job;

/**
 * The signature of the person who is signed in.
 *
 * @param despite a lead's reason when something still stands against signing; empty otherwise
 */
public record SignRequest(String despite) {}

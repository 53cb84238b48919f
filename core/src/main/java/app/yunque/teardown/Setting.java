package app.yunque.teardown;

/**
 * A setting that the strip disturbs, or must not disturb.
 *
 * @param name     what it is: "stop screw"
 * @param value    its value as found, with unit; empty while nobody has noted it
 * @param mustKeep true when it has to stand there again; false when it is set anew later
 */
public record Setting(String name, String value, boolean mustKeep) {}

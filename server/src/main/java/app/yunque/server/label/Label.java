package app.yunque.server.label;

import java.util.List;

/**
 * One label.
 *
 * @param title  tray or bag, or the part
 * @param unit   tag of the unit
 * @param job    number of the job
 * @param lines  what lies in it, with the number of the step
 * @param more   how many lines did not fit
 * @param code   QR code as a picture
 */
public record Label(
        String title, String unit, long job, List<String> lines, int more, String code) {}

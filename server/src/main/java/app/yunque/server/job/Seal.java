package app.yunque.server.job;

import java.util.List;

/**
 * A job as it was signed: with its verdicts, limits, sheets and names, as data, as a page and as a PDF. What is corrected later,
 * a rule, the papers of the unit, the card of an instrument, does not change it.
 *
 * @param view       the whole job as the screens show it (JSON)
 * @param page       the report (HTML)
 * @param pdf        the same page as PDF
 * @param backlashMm mean backlash after the rebuild, mesh by mesh (mm), as lists show it
 */
public record Seal(String view, String page, byte[] pdf, List<Double> backlashMm) {}

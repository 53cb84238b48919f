package app.yunque.measure;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Days in which an instrument is not to be trusted: from the day it was last known good to the day it was found out of calibration. What
 * was read with it in between was read with nobody knows what, so it counts as not made. Source: ISO 10012, the validity of earlier
 * results when equipment is found not to conform, from memory.
 *
 * @param lastGood day of the last check that it passed
 * @param foundOn  day it was found out
 * @param why      what was found, 1 to 200 characters: "reads 0.04 mm short on the 50 mm block"
 */
public record InDoubt(LocalDate lastGood, LocalDate foundOn, String why) {
    private static final int LONGEST_WHY = 200;

    /** @throws Refused when it was found out before it was last good, or nobody says what was found */
    public InDoubt {
        why = why.strip();
        Refused.ifAny(
                foundOn.isBefore(lastGood)
                        ? Optional.of(
                                Problem.told(
                                        "foundOn",
                                        "It was found out on %s, before it was last good on %s. Enter the day of the last check that it passed."
                                                .formatted(foundOn, lastGood)))
                        : Optional.empty(),
                why.isEmpty() || why.length() > LONGEST_WHY
                        ? Optional.of(
                                Problem.told(
                                        "why",
                                        "Say what was found, in 1 to %d characters: how far out, and on what."
                                                .formatted(LONGEST_WHY)))
                        : Optional.empty());
    }

    /** Whether a reading of that day is in doubt; of both outer days nobody knows which came first, so they are. */
    public boolean covers(LocalDate day) {
        return !day.isBefore(lastGood) && !day.isAfter(foundOn);
    }

    /** What stands in the place of a reading's verdict. */
    public String says(String instrument) {
        return "Taken with %s, which was found out of calibration on %s (%s): it counts as not made. Measure again with another."
                .formatted(instrument, foundOn, why);
    }
}

package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * What is not as it was the last time this unit, or one like it, was open: a count, a screw, a face that looks the other
 * way, a part nobody knew. One of the two is wrong, or somebody was there in between.
 *
 * @param differences in the order of the strip
 */
public record SinceLastTime(List<Difference> differences) {

    /**
     * @param stepId step of this strip
     * @param number its place
     * @param says   the difference in one sentence
     */
    public record Difference(String stepId, int number, String says) {}

    public SinceLastTime {
        differences = List.copyOf(differences);
    }

    /**
     * @param before the former strip; empty when there is none, and then nothing differs
     * @param steps  this strip
     */
    public static SinceLastTime between(List<TeardownStep> before, List<TeardownStep> steps) {
        var differences = new ArrayList<Difference>();
        var left = new ArrayList<>(before);
        for (var step : steps) {
            var last = before.isEmpty() ? null : ShaftStack.twin(left, step);
            if (last != null) {
                left.remove(last);
                compare(last, step, differences);
            } else if (!before.isEmpty()) {
                differences.add(said(step, step.part() + " was not there last time."));
            }
        }
        return new SinceLastTime(differences);
    }

    private static void compare(TeardownStep last, TeardownStep now, List<Difference> out) {
        if (last.count() != now.count()) {
            out.add(
                    said(
                            now,
                            "%s: %d now, %d last time."
                                    .formatted(now.part(), now.count(), last.count())));
        }
        if (!same(last.wayRound(), now.wayRound())) {
            out.add(
                    said(
                            now,
                            "%s faced “%s” last time, now “%s”."
                                    .formatted(
                                            now.part(),
                                            shown(last.wayRound()),
                                            shown(now.wayRound()))));
        }
        var screws = screws(last);
        if (!screws.equals(screws(now))) {
            out.add(
                    said(
                            now,
                            "%s was held by %s last time, now by %s."
                                    .formatted(now.part(), shown(screws), shown(screws(now)))));
        }
        var thick = last.detail().body().thicknessMm();
        var thickNow = now.detail().body().thicknessMm();
        if (thick != null && thickNow != null && !thick.equals(thickNow)) {
            out.add(
                    said(
                            now,
                            "%s: %s mm thick now, %s mm last time."
                                    .formatted(
                                            now.part(),
                                            PlainDigits.exact(thickNow),
                                            PlainDigits.exact(thick))));
        }
    }

    private static String screws(TeardownStep step) {
        return step.fastenings().stream()
                .map(SinceLastTime::screws)
                .collect(Collectors.joining(" and "));
    }

    private static String screws(Fastening f) {
        return new Fastening(
                        f.count(),
                        f.thread(),
                        f.lengthMm(),
                        f.isLeftHand(),
                        null,
                        "",
                        "",
                        Fastening.Locking.NONE,
                        null,
                        f.typed(),
                        "")
                .inWords();
    }

    private static boolean same(String a, String b) {
        return Objects.equals(
                a.strip().toLowerCase(Locale.ROOT), b.strip().toLowerCase(Locale.ROOT));
    }

    private static String shown(String text) {
        return text.isBlank() ? "nothing noted" : text;
    }

    private static Difference said(TeardownStep step, String sentence) {
        return new Difference(step.id(), step.number(), WatchList.capital(sentence));
    }
}

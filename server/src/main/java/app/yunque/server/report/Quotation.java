package app.yunque.server.report;

import app.yunque.finding.Disposition;
import app.yunque.measure.PlainDigits;
import app.yunque.parts.Money;
import app.yunque.server.bench.JobView;
import app.yunque.server.parts.PartsOfJob;
import java.time.LocalDate;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a customer is asked to say yes to: what was found, in plain words with pictures, and what it costs.
 *
 * @param shop      name of the shop
 * @param job       number of the job
 * @param unit      tag and name of the unit
 * @param serial    serial number; empty where it is not known
 * @param complaint what it came for
 * @param found     what was found on parts that do not go back as they are
 * @param lines     parts with their prices
 * @param hours     labour in words; empty where nobody estimated it
 * @param labour    what it costs; empty as before
 * @param total     of all of it, with the currency
 * @param notPriced parts of which no price is known, in words
 * @param on        the day
 */
record Quotation(
        String shop,
        long job,
        String unit,
        String serial,
        String complaint,
        List<Found> found,
        List<Line> lines,
        String hours,
        String labour,
        String total,
        List<String> notPriced,
        LocalDate on) {

    /** A part, why it does not go back as it is, and a picture of it where there is one. */
    record Found(String part, String what, String why, @Nullable String picture) {}

    /** A part with its price. */
    record Line(int quantity, String name, String number, String each, String sum) {}

    /** @param pictures a small copy of a picture, by its identity */
    static Quotation of(
            JobView job,
            PartsOfJob parts,
            Function<UUID, byte[]> pictures,
            String shop,
            LocalDate on) {
        var currency = parts.money().currency();
        var orders = parts.orders().stream().filter(o -> !o.given().state().isCalledOff()).toList();
        return new Quotation(
                shop,
                job.job().number(),
                job.unit().tag() + " · " + job.unit().name(),
                parts.bill().serial(),
                job.job().complaint(),
                found(job, pictures),
                orders.stream()
                        .filter(o -> o.lineCents() != null)
                        .map(
                                o ->
                                        new Line(
                                                o.given().quantity(),
                                                o.given().name(),
                                                o.given().number(),
                                                Money.inWords(
                                                        Objects.requireNonNull(o.lineCents())
                                                                / o.given().quantity()),
                                                Money.inWords(
                                                        Objects.requireNonNull(o.lineCents()))))
                        .toList(),
                parts.estimate().hours() > 0
                        ? "%s h at %s"
                                .formatted(
                                        PlainDigits.exact(parts.estimate().hours()),
                                        Money.inWords(parts.money().rateCents()))
                        : "",
                parts.estimate().hours() > 0 ? Money.inWords(parts.cost().labourCents()) : "",
                Money.inWords(parts.cost().estimateCents()) + " " + currency,
                Stream.concat(
                                orders.stream()
                                        .filter(o -> o.lineCents() == null)
                                        .map(
                                                o ->
                                                        "%d × %s"
                                                                .formatted(
                                                                        o.given().quantity(),
                                                                        o.given().name())),
                                parts.toBuy().stream()
                                        .map(t -> "%d × %s".formatted(t.quantity(), t.name())))
                        .toList(),
                on);
    }

    private static List<Found> found(JobView job, Function<UUID, byte[]> pictures) {
        return job.decisions().stream()
                .filter(d -> d.decided() == Disposition.RENEW || d.decided() == Disposition.DRESS)
                .map(
                        d ->
                                new Found(
                                        d.part(),
                                        d.decided() == Disposition.RENEW
                                                ? "a new one"
                                                : "made good",
                                        Objects.requireNonNullElse(d.reason(), ""),
                                        picture(job, d.stepId(), pictures)))
                .toList();
    }

    private static @Nullable String picture(
            JobView job, UUID stepId, Function<UUID, byte[]> pictures) {
        return job.photos().stream()
                .filter(p -> stepId.equals(p.stepId()))
                .findFirst()
                .map(
                        p ->
                                "data:image/jpeg;base64,"
                                        + Base64.getEncoder()
                                                .encodeToString(pictures.apply(p.id())))
                .orElse(null);
    }
}

package app.yunque.cost;

/** What a year of something costs that is bought once: C r / (1 − (1 + r)⁻ⁿ), without interest C / n. Source: annuity of compound interest. */
final class Annuity {
    private Annuity() {}

    /**
     * @param cost  what it costs now
     * @param years years it lasts, more than 0
     * @param rate  interest a year, 0.05 for 5 %; 0 or more
     */
    static double perYear(double cost, double years, double rate) {
        return rate == 0 ? cost / years : cost * rate / -Math.expm1(-years * Math.log1p(rate));
    }
}

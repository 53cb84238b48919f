package app.yunque.parts;

/** Amounts of money in words. The currency is the shop's and stands beside. */
public final class Money {
    private static final int CENTS = 100;

    private Money() {}

    /** @return "62.00" of 6200 cents; "−0.05" of −5 */
    public static String inWords(long cents) {
        long size = Math.abs(cents);
        return "%s%d.%02d".formatted(cents < 0 ? "−" : "", size / CENTS, size % CENTS);
    }
}

package app.yunque.drive;

/** How often the same two teeth meet: f_HT = f_mesh gcd (z₁, z₂)/(z₁ z₂). Source: definition. */
final class Hunting {
    private Hunting() {}

    /**
     * @param meshHz mesh frequency (Hz)
     * @return (Hz)
     */
    static double hz(double meshHz, int z1, int z2) {
        return meshHz * gcd(z1, z2) / ((double) z1 * z2);
    }

    static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}

package app.yunque.spring;

/** What a spring is wound of, with its shear modulus. Source: EN 10270-1 and -3, from memory. */
public enum SpringSteel {
    PATENTED_WIRE("patented spring wire", 81_500),
    STAINLESS("stainless spring wire", 71_500);

    private final String words;
    private final double shearModulusMpa;

    SpringSteel(String words, double shearModulusMpa) {
        this.words = words;
        this.shearModulusMpa = shearModulusMpa;
    }

    public String words() {
        return words;
    }

    double shearModulusMpa() {
        return shearModulusMpa;
    }
}

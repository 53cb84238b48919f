package app.yunque.parts;

import app.yunque.measure.PublicRule;

/**
 * How well another part than the maker's is known to do: by evidence and not by its label. Inside a gearbox A to C go; what limits a torque
 * has to be A or B. Source: common practice, no source.
 *
 * @param grade    A to E
 * @param allowed  true where it may be fitted
 * @param sentence why
 */
public record AlternateGrade(Grade grade, boolean allowed, String sentence) {

    /** What is known, the best first. */
    public enum Grade {
        A("the maker’s number, or what replaces it today"),
        B("a standard part of the same full designation"),
        C("all key sizes measured, material and hardness known"),
        D("some sizes known"),
        E("it looks alike");

        private final String words;

        Grade(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What the part does. */
    public enum Duty {
        OUTSIDE_THE_BOX("outside the gearbox"),
        INSIDE_THE_BOX("inside the gearbox"),
        LIMITS_TORQUE("limits the torque: a shear pin, a clutch spring");

        private final String words;

        Duty(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param makersNumber       it bears the maker's number, or one that replaces it today
     * @param sameDesignation    it is a standard part of the same full designation: size, clearance, seal, hand, strength class
     * @param allSizes           all key sizes were measured and lie in tolerance
     * @param materialAndHardness material and hardness are known to be the same
     * @param someSizes          some sizes were measured
     * @param duty               what the part does
     */
    @PublicRule(
            at = "parts/alternate",
            title = "Another part than the maker’s",
            says = "How well an alternate is known, and whether it may be fitted.",
            source = "common practice, no source")
    public static AlternateGrade of(
            boolean makersNumber,
            boolean sameDesignation,
            boolean allSizes,
            boolean materialAndHardness,
            boolean someSizes,
            Duty duty) {
        return judged(
                known(makersNumber, sameDesignation, allSizes, materialAndHardness, someSizes),
                duty);
    }

    private static Grade known(
            boolean makersNumber,
            boolean sameDesignation,
            boolean allSizes,
            boolean materialAndHardness,
            boolean someSizes) {
        return makersNumber
                ? Grade.A
                : sameDesignation
                        ? Grade.B
                        : allSizes && materialAndHardness
                                ? Grade.C
                                : allSizes || someSizes ? Grade.D : Grade.E;
    }

    /**
     * As {@link #of}, where somebody says it in one word.
     *
     * @param grade how well it is known
     * @param duty  what the part does
     */
    public static AlternateGrade judged(Grade grade, Duty duty) {
        var least =
                switch (duty) {
                    case LIMITS_TORQUE -> Grade.B;
                    case INSIDE_THE_BOX -> Grade.C;
                    case OUTSIDE_THE_BOX -> Grade.D;
                };
        boolean allowed = grade.compareTo(least) <= 0;
        return new AlternateGrade(
                grade,
                allowed,
                "%s: %s. %s"
                        .formatted(
                                grade,
                                grade.words(),
                                allowed
                                        ? "It may be fitted."
                                        : "Not enough for what is %s: %s is asked at least (%s)."
                                                .formatted(duty.words(), least, least.words())));
    }
}

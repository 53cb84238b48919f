package app.yunque.tooth;

import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Edges;
import app.yunque.measure.PublicRule;

/**
 * How much of a tooth may be gone at the reference circle, by what the drive is there for and what the tooth is made of.
 * The stricter of the two decides, except that a bronze wheel is made to wear.
 *
 * @param watchPercent from here the gear is watched (% of thickness)
 * @param renewPercent from here the gear is renewed (% of thickness)
 * @param reason       who says so
 */
public record WearLimit(double watchPercent, double renewPercent, String reason) {

    /** What the tooth is made of. */
    public enum ToothMaterial {
        STEEL("steel or iron"),
        BRONZE("bronze wheel of a worm"),
        PLASTIC("plastic, or meant to give way first"),
        SINTERED("sintered (pressed powder)");

        private final String words;

        ToothMaterial(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Where new ends and renewal begins, for a loss (% of thickness). */
    public Edges edges() {
        return Edges.growing(null, watchPercent, renewPercent);
    }

    /** Sources: GB/T 6067.1 for hoists, from memory, taken stricter; the rest common practice, no source. */
    @PublicRule(
            at = "tooth/wear-limit",
            title = "Limits of tooth wear",
            says = "From where a tooth is watched and renewed, by duty and material.",
            source = "common practice, no source")
    public static WearLimit of(ServiceDuty duty, ToothMaterial material) {
        if (duty == ServiceDuty.LIFTING) {
            return new WearLimit(
                    duty.watchPercent(),
                    duty.renewPercent(),
                    "lifting: 10 % for every stage, GB/T 6067.1 allows 20 % on later ones (from memory)");
        }
        return switch (material) {
            case STEEL -> new WearLimit(duty.watchPercent(), duty.renewPercent(), duty.words());
            case BRONZE ->
                    new WearLimit(
                            15,
                            30,
                            "bronze wheel: worn to two thirds of its tooth (common practice); renew too when a tooth"
                                    + " comes to a knife edge");
            case PLASTIC ->
                    new WearLimit(
                            Math.min(10, duty.renewPercent()),
                            Math.min(25, 2 * duty.renewPercent()),
                            "plastic: any crack, melting or feathered tip renews it at once (common practice)");
            case SINTERED ->
                    new WearLimit(
                            Math.min(5, duty.watchPercent()),
                            Math.min(10, duty.renewPercent()),
                            "sintered: thin dense skin, never weld, any chip renews it (common practice)");
        };
    }
}

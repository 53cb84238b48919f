package app.yunque.lubricant.place;

import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * A lubricant as its data sheet tells it, so far as compatibility is concerned.
 *
 * @param base      what the oil is made from
 * @param additive  what is added against wear
 * @param thickener what holds it, for a grease; empty for an oil
 * @param nlgi      consistency class of a grease, −2 for 000 to 6; empty for an oil
 * @param viscosity ν at 40 °C of the oil or of the grease's base oil (mm²/s)
 * @param food      true when registered for incidental food contact
 * @param solids    true with graphite, molybdenum or other solids
 */
public record Lubricant(
        BaseOil base,
        Additive additive,
        Optional<Thickener> thickener,
        Optional<Integer> nlgi,
        double viscosity,
        boolean food,
        boolean solids) {

    /** What an oil carries against wear. */
    public enum Additive {
        NONE("none or rust and oxidation only"),
        ANTIWEAR("antiwear, no EP (HLP, HVLP, FD)"),
        MILD_EP("mild EP, passive on copper (CKC, CKD)"),
        ACTIVE_SULPHUR("active sulphur EP (GL-5 kind)"),
        COMPOUNDED("compounded with fatty oil (CKE)"),
        FRICTION_MODIFIED("friction modified or tackified"),
        UNKNOWN("not known");

        private final String words;

        Additive(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public boolean isEp() {
            return this == MILD_EP || this == ACTIVE_SULPHUR;
        }
    }

    public Lubricant {
        Refused.ifAny(ViscosityLine.VISCOSITY.judge(viscosity));
    }

    public boolean isGrease() {
        return thickener.isPresent();
    }
}

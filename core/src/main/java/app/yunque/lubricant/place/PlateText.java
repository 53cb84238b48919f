package app.yunque.lubricant.place;

import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant.Additive;
import app.yunque.lubricant.viscosity.AgmaNumber;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.OldViscosity;
import app.yunque.lubricant.viscosity.SaeGearGrade;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What the letters and numbers on a plate or a can mean: ISO VG, AGMA and SAE numbers, Saybolt and Engler values, type letters of
 * oils and greases. A product's name says nothing and is never guessed from. Source: ISO 3448, ISO 6743-6 and -9, DIN 51502,
 * 51517, 51825, AGMA 9005-D94, SAE J306 of 2005, API classes; all from memory.
 *
 * @param viscosityAt40 ν at 40 °C (mm²/s); empty when not told
 * @param base          base oil; empty when not told
 * @param additive      against wear; empty when not told
 * @param grease        true for letters of a grease
 * @param nlgi          consistency, −2 for 000; empty when not told
 * @param food          true when it must be registered for food contact
 * @param understood    each part with what it was read as
 */
public record PlateText(
        Optional<Double> viscosityAt40,
        Optional<BaseOil> base,
        Optional<Additive> additive,
        boolean grease,
        Optional<Integer> nlgi,
        boolean food,
        List<String> understood) {

    private record Letters(@Nullable BaseOil base, @Nullable Additive additive, String words) {}

    private static final Map<String, Letters> TYPES =
            Map.ofEntries(
                    type("CKB", null, Additive.NONE, "gear oil, inhibited, no EP"),
                    type("CKC", null, Additive.MILD_EP, "gear oil with EP, medium load"),
                    type("CKD", null, Additive.MILD_EP, "gear oil with EP, hotter and heavier"),
                    type("CKE", null, Additive.COMPOUNDED, "gear oil of low friction, for worms"),
                    type("CKS", BaseOil.PAO, Additive.NONE, "synthetic for great cold or heat"),
                    type(
                            "CKT",
                            BaseOil.PAO,
                            Additive.MILD_EP,
                            "synthetic with EP for great cold or heat"),
                    type("CLPHC", BaseOil.PAO, Additive.MILD_EP, "synthetic hydrocarbon with EP"),
                    type("CLPPG", BaseOil.PAG, Additive.MILD_EP, "polyglycol with EP"),
                    type("CLPE", BaseOil.ESTER, Additive.MILD_EP, "ester with EP"),
                    type("CLP", BaseOil.MINERAL, Additive.MILD_EP, "mineral with EP"),
                    type(
                            "CGLP",
                            BaseOil.MINERAL,
                            Additive.FRICTION_MODIFIED,
                            "gear and way oil in one, clings"),
                    type("CL", BaseOil.MINERAL, Additive.NONE, "mineral, inhibited"),
                    type("C", BaseOil.MINERAL, Additive.NONE, "plain mineral"),
                    type("HVLP", BaseOil.MINERAL, Additive.ANTIWEAR, "hydraulic oil of high index"),
                    type("HLP", BaseOil.MINERAL, Additive.ANTIWEAR, "hydraulic oil, antiwear"),
                    type("HL", BaseOil.MINERAL, Additive.NONE, "hydraulic oil, inhibited"),
                    type("FC", BaseOil.MINERAL, Additive.NONE, "spindle oil"),
                    type("FD", BaseOil.MINERAL, Additive.ANTIWEAR, "spindle oil, antiwear"),
                    type("G", BaseOil.MINERAL, Additive.FRICTION_MODIFIED, "way oil, clings"),
                    type("GL-4", null, Additive.MILD_EP, "vehicle gear oil, GL-4"),
                    type(
                            "GL-5",
                            null,
                            Additive.ACTIVE_SULPHUR,
                            "vehicle gear oil, GL-5: about twice the EP, hard on bronze"));

    private static final Pattern VG = Pattern.compile("(?:ISO[ -]?)?VG[ -]?(\\d{1,4})");
    private static final Pattern AGMA =
            Pattern.compile("AGMA (?:NO\\.? ?)?(\\d{1,2}A?R?(?: ?(?:EP|S|COMP)\\b)?)");
    private static final Pattern SAE =
            Pattern.compile(
                    "(?:SAE )?\\d{2}W-?(80|85|90|110|140|190|250)|SAE (80|85|90|110|140|190|250)");
    private static final Pattern SAYBOLT = Pattern.compile("(\\d{2,5}(?:\\.\\d+)?) ?(?:SUS|SSU)");
    private static final Pattern ENGLER = Pattern.compile("(\\d{1,3}(?:[.,]\\d+)?) ?°?E(?=$| )");
    private static final Pattern TYPE =
            Pattern.compile(
                    "(?:ISO-?L-?)?(CLP[ -]?(?:HC|PG|E)\\b|CGLP|CLP|CK[BCDEST]|HVLP|HLP|HL|GL-[45]|(?:FC|FD|CL|C|G)(?=[ -]*\\d))(?=$|[ \\d-])(?:[ -]*(\\d{1,4})(?=$| ))?");
    private static final Pattern GREASE =
            Pattern.compile(
                    "(KP|K|GP|G|OG|M)(HC|E|SI|PG|F)?(000|00|[0-6])([C-HKMNPRSTU])(-?\\d{2})?(?=$| )");
    private static final Pattern X_GREASE =
            Pattern.compile("(?:ISO-?L-?)?X([A-E])([A-G])([A-I])([AB]) ?(000|00|[0-6])");
    private static final Pattern NLGI = Pattern.compile("NLGI ?(000|00|[0-6])");

    /** Gear oils as old plates write them: "EP 90". */
    private static final Pattern OLD_EP = Pattern.compile("EP ?(80|85|90|110|140)(?=$| )");

    private static final Pattern SHORT_GREASE =
            Pattern.compile("(KP|GP|OG) ?(000|00|[0-6])(?=$| )");
    private static final Pattern FOOD = Pattern.compile("(?:NSF )?H1\\b");

    private static final int[] UPPER = {60, 60, 80, 80, 100, 100, 120, 120};
    private static final String UPPER_LETTERS = "CDEFGHKM";
    private static final String HIGHER_LETTERS = "NPRSTU";
    private static final double USUAL_INDEX = 95;

    private static Map.Entry<String, Letters> type(
            String letters, @Nullable BaseOil base, @Nullable Additive additive, String words) {
        return Map.entry(letters, new Letters(base, additive, words));
    }

    /**
     * Reads a plate.
     *
     * @param written as on the plate or the can
     * @throws Refused when nothing of it is known, or a part is read differently in different editions
     */
    @PublicRule(
            at = "lubricant/plate",
            title = "What a plate says",
            says = "What a marking of a lubricant means, read in old and new systems.",
            source = "ISO 6743, DIN 51502, AGMA, SAE, from memory")
    public static PlateText read(String written) {
        var reader = new Reader(written.strip().toUpperCase(Locale.ROOT).replaceAll("\\s+", " "));
        reader.read();
        if (reader.understood.isEmpty()) {
            throw Refused.because(
                    "plate",
                    "“%s” holds no letters or numbers of a grade. A product's name says nothing: read ISO VG, type letters and base oil off the can or its data sheet."
                            .formatted(written.strip()));
        }
        return new PlateText(
                Optional.ofNullable(reader.viscosity),
                Optional.ofNullable(reader.base),
                Optional.ofNullable(reader.additive),
                reader.grease,
                Optional.ofNullable(reader.nlgi),
                reader.food,
                List.copyOf(reader.understood));
    }

    /** The ISO grade nearest to what the plate tells. */
    public Optional<IsoViscosityGrade> grade() {
        return viscosityAt40.map(IsoViscosityGrade::nearest);
    }

    /**
     * A text that may hold nothing known.
     *
     * @param text     what was read; empty where nothing of it is known
     * @param setAside why it is not counted, in a sentence; empty where it was read
     */
    public record Tried(Optional<PlateText> text, String setAside) {}

    /** Reads a plate, or sets it aside with why, so that the sheet goes on. */
    public static Tried tried(String written) {
        try {
            return new Tried(Optional.of(read(written)), "");
        } catch (Refused unknown) {
            return new Tried(Optional.empty(), unknown.getMessage());
        }
    }

    /** Any grade and consistency serves to ask what the kind harms. */
    private static final double ANY_GRADE = 220;

    private static final int ANY_NLGI = 2;

    /** A lubricant of this kind, to ask what it harms; an additive that is not told is not known. */
    public Lubricant asLubricant() {
        return new Lubricant(
                base.orElse(BaseOil.MINERAL),
                additive.orElse(Additive.UNKNOWN),
                grease ? Optional.of(Thickener.LITHIUM_COMPLEX) : Optional.empty(),
                grease ? Optional.of(nlgi.orElse(ANY_NLGI)) : Optional.empty(),
                viscosityAt40.orElse(ANY_GRADE),
                food,
                false);
    }

    /** Whether a lubricant is what the plate tells, so far as it tells it. */
    public boolean suits(Lubricant lubricant) {
        return lubricant.isGrease() == grease
                && grade().map(g -> g == IsoViscosityGrade.nearest(lubricant.viscosity()))
                        .orElse(true)
                && base.map(b -> b == lubricant.base()).orElse(true)
                && additive.map(a -> a == lubricant.additive()).orElse(true)
                && nlgi.map(n -> lubricant.nlgi().equals(Optional.of(n))).orElse(true)
                && (!food || lubricant.food());
    }

    /** Takes one kind of sign after the other out of the text. */
    private static final class Reader {
        private String rest;
        private final List<String> understood = new ArrayList<>();
        private @Nullable Double viscosity;
        private @Nullable BaseOil base;
        private @Nullable Additive additive;
        private @Nullable Integer nlgi;
        private boolean grease;
        private boolean food;

        Reader(String text) {
            rest = text;
        }

        void read() {
            take(AGMA).ifPresent(m -> agma(m.group(1)));
            take(SAYBOLT)
                    .ifPresent(
                            m ->
                                    old(
                                            m.group(),
                                            37.7778,
                                            OldViscosity.fromSaybolt(
                                                    Double.parseDouble(m.group(1)))));
            take(OLD_EP)
                    .ifPresent(
                            m -> {
                                sae(m.group(1));
                                additive = Additive.MILD_EP;
                                understood.add("EP: gear oil with EP");
                            });
            take(SAE).ifPresent(m -> sae(m.group(1) != null ? m.group(1) : m.group(2)));
            take(VG).ifPresent(m -> grade(m.group(1)));
            take(X_GREASE).ifPresent(this::xGrease);
            take(GREASE).ifPresent(this::letterGrease);
            take(SHORT_GREASE).ifPresent(this::shortGrease);
            take(NLGI).ifPresent(m -> consistency(m.group(1)));
            take(TYPE).ifPresent(this::type);
            take(ENGLER)
                    .ifPresent(
                            m ->
                                    old(
                                            m.group(),
                                            50,
                                            OldViscosity.fromEngler(
                                                    Double.parseDouble(
                                                            m.group(1).replace(',', '.')))));
            take(FOOD)
                    .ifPresent(
                            m -> {
                                food = true;
                                understood.add("H1: registered for incidental food contact");
                            });
        }

        private Optional<Matcher> take(Pattern pattern) {
            var match = Pattern.compile("(?<![A-Z\\d])(?:" + pattern.pattern() + ")").matcher(rest);
            if (!match.find()) {
                return Optional.empty();
            }
            rest = (rest.substring(0, match.start()) + " " + rest.substring(match.end())).strip();
            return Optional.of(match);
        }

        private void agma(String written) {
            var number = AgmaNumber.of(written);
            viscosity = number.grade().midpointMm2PerS();
            switch (number.kind()) {
                case EP -> additive = Additive.MILD_EP;
                case COMPOUNDED -> additive = Additive.COMPOUNDED;
                case SYNTHETIC -> base = BaseOil.PAO;
                case INHIBITED -> additive = Additive.NONE;
            }
            understood.add(
                    "AGMA %s: %s, %s"
                            .formatted(
                                    number.number(),
                                    number.grade().words(),
                                    number.kind().words()));
        }

        private void old(String words, double atDegC, double there) {
            viscosity = ViscosityLine.at(atDegC, there, USUAL_INDEX).viscosityAt(40);
            understood.add(
                    "%s at %s °C: %s mm²/s at 40 °C with an index of 95, nearest %s"
                            .formatted(
                                    words.strip(),
                                    atDegC == 50 ? "50" : "37.8 (100 °F)",
                                    PlainDigits.rounded(viscosity, 0),
                                    IsoViscosityGrade.nearest(viscosity).words()));
        }

        private void sae(String number) {
            var grade = SaeGearGrade.valueOf("SAE_" + number);
            viscosity = ViscosityLine.at(100, grade.middle(), USUAL_INDEX).viscosityAt(40);
            understood.add(
                    "%s gear oil: about %s; the two systems measure at different temperatures"
                            .formatted(
                                    grade.words(), IsoViscosityGrade.nearest(viscosity).words()));
        }

        private void grade(String number) {
            try {
                viscosity = IsoViscosityGrade.valueOf("VG_" + number).midpointMm2PerS();
            } catch (IllegalArgumentException unknown) {
                throw Refused.because(
                        "plate",
                        "ISO VG %s is no grade of ISO 3448; the nearest is %s. Read the plate again."
                                .formatted(
                                        number,
                                        IsoViscosityGrade.nearest(
                                                        Math.max(1, Double.parseDouble(number)))
                                                .words()));
            }
            understood.add("ISO VG " + number);
        }

        private void type(Matcher m) {
            var letters = m.group(1).replaceAll("(?<=CLP)[ -]", "");
            var meaning = TYPES.get(letters);
            base = meaning.base != null ? meaning.base : base;
            additive = meaning.additive != null ? meaning.additive : additive;
            understood.add(letters + ": " + meaning.words);
            if (m.group(2) != null && viscosity == null) {
                grade(m.group(2));
            }
        }

        private void letterGrease(Matcher m) {
            grease = true;
            consistency(m.group(3));
            if (m.group(1).endsWith("P")) {
                additive = Additive.MILD_EP;
            }
            if (m.group(2) != null) {
                switch (m.group(2)) {
                    case "HC" -> base = BaseOil.PAO;
                    case "E" -> base = BaseOil.ESTER;
                    case "PG" -> base = BaseOil.PAG;
                    case "SI" -> base = BaseOil.SILICONE;
                    default -> understood.add("F: solids in it");
                }
            }
            var place =
                    m.group(1).startsWith("K")
                            ? "for bearings"
                            : m.group(1).startsWith("OG")
                                    ? "for open gears"
                                    : m.group(1).startsWith("G")
                                            ? "for closed gears"
                                            : "for plain bearings";
            understood.add(
                    "%s: grease %s, up to %s °C%s"
                            .formatted(
                                    m.group().strip(),
                                    place,
                                    upper(m.group(4).charAt(0)),
                                    m.group(5) == null
                                            ? ""
                                            : ", down to −" + m.group(5).replace("-", "") + " °C"));
        }

        private void shortGrease(Matcher m) {
            grease = true;
            consistency(m.group(2));
            if (m.group(1).endsWith("P")) {
                additive = Additive.MILD_EP;
            }
            understood.add(
                    "%s: grease %s"
                            .formatted(
                                    m.group().strip(),
                                    m.group(1).equals("KP")
                                            ? "for bearings, EP"
                                            : m.group(1).equals("GP")
                                                    ? "for closed gears, EP"
                                                    : "for open gears"));
        }

        private static int upper(char letter) {
            int low = UPPER_LETTERS.indexOf(letter);
            return low >= 0 ? UPPER[low] : 140 + 20 * HIGHER_LETTERS.indexOf(letter);
        }

        private void xGrease(Matcher m) {
            grease = true;
            consistency(m.group(5));
            int[] lower = {0, -20, -30, -40, -50};
            int[] upper = {60, 90, 120, 140, 160, 180, 200};
            int water = m.group(3).charAt(0) - 'A';
            String[] wet = {"dry", "moist", "wash-out"};
            String[] rust = {"no protection", "fresh water", "salt water"};
            if (m.group(4).equals("B")) {
                additive = Additive.MILD_EP;
            }
            understood.add(
                    "%s: grease, %s to %d °C, %s, against rust %s, %s"
                            .formatted(
                                    m.group().strip(),
                                    PlainDigits.exact(lower[m.group(1).charAt(0) - 'A']),
                                    upper[m.group(2).charAt(0) - 'A'],
                                    wet[water / 3],
                                    rust[water % 3],
                                    m.group(4).equals("B") ? "EP" : "no EP"));
        }

        private void consistency(String written) {
            grease = true;
            nlgi = written.startsWith("00") ? 1 - written.length() : Integer.parseInt(written);
            understood.add("NLGI " + written);
        }
    }
}

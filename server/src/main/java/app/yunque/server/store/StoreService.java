package app.yunque.server.store;

import app.yunque.lubricant.DataSheet;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.ViscosityIndex;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.problem.NotThere;
import app.yunque.server.quantity.Entered;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the lubricants that stand on the shelf. */
@Service
public class StoreService {
    private static final double ROUNDING = 1e-6;

    /** What is left is kept to the millilitre and the gram. */
    private static final double MILLI = 1000;

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_LOT = 40;
    private static final Range CONSISTENCY = Range.of("nlgi", "NLGI class (000 is −2)", -2, 6, "");
    private static final Range AMOUNT = Range.of("amount", "what is left", 0, 10_000, "L or kg");

    private final LubricantRepository lubricants;
    private final AtTheBench bench;
    private final Clock clock;

    StoreService(LubricantRepository lubricants, AtTheBench bench, Clock clock) {
        this.lubricants = lubricants;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<LubricantView> all() {
        return lubricants.findByRemovedFalseOrderByName().stream().map(this::view).toList();
    }

    @Transactional(readOnly = true)
    public Optional<LubricantView> find(UUID id) {
        return lubricants.findById(id).filter(l -> !l.removed).map(this::view);
    }

    /**
     * Takes what was filled off the shelf.
     *
     * @param amount litres of an oil, kilograms of a grease
     * @throws Refused when the can holds less
     */
    @Transactional
    public void draw(UUID id, double amount) {
        var can = lubricants.findById(id).orElseThrow(() -> gone());
        double left = can.amount.canonical() - amount;
        if (left < -ROUNDING) {
            throw Refused.because(
                    "amount",
                    "Only %s are left of %s. Correct what is left at the shelf, or enter the name on the other can."
                            .formatted(can.amount.asEntered(), can.name));
        }
        set(can, Math.max(0, left));
    }

    /** Puts back what a corrected record had taken. */
    @Transactional
    public void giveBack(UUID id, double amount) {
        lubricants.findById(id).ifPresent(can -> set(can, can.amount.canonical() + amount));
    }

    private void set(LubricantEntity can, double amount) {
        double left = Math.rint(amount * MILLI) / MILLI;
        can.amount = new Entered(PlainDigits.exact(left), can.thickener == null ? "L" : "kg", left);
        can.keep(bench.name(), clock.instant());
        lubricants.saveAndFlush(can);
    }

    private static NotThere gone() {
        return new NotThere("That lubricant is no longer there.");
    }

    /** Keeps a can, corrects it, or puts back one that was put away. */
    @Transactional
    public void keep(UUID id, LubricantRequest request) {
        var found = lubricants.findById(id);
        found.ifPresent(l -> l.refuseStale(request.version(), () -> view(l)));
        var lubricant = found.orElseGet(LubricantEntity::new);
        lubricant.id = id;
        lubricant.removed = false;
        fill(lubricant, request);
        lubricant.keep(bench.name(), clock.instant());
        lubricants.saveAndFlush(lubricant);
    }

    @Transactional
    public void remove(UUID id, long version) {
        var lubricant = lubricants.findById(id).orElseThrow(() -> gone());
        lubricant.refuseStale(version, () -> view(lubricant));
        lubricant.removed = true;
        lubricant.keep(bench.name(), clock.instant());
    }

    private static void fill(LubricantEntity lubricant, LubricantRequest r) {
        var faults = new Faults();
        boolean grease = r.thickener() != null;
        faults.gather(() -> JobText.required("name", "Name on the can", r.name(), LONGEST_NAME));
        faults.gather(() -> JobText.optional("lot", "Lot", r.lot(), LONGEST_LOT));
        var viscosity = faults.gather(() -> viscosity(r));
        var amount = faults.gather(() -> amount(r.amount(), grease));
        faults.gather(() -> index(r.viscosityIndex()));
        var pour =
                faults.gather(
                        () -> Optional.ofNullable(temperature(r.pour(), "pour", "pour point")));
        var flash =
                faults.gather(
                        () -> Optional.ofNullable(temperature(r.flash(), "flash", "flash point")));
        faults.gather(() -> consistency(grease, r.nlgi()));
        faults.gather(() -> days(r.openedOn(), r.useBy()));
        faults.throwIfAny();
        lubricant.name = r.name().strip();
        lubricant.base = r.base();
        lubricant.additive = r.additive();
        lubricant.thickener = r.thickener();
        lubricant.nlgi = grease ? r.nlgi() : null;
        lubricant.viscosity = Objects.requireNonNull(viscosity);
        lubricant.viscosityIndex = r.viscosityIndex();
        lubricant.pour = Objects.requireNonNull(pour).orElse(null);
        lubricant.flash = Objects.requireNonNull(flash).orElse(null);
        AtField.named(
                Map.of("pourPointDegC", "pour", "flashDegC", "flash"), () -> sheet(lubricant));
        lubricant.food = r.food();
        lubricant.solids = r.solids();
        lubricant.lot = r.lot().strip();
        lubricant.amount = Objects.requireNonNull(amount);
        lubricant.openedOn = r.openedOn();
        lubricant.useBy = r.useBy();
    }

    private static Entered viscosity(LubricantRequest r) {
        var entered =
                EnteredNumber.read(
                        r.viscosity(), "viscosity", "viscosity at 40 °C", EntryKind.NUMBER);
        Refused.ifAny(
                ViscosityLine.VISCOSITY
                        .named("viscosity", "viscosity at 40 °C")
                        .judge(entered.canonical()));
        return entered;
    }

    private static Entered amount(EnteredNumber given, boolean grease) {
        var entered =
                EnteredNumber.read(
                        given,
                        "amount",
                        "what is left",
                        grease ? EntryKind.MASS : EntryKind.VOLUME);
        Refused.ifAny(AMOUNT.judge(entered.canonical()));
        return entered;
    }

    private static @Nullable Entered temperature(
            @Nullable EnteredNumber given, String field, String label) {
        return EnteredNumber.readOptional(given, field, label, EntryKind.TEMPERATURE);
    }

    private static DataSheet sheet(LubricantEntity l) {
        return new DataSheet(
                Optional.ofNullable(Entered.valueOf(l.pour)),
                Optional.ofNullable(Entered.valueOf(l.flash)));
    }

    private static @Nullable Integer index(@Nullable Integer index) {
        if (index != null) {
            Refused.ifAny(ViscosityIndex.INDEX.judge(index));
        }
        return index;
    }

    private static @Nullable Integer consistency(boolean grease, @Nullable Integer nlgi) {
        if (grease && nlgi == null) {
            throw Refused.because(
                    "nlgi", "A grease has a consistency, NLGI 000 to 6. It stands on the can.");
        }
        if (grease) {
            Refused.ifAny(CONSISTENCY.judge(Objects.requireNonNull(nlgi)));
        }
        return nlgi;
    }

    private static @Nullable LocalDate days(
            @Nullable LocalDate openedOn, @Nullable LocalDate useBy) {
        if (openedOn != null && useBy != null && useBy.isBefore(openedOn)) {
            throw Refused.because(
                    "useBy",
                    "Last good day %s is before the can was opened, %s. Check both."
                            .formatted(useBy, openedOn));
        }
        return useBy;
    }

    private LubricantView view(LubricantEntity l) {
        var given =
                new LubricantRequest(
                        l.version(),
                        l.name,
                        l.base,
                        l.additive,
                        l.thickener,
                        l.nlgi,
                        EnteredNumber.given(l.viscosity),
                        l.viscosityIndex,
                        EnteredNumber.of(l.pour),
                        EnteredNumber.of(l.flash),
                        l.food,
                        l.solids,
                        l.lot,
                        EnteredNumber.given(l.amount),
                        l.openedOn,
                        l.useBy);
        var lubricant = lubricant(given);
        var goodDays =
                l.useBy == null ? null : ChronoUnit.DAYS.between(LocalDate.now(clock), l.useBy);
        return new LubricantView(
                l.id,
                given,
                sort(lubricant),
                goodDays != null && goodDays < 0,
                goodDays,
                l.amount.canonical(),
                sheet(l),
                lubricant);
    }

    /** What the rules of compatibility ask of a can. */
    public static Lubricant lubricant(LubricantRequest can) {
        return new Lubricant(
                can.base(),
                can.additive(),
                Optional.ofNullable(can.thickener()),
                Optional.ofNullable(can.nlgi()),
                viscosity(can).canonical(),
                can.food(),
                can.solids());
    }

    /** What a can holds, in words. */
    public static String sort(LubricantRequest can) {
        return sort(lubricant(can));
    }

    private static String sort(Lubricant l) {
        var thickener = l.thickener();
        return thickener.isPresent()
                ? "%s grease, NLGI %s, %s base oil"
                        .formatted(
                                thickener.get().words(),
                                nlgi(l.nlgi().orElseThrow()),
                                l.base().words())
                : "%s, %s oil, %s"
                        .formatted(
                                IsoViscosityGrade.holding(l.viscosity())
                                        .map(IsoViscosityGrade::words)
                                        .orElse("between two ISO grades"),
                                l.base().words(),
                                l.additive().words());
    }

    private static String nlgi(int number) {
        return number < 0 ? "0".repeat(1 - number) : String.valueOf(number);
    }
}

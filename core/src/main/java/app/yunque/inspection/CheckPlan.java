package app.yunque.inspection;

import app.yunque.finding.Check;
import app.yunque.finding.CheckAnswer;
import app.yunque.finding.CheckState;
import app.yunque.finding.Checks;
import app.yunque.finding.Measured;
import app.yunque.finding.PartFeatures;
import app.yunque.finding.PartRecord;
import app.yunque.finding.RenewalSets;
import app.yunque.finding.Severity;
import app.yunque.finding.StandingFinding;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * What to look at, feel and measure on the parts that came off, in the order that ends a hopeless repair soonest. It is worked out anew from
 * whatever is on record and is the same for the same record.
 *
 * <p>The level of a check is the highest that anything gives: its own rule in the circumstances, a complaint that names it, a part that
 * holds (every "should" becomes a must), a part found bad at the first look (likewise), and a finding that leads to it, on the same part or on
 * what sits on the same shaft and in the housing, and the renewal of what runs with it. Nothing lowers it. Order: what cannot be repeated after washing; every part whole?;
 * what ends a repair; parts that hold; what the complaint names, in its order; the other musts, the quickest first; then what
 * should be, then what may be. Source: common practice, no source.
 */
public record CheckPlan(List<PlannedCheck> checks) {
    /** A crack into a bore, foot or boss of the housing ends the repair. */
    private static final String ENDS_THE_REPAIR = "HSG-1";

    private static final CheckAnswer SPARED =
            new CheckAnswer(CheckState.NOT_NEEDED, "renewed anyway", Verdict.NOT_JUDGED);

    private static final String HOLDS = "it holds, stops or carries the load";

    public CheckPlan {
        checks = List.copyOf(checks);
    }

    /** The plan for parts alone, none of which is renewed. */
    public static CheckPlan of(List<PartRecord> parts, Set<Circumstance> circumstances) {
        return of(parts, List.of(), circumstances, Set.of());
    }

    /**
     * @param parts         what is on record about each part that came off
     * @param meshes        what is on record about each mesh
     * @param circumstances complaint, duty, surroundings and kind of unit; duty and a stall need not be said twice
     * @param renewed       parts that it was decided to renew, by identity of their step: only their first look is asked
     */
    public static CheckPlan of(
            List<PartRecord> parts,
            List<MeshRecord> meshes,
            Set<Circumstance> circumstances,
            Set<String> renewed) {
        var all = EnumSet.noneOf(Circumstance.class);
        all.addAll(circumstances);
        if (all.contains(Circumstance.STALL)) {
            all.add(Circumstance.SHOCK);
        }
        parts.forEach(p -> duty(p.duty(), all));
        meshes.forEach(m -> duty(m.duty(), all));
        var leads = leadsOf(parts);
        var sets = RenewalSets.of(parts, renewedAnyway(parts, renewed));
        var planned = new ArrayList<PlannedCheck>();
        for (var part : parts) {
            for (var check : asked(part)) {
                var answer = isSpared(part, check, renewed) ? SPARED : part.answer(check);
                planned.add(planned(part, check, all, leads, sets.get(part.step().id()), answer));
            }
        }
        for (var mesh : meshes) {
            for (var check : mesh.asked()) {
                planned.add(planned(mesh, check, all, leads));
            }
        }
        var strict =
                parts.stream()
                        .filter(PartRecord::isStrict)
                        .map(p -> p.step().id())
                        .collect(java.util.stream.Collectors.toUnmodifiableSet());
        planned.sort(order(all, strict));
        return new CheckPlan(planned);
    }

    private static void duty(ServiceDuty duty, Set<Circumstance> all) {
        switch (duty) {
            case LIFTING -> all.add(Circumstance.LIFT);
            case FEED -> all.add(Circumstance.FEED);
            default -> {
                // an ordinary drive raises nothing
            }
        }
    }

    /** All but what is surely not so. */
    private static List<Check> asked(PartRecord part) {
        return Checks.of(part.step()).stream()
                .filter(c -> PartFeatures.of(c, part.step()) != PartFeatures.Holds.NO)
                .toList();
    }

    private static PlannedCheck planned(
            PartRecord part,
            Check check,
            Set<Circumstance> circumstances,
            List<Lead> leads,
            RenewalSets.@Nullable Advice set,
            CheckAnswer answer) {
        var rule = LevelRule.of(check);
        var level = rule.in(circumstances);
        var because = new TreeSet<String>();
        rule.raisedBy(circumstances).forEach(c -> because.add(c.words()));
        if (check.isRaisedOnStrictParts() && part.isStrict()) {
            level = CheckLevel.MUST;
            because.add(HOLDS);
        }
        if (check.isRaisedOnStrictParts() && isBadAtFirstLook(part)) {
            level = CheckLevel.MUST;
            because.add("the part was found bad at the first look");
        }
        var complaints = complaintsThatName(check, circumstances);
        if (!complaints.isEmpty()) {
            level = CheckLevel.MUST;
            because.addAll(complaints);
        }
        for (var lead : leads) {
            if (lead.leadsTo(check, part)) {
                level = CheckLevel.MUST;
                because.add(lead.inWords());
            }
        }
        boolean isInASet = set != null && set.check().equals(check.id());
        if (set != null && isInASet) {
            level = CheckLevel.MUST;
            because.add(set.because() + " is renewed");
        }
        return new PlannedCheck(
                part.step().id(),
                0,
                part.step().number(),
                part.step().part(),
                check,
                level,
                List.copyOf(because),
                !isInASet && PartFeatures.of(check, part.step()) == PartFeatures.Holds.NOT_SAID,
                answer);
    }

    private static PlannedCheck planned(
            MeshRecord mesh, Check check, Set<Circumstance> circumstances, List<Lead> leads) {
        var rule = LevelRule.of(check);
        var level = rule.in(circumstances);
        var because = new TreeSet<String>();
        rule.raisedBy(circumstances).forEach(c -> because.add(c.words()));
        if (check.isRaisedOnStrictParts() && mesh.isStrict()) {
            level = CheckLevel.MUST;
            because.add(HOLDS);
        }
        var complaints = complaintsThatName(check, circumstances);
        var found = leads.stream().filter(l -> l.names(check)).map(Lead::inWords).toList();
        if (!complaints.isEmpty() || !found.isEmpty()) {
            level = CheckLevel.MUST;
            because.addAll(complaints);
            because.addAll(found);
        }
        return new PlannedCheck(
                "",
                mesh.stage(),
                0,
                mesh.words(),
                check,
                level,
                List.copyOf(because),
                false,
                mesh.answer(check));
    }

    private static List<String> complaintsThatName(Check check, Set<Circumstance> circumstances) {
        return circumstances.stream()
                .filter(c -> Complaint.of(c).filter(w -> w.names(check.id())).isPresent())
                .map(Circumstance::words)
                .toList();
    }

    /**
     * What is renewed anyway is looked at once, for its damage tells the cause; what is disturbed once and for all is also asked what can
     * be seen of it before washing.
     */
    private static boolean isSpared(PartRecord part, Check check, Set<String> renewed) {
        boolean isEvidence =
                check.family().equals("ANY")
                        || !renewed.contains(part.step().id()) && check.isGoneAfterWashing();
        return isRenewedAnyway(part, renewed) && !isEvidence && !part.state(check).isAnswered();
    }

    private static Set<String> renewedAnyway(List<PartRecord> parts, Set<String> renewed) {
        return parts.stream()
                .filter(p -> isRenewedAnyway(p, renewed))
                .map(p -> p.step().id())
                .collect(java.util.stream.Collectors.toUnmodifiableSet());
    }

    private static boolean isRenewedAnyway(PartRecord part, Set<String> renewed) {
        return renewed.contains(part.step().id())
                || part.step().singleUse()
                || part.standing().stream().anyMatch(f -> f.severity() == Severity.CONDEMNED);
    }

    /** The parts, each with what the circumstances and findings ask of it beside what its kind does. */
    public List<PartRecord> asked(List<PartRecord> parts) {
        return parts.stream().map(p -> p.alsoAsked(mustsOf(p))).toList();
    }

    private List<Check> mustsOf(PartRecord part) {
        return checks.stream()
                .filter(p -> p.step().equals(part.step().id()))
                .filter(p -> p.level() == CheckLevel.MUST && !p.conditional())
                .map(PlannedCheck::check)
                .toList();
    }

    private static boolean isBadAtFirstLook(PartRecord part) {
        return part.standing().stream()
                .anyMatch(f -> f.check().equals(Checks.WHOLE) && isBad(f.severity()));
    }

    private static boolean isBad(Severity severity) {
        return severity.compareTo(Severity.NOTED) > 0;
    }

    /**
     * A finding, or a reading past its limit, that sends on to other checks.
     *
     * @param from  where it was found
     * @param check whose row says where it leads
     * @param found in words
     */
    private record Lead(PartRecord from, Check check, String found) {
        /** On the part itself where it has such a check; else on what sits on the same shaft, and in the housing. */
        boolean leadsTo(Check other, PartRecord part) {
            if (!names(other)) {
                return false;
            }
            boolean isItself = part.step().id().equals(from.step().id());
            boolean hasItself =
                    Checks.of(from.step()).stream().anyMatch(c -> c.id().equals(other.id()));
            return hasItself
                    ? isItself
                    : part.step().shaft() == from.step().shaft() || part.step().shaft() == 0;
        }

        private boolean names(Check other) {
            return List.of(check.leadsTo().split("[\\s,;:]+")).contains(other.id());
        }

        String inWords() {
            return "%s (%d): %s".formatted(from.step().part(), from.step().number(), found);
        }
    }

    private static List<Lead> leadsOf(List<PartRecord> parts) {
        var leads = new ArrayList<Lead>();
        for (var part : parts) {
            part.standing().stream()
                    .filter(f -> isBad(f.severity()))
                    .forEach(f -> lead(leads, part, f));
            part.measured().stream()
                    .filter(m -> m.verdict() == Verdict.CLEAR_FAIL)
                    .forEach(m -> lead(leads, part, m));
        }
        return leads;
    }

    private static void lead(List<Lead> leads, PartRecord part, StandingFinding finding) {
        Checks.find(finding.check()).ifPresent(c -> leads.add(new Lead(part, c, finding.word())));
    }

    private static void lead(List<Lead> leads, PartRecord part, Measured measured) {
        Checks.find(measured.check())
                .ifPresent(c -> leads.add(new Lead(part, c, measured.sentence())));
    }

    /** Which of two is done first, in the words of the class. */
    private static Comparator<PlannedCheck> order(
            Set<Circumstance> circumstances, Set<String> strict) {
        var complaints =
                circumstances.stream()
                        .map(Complaint::of)
                        .flatMap(java.util.Optional::stream)
                        .toList();
        return Comparator.comparing(PlannedCheck::level)
                .reversed()
                .thenComparing(p -> p.check().isGoneAfterWashing(), Comparator.reverseOrder())
                .thenComparing(p -> isFirst(p, complaints), Comparator.reverseOrder())
                .thenComparing(p -> p.check().id().equals(Checks.WHOLE), Comparator.reverseOrder())
                .thenComparing(
                        p -> p.check().id().equals(ENDS_THE_REPAIR), Comparator.reverseOrder())
                .thenComparing(p -> strict.contains(p.step()), Comparator.reverseOrder())
                .thenComparing(p -> place(p, complaints))
                .thenComparing(p -> p.check().minutes())
                .thenComparing(PlannedCheck::number)
                .thenComparing(PlannedCheck::stage)
                .thenComparing(p -> p.check().id());
    }

    private static boolean isFirst(PlannedCheck planned, Collection<Complaint> complaints) {
        return complaints.stream().anyMatch(c -> c.first().contains(planned.check().id()));
    }

    /** The earliest place that any complaint gives it. */
    private static int place(PlannedCheck planned, Collection<Complaint> complaints) {
        return complaints.stream().mapToInt(c -> c.place(planned.check().id())).min().orElse(0);
    }

    /** What has to be answered while the unit lies open, and is not. */
    public List<PlannedCheck> openMusts() {
        return checks.stream()
                .filter(PlannedCheck::isOpenMust)
                .filter(PlannedCheck::isForTheOpenUnit)
                .toList();
    }

    /** Minutes of a practised mechanic for what has to be answered and is not. */
    public double openMinutes() {
        return openMusts().stream().mapToDouble(p -> p.check().minutes()).sum();
    }

    /** What should be answered while the unit lies open, and is not. */
    public List<PlannedCheck> openShoulds() {
        return checks.stream()
                .filter(p -> p.open() && !p.conditional() && p.level() == CheckLevel.SHOULD)
                .filter(PlannedCheck::isForTheOpenUnit)
                .toList();
    }
}

package app.yunque.inspection;

import app.yunque.finding.Check;
import app.yunque.finding.Checks;
import app.yunque.finding.Look;
import app.yunque.finding.Measured;
import app.yunque.finding.PartRecord;
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

/**
 * What to look at, feel and measure on the parts that came off, in the order that ends a hopeless repair soonest. It is worked out anew from
 * whatever is on record and is the same for the same record.
 *
 * <p>The level of a check is the highest that anything gives: its own rule in the circumstances, a complaint that names it, a part that
 * holds (every "should" becomes a must), a part found bad at the first look (likewise), and a finding that leads to it, on the same part or on
 * what sits on the same shaft and in the housing. Nothing lowers it. Order: what cannot be repeated after washing; every part whole?;
 * what ends a repair; parts that hold; what the complaint names, in its order; the other musts, the quickest first; then what
 * should be, then what may be. Source: common practice, no source.
 */
public record CheckPlan(List<PlannedCheck> checks) {
    /** A crack into a bore, foot or boss of the housing ends the repair. */
    private static final String ENDS_THE_REPAIR = "HSG-1";

    public CheckPlan {
        checks = List.copyOf(checks);
    }

    /**
     * @param parts         what is on record about each part that came off
     * @param circumstances complaint, duty, surroundings and kind of unit; duty and a stall need not be said twice
     */
    public static CheckPlan of(List<PartRecord> parts, Set<Circumstance> circumstances) {
        var all = EnumSet.noneOf(Circumstance.class);
        all.addAll(circumstances);
        if (all.contains(Circumstance.STALL)) {
            all.add(Circumstance.SHOCK);
        }
        for (var part : parts) {
            duty(part.duty(), all);
        }
        var leads = leadsOf(parts);
        var planned = new ArrayList<PlannedCheck>();
        for (var part : parts) {
            for (var check : asked(part)) {
                planned.add(planned(part, check, all, leads));
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
            PartRecord part, Check check, Set<Circumstance> circumstances, List<Lead> leads) {
        var rule = LevelRule.of(check);
        var level = rule.in(circumstances);
        var because = new TreeSet<String>();
        rule.raisedBy(circumstances).forEach(c -> because.add(c.words()));
        boolean isAny = check.family().equals("ANY");
        if (rule.base() == CheckLevel.SHOULD && !isAny && part.isStrict()) {
            level = CheckLevel.MUST;
            because.add("it holds, stops or carries the load");
        }
        if (rule.base() == CheckLevel.SHOULD && !isAny && isBadAtFirstLook(part)) {
            level = CheckLevel.MUST;
            because.add("the part was found bad at the first look");
        }
        for (var circumstance : circumstances) {
            if (Complaint.of(circumstance).filter(c -> c.names(check.id())).isPresent()) {
                level = CheckLevel.MUST;
                because.add(circumstance.words());
            }
        }
        for (var lead : leads) {
            if (lead.leadsTo(check, part)) {
                level = CheckLevel.MUST;
                because.add(lead.inWords());
            }
        }
        return new PlannedCheck(
                part.step().id(),
                part.step().number(),
                part.step().part(),
                check,
                level,
                List.copyOf(because),
                PartFeatures.of(check, part.step()) == PartFeatures.Holds.NOT_SAID,
                !isAnswered(part, check));
    }

    private static boolean isBadAtFirstLook(PartRecord part) {
        return part.standing().stream()
                .anyMatch(f -> f.check().equals(Checks.WHOLE) && isBad(f.severity()));
    }

    private static boolean isBad(Severity severity) {
        return severity.compareTo(Severity.NOTED) > 0;
    }

    private static boolean isAnswered(PartRecord part, Check check) {
        return part.standing().stream().anyMatch(f -> f.check().equals(check.id()))
                || part.findings().stream().anyMatch(f -> f.check().equals(check.id()))
                || part.measured().stream()
                        .anyMatch(
                                m ->
                                        m.check().equals(check.id())
                                                && m.verdict() != Verdict.NOT_JUDGED);
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
                .thenComparing(CheckPlan::isGoneAfterWashing, Comparator.reverseOrder())
                .thenComparing(p -> isFirst(p, complaints), Comparator.reverseOrder())
                .thenComparing(p -> p.check().id().equals(Checks.WHOLE), Comparator.reverseOrder())
                .thenComparing(
                        p -> p.check().id().equals(ENDS_THE_REPAIR), Comparator.reverseOrder())
                .thenComparing(p -> strict.contains(p.step()), Comparator.reverseOrder())
                .thenComparing(p -> place(p, complaints))
                .thenComparing(p -> p.check().minutes())
                .thenComparing(PlannedCheck::number)
                .thenComparing(p -> p.check().id());
    }

    private static boolean isGoneAfterWashing(PlannedCheck planned) {
        return planned.check().looks().equals(Set.of(Look.AS_FOUND));
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
}

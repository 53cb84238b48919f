package app.yunque.inspection;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toUnmodifiableSet;

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
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What to look at, feel and measure on the parts that came off, in the order that ends a hopeless repair soonest. It is worked out anew from
 * whatever is on record and is the same for the same record.
 *
 * <p>The level of a check is the highest that anything gives: its own rule in the circumstances, a complaint that names it, a part that
 * holds (every "should" becomes a must), a part found bad at the first look (likewise), and a finding that leads to it, on the same part or on
 * what sits on the same shaft and in the housing, and the renewal of what runs with it. Nothing lowers it. Order: what
 * the complaint asks first; what cannot be repeated after washing; every part whole?;
 * what ends a repair; parts that hold; what the complaint names, in its order; the other musts, the quickest first; then what
 * should be, then what may be. Source: common practice, no source.
 */
public record CheckPlan(List<PlannedCheck> checks) {
    /** What these find ends a repair ({@link RepairEnds}): looked at before anything is measured, the quickest first. */
    private static final List<String> END_THE_REPAIR = List.of("CAR-2", "HSG-1", "RNG-1", "HBR-4");

    private static final Pattern HOLDS_SOMETHING =
            Pattern.compile("detent|stop|lock", Pattern.CASE_INSENSITIVE);

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
        var raise = new Raise(all, leadsOf(parts));
        var sets = RenewalSets.of(parts, renewedAnyway(parts, renewed));
        var planned = new ArrayList<PlannedCheck>();
        for (var part : parts) {
            var asked = new Asked(part, renewed, sets.get(part.step().id()));
            checksOf(part.step(), all).forEach(c -> asked.plan(c, raise).ifPresent(planned::add));
        }
        for (var mesh : meshes) {
            mesh.asked().forEach(c -> planned.add(raise.planned(mesh, c)));
        }
        var strict =
                parts.stream()
                        .filter(PartRecord::isStrict)
                        .map(p -> p.step().id())
                        .collect(toUnmodifiableSet());
        planned.sort(order(all, strict));
        return new CheckPlan(planned);
    }

    /** The kind of unit tells what a name means: in a metering pump a plunger is asked as the pump's too, unless its name says that it holds something. */
    private static List<Check> checksOf(TeardownStep step, Set<Circumstance> circumstances) {
        var own = Checks.of(step);
        boolean isPumps =
                step.kind() == PartKind.PLUNGER
                        && circumstances.contains(Circumstance.MTP)
                        && !HOLDS_SOMETHING.matcher(step.part()).find();
        return isPumps
                ? Stream.concat(own.stream(), Checks.ofFamily("PMP").stream()).distinct().toList()
                : own;
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

    /** The level of one check, and what raised it there. */
    private static final class Level {
        private CheckLevel level;
        private final TreeSet<String> because = new TreeSet<>();

        Level(CheckLevel level) {
            this.level = level;
        }

        void must(String why) {
            level = CheckLevel.MUST;
            because.add(why);
        }
    }

    /** What raises a check wherever it is asked: the circumstances, and findings that lead to it. */
    private record Raise(
            Set<Circumstance> circumstances,
            Map<String, List<String>> complaints,
            List<Lead> leads) {
        Raise(Set<Circumstance> circumstances, List<Lead> leads) {
            this(circumstances, complaintsByCheck(circumstances), leads);
        }

        private static Map<String, List<String>> complaintsByCheck(
                Set<Circumstance> circumstances) {
            var byCheck = new HashMap<String, List<String>>();
            for (var circumstance : circumstances) {
                Complaint.of(circumstance)
                        .ifPresent(
                                complaint ->
                                        Stream.concat(
                                                        complaint.first().stream(),
                                                        complaint.then().stream())
                                                .forEach(
                                                        check ->
                                                                byCheck.computeIfAbsent(
                                                                                check,
                                                                                c ->
                                                                                        new ArrayList<>())
                                                                        .add(
                                                                                circumstance
                                                                                        .words())));
            }
            return byCheck;
        }

        /** As the table and the complaint say, and what holds its load. */
        private Level level(Check check, boolean strict) {
            var rule = LevelRule.of(check);
            var level = new Level(rule.in(circumstances));
            rule.raisedBy(circumstances).forEach(c -> level.because.add(c.words()));
            if (check.isRaisedOnStrictParts() && strict) {
                level.must(HOLDS);
            }
            complaints.getOrDefault(check.id(), List.of()).forEach(level::must);
            return level;
        }

        PlannedCheck planned(MeshRecord mesh, Check check) {
            var level = level(check, mesh.isStrict());
            leads.stream().filter(l -> l.names(check)).map(Lead::inWords).forEach(level::must);
            return new PlannedCheck(
                    "",
                    mesh.stage(),
                    0,
                    mesh.words(),
                    check,
                    level.level,
                    List.copyOf(level.because),
                    false,
                    mesh.answer(check));
        }
    }

    /** A part as the plan sees it. */
    private record Asked(
            PartRecord part,
            PartRecord.Answers answers,
            boolean strict,
            boolean renewed,
            boolean renewedAnyway,
            RenewalSets.@Nullable Advice set) {
        Asked(PartRecord part, Set<String> renewed, RenewalSets.@Nullable Advice set) {
            this(
                    part,
                    part.answers(),
                    part.isStrict(),
                    renewed.contains(part.step().id()) || part.step().belongs() != null,
                    isRenewedAnyway(part, renewed),
                    set);
        }

        /** Empty for what is surely not so of it. */
        Optional<PlannedCheck> plan(Check check, Raise raise) {
            var holds = PartFeatures.of(check, part.step());
            if (holds == PartFeatures.Holds.NO) {
                return Optional.empty();
            }
            var level = raise.level(check, strict);
            if (check.isRaisedOnStrictParts() && isBadAtFirstLook()) {
                level.must("the part was found bad at the first look");
            }
            raise.leads.stream()
                    .filter(l -> l.leadsTo(check, part))
                    .map(Lead::inWords)
                    .forEach(level::must);
            boolean isInASet = set != null && set.check().equals(check.id());
            if (set != null && isInASet) {
                level.must(set.because() + " is renewed");
            }
            var answer = answers.of(check);
            return Optional.of(
                    new PlannedCheck(
                            part.step().id(),
                            0,
                            part.step().number(),
                            part.step().part(),
                            check,
                            level.level,
                            List.copyOf(level.because),
                            !isInASet && holds == PartFeatures.Holds.NOT_SAID,
                            isSpared(check) && !answer.state().isAnswered() ? SPARED : answer));
        }

        /**
         * What is renewed anyway is looked at once, for its damage tells the cause; what is disturbed once and for all is also asked what can
         * be seen of it before washing, and a shear pin whether it was the right one and its hub turned on it. Of what is known not to
         * belong there that is answered.
         */
        private boolean isSpared(Check check) {
            boolean isCauseOfTheBlow =
                    check.family().equals("SHP") && part.step().belongs() == null;
            boolean isEvidence =
                    check.family().equals("ANY")
                            || isCauseOfTheBlow
                            || !renewed && check.isGoneAfterWashing();
            return renewedAnyway && !isEvidence;
        }

        private boolean isBadAtFirstLook() {
            return answers.standing().stream()
                    .anyMatch(f -> f.check().equals(Checks.WHOLE) && isBad(f.severity()));
        }
    }

    private static Set<String> renewedAnyway(List<PartRecord> parts, Set<String> renewed) {
        return parts.stream()
                .filter(p -> isRenewedAnyway(p, renewed))
                .map(p -> p.step().id())
                .collect(toUnmodifiableSet());
    }

    private static boolean isRenewedAnyway(PartRecord part, Set<String> renewed) {
        return renewed.contains(part.step().id())
                || part.step().singleUse()
                || part.step().belongs() != null
                || part.standing().stream().anyMatch(f -> f.severity() == Severity.CONDEMNED);
    }

    /** The parts, each with what the circumstances and findings ask of it beside what its kind does. */
    public List<PartRecord> asked(List<PartRecord> parts) {
        var musts =
                checks.stream()
                        .filter(p -> p.level() == CheckLevel.MUST && !p.conditional())
                        .collect(
                                groupingBy(
                                        PlannedCheck::step,
                                        mapping(PlannedCheck::check, toList())));
        return parts.stream()
                .map(p -> p.alsoAsked(musts.getOrDefault(p.step().id(), List.of())))
                .toList();
    }

    private static boolean isBad(Severity severity) {
        return severity.compareTo(Severity.NOTED) > 0;
    }

    /**
     * A finding, or a reading past its limit, that sends on to other checks.
     *
     * @param from  where it was found
     * @param to    names of the checks it leads to
     * @param own   names of the checks that its part has itself
     * @param found in words
     */
    private record Lead(PartRecord from, Set<String> to, Set<String> own, String found) {
        static Lead of(PartRecord from, Check check, String found) {
            return new Lead(
                    from,
                    Arrays.stream(check.leadsTo().split("[\\s,;:]+")).collect(toUnmodifiableSet()),
                    Checks.of(from.step()).stream().map(Check::id).collect(toUnmodifiableSet()),
                    found);
        }

        /** On the part itself where it has such a check; else on what sits on the same shaft, and in the housing. */
        boolean leadsTo(Check other, PartRecord part) {
            if (!names(other)) {
                return false;
            }
            return own.contains(other.id())
                    ? part.step().id().equals(from.step().id())
                    : part.step().shaft() == from.step().shaft() || part.step().shaft() == 0;
        }

        boolean names(Check other) {
            return to.contains(other.id());
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
        Checks.find(finding.check()).ifPresent(c -> leads.add(Lead.of(part, c, finding.word())));
    }

    private static void lead(List<Lead> leads, PartRecord part, Measured measured) {
        Checks.find(measured.check())
                .ifPresent(c -> leads.add(Lead.of(part, c, measured.sentence())));
    }

    /** Which of two is done first, in the words of the class. */
    private static Comparator<PlannedCheck> order(
            Set<Circumstance> circumstances, Set<String> strict) {
        var complaints =
                circumstances.stream().map(Complaint::of).flatMap(Optional::stream).toList();
        var first =
                complaints.stream().flatMap(c -> c.first().stream()).collect(toUnmodifiableSet());
        // The earliest place that any complaint gives a check.
        var places = new HashMap<String, Integer>();
        for (var check : Checks.all()) {
            places.put(
                    check.id(),
                    complaints.stream().mapToInt(c -> c.place(check.id())).min().orElse(0));
        }
        return Comparator.comparing(PlannedCheck::level)
                .reversed()
                .thenComparing(p -> first.contains(p.check().id()), Comparator.reverseOrder())
                .thenComparing(p -> p.check().isGoneAfterWashing(), Comparator.reverseOrder())
                .thenComparing(p -> p.check().id().equals(Checks.WHOLE), Comparator.reverseOrder())
                .thenComparing(CheckPlan::minutesToTheEnd)
                .thenComparing(p -> strict.contains(p.step()), Comparator.reverseOrder())
                .thenComparing(p -> places.getOrDefault(p.check().id(), 0))
                .thenComparing(p -> p.check().minutes())
                .thenComparing(PlannedCheck::number)
                .thenComparing(PlannedCheck::stage)
                .thenComparing(p -> p.check().id());
    }

    /** Minutes of a check that may end the repair; later than all of these for every other. */
    private static double minutesToTheEnd(PlannedCheck p) {
        return END_THE_REPAIR.contains(p.check().id()) ? p.check().minutes() : Double.MAX_VALUE;
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

    /** What has to be answered while the unit lies open, and cannot be: of parts and of meshes. */
    public List<PlannedCheck> notPossible() {
        return checks.stream()
                .filter(p -> p.level() == CheckLevel.MUST && !p.conditional())
                .filter(p -> p.answer().state() == CheckState.NOT_POSSIBLE)
                .filter(PlannedCheck::isForTheOpenUnit)
                .toList();
    }

    /** What should be answered while the unit lies open, and is not. */
    public List<PlannedCheck> openShoulds() {
        return checks.stream()
                .filter(p -> p.open() && !p.conditional() && p.level() == CheckLevel.SHOULD)
                .filter(PlannedCheck::isForTheOpenUnit)
                .toList();
    }
}

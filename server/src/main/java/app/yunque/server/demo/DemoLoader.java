package app.yunque.server.demo;

import app.yunque.finding.Disposition;
import app.yunque.plan.HandlingCost;
import app.yunque.route.IsolationStep;
import app.yunque.route.Station;
import app.yunque.server.WorkClock;
import app.yunque.server.begin.Begin;
import app.yunque.server.begin.Demo;
import app.yunque.server.begin.Origin;
import app.yunque.server.bench.JobViews;
import app.yunque.server.bench.Signing;
import app.yunque.server.build.BuildOrderRequest;
import app.yunque.server.build.BuildOrderService;
import app.yunque.server.build.FittingRequest;
import app.yunque.server.build.FittingService;
import app.yunque.server.decision.DecisionRequest;
import app.yunque.server.decision.DecisionService;
import app.yunque.server.drawer.KeptAnswerRequest;
import app.yunque.server.drawer.KeptAnswerService;
import app.yunque.server.instrument.InstrumentKind;
import app.yunque.server.instrument.InstrumentRequest;
import app.yunque.server.instrument.InstrumentService;
import app.yunque.server.job.ArrivalRequest;
import app.yunque.server.job.IsolationRequest;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobRequest;
import app.yunque.server.job.JobService;
import app.yunque.server.job.PermissionRequest;
import app.yunque.server.job.ReceiveService;
import app.yunque.server.measuring.MeasurementService;
import app.yunque.server.people.PinAgain;
import app.yunque.server.people.Role;
import app.yunque.server.people.SignInService;
import app.yunque.server.people.SignedIn;
import app.yunque.server.photo.PhotoRequest;
import app.yunque.server.photo.PhotoService;
import app.yunque.server.proof.ProofService;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.shop.ShopService;
import app.yunque.server.shop.ShopSettings;
import app.yunque.server.store.LubricantRequest;
import app.yunque.server.store.StoreService;
import app.yunque.server.teardown.StatementRequest;
import app.yunque.server.teardown.StatementService;
import app.yunque.server.teardown.StepService;
import app.yunque.server.unit.UnitPapers;
import app.yunque.server.unit.UnitRequest;
import app.yunque.server.unit.UnitService;
import app.yunque.teardown.TeardownStep;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/**
 * Fills a new database with the demo, in one transaction, as the people of the demo would have. One that was in use and is empty
 * now is not new, and the start ends there.
 */
@Component
class DemoLoader implements ApplicationRunner, Demo {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    /** The fictional works in which the demo is set. */
    private static final ShopSettings WORKS =
            new ShopSettings(
                    null, "Salinas de Punta Brasa", ShopSettings.LengthSystem.METRIC, ".", "UTC");

    private final DemoSettings settings;
    private final Origin origin;
    private final SignInService people;
    private final UnitService units;
    private final JobService jobs;
    private final ReceiveService receive;
    private final StepService steps;
    private final MeasurementService measurements;
    private final DecisionService decisions;
    private final FittingService fittings;
    private final DemoPlaces places;
    private final DemoChecks checks;
    private final DemoParts parts;
    private final ProofService proofs;
    private final JobViews views;
    private final Signing signing;
    private final WorkClock clock;
    private final ObjectProvider<Begin> begin;
    private final ShopService shop;
    private final ObjectMapper mapper;
    private final StatementService statements;
    private final PhotoService photos;
    private final BuildOrderService orders;
    private final KeptAnswerService answers;
    private final InstrumentService instruments;
    private final StoreService store;

    DemoLoader(
            DemoSettings settings,
            Origin origin,
            SignInService people,
            UnitService units,
            JobService jobs,
            ReceiveService receive,
            StepService steps,
            MeasurementService measurements,
            DecisionService decisions,
            FittingService fittings,
            DemoPlaces places,
            DemoChecks checks,
            DemoParts parts,
            ProofService proofs,
            JobViews views,
            Signing signing,
            WorkClock clock,
            ObjectProvider<Begin> begin,
            ShopService shop,
            ObjectMapper mapper,
            StatementService statements,
            PhotoService photos,
            BuildOrderService orders,
            KeptAnswerService answers,
            InstrumentService instruments,
            StoreService store) {
        this.settings = settings;
        this.origin = origin;
        this.people = people;
        this.units = units;
        this.jobs = jobs;
        this.receive = receive;
        this.steps = steps;
        this.measurements = measurements;
        this.decisions = decisions;
        this.fittings = fittings;
        this.places = places;
        this.checks = checks;
        this.parts = parts;
        this.proofs = proofs;
        this.views = views;
        this.signing = signing;
        this.clock = clock;
        this.begin = begin;
        this.shop = shop;
        this.mapper = mapper;
        this.statements = statements;
        this.photos = photos;
        this.orders = orders;
        this.answers = answers;
        this.instruments = instruments;
        this.store = store;
    }

    /** A person of the demo; the PIN is for the demo only. */
    private record DemoPerson(String name, Role role, String pin) {}

    /** An instrument of the demo; its calibration counts from today. */
    private record DemoInstrument(
            String name,
            InstrumentKind kind,
            EnteredNumber resolution,
            EnteredNumber maxError,
            EnteredNumber low,
            EnteredNumber high,
            int calibratedDaysAgo,
            int dueInDays) {
        InstrumentRequest request(LocalDate today) {
            return new InstrumentRequest(
                    null,
                    name,
                    kind,
                    resolution,
                    maxError,
                    low,
                    high,
                    today.minusDays(calibratedDaysAgo),
                    today.plusDays(dueInDays),
                    List.of());
        }
    }

    /** A lubricant of the demo, its figures invented; its days count from today. */
    private record DemoLubricant(
            LubricantRequest can, @Nullable Integer openedDaysAgo, int goodForDays) {
        LubricantRequest request(LocalDate today) {
            return new LubricantRequest(
                    null,
                    can.name(),
                    can.base(),
                    can.additive(),
                    can.thickener(),
                    can.nlgi(),
                    can.viscosity(),
                    can.viscosityIndex(),
                    can.pour(),
                    can.flash(),
                    can.food(),
                    can.solids(),
                    can.lot(),
                    can.amount(),
                    openedDaysAgo == null ? null : today.minusDays(openedDaysAgo),
                    today.plusDays(goodForDays));
        }
    }

    @Override
    public void run(ApplicationArguments arguments) {
        var kind = origin.kind();
        if (kind == Origin.Kind.NEW && settings.demo()) {
            begin.getObject().withTheDemo();
            LOG.info("The demo of the salt works is loaded.");
        } else if (kind != Origin.Kind.NEW && people.names().isEmpty()) {
            throw new EmptiedRecords();
        }
    }

    @Override
    public void load() {
        shop.begin(WORKS, "Inés Roldán");
        for (var person : read("people", new TypeReference<List<DemoPerson>>() {})) {
            people.register(UUID.randomUUID(), person.name, person.role, person.pin);
        }
        var team =
                people.names().stream()
                        .collect(
                                Collectors.toMap(
                                        p -> p.name(),
                                        p -> new SignedIn(p.id(), p.name(), p.role())));
        try {
            var lead =
                    team.values().stream()
                            .filter(p -> p.role() == Role.LEAD)
                            .findFirst()
                            .orElseThrow();
            signIn(lead);
            for (var card : read("instruments", new TypeReference<List<DemoInstrument>>() {})) {
                instruments.keep(UUID.randomUUID(), card.request(LocalDate.now(clock)));
            }
            for (var can : read("lubricants", new TypeReference<List<DemoLubricant>>() {})) {
                store.keep(UUID.randomUUID(), can.request(LocalDate.now(clock)));
            }
            for (var unit : read("units", new TypeReference<List<UnitRequest>>() {})) {
                units.describe(UUID.randomUUID(), unit);
            }
            places.describe();
            for (var file : List.of("jobs", "strips", "rooms")) {
                for (var job : read(file, new TypeReference<List<DemoJob>>() {})) {
                    work(job, team);
                }
            }
            places.keepUp();
            signIn(lead);
            parts.describe();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    private void work(DemoJob told, Map<String, SignedIn> team) {
        var opened = Instant.now().minus(Duration.ofDays(told.daysAgo()));
        var unit =
                units.list("").stream()
                        .filter(u -> u.tag().equals(told.tag()))
                        .findFirst()
                        .orElseThrow();
        var papers = units.papers(unit.id());
        signIn(team.get(told.by()));
        clock.runAt(
                opened,
                () -> {
                    var id = UUID.randomUUID();
                    jobs.open(new JobRequest(id, unit.id(), told.complaint()), opened);
                    arrive(jobs.byId(id), told, papers);
                });
        var job = jobs.ofUnit(unit.id()).get(0);
        clock.runAt(
                opened.plus(Duration.ofHours(3)), () -> strip(job, told, papers, unit.shafts()));
        clock.runAt(opened.plus(Duration.ofHours(26)), () -> rebuild(job, told, papers));
        if (told.signedBy() != null) {
            signIn(team.get(told.signedBy()));
            clock.runAt(opened.plus(Duration.ofHours(30)), () -> signing.sign(job.number(), null));
        }
    }

    private void arrive(JobRef job, DemoJob told, UnitPapers papers) {
        jobs.arrived(
                job,
                new ArrivalRequest(
                        jobs.head(job).version(),
                        told.complaint(),
                        told.symptoms(),
                        told.oilAsFound()),
                told.complaint());
        if (told.permittedBy() != null) {
            receive.permit(job, false, new PermissionRequest(null, told.permittedBy(), ""));
        }
        if (!told.isolated().isEmpty()) {
            receive.isolate(
                    job,
                    new IsolationRequest(
                            null,
                            told.isolated(),
                            "Breaker locked with a personal lock, tagged",
                            true,
                            Set.copyOf(IsolationStep.of(told.isolated()))));
        }
        if (told.turnCount() != null) {
            receive.countTurns(job, papers.drive(), told.turnCount());
        }
    }

    private void strip(JobRef job, DemoJob told, UnitPapers papers, List<String> shafts) {
        for (var step : told.steps()) {
            steps.keep(job, UUID.randomUUID(), step, shafts);
        }
        sayAndShow(job, told);
        measure(job, told, papers, Station.INSPECT);
        if (told.decide()) {
            checks.lookAtTheRest(job, Station.INSPECT);
            var parts = views.parts(job);
            for (var part : parts) {
                var differs = told.decisions().get(part.step().inWords());
                if (differs != null) {
                    decisions.decide(
                            job,
                            parts,
                            UUID.fromString(part.step().id()),
                            new DecisionRequest(null, differs, "Decided at the bench by feel."));
                }
            }
            decisions.accept(
                    job, parts, parts.stream().map(p -> UUID.fromString(p.step().id())).toList());
        }
    }

    private void measure(JobRef job, DemoJob told, UnitPapers papers, Station station) {
        told.measurements().stream()
                .filter(m -> m.station() == station)
                .forEach(m -> measurements.keep(job, papers, UUID.randomUUID(), m));
        var kept = told.answers() == null ? List.<KeptAnswerRequest>of() : told.answers();
        kept.stream()
                .filter(a -> a.station() == station)
                .forEach(a -> answers.keep(job, UUID.randomUUID(), a));
    }

    private void sayAndShow(JobRef job, DemoJob told) {
        var strip = steps.strip(job.id());
        for (var said :
                told.statements() == null ? List.<DemoJob.SaidInDemo>of() : told.statements()) {
            statements.say(
                    job,
                    UUID.randomUUID(),
                    new StatementRequest(
                            said.kind(),
                            idOf(strip, said.first()),
                            idOf(strip, said.then()),
                            said.orElse() == null ? null : idOf(strip, said.orElse()),
                            said.reason()),
                    strip);
        }
        for (var taken : told.photos() == null ? List.<DemoJob.TakenInDemo>of() : told.photos()) {
            var id = UUID.randomUUID();
            photos.take(job, idOf(strip, taken.step()), null, id, picture(taken.file()));
            photos.draw(job, id, new PhotoRequest(0, taken.caption(), taken.marks()));
        }
        if (Boolean.TRUE.equals(told.planned())) {
            var model = views.model(job);
            var order =
                    model.rebuild(HandlingCost.USUAL).order().stream()
                            .map(UUID::fromString)
                            .toList();
            orders.choose(job, new BuildOrderRequest(null, order), model);
        }
    }

    private static UUID idOf(List<TeardownStep> strip, int number) {
        return UUID.fromString(strip.get(number - 1).id());
    }

    private static byte[] picture(String file) {
        try (var stream = new ClassPathResource("demo/photos/" + file + ".jpg").getInputStream()) {
            return stream.readAllBytes();
        } catch (IOException defect) {
            throw new IllegalStateException(
                    "Impossible: the demo picture " + file + " is missing", defect);
        }
    }

    private void rebuild(JobRef job, DemoJob told, UnitPapers papers) {
        var strip = steps.strip(job.id());
        var cards = views.of(job).rebuild();
        var decided = decisions.made(job.id());
        for (int i = 0; i < told.fitted(); i++) {
            var next = cards.get(i).stepId();
            var step = strip.stream().filter(s -> s.id().equals(next)).findFirst().orElseThrow();
            boolean renew = decided.get(step.id()) == Disposition.RENEW;
            fittings.fit(
                    job,
                    strip,
                    UUID.fromString(step.id()),
                    renew
                            ? new FittingRequest(
                                    null,
                                    true,
                                    0,
                                    step.count(),
                                    step.count(),
                                    null,
                                    "",
                                    null,
                                    null,
                                    null)
                            : new FittingRequest(
                                    null, true, step.count(), 0, 0, null, "", null, null, null));
        }
        // What is measured after the rebuild is measured when the parts are in.
        measure(job, told, papers, Station.SET);
        measure(job, told, papers, Station.FILL);
        if (told.fills() != null) {
            places.fill(job, told.fills());
        }
        if (told.proof() != null) {
            proofs.keep(job, told.proof());
        }
        if (told.signedBy() != null) {
            checks.lookAtTheRest(job, Station.SET);
            checks.goThrough(job, Station.SET);
            checks.goThrough(job, Station.PROVE);
        }
    }

    private <T> T read(String file, TypeReference<T> type) {
        try (var stream = new ClassPathResource("demo/" + file + ".json").getInputStream()) {
            return mapper.readValue(stream, type);
        } catch (IOException defect) {
            throw new IllegalStateException(
                    "Impossible: the demo file " + file + " is missing", defect);
        }
    }

    private static void signIn(SignedIn person) {
        SecurityContextHolder.getContext()
                .setAuthentication(
                        UsernamePasswordAuthenticationToken.authenticated(
                                person,
                                null,
                                AuthorityUtils.createAuthorityList(
                                        "ROLE_" + person.role(), PinAgain.NOT_NEEDED)));
    }
}

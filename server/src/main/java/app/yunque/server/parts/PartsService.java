package app.yunque.server.parts;

import app.yunque.cost.RepairLimit;
import app.yunque.measure.Refused;
import app.yunque.parts.Alternate;
import app.yunque.parts.AlternateGrade;
import app.yunque.parts.BillOfParts;
import app.yunque.parts.BillOfParts.CameOff;
import app.yunque.parts.JobCost;
import app.yunque.parts.OrderApproval;
import app.yunque.parts.PartItem;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.server.supplier.Quote;
import app.yunque.server.supplier.Supplier;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what a job buys, asks the supplier, and puts together what it comes to. */
@Service
public class PartsService {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_REMARK = 300;

    private final BillService bills;
    private final OrderRepository orders;
    private final EstimateRepository estimates;
    private final MoneyService shop;
    private final Supplier supplier;
    private final SpareService spares;
    private final AtTheBench bench;
    private final Clock clock;

    PartsService(
            BillService bills,
            OrderRepository orders,
            EstimateRepository estimates,
            MoneyService shop,
            Supplier supplier,
            SpareService spares,
            AtTheBench bench,
            Clock clock) {
        this.spares = spares;
        this.bills = bills;
        this.orders = orders;
        this.estimates = estimates;
        this.shop = shop;
        this.supplier = supplier;
        this.bench = bench;
        this.clock = clock;
    }

    /**
     * A part that came off.
     *
     * @param stepId   its step
     * @param name     what goes in its place
     * @param pieces   how many came off
     * @param toBuy    how many new ones go in; none where it goes back
     * @param without  what it means where it cannot be had; empty where a shop finds another way
     * @param duty     what it does, for another part than the maker's
     */
    public record Part(
            UUID stepId,
            String name,
            int pieces,
            int toBuy,
            Optional<String> without,
            AlternateGrade.Duty duty) {}

    /** @param parts what came off, in the order of the strip */
    @Transactional(readOnly = true)
    public PartsOfJob of(JobRef job, List<Part> parts) {
        var given = bills.of(job.unitId());
        var bill = BillOfParts.of(given.lines(), Optional.of(given.serial()));
        var all = orders.findByJobIdOrderByChangedAt(job.id());
        var money = shop.money();
        var estimate = estimates.findById(job.id()).orElseGet(EstimateEntity::new);
        var listed = all.stream().map(o -> o.stepId).filter(Objects::nonNull).toList();
        var priced = new Priced(all, money.currency());
        var open = priced.lines();
        var cost = priced.cost(estimate, money.rateCents());
        // What may not go in is not proposed to be bought either.
        var choice =
                CheapestPackages.of(
                        open.stream()
                                .filter(o -> alternate(o, given, duty(o, parts)).mayFit())
                                .toList(),
                        money.currency());
        return new PartsOfJob(
                given,
                bill.lines(),
                given.lines().isEmpty()
                        ? null
                        : bill.against(
                                parts.stream().map(p -> new CameOff(p.name, p.pieces)).toList()),
                parts.stream()
                        .filter(p -> p.toBuy > 0 && !listed.contains(p.stepId))
                        .map(
                                p ->
                                        new PartsOfJob.ToBuy(
                                                p.stepId,
                                                p.name,
                                                p.toBuy,
                                                bill.line(p.name)
                                                        .map(l -> l.part().number())
                                                        .orElse("")))
                        .toList(),
                all.stream().map(o -> view(o, given, money, parts)).toList(),
                choice.choice(),
                choice.fault(),
                open.stream()
                        .filter(o -> Priced.isInOtherMoney(o, money.currency()))
                        .map(o -> o.number)
                        .distinct()
                        .toList(),
                money,
                new EstimateRequest(
                        estimate.changedBy().isEmpty() ? null : estimate.version(),
                        estimate.hours,
                        estimate.workedHours,
                        estimate.newUnitCents),
                cost,
                estimate.approvedCents,
                estimate.approvedBy,
                estimate.approvedAt,
                approval(priced.suppliedCents(), false, money, estimate),
                estimate.newUnitCents == null
                        ? null
                        : RepairLimit.of(
                                cost.estimateCents(), estimate.newUnitCents, money.repairShare()),
                PartsOfJob.GRADES);
    }

    private OrderApproval approval(
            long cents, boolean isInOther, MoneyRequest money, EstimateEntity estimate) {
        return OrderApproval.of(
                cents,
                isInOther,
                Optional.ofNullable(money.limitCents()),
                Optional.ofNullable(estimate.approvedCents),
                bench.isLead());
    }

    private PartsOfJob.PartOrder view(
            OrderEntity o, BillRequest bill, MoneyRequest money, List<Part> parts) {
        var alternate = alternate(o, bill, duty(o, parts));
        return new PartsOfJob.PartOrder(
                o.id,
                new OrderRequest(
                        o.version(),
                        o.stepId,
                        o.name,
                        o.number,
                        o.quantity,
                        o.state,
                        o.remark,
                        o.known),
                (OrderWords.says(o, bill)
                                + " "
                                + OrderWords.without(o, parts)
                                + " "
                                + alternate.says())
                        .strip(),
                alternate.isOne(),
                alternate.mayFit(),
                o.quote == null ? null : o.quote.quote(),
                o.state == OrderState.WANTED ? spares.of(o.number).orElse(null) : null,
                o.isFromStores,
                Priced.lineCents(o, money.currency()).orElse(null),
                o.changedBy(),
                o.changedAt());
    }

    private static AlternateGrade.Duty duty(OrderEntity o, List<Part> parts) {
        return parts.stream()
                .filter(p -> p.stepId.equals(o.stepId))
                .findFirst()
                .map(Part::duty)
                .orElse(AlternateGrade.Duty.INSIDE_THE_BOX);
    }

    private static Alternate alternate(OrderEntity o, BillRequest bill, AlternateGrade.Duty duty) {
        return alternate(o.name, o.number, o.quote, o.known, bill, duty);
    }

    private static Alternate alternate(
            String name,
            String number,
            @Nullable QuoteSaid said,
            AlternateGrade.@Nullable Grade known,
            BillRequest bill,
            AlternateGrade.Duty duty) {
        var serial = Optional.of(bill.serial());
        return Alternate.of(
                new Alternate.Meant(name, number, said == null ? List.of() : said.quote().packed()),
                BillOfParts.of(bill.lines(), serial),
                bill.replacements(),
                serial,
                known,
                duty);
    }

    /**
     * Keeps a line of the list.
     *
     * @throws Refused when it is ordered over the limit without a lead's yes, or comes to stand where it cannot
     */
    @Transactional
    public void keep(JobRef job, UUID id, OrderRequest request, AlternateGrade.Duty duty) {
        var found = orders.findById(id);
        found.ifPresent(
                o -> {
                    if (!o.jobId.equals(job.id())) {
                        throw new NotThere("That part is not on this job's list.");
                    }
                    o.refuseStale(
                            request.version(),
                            () -> view(o, bills.of(job.unitId()), shop.money(), List.of()));
                });
        var order = found.orElseGet(OrderEntity::new);
        var item = new PartItem(request.number(), request.quantity());
        var name = JobText.required("name", "What it is", request.name(), LONGEST_NAME);
        var remark =
                JobText.optional(
                        "remark",
                        "Remark",
                        request.remark() == null ? "" : request.remark(),
                        LONGEST_REMARK);
        if (!order.state.mayBecome(request.state())) {
            throw Refused.because(
                    "state",
                    "What is %s cannot be %s."
                            .formatted(OrderWords.of(order.state), OrderWords.of(request.state())));
        }
        if (order.isFromStores && request.state() != OrderState.RECEIVED) {
            throw Refused.because(
                    "state", "%s was taken from stores and is here.".formatted(order.number));
        }
        boolean isAnother = !order.number.equals(item.number());
        if (order.state.isPlaced() && (isAnother || order.quantity != item.quantity())) {
            throw Refused.because(
                    "number",
                    "%s is %s: its number and quantity stand as they were ordered. Call it off, or put another part on the list beside it."
                            .formatted(
                                    new PartItem(order.number, order.quantity).inWords(),
                                    OrderWords.of(order.state)));
        }
        if (request.state() == OrderState.ORDERED && order.state == OrderState.WANTED) {
            alternate(
                            name,
                            item.number(),
                            isAnother ? null : order.quote,
                            request.known(),
                            bills.of(job.unitId()),
                            duty)
                    .refuseUnknown();
            refuseOrder(job, id, item, isAnother ? null : order.quote);
        }
        // What is known of one part says nothing about another.
        order.known = isAnother && found.isPresent() ? null : request.known();
        order.id = id;
        order.jobId = job.id();
        if (isAnother) {
            order.quote = null;
        }
        order.stepId = request.stepId();
        order.name = name;
        order.number = item.number();
        order.quantity = item.quantity();
        order.remark = remark;
        order.keep(bench.name(), clock.instant());
        order.state = request.state();
        orders.saveAndFlush(order);
    }

    /** Asked before anything of it is changed: with what it is about to become. */
    private void refuseOrder(JobRef job, UUID id, PartItem item, @Nullable QuoteSaid quote) {
        if (quote == null || !quote.quote().isOffered()) {
            throw Refused.because(
                    "state",
                    "Nobody has quoted %s, so it cannot be ordered. Ask the supplier first."
                            .formatted(item.number()));
        }
        var money = shop.money();
        var others =
                new Priced(
                        orders.findByJobIdOrderByChangedAt(job.id()).stream()
                                .filter(o -> !o.id.equals(id))
                                .toList(),
                        money.currency());
        boolean isInOther = Priced.isInOtherMoney(quote, money.currency());
        long own =
                isInOther
                        ? 0
                        : Objects.requireNonNull(quote.quote().priceCents()) * item.quantity();
        var approval =
                approval(
                        others.suppliedCents() + own,
                        isInOther,
                        money,
                        estimates.findById(job.id()).orElseGet(EstimateEntity::new));
        if (!approval.mayOrder()) {
            throw Refused.because("state", item.number() + ": " + approval.sentence());
        }
    }

    /**
     * Takes a wanted part from stores: it is here, and costs the job what it cost the shop.
     *
     * @param duty what a part does, by its step
     * @throws Refused when it is not wanted, it may not go in, or fewer lie there
     */
    @Transactional
    public void takeFromStores(
            JobRef job, UUID id, long version, Function<@Nullable UUID, AlternateGrade.Duty> duty) {
        var order = onTheList(job, id, version);
        if (order.state != OrderState.WANTED) {
            throw Refused.because(
                    "state",
                    "What is %s is not taken from stores.".formatted(OrderWords.of(order.state)));
        }
        alternate(order, bills.of(job.unitId()), duty.apply(order.stepId)).refuseUnknown();
        var taken = spares.take(order.number, order.quantity);
        order.remark = "from stores, " + taken.place();
        order.isFromStores = true;
        order.eachCents = taken.eachCents();
        order.quote = null;
        order.state = OrderState.RECEIVED;
        order.keep(bench.name(), clock.instant());
    }

    /**
     * Puts back what was taken from stores by mistake: it lies on its shelf again, and the job wants it still.
     *
     * @throws Refused when it was not taken from there, or the shop does not hold it any more
     */
    @Transactional
    public void putBack(JobRef job, UUID id, long version) {
        var order = onTheList(job, id, version);
        if (!order.isFromStores) {
            throw Refused.because(
                    "state",
                    "%s was not taken from stores. Book what lies there under Spares."
                            .formatted(order.number));
        }
        spares.putBack(order.number, order.quantity);
        order.remark = "";
        order.isFromStores = false;
        order.eachCents = null;
        order.state = OrderState.WANTED;
        order.keep(bench.name(), clock.instant());
    }

    private OrderEntity onTheList(JobRef job, UUID id, long version) {
        var order =
                orders.findById(id)
                        .filter(o -> o.jobId.equals(job.id()))
                        .orElseThrow(() -> new NotThere("That part is not on this job's list."));
        order.refuseStale(
                version, () -> view(order, bills.of(job.unitId()), shop.money(), List.of()));
        return order;
    }

    /** What the supplier says of everything that is wanted; asked outside of any write, because it may be slow. */
    public List<Quote> ask(JobRef job) {
        var wanted = new ArrayList<String>();
        for (var order : orders.findByJobIdOrderByChangedAt(job.id())) {
            if (order.state == OrderState.WANTED) {
                wanted.add(order.number);
            }
        }
        return supplier.quote(wanted);
    }

    /** Keeps what the supplier said. */
    @Transactional
    public void quoted(JobRef job, List<Quote> said) {
        for (var order : orders.findByJobIdOrderByChangedAt(job.id())) {
            said.stream()
                    .filter(q -> order.state == OrderState.WANTED)
                    .filter(q -> q.number().equals(order.number))
                    .findFirst()
                    .ifPresent(
                            q -> {
                                order.quote = new QuoteSaid(q, kits(said, order.number));
                                order.keep(bench.name(), clock.instant());
                            });
        }
    }

    private static List<Quote> kits(List<Quote> said, String number) {
        return said.stream()
                .filter(q -> !q.number().equals(number) && q.isOffered())
                .filter(q -> q.contents().stream().anyMatch(i -> i.number().equals(number)))
                .toList();
    }

    /** Puts the cheapest packages on the list in the place of what they hold. What comes in a kit stays on record as not needed by itself. */
    @Transactional
    public void takeChoice(JobRef job, Function<@Nullable UUID, AlternateGrade.Duty> duty) {
        var money = shop.money();
        var bill = bills.of(job.unitId());
        var open =
                orders.findByJobIdOrderByChangedAt(job.id()).stream()
                        .filter(o -> o.state == OrderState.WANTED && o.quote != null)
                        .filter(o -> alternate(o, bill, duty.apply(o.stepId)).mayFit())
                        .toList();
        var choice = CheapestPackages.of(open, money.currency()).choice();
        if (choice == null) {
            throw Refused.because(
                    "choice", "Nothing that is wanted is quoted. Ask the supplier first.");
        }
        var singly = new HashMap<String, Integer>();
        choice.packages().forEach(p -> singly.put(p.number(), p.quantity()));
        for (var wanted : open) {
            if (choice.notOffered().contains(wanted.number)) {
                continue;
            }
            // Two lines of one number share what is still bought singly.
            int left = singly.getOrDefault(wanted.number, 0);
            int own = Math.min(left, wanted.quantity);
            singly.put(wanted.number, left - own);
            if (own == 0) {
                wanted.state = OrderState.CALLED_OFF;
                wanted.remark = "comes in a kit";
            } else {
                wanted.quantity = own;
            }
            wanted.keep(bench.name(), clock.instant());
        }
        choice.packages().stream()
                .filter(p -> open.stream().noneMatch(o -> o.number.equals(p.number())))
                .forEach(p -> buy(job, p, open));
    }

    private void buy(JobRef job, PartItem kit, List<OrderEntity> open) {
        var quote =
                open.stream()
                        .flatMap(CheapestPackages::said)
                        .filter(q -> q.number().equals(kit.number()))
                        .findFirst()
                        .orElseThrow();
        var order = new OrderEntity();
        order.id = UUID.randomUUID();
        order.jobId = job.id();
        order.name = quote.name();
        order.number = kit.number();
        order.quantity = kit.quantity();
        order.quote = new QuoteSaid(quote, List.of());
        order.keep(bench.name(), clock.instant());
        orders.save(order);
    }

    @Transactional
    public void estimate(JobRef job, EstimateRequest request) {
        JobCost.of(0, 0, request.hours(), request.workedHours(), 0);
        var estimate = open(job);
        if (!estimate.changedBy().isEmpty()) {
            estimate.refuseStale(
                    request.version(),
                    () ->
                            new EstimateRequest(
                                    estimate.version(),
                                    estimate.hours,
                                    estimate.workedHours,
                                    estimate.newUnitCents));
        }
        Refused.ifAny(
                Optional.ofNullable(request.newUnitCents()).flatMap(c -> RepairLimit.NEW.judge(c)));
        estimate.newUnitCents = request.newUnitCents();
        estimate.hours = request.hours();
        estimate.workedHours = request.workedHours();
        estimate.keep(bench.name(), clock.instant());
        estimates.saveAndFlush(estimate);
    }

    private EstimateEntity open(JobRef job) {
        return estimates
                .findById(job.id())
                .orElseGet(
                        () -> {
                            var fresh = new EstimateEntity();
                            fresh.jobId = job.id();
                            return fresh;
                        });
    }

    /** A lead says yes to the parts as they are quoted now; what is dearer later asks again. */
    @Transactional
    public void approve(JobRef job) {
        bench.actAsLead("Only a lead approves parts above the limit of the shop.");
        var estimate = open(job);
        estimate.approvedCents =
                new Priced(orders.findByJobIdOrderByChangedAt(job.id()), shop.money().currency())
                        .suppliedCents();
        estimate.approvedBy = bench.name();
        estimate.approvedAt = clock.instant();
        estimate.keep(bench.name(), clock.instant());
        estimates.saveAndFlush(estimate);
    }
}

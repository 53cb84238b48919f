package app.yunque.server.parts;

import app.yunque.cost.RepairLimit;
import app.yunque.measure.Refused;
import app.yunque.parts.JobCost;
import app.yunque.parts.OrderApproval;
import app.yunque.server.people.AtTheBench;
import java.time.Clock;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what the shop reckons with. */
@Service
public class MoneyService {
    private static final Pattern CURRENCY = Pattern.compile("[A-Z]{3}");

    private final MoneyRepository shop;
    private final AtTheBench bench;
    private final Clock clock;

    MoneyService(MoneyRepository shop, AtTheBench bench, Clock clock) {
        this.shop = shop;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public MoneyRequest money() {
        return shop.findById(MoneyEntity.ONLY)
                .map(
                        m ->
                                new MoneyRequest(
                                        m.version(),
                                        m.currency,
                                        m.rateCents,
                                        m.limitCents,
                                        m.repairSharePercent))
                .orElseGet(() -> new MoneyRequest(null, "EUR", 0, null, RepairLimit.USUAL_SHARE));
    }

    @Transactional
    public void reckonsWith(MoneyRequest request) {
        bench.actAsLead("Only a lead changes what the shop reckons with.");
        if (!CURRENCY.matcher(request.currency()).matches()) {
            throw Refused.because("currency", "A currency has three capital letters, as EUR.");
        }
        JobCost.of(0, 0, 0, 0, request.rateCents());
        Refused.ifAny(
                Optional.ofNullable(request.limitCents())
                        .flatMap(l -> OrderApproval.LIMIT.judge(l)));
        var found = shop.findById(MoneyEntity.ONLY);
        found.ifPresent(m -> m.refuseStale(request.version(), this::money));
        var money = found.orElseGet(MoneyEntity::new);
        money.currency = request.currency();
        money.rateCents = request.rateCents();
        money.limitCents = request.limitCents();
        money.repairSharePercent = request.repairShare();
        money.keep(bench.name(), clock.instant());
        shop.saveAndFlush(money);
    }
}

package app.yunque.server.build;

import app.yunque.measure.Refused;
import app.yunque.server.job.JobRef;
import app.yunque.server.people.AtTheBench;
import app.yunque.teardown.StripModel;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the order of the rebuild that was chosen. */
@Service
public class BuildOrderService {
    private final BuildOrderRepository orders;
    private final AtTheBench bench;
    private final Clock clock;

    BuildOrderService(BuildOrderRepository orders, AtTheBench bench, Clock clock) {
        this.orders = orders;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Optional<BuildOrderView> view(UUID jobId) {
        return orders.findById(jobId).map(BuildOrderService::view);
    }

    /** @throws Refused when the order leaves a step out or breaks a constraint */
    @Transactional
    public void choose(JobRef job, BuildOrderRequest request, StripModel model) {
        var ids = request.steps().stream().map(UUID::toString).toList();
        if (!ids.isEmpty() && !model.allows(ids)) {
            throw Refused.because(
                    "steps",
                    "This order leaves a step out or breaks what must come before what. The strip has changed since it was planned: plan it again.");
        }
        var found = orders.findById(job.id());
        found.ifPresent(o -> o.refuseStale(request.version(), () -> view(o)));
        var order = found.orElseGet(BuildOrderEntity::new);
        order.jobId = job.id();
        order.steps = request.steps();
        order.keep(bench.name(), clock.instant());
        orders.saveAndFlush(order);
    }

    private static BuildOrderView view(BuildOrderEntity order) {
        return new BuildOrderView(order.steps, order.changedBy(), order.version());
    }
}

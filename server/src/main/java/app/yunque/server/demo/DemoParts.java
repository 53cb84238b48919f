package app.yunque.server.demo;

import app.yunque.cost.RepairLimit;
import app.yunque.parts.AlternateGrade;
import app.yunque.parts.BillOfParts;
import app.yunque.parts.Supersession;
import app.yunque.server.job.JobService;
import app.yunque.server.parts.BillRequest;
import app.yunque.server.parts.BillService;
import app.yunque.server.parts.MoneyRequest;
import app.yunque.server.parts.MoneyService;
import app.yunque.server.parts.OrderRequest;
import app.yunque.server.parts.OrderState;
import app.yunque.server.parts.PartsService;
import app.yunque.server.parts.ShimRequest;
import app.yunque.server.parts.ShimService;
import app.yunque.server.parts.SpareRequest;
import app.yunque.server.parts.SpareService;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.unit.UnitService;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Bills of parts of the demo, what its jobs buy, and what the shop reckons with; figures invented. */
@Component
class DemoParts {
    private static final MoneyRequest MONEY =
            new MoneyRequest(null, "EUR", 5800, 40_000L, RepairLimit.USUAL_SHARE);

    private final UnitService units;
    private final JobService jobs;
    private final BillService bills;
    private final PartsService parts;
    private final MoneyService money;
    private final SpareService spares;
    private final ShimService shims;
    private final ObjectMapper mapper;

    DemoParts(
            UnitService units,
            JobService jobs,
            BillService bills,
            PartsService parts,
            MoneyService money,
            SpareService spares,
            ShimService shims,
            ObjectMapper mapper) {
        this.units = units;
        this.jobs = jobs;
        this.bills = bills;
        this.parts = parts;
        this.money = money;
        this.spares = spares;
        this.shims = shims;
        this.mapper = mapper;
    }

    private record Wanted(String name, String number, int quantity, String remark) {}

    private record Of(
            String tag,
            String serial,
            List<BillOfParts.BillLine> lines,
            List<Supersession.Replacement> replacements,
            List<Wanted> orders) {}

    void describe() {
        money.reckonsWith(MONEY);
        // The gear that breaks every year in place of the others.
        shim("output cover, Ø 62/80", "0.05", 6);
        shim("output cover, Ø 62/80", "0.10", 4);
        shim("output cover, Ø 62/80", "0.20", 3);
        shim("output cover, Ø 62/80", "0.50", 1);
        shim("bearing caps, Ø 72/90", "0.10", 8);
        shim("bearing caps, Ø 72/90", "0.25", 5);
        spares.keep(
                UUID.randomUUID(),
                new SpareRequest(
                        null, "fuse gear, plastic", "SW-1080", "drawer F3", 2, 1.2, 21, 95, 1850L));
        spares.keep(
                UUID.randomUUID(),
                new SpareRequest(null, "pawl spring", "SW-1041", "drawer C1", 6, 12, 10, 95, 240L));
        try (var file = new ClassPathResource("demo/bills.json").getInputStream()) {
            for (var told : mapper.readValue(file, new TypeReference<List<Of>>() {})) {
                keep(told);
            }
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    private void keep(Of told) {
        var unit =
                units.list("").stream()
                        .filter(u -> u.tag().equals(told.tag))
                        .findFirst()
                        .orElseThrow();
        bills.keep(unit.id(), new BillRequest(null, told.serial, told.lines, told.replacements));
        var job = jobs.ofUnit(unit.id()).get(0);
        for (var wanted : told.orders) {
            parts.keep(
                    job,
                    UUID.randomUUID(),
                    new OrderRequest(
                            null,
                            null,
                            wanted.name,
                            wanted.number,
                            wanted.quantity,
                            OrderState.WANTED,
                            wanted.remark,
                            null),
                    AlternateGrade.Duty.INSIDE_THE_BOX);
        }
        parts.quoted(job, parts.ask(job));
    }

    private void shim(String fits, String thicknessMm, int pieces) {
        shims.keep(
                UUID.randomUUID(),
                new ShimRequest(
                        null, fits, new EnteredNumber(thicknessMm, "mm"), pieces, "drawer S2"));
    }
}

package app.yunque.server.parts;

import app.yunque.parts.BillOfParts;
import app.yunque.parts.SerialNumber;
import app.yunque.server.people.AtTheBench;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the bill of parts of each unit. */
@Service
public class BillService {
    private static final BillRequest NONE = new BillRequest(null, "", List.of(), List.of());

    private final BillRepository bills;
    private final AtTheBench bench;
    private final Clock clock;

    BillService(BillRepository bills, AtTheBench bench, Clock clock) {
        this.bills = bills;
        this.bench = bench;
        this.clock = clock;
    }

    /** As it was entered; an empty one where none was. */
    @Transactional(readOnly = true)
    public BillRequest of(UUID unitId) {
        return bills.findById(unitId).map(BillService::given).orElse(NONE);
    }

    @Transactional
    public void keep(UUID unitId, BillRequest request) {
        if (!request.serial().isEmpty()) {
            SerialNumber.of(request.serial());
        }
        BillOfParts.of(request.lines(), Optional.of(request.serial()));
        var found = bills.findById(unitId);
        found.ifPresent(b -> b.refuseStale(request.version(), () -> given(b)));
        var bill = found.orElseGet(BillEntity::new);
        bill.unitId = unitId;
        bill.serial = request.serial();
        bill.lines = request.lines();
        bill.replacements = request.replacements();
        bill.keep(bench.name(), clock.instant());
        bills.saveAndFlush(bill);
    }

    private static BillRequest given(BillEntity bill) {
        return new BillRequest(bill.version(), bill.serial, bill.lines, bill.replacements);
    }
}

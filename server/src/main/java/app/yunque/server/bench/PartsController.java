package app.yunque.server.bench;

import app.yunque.server.history.WriteOnce;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobService;
import app.yunque.server.parts.BillRequest;
import app.yunque.server.parts.BillService;
import app.yunque.server.parts.EstimateRequest;
import app.yunque.server.parts.MoneyRequest;
import app.yunque.server.parts.MoneyService;
import app.yunque.server.parts.OrderRequest;
import app.yunque.server.parts.PartsOfJob;
import app.yunque.server.parts.PartsService;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a job buys, and the bill of parts of its unit. */
@RestController
class PartsController {
    private final JobService jobs;
    private final JobParts jobParts;
    private final BillService bills;
    private final PartsService parts;
    private final MoneyService money;
    private final WriteOnce writes;

    PartsController(
            JobService jobs,
            JobParts jobParts,
            BillService bills,
            PartsService parts,
            MoneyService money,
            WriteOnce writes) {
        this.jobs = jobs;
        this.jobParts = jobParts;
        this.bills = bills;
        this.parts = parts;
        this.money = money;
        this.writes = writes;
    }

    @GetMapping("/api/units/{unitId}/bill")
    BillRequest billOfParts(@PathVariable UUID unitId) {
        return bills.of(unitId);
    }

    @PutMapping("/api/units/{unitId}/bill")
    BillRequest keepBill(
            @PathVariable UUID unitId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody BillRequest request) {
        writes.run(writeId, () -> bills.keep(unitId, request));
        return bills.of(unitId);
    }

    @GetMapping("/api/shop/money")
    MoneyRequest money() {
        return money.money();
    }

    @PutMapping("/api/shop/money")
    MoneyRequest keepMoney(
            @RequestHeader("Write-Id") UUID writeId, @RequestBody MoneyRequest request) {
        writes.run(writeId, () -> money.reckonsWith(request));
        return money.money();
    }

    @GetMapping("/api/jobs/{number}/parts")
    PartsOfJob partsOfJob(@PathVariable long number) {
        return view(jobs.find(number));
    }

    @PutMapping("/api/jobs/{number}/parts/{id}")
    PartsOfJob keepOrder(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody OrderRequest request) {
        return change(writeId, number, job -> jobParts.keep(job, id, request));
    }

    /** Asks the supplier of everything that is wanted. */
    @PostMapping("/api/jobs/{number}/parts/ask")
    PartsOfJob askSupplier(@PathVariable long number, @RequestHeader("Write-Id") UUID writeId) {
        var said = parts.ask(jobs.find(number));
        return change(writeId, number, job -> parts.quoted(job, said));
    }

    /** Takes a wanted part from stores. */
    @PostMapping("/api/jobs/{number}/parts/{id}/from-stores")
    PartsOfJob takeFromStores(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestParam long version,
            @RequestHeader("Write-Id") UUID writeId) {
        return change(writeId, number, job -> jobParts.takeFromStores(job, id, version));
    }

    /** Puts back what was taken from stores by mistake. */
    @PostMapping("/api/jobs/{number}/parts/{id}/back-to-stores")
    PartsOfJob putBack(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestParam long version,
            @RequestHeader("Write-Id") UUID writeId) {
        return change(writeId, number, job -> parts.putBack(job, id, version));
    }

    /** Puts the cheapest packages on the list in the place of what they hold. */
    @PostMapping("/api/jobs/{number}/parts/take-choice")
    PartsOfJob takeChoice(@PathVariable long number, @RequestHeader("Write-Id") UUID writeId) {
        return change(writeId, number, jobParts::takeChoice);
    }

    @PutMapping("/api/jobs/{number}/estimate")
    PartsOfJob keepEstimate(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody EstimateRequest request) {
        return change(writeId, number, job -> parts.estimate(job, request));
    }

    /** A lead says yes to the parts as they are quoted now. */
    @PostMapping("/api/jobs/{number}/parts/approve")
    PartsOfJob approveParts(@PathVariable long number, @RequestHeader("Write-Id") UUID writeId) {
        return change(writeId, number, parts::approve);
    }

    private PartsOfJob change(UUID writeId, long number, Consumer<JobRef> change) {
        writes.run(
                writeId,
                () -> {
                    var job = jobs.openForWork(number);
                    change.accept(job);
                    jobs.touch(job);
                });
        return view(jobs.find(number));
    }

    private PartsOfJob view(JobRef job) {
        return jobParts.of(job);
    }
}

package app.yunque.server.care;

import app.yunque.server.people.AtTheBench;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the records are, for a lead. */
@RestController
@RequestMapping("/api/care")
class CareController {
    private final CareOfRecords care;
    private final AtTheBench bench;

    CareController(CareOfRecords care, AtTheBench bench) {
        this.care = care;
        this.bench = bench;
    }

    @GetMapping
    List<Sign> care() {
        bench.refuseUnlessLead("Only a lead looks after the records.");
        return care.signs();
    }
}

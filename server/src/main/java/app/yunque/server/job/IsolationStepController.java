package app.yunque.server.job;

import app.yunque.route.Energy;
import app.yunque.route.IsolationStep;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is done at each source of energy before a unit is opened. */
@RestController
class IsolationStepController {
    /**
     * @param id     its name
     * @param energy where it is done
     * @param says   what is done
     */
    record IsolationStepView(IsolationStep id, Energy energy, String says) {}

    @GetMapping("/api/isolation-steps")
    List<IsolationStepView> isolationSteps() {
        return Arrays.stream(IsolationStep.values())
                .map(s -> new IsolationStepView(s, s.energy(), s.says()))
                .toList();
    }
}

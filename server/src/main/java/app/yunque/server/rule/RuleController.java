package app.yunque.server.rule;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every public rule of the core, in canonical units. */
@RestController
@RequestMapping("/api/calc")
class RuleController {
    /** Where any rule is asked; the description has one address for each instead. */
    static final String ANY = "/{subject}/{rule}";

    private final Rules rules;
    private final JsonMapper json;

    RuleController(Rules rules, JsonMapper json) {
        this.rules = rules;
        this.json = json;
    }

    /**
     * @param at    subject and rule, as in the address
     * @param title what it is called
     * @param says  which question it answers
     * @param form  name of its drawer; missing where it is asked through this address only, or by a drawer that asks more
     */
    record RuleLine(String at, String title, String says, @Nullable String form) {}

    /** Every rule that follows this pattern, by its address. */
    @GetMapping
    List<RuleLine> rules() {
        return rules.all().stream()
                .map(
                        r ->
                                new RuleLine(
                                        r.at(),
                                        r.marked().title(),
                                        r.marked().says(),
                                        r.hasForm() ? r.at().replace('/', '-') : null))
                .toList();
    }

    /** Asks a rule. */
    @PostMapping(ANY)
    Object ask(
            @PathVariable String subject, @PathVariable String rule, @RequestBody JsonNode input) {
        var asked = rules.at(subject, rule);
        return RuleAnswer.of(asked, asked.answer(input, json), json);
    }
}

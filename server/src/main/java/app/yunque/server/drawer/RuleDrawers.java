package app.yunque.server.drawer;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.server.rule.Rule;
import app.yunque.server.rule.RuleFields;
import app.yunque.server.rule.Rules;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Serves;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** A drawer for every public rule of the core, made from what the rule says of itself. */
@Component
class RuleDrawers {
    /** "stock[0].thicknessUm": the reading of a list of records, which stands in the form as "stock.thicknessUm[0]". */
    private static final Pattern OF_A_LIST = Pattern.compile("([^.\\[]+)(\\[\\d+])\\.(.+)");

    private final Rules rules;
    private final JsonMapper json;

    RuleDrawers(Rules rules, JsonMapper json) {
        this.rules = rules;
        this.json = json;
    }

    List<Drawer> all() {
        return rules.all().stream().filter(Rule::hasForm).map(this::drawer).toList();
    }

    private Drawer drawer(Rule rule) {
        var form = RuleFields.of(rule);
        return new Drawer(
                rule.at().replace('/', '-'),
                rule.marked().title(),
                rule.marked().says(),
                section(rule),
                !form.takesAnInstrument()
                        ? Takes.NONE
                        : rule.subject().equals("fit") ? Takes.CALIPER : Takes.DIAL,
                form.fields(),
                Set.of(),
                new Serves(List.of(rule.marked().answers()), List.of(rule.marked().sets()), true),
                sheet -> answer(rule, form, sheet));
    }

    /** A rule stands with those of its room; what is measured of teeth in the room of teeth. */
    private static Section section(Rule rule) {
        return rule.subject().equals("tooth")
                ? Section.TEETH
                : Section.valueOf(rule.subject().toUpperCase(Locale.ROOT));
    }

    private DrawerAnswer answer(Rule rule, RuleFields form, DrawerSheet sheet) {
        try {
            return DrawerAnswer.of(
                    told(rule.answer(form.input(sheet, json), json)),
                    form.leansOnTheInstrument(sheet) ? sheet.gaugeWarnings() : List.of());
        } catch (Refused refused) {
            throw new Refused(refused.problems().stream().map(RuleDrawers::atItsField).toList());
        }
    }

    private static Problem atItsField(Problem p) {
        var read = OF_A_LIST.matcher(p.component());
        return read.matches()
                ? new Problem(
                        read.group(1) + "." + read.group(3) + read.group(2),
                        p.label(),
                        p.value(),
                        p.unit(),
                        p.low(),
                        p.high(),
                        p.remedy())
                : p;
    }

    private static Told told(Object answer) {
        try {
            return (Told) answer.getClass().getMethod("told").invoke(answer);
        } catch (ReflectiveOperationException defect) {
            throw new IllegalStateException(
                    "Impossible: a public rule does not tell its answer: " + answer.getClass(),
                    defect);
        }
    }
}

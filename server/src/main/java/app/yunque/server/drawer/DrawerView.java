package app.yunque.server.drawer;

import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.sheet.Field;
import java.util.List;
import java.util.Set;

/**
 * A drawer as screens see it.
 *
 * @param name    name in the address
 * @param title   name on its label
 * @param purpose what it is for
 * @param section where it stands, in words
 * @param takes   kind of instrument it reads from
 * @param fields  what it asks for
 * @param folded  headings that stand folded until they are wanted
 * @param checks  names of the checks its verdict answers
 * @param steps   names of the steps of setting that it works something out for
 * @param isRule  true for a drawer made from a rule: it is filled in by what stands under its own name only
 * @param examples worked examples to start from
 */
public record DrawerView(
        String name,
        String title,
        String purpose,
        String section,
        Drawer.Takes takes,
        List<Field> fields,
        Set<String> folded,
        List<String> checks,
        List<String> steps,
        boolean isRule,
        List<Example> examples) {

    /** A worked example as it would have been entered. */
    public record Example(String title, DrawerEntries entries) {}
}

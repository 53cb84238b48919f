package app.yunque.inspection;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a job is about, as far as it raises checks: the kind of unit, its surroundings and history, and the complaint.
 *
 * @param kinds         kinds of unit, those the words of the papers give away where nobody said; never none
 * @param kindKnown     false where nothing tells the kind, so that the general plan of a reducer is made
 * @param read          words of the complaint that the free text gives away
 * @param circumstances all that counts: what somebody said, and where nobody said anything what was read
 */
public record Situation(
        List<UnitKind> kinds,
        boolean kindKnown,
        Set<Circumstance> read,
        Set<Circumstance> circumstances) {
    public Situation {
        kinds = List.copyOf(kinds);
        read = Set.copyOf(read);
        circumstances = Set.copyOf(circumstances);
    }

    /**
     * @param words     kind and name of the unit in words
     * @param unit      what was said of the unit: its surroundings, its kind where the words do not tell it
     * @param complaint what the customer says
     * @param job       what was said of the job: words of the complaint, its history; null where nobody has said yet, so that the
     *                  free text is read
     */
    public static Situation of(
            String words,
            Collection<Circumstance> unit,
            String complaint,
            @Nullable Collection<Circumstance> job) {
        var said = List.of(UnitKind.values()).stream().filter(k -> unit.contains(k.circumstance()));
        var chosen = said.toList();
        var told = chosen.isEmpty() ? UnitKind.of(words) : chosen;
        var kinds = told.isEmpty() ? List.of(UnitKind.RED) : told;
        var read = Complaint.read(complaint);
        var all = EnumSet.noneOf(Circumstance.class);
        kinds.forEach(k -> all.add(k.circumstance()));
        unit.stream().filter(c -> !c.isKind()).forEach(all::add);
        all.addAll(job == null ? read : job);
        return new Situation(kinds, !told.isEmpty(), read, all);
    }
}

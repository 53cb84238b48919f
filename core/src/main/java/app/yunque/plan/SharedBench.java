package app.yunque.plan;

import java.util.ArrayList;
import java.util.List;

/**
 * Two mechanics at one unit at some moment of a schedule: until when each is busy and with what in hand, how the unit lies, what of the
 * tools and the things held is taken until when. Tasks are placed in the order of a list, none before an earlier one's turning of the
 * unit.
 */
final class SharedBench {
    private static final double SAME = 1e-9;
    private static final List<List<Rules.Way>> NO_CHOICE = List.of(List.of());

    private final SharedTasks all;
    private final double[] ends;

    /** Whose end is known. */
    private final boolean[] isPlaced;

    /** Before when a task must not begin because another goes a way that it would close, and which that is. */
    private final double[] opened;

    private final int[] openedBy;
    private final double[] free = new double[2];
    private final int[] inHand = new int[2];
    private final double[] toolTaken;
    private final double[] thingTaken;
    private int position;
    private int area;

    /** Since when the unit lies as it lies now. */
    private double settled;

    private double lastEnd;
    private double lastStart;

    SharedBench(SharedTasks all) {
        this.all = all;
        this.ends = new double[all.size()];
        this.isPlaced = new boolean[all.size()];
        this.opened = new double[all.size()];
        this.openedBy = new int[all.size()];
        this.toolTaken = new double[all.tools() + 1];
        this.thingTaken = new double[all.things()];
        this.inHand[0] = all.startTool();
        this.position = all.startPosition();
        this.area = all.startArea();
    }

    SharedBench(SharedBench from) {
        this.all = from.all;
        this.ends = from.ends.clone();
        this.isPlaced = from.isPlaced.clone();
        this.opened = from.opened.clone();
        this.openedBy = from.openedBy.clone();
        this.free[0] = from.free[0];
        this.free[1] = from.free[1];
        this.inHand[0] = from.inHand[0];
        this.inHand[1] = from.inHand[1];
        this.toolTaken = from.toolTaken.clone();
        this.thingTaken = from.thingTaken.clone();
        this.position = from.position;
        this.area = from.area;
        this.settled = from.settled;
        this.lastEnd = from.lastEnd;
        this.lastStart = from.lastStart;
    }

    /** Where a task would come with a mechanic at it, by which way of each of its choices, and what decides that. */
    record Placed(
            int task,
            int who,
            List<Rules.Way> ways,
            double from,
            double changing,
            For waits,
            int which) {}

    boolean isReady(int task) {
        return all.isFree(task, isPlaced);
    }

    /** Every set of ways, one of each choice of the task, that can be gone now; one empty set where there is no choice. */
    List<List<Rules.Way>> ways(int task) {
        var sets = NO_CHOICE;
        for (var choice : all.choices(task)) {
            var longer = new ArrayList<List<Rules.Way>>();
            for (var way : choice) {
                if (way.holds(isPlaced)) {
                    for (var set : sets) {
                        var more = new ArrayList<>(set);
                        more.add(way);
                        longer.add(more);
                    }
                }
            }
            sets = longer;
        }
        return sets;
    }

    double lastEnd() {
        return lastEnd;
    }

    double lastStart() {
        return lastStart;
    }

    /** Both are free since the same moment with the same in hand: it does not matter who is taken. */
    boolean areAlike() {
        return inHand[0] == inHand[1] && Math.abs(free[0] - free[1]) < SAME;
    }

    /** Minutes in which mechanics have been busy or waited so far, of both. */
    double spent() {
        return free[0] + free[1];
    }

    /** When a task that is ready may begin at the earliest, whoever does it and whatever has to be changed. */
    double earliest(int task) {
        double from = Math.max(settled, opened[task]);
        for (int p : all.before(task)) {
            from = Math.max(from, ends[p]);
        }
        return from;
    }

    /** A tool that two need together is with whoever has it in hand, else with the first. */
    Placed at(int task, int mechanic, List<Rules.Way> ways) {
        boolean both = all.people(task) == 2;
        boolean secondHasIt = inHand[1] == all.tool(task) && inHand[0] != all.tool(task);
        int who = both ? secondHasIt ? 1 : 0 : mechanic;
        double person = both ? Math.max(free[0], free[1]) : free[who];
        var begin = new Begin(person);
        int tool = all.tool(task);
        double change = 0;
        if (tool != 0) {
            begin.notBefore(toolTaken[tool], For.TOOL, tool);
            change = inHand[who] == tool ? 0 : all.toolChange();
        }
        begin.at += change;
        begin.notBefore(settled, For.UNIT, 0);
        for (int p : all.before(task)) {
            begin.notBefore(ends[p], For.TASK, p);
        }
        begin.notBefore(opened[task], For.TASK, openedBy[task]);
        for (var way : ways) {
            for (int p : way.done()) {
                begin.notBefore(ends[p], For.TASK, p);
            }
        }
        for (int thing : all.holds(task)) {
            begin.notBefore(thingTaken[thing], For.THING, thing);
        }
        double turning = turning(task);
        if (turns(task)) {
            begin.notBefore(lastEnd, For.HANDS_OFF, 0);
        }
        return new Placed(
                task, who, ways, begin.at + turning, change + turning, begin.what, begin.which);
    }

    private boolean turns(int task) {
        return (all.position(task) != 0 && all.position(task) != position)
                || (all.area(task) != 0 && all.area(task) != area);
    }

    private double turning(int task) {
        double minutes = 0;
        if (all.position(task) != 0 && all.position(task) != position) {
            minutes += all.flip();
        }
        if (all.area(task) != 0 && all.area(task) != area) {
            minutes += all.move();
        }
        return minutes;
    }

    /** The mechanic with whom a task begins first; of equal ones the one who changes least, then the first. */
    Placed best(int task, List<Rules.Way> ways) {
        var first = at(task, 0, ways);
        var second = at(task, 1, ways);
        if (Math.abs(first.from - second.from) > SAME) {
            return first.from < second.from ? first : second;
        }
        return second.changing < first.changing - SAME ? second : first;
    }

    /** Does what was placed, and tells what was changed for it. */
    List<String> take(Placed placed) {
        var changes = new ArrayList<String>();
        int task = placed.task;
        if (all.position(task) != 0 && all.position(task) != position) {
            position = all.position(task);
            changes.add("unit " + all.positionName(position));
            settled = placed.from;
        }
        if (all.area(task) != 0 && all.area(task) != area) {
            area = all.area(task);
            changes.add("to the " + all.areaName(area));
            settled = placed.from;
        }
        int tool = all.tool(task);
        double end = placed.from + all.minutes(task);
        if (tool != 0) {
            if (inHand[placed.who] != tool) {
                changes.add(all.toolName(tool));
            }
            inHand[placed.who] = tool;
            toolTaken[tool] = end;
        }
        for (int thing : all.holds(task)) {
            thingTaken[thing] = end;
        }
        free[placed.who] = end;
        if (all.people(task) == 2) {
            free[1 - placed.who] = end;
        }
        ends[task] = end;
        isPlaced[task] = true;
        for (var way : placed.ways) {
            for (int later : way.notYet()) {
                if (end > opened[later]) {
                    opened[later] = end;
                    openedBy[later] = task;
                }
            }
        }
        lastEnd = Math.max(lastEnd, end);
        lastStart = placed.from;
        return changes;
    }

    double freeSince(int who) {
        return free[who];
    }

    /** What a mechanic waits for. */
    enum For {
        PERSON,
        TOOL,
        UNIT,
        TASK,
        THING,
        HANDS_OFF
    }

    /** What somebody waited for, in words. */
    String inWords(Placed placed) {
        return switch (placed.waits) {
            case PERSON -> "the other mechanic";
            case TOOL -> "the " + all.toolName(placed.which);
            case UNIT -> "the unit to lie still";
            case TASK -> all.name(placed.which);
            case THING -> "the " + all.thingName(placed.which);
            case HANDS_OFF -> "the other to let go of the unit";
        };
    }

    /** The latest of several times, and what it is the time of. */
    private static final class Begin {
        private double at;
        private For what = For.PERSON;
        private int which;

        Begin(double at) {
            this.at = at;
        }

        void notBefore(double time, For because, int number) {
            if (time > at + SAME) {
                at = time;
                what = because;
                which = number;
            }
        }
    }
}

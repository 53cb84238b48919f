package app.yunque.teardown;

import app.yunque.plan.Before;
import app.yunque.plan.EitherWay;
import java.util.List;

/**
 * One opening by which a part may go out.
 *
 * @param opening the opening
 * @param befores what has to come off before the part when it goes this way, and what after it
 * @param barred  why it cannot go this way, as a clause; empty when it can
 */
record WayOut(Opening opening, List<Before> befores, String barred) {
    WayOut {
        befores = List.copyOf(befores);
    }

    boolean isBarred() {
        return !barred.isEmpty();
    }

    String inWords() {
        return "by the " + opening.name();
    }

    EitherWay.OneWay asWay(List<Before> common) {
        return new EitherWay.OneWay(
                inWords(), befores.stream().filter(b -> !common.contains(b)).toList());
    }
}

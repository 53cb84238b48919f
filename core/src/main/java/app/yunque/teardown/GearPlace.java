package app.yunque.teardown;

import app.yunque.gear.Member;

/**
 * Which gear of the unit's papers a part is.
 *
 * @param stage  stage from the input, 1 first
 * @param member pinion or wheel of that stage
 */
public record GearPlace(int stage, Member member) {

    /** The shaft it sits on: the pinion of stage k on shaft k, its wheel on the next. */
    int shaft() {
        return member == Member.PINION ? stage : stage + 1;
    }
}

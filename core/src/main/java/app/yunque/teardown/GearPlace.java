package app.yunque.teardown;

import app.yunque.gear.Member;

/**
 * Which gear of the unit's papers a part is.
 *
 * @param stage  stage from the input, 1 first
 * @param member pinion or wheel of that stage
 */
public record GearPlace(int stage, Member member) {}

package app.yunque.inspection;

/**
 * What can raise the level of a check: a word of the complaint, what the drive is there for, surroundings and history, the kind of unit.
 * The table of checks names these. Source: common practice, no source.
 */
public enum Circumstance {
    KNOCK("knocks"),
    WHINE("whines"),
    GROWL("growls"),
    LEAK("leaks"),
    HEAT("runs hot"),
    SLIP("slips"),
    JUMP("jumps out"),
    STIFF("is stiff to shift"),
    CREEP("creeps back under load"),
    STALL("stalls or jams"),
    LASH("has too much play"),
    TIME("is out of time"),
    ONCE("once in each turn"),
    METAL("metal in the oil"),
    BURNT("smells burnt"),
    VIBR("vibrates"),

    LIFT("lifts or holds a load"),
    FEED("feed, timed or reversing drive"),

    SEA("salt air, rain or water in the oil"),
    OLD("not opened for five years, or nobody knows"),
    REP("an earlier repair"),
    SHOCK("stalled, jammed, dropped, or a tooth or shear pin broke"),
    /** The part in question is being renewed. */
    NEW("renewed"),

    RED("reducer"),
    WGB("worm reducer"),
    BVL("right-angle bevel box"),
    TWN("two outputs in time"),
    CYC("cycloidal reducer"),
    PLW("planetary winch"),
    HWN("hand winch"),
    HOI("hoist"),
    ACT("actuator"),
    FDB("feed box"),
    HDS("headstock"),
    SLD("slides and screws"),
    MTP("metering pump"),
    PGE("gear end of a pump"),
    REV("reversing box"),
    THR("thrower"),
    STE("steering"),
    STA("starter"),
    WSH("washing head");

    private final String words;

    Circumstance(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** True for a word of the complaint. */
    public boolean isComplaint() {
        return compareTo(VIBR) <= 0;
    }

    /** True for a kind of unit. */
    public boolean isKind() {
        return compareTo(RED) >= 0;
    }

    /** True for surroundings and history that stay with the unit. */
    public boolean isOfTheUnit() {
        return this == SEA || this == OLD || isKind();
    }

    /** True for what a job is said to be about: its complaint, an earlier repair, a shock. */
    public boolean isOfTheJob() {
        return isComplaint() || this == REP || this == SHOCK;
    }
}

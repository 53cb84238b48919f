package app.yunque.teardown;

import app.yunque.gear.Member;
import org.jspecify.annotations.Nullable;

/** Ordinary steps of a strip for tests; a test changes only what it is about. */
public final class Steps {
    private final int number;
    private final String part;
    private final PartKind kind;
    private int count = 1;
    private int shaft = 1;
    private Side side = Side.LEFT;
    private @Nullable GearPlace gear;
    private String wayRound = "";
    private @Nullable Fastening fastening;
    private String tray = "A";
    private Condition condition = Condition.SOUND;
    private String note = "";
    private StepDetail detail = StepDetail.NONE;

    private Steps(int number, String part, PartKind kind) {
        this.number = number;
        this.part = part;
        this.kind = kind;
    }

    public static Steps step(int number, String part, PartKind kind) {
        return new Steps(number, part, kind);
    }

    public Steps count(int value) {
        count = value;
        return this;
    }

    public Steps on(int shaft, Side side) {
        this.shaft = shaft;
        this.side = side;
        return this;
    }

    public Steps gear(GearPlace place) {
        gear = place;
        shaft = place.member() == Member.PINION ? place.stage() : place.stage() + 1;
        side = Side.MIDDLE;
        return this;
    }

    public Steps wayRound(String value) {
        wayRound = value;
        return this;
    }

    public Steps screws(int howMany, String thread, double lengthMm, boolean leftHand) {
        fastening = new Fastening(howMany, thread, lengthMm, leftHand, null, "");
        return this;
    }

    public Steps tray(String value) {
        tray = value;
        return this;
    }

    public Steps note(String value) {
        note = value;
        return this;
    }

    public Steps found(Condition value) {
        condition = value;
        return this;
    }

    public Steps fastened(Fastening value) {
        fastening = value;
        return this;
    }

    public Steps work(String tool, String position, double minutes) {
        return work(new StepDetail.Work(tool, position, "", minutes, 1));
    }

    public Steps work(StepDetail.Work work) {
        detail =
                new StepDetail(
                        work,
                        detail.body(),
                        detail.found(),
                        detail.back(),
                        detail.subassembly(),
                        detail.leftAssembled(),
                        detail.alsoHeldBy());
        return this;
    }

    public Steps body(StepDetail.Body body) {
        detail =
                new StepDetail(
                        detail.work(),
                        body,
                        detail.found(),
                        detail.back(),
                        detail.subassembly(),
                        detail.leftAssembled(),
                        detail.alsoHeldBy());
        return this;
    }

    public Steps envelope(Envelope envelope, String... leavesBy) {
        return body(new StepDetail.Body(envelope, java.util.List.of(leavesBy), null, null, null));
    }

    /** A hub: its size, its bore, and by which openings it leaves. */
    public Steps hub(
            Envelope envelope,
            @Nullable Double boreMm,
            @Nullable Integer seat,
            String... leavesBy) {
        return body(
                new StepDetail.Body(
                        envelope,
                        java.util.List.of(leavesBy),
                        null,
                        null,
                        null,
                        boreMm,
                        seat,
                        null));
    }

    public Steps found(StepDetail.Found found) {
        detail =
                new StepDetail(
                        detail.work(),
                        detail.body(),
                        found,
                        detail.back(),
                        detail.subassembly(),
                        detail.leftAssembled(),
                        detail.alsoHeldBy());
        return this;
    }

    public Steps back(StepDetail.Back back) {
        detail =
                new StepDetail(
                        detail.work(),
                        detail.body(),
                        detail.found(),
                        back,
                        detail.subassembly(),
                        detail.leftAssembled(),
                        detail.alsoHeldBy());
        return this;
    }

    /** Held by further sets beside the first. */
    public Steps alsoHeldBy(Fastening... further) {
        detail =
                new StepDetail(
                        detail.work(),
                        detail.body(),
                        detail.found(),
                        detail.back(),
                        detail.subassembly(),
                        detail.leftAssembled(),
                        java.util.List.of(further));
        return this;
    }

    /** What came off does not go back, or nothing came off. */
    public Steps belongs(Belongs belongs) {
        return back(new StepDetail.Back("", "", null, GoesOn.UNSAID, false, "", belongs));
    }

    public Steps in(String subassembly) {
        detail =
                new StepDetail(
                        detail.work(),
                        detail.body(),
                        detail.found(),
                        detail.back(),
                        subassembly,
                        false,
                        detail.alsoHeldBy());
        return this;
    }

    public TeardownStep build() {
        return new TeardownStep(
                "s" + number,
                number,
                part,
                kind,
                count,
                shaft,
                side,
                gear,
                wayRound,
                fastening,
                kind.isSingleUse(),
                tray,
                condition,
                note,
                detail);
    }
}

package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import app.yunque.teardown.Envelope.Section;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A shaft that is drawn out of a case by one opening, and what becomes of each part on it.
 *
 * <p>Drawn to one side, every step of the shaft on the other side of a hub passes through the hub's bore: where a thicker one is there, the
 * hub cannot stay behind. What does not pass the opening cannot come along. A ring in a groove behind a hub that stays is in the way and
 * comes off first. Inner walls on the way are openings like the last one: what is beyond them has to pass their bores, the steps of the
 * shaft and what comes along on it. The hub of a size that nobody measured is taken to let go of its shaft, as the log shows. Geometry; what holds on a
 * shaft is common practice, no source.
 *
 * @param shaft   the shaft
 * @param opening where it goes out
 */
record DrawnOut(TeardownStep shaft, Opening opening) {
    /** Parts that sit in a groove or on a thread of the shaft and hold what is beside them. */
    private static final List<PartKind> HOLDS =
            List.of(PartKind.CIRCLIP, PartKind.COLLET, PartKind.NUT);

    /** How much a bore may be smaller than the seat it is pressed on, and still be the bore of that seat (mm); judgement. */
    private static final double SEAT_MM = 0.5;

    /** What becomes of a part on the shaft. */
    enum Fate {
        /** It is as the log says: it may come along, or come off before or after. */
        AS_LOGGED,
        /** It stays inside, and is taken out when the shaft is gone. */
        STAYS_INSIDE,
        /** It has to be off before. */
        OFF_FIRST,
        /** The shaft cannot go this way while the part is on it, and there the part cannot come off. */
        BARS_THE_WAY
    }

    /**
     * @param fate   what becomes of it
     * @param reason why, as a clause; empty for what is as logged
     */
    record Told(Fate fate, String reason) {
        private static final Told AS_LOGGED = new Told(Fate.AS_LOGGED, "");
    }

    /** @param others all parts on this shaft, among them the one asked about */
    Told of(TeardownStep part, List<TeardownStep> others) {
        if (HOLDS.contains(part.kind())) {
            return ofARing(part, others);
        }
        return ofAHub(part);
    }

    /** What stays inside while the shaft is drawn out of it; what the shaft meets first on its way in stands first. */
    List<TeardownStep> staying(List<TeardownStep> others) {
        var row = new ArrayList<TeardownStep>();
        for (var part : others) {
            if (!HOLDS.contains(part.kind()) && ofAHub(part).fate == Fate.STAYS_INSIDE) {
                int at = 0;
                while (at < row.size() && !isNearer(part, row.get(at))) {
                    at++;
                }
                row.add(at, part);
            }
        }
        return row;
    }

    /** True when of each two neighbours of a row it is known which sits nearer to the opening. */
    boolean knowsTheOrderOf(List<TeardownStep> row) {
        return IntStream.range(1, row.size())
                .allMatch(
                        i -> IntStream.range(0, i).allMatch(j -> isNearer(row.get(j), row.get(i))));
    }

    /** True for a ring that has to be off before the shaft is drawn, and so goes on inside. */
    boolean goesOnInside(TeardownStep part, List<TeardownStep> others) {
        return HOLDS.contains(part.kind()) && ofARing(part, others).fate == Fate.OFF_FIRST;
    }

    /** True when a part sits nearer to the opening than another. */
    boolean isNearer(TeardownStep part, TeardownStep other) {
        return switch (opening.faces()) {
            case LEFT -> place(part, other) < 0;
            case RIGHT -> place(part, other) > 0;
            default -> false;
        };
    }

    /** Why a part on the shaft cannot go out by the opening, as a clause, also when the shaft is gone; empty when no inner wall is between. */
    String walledOff(TeardownStep part) {
        var size = part.detail().body().envelope();
        var wall = size == null ? null : wallInTheWay(part, size);
        return wall == null
                ? ""
                : "%s, %s, does not pass the inner wall in which step %d of the %s runs"
                        .formatted(part.part(), size.inWords(), wall, shaft.part());
    }

    /** Why the shaft itself cannot be drawn this way, as a clause; empty when no inner wall holds it. */
    String heldByAWall() {
        var outline = outline();
        for (int wall = 1; wall <= outline.size(); wall++) {
            var bore = outline.get(wall - 1).wallBoreMm();
            if (bore != null) {
                for (var step : beyond(wall)) {
                    if (step.diameterMm() > bore + Section.READING_MM) {
                        return "the step Ø%s of the %s does not pass the inner wall in which step %d runs, Ø%s"
                                .formatted(
                                        PlainDigits.exact(step.diameterMm()),
                                        shaft.part(),
                                        wall,
                                        PlainDigits.exact(bore));
                    }
                }
            }
        }
        return "";
    }

    /** The steps that are drawn past a place of the shaft: those on its far side. */
    private List<Section> beyond(int place) {
        var outline = outline();
        return switch (opening.faces()) {
            case LEFT -> outline.subList(Math.min(place, outline.size()), outline.size());
            case RIGHT -> outline.subList(0, Math.min(place - 1, outline.size()));
            default -> List.of();
        };
    }

    private Told ofAHub(TeardownStep hub) {
        var size = hub.detail().body().envelope();
        if (size == null || isOutside(hub)) {
            return Told.AS_LOGGED;
        }
        var passesNot = passesNot(hub, size);
        if (passesNot.isEmpty()) {
            return Told.AS_LOGGED;
        }
        var inTheWay = stepInTheWay(hub);
        if (inTheWay != null) {
            return new Told(
                    Fate.BARS_THE_WAY,
                    "%s, and the step Ø%s of the %s does not pass its bore Ø%s"
                            .formatted(
                                    passesNot,
                                    PlainDigits.exact(inTheWay.diameterMm()),
                                    shaft.part(),
                                    PlainDigits.exact(bore(hub))));
        }
        if (opening.faces().isAcrossTheShafts()) {
            return new Told(
                    Fate.BARS_THE_WAY,
                    passesNot + ", and a shaft that is lifted out sideways takes it along");
        }
        return new Told(Fate.STAYS_INSIDE, passesNot);
    }

    /** What a hub does not pass on the way out along the shaft, as a clause; empty when it comes along. */
    private String passesNot(TeardownStep hub, Envelope size) {
        if (Passage.through(opening, size) == null) {
            return "%s, %s, does not pass the %s by which the shaft leaves"
                    .formatted(hub.part(), size.inWords(), opening.inWords());
        }
        return walledOff(hub);
    }

    /** The step that runs in a wall through which a part would have to come along and does not; null when none is, or nobody knows. */
    private @Nullable Integer wallInTheWay(TeardownStep part, Envelope size) {
        var seat = whereItSits(part);
        var outline = outline();
        for (int wall = 1; seat != null && wall <= outline.size(); wall++) {
            if (isOnTheWay(wall, seat) && isTooSmall(outline.get(wall - 1), size)) {
                return wall;
            }
        }
        return null;
    }

    private boolean isOnTheWay(int wall, int seat) {
        return switch (opening.faces()) {
            case LEFT -> wall < seat;
            case RIGHT -> wall > seat;
            default -> false;
        };
    }

    /** True for a step that runs in a wall through which a part of that size does not go. */
    private static boolean isTooSmall(Section wall, Envelope part) {
        return wall.wallBoreMm() != null && part.aMm() > wall.wallBoreMm() - Passage.ROOM_MM;
    }

    /** A pulley on the end of a shaft; a hub of the same kind in the middle of it is inside. */
    private static boolean isOutside(TeardownStep part) {
        return part.kind().seat() == PartKind.Seat.OUTSIDE && part.side() != Side.MIDDLE;
    }

    /** A ring on the far side of a hub that stays, or of a wall that it does not pass, would be drawn against it. */
    private Told ofARing(TeardownStep ring, List<TeardownStep> others) {
        var size = ring.detail().body().envelope();
        var wall = size == null ? null : wallInTheWay(ring, size);
        if (wall != null) {
            return new Told(
                    Fate.OFF_FIRST,
                    "the %s would be drawn against the inner wall in which step %d runs"
                            .formatted(ring.part(), wall));
        }
        for (var hub : others) {
            if (hub != ring
                    && !HOLDS.contains(hub.kind())
                    && isNearer(hub, ring)
                    && ofAHub(hub).fate == Fate.STAYS_INSIDE) {
                return new Told(
                        Fate.OFF_FIRST,
                        "the %s would be drawn against the %s, which stays inside"
                                .formatted(ring.part(), hub.part()));
            }
        }
        return Told.AS_LOGGED;
    }

    /** Negative when the part sits left of the other, positive right of it, 0 where nobody knows. */
    private int place(TeardownStep part, TeardownStep hub) {
        var one = whereItSits(part);
        var other = whereItSits(hub);
        if (one != null && other != null && !one.equals(other)) {
            return Integer.compare(one, other);
        }
        return Integer.compare(part.side().ordinal(), hub.side().ordinal());
    }

    /** The first step of the shaft that would have to go through the hub and is too thick; null when none is, or nobody knows. */
    private @Nullable Section stepInTheWay(TeardownStep hub) {
        var outline = outline();
        var seat = seat(hub);
        var bore = hub.detail().body().boreMm();
        if (bore == null || !opening.faces().isAlongTheShafts()) {
            return null;
        }
        if (seat == null) {
            boolean mayPass = outline.stream().anyMatch(s -> s.diameterMm() <= bore + SEAT_MM);
            return mayPass || outline.isEmpty() ? null : outline.get(0);
        }
        return beyond(seat).stream()
                .filter(s -> s.diameterMm() > bore + SEAT_MM)
                .findFirst()
                .orElse(null);
    }

    /** A ring sits in a groove, which its hole says nothing of. */
    private @Nullable Integer whereItSits(TeardownStep part) {
        return HOLDS.contains(part.kind()) ? part.detail().body().seat() : seat(part);
    }

    private static double bore(TeardownStep hub) {
        var bore = hub.detail().body().boreMm();
        return bore == null ? Double.NaN : bore;
    }

    /** Its steps; of a shaft of one thickness that one. */
    private List<Section> outline() {
        var size = shaft.detail().body().envelope();
        if (size == null || size.shape() == Envelope.Shape.BOX) {
            return List.of();
        }
        return size.outline().isEmpty()
                ? List.of(new Section(size.aMm(), size.lengthMm()))
                : size.outline();
    }

    /** The step on which a part sits: as noted, else the only one of about the diameter of its bore. */
    private @Nullable Integer seat(TeardownStep part) {
        var body = part.detail().body();
        var outline = outline();
        if (body.seat() != null || body.boreMm() == null) {
            return body.seat();
        }
        var fitting =
                IntStream.rangeClosed(1, outline.size())
                        .filter(
                                i ->
                                        Math.abs(outline.get(i - 1).diameterMm() - body.boreMm())
                                                <= SEAT_MM)
                        .boxed()
                        .toList();
        return fitting.size() == 1 ? fitting.get(0) : null;
    }

    /** What nobody noted and the plan hangs on, as a request; empty when nothing is missing. */
    String asks(TeardownStep hub) {
        var size = hub.detail().body().envelope();
        var bore = hub.detail().body().boreMm();
        boolean isOnIt =
                size != null
                        && opening.faces().isAlongTheShafts()
                        && outline().size() > 1
                        && !isOutside(hub)
                        && !HOLDS.contains(hub.kind());
        if (!isOnIt) {
            return "";
        }
        boolean staysHere = Passage.through(opening, size) == null;
        if (!staysHere && outline().stream().noneMatch(s -> isTooSmall(s, size))) {
            return "";
        }
        if (bore == null && staysHere) {
            return "Measure the bore of the %s: whether the %s can be drawn out of it hangs on it."
                    .formatted(hub.part(), shaft.part());
        }
        return seat(hub) == null
                ? "Say on which step of the %s the %s sits: whether the shaft can be drawn out of it hangs on it."
                        .formatted(shaft.part(), hub.part())
                : "";
    }
}

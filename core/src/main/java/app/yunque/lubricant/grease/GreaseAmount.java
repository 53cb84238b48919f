package app.yunque.lubricant.grease;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * Grease that fills a share of a room, m = V · share · 0.90 g/cm³. Too much heats and blows the seals. Source: geometry; shares
 * common practice, no source.
 */
public final class GreaseAmount {
    public static final Range ROOM = Range.of("cavityCm3", "room for grease", 0.01, 100_000, "cm³");
    public static final Range SHARE = Range.of("sharePercent", "share of the room", 0.01, 1, "");
    private static final double GREASE_G_PER_CM3 = 0.9;

    private GreaseAmount() {}

    /**
     * Grams that fill a share of a room.
     *
     * @param roomCm3 less what stands in it (cm³)
     * @param share   0.01 to 1
     */
    @PublicRule(
            at = "lubricant/grease-of-a-room",
            title = "Grease of a room",
            says = "Mass of grease that fills a share of a room.",
            source = "geometry")
    public static double ofRoomG(double roomCm3, double share) {
        Refused.ifAny(ROOM.judge(roomCm3), SHARE.judge(share));
        return roomCm3 * share * GREASE_G_PER_CM3;
    }

    public static Working working(double roomCm3, double share) {
        return new Working(
                List.of(
                        line(
                                "m = V · share · 0.9 g/cm³",
                                "%s cm³ · %s %% = %s g"
                                        .formatted(
                                                PlainDigits.exact(roomCm3),
                                                PlainDigits.rounded(100 * share, 0),
                                                PlainDigits.rounded(ofRoomG(roomCm3, share), 1)))),
                "geometry; shares common practice, no source");
    }
}

package app.yunque.teardown;

import app.yunque.measure.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What belongs in a place where it was not found: nothing was there, something else was, or another kind of part takes its place from now
 * on. What came off there never goes back. Source: double-entry counting of the ledger; common practice, no source.
 *
 * @param standing how it stands with this place
 * @param part     what belongs there, up to 120 characters; empty where what came off tells its name, or where nobody knows yet
 * @param kind     kind of what belongs there; null where it is the same
 * @param because  the earlier repair and its cause, or what brings the change, up to 200 characters; may be empty
 */
public record Belongs(Standing standing, String part, @Nullable PartKind kind, String because) {
    /** Why what came off does not go back. */
    public enum Standing {
        MISSING("missing when it was opened"),
        WRONG("not what belongs there"),
        REPLACED("another part takes its place");

        private final String words;

        Standing(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @throws Refused when a text is too long, or nobody says what takes the place of a part that is replaced */
    public Belongs {
        part = part.strip();
        because = because.strip();
        Refused.ifAny(
                DetailLimits.tooLong("belongs.part", "What belongs there", part),
                DetailLimits.tooLong("belongs.because", "Why", because));
        if (standing == Standing.REPLACED && part.isEmpty()) {
            throw Refused.because(
                    "belongs.part",
                    "Say what takes its place: the name of the part that the kit or the maker brings.");
        }
    }

    /** Only a name is wanted of what is missing; of what is wrong the name of the right part may not be known yet. */
    boolean isUnknown() {
        return standing == Standing.WRONG && part.isEmpty();
    }
}

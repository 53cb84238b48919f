package app.yunque.teardown;

/**
 * Energy that a step sets free.
 *
 * @param kind     what stores it
 * @param madeSafe how it was made safe; empty while it was not
 */
public record StoredEnergy(Kind kind, String madeSafe) {

    /** What stores it, and the usual first move; common practice, below local codes and the maker's instructions. */
    public enum Kind {
        SPRING("spring under load", "let it rise on two long guide screws, face out of the line"),
        CLOCK_SPRING(
                "wound clock spring",
                "relieve it the maker's way and count the turns, eye protection on"),
        HANGING_LOAD("hanging load", "take it on a rated sling, never on a jack"),
        PRESSURE("pressure", "vent it slowly to zero before the last screw"),
        HOT("hot oil or metal", "wait until it is below 45 °C"),
        TIPPING("half that can tip", "prop both halves before the last two screws");

        private final String words;
        private final String firstMove;

        Kind(String words, String firstMove) {
            this.words = words;
            this.firstMove = firstMove;
        }

        public String words() {
            return words;
        }

        public String firstMove() {
            return firstMove;
        }
    }
}

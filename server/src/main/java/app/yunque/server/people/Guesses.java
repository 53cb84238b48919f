package app.yunque.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Wrong PINs in a row: the fifth locks for a minute, and each lock after it for twice as long as the one before, up to an hour. */
@Embeddable
class Guesses {
    static final int TRIES = 5;
    private static final int MOST_DOUBLINGS = 6;
    private static final Duration FIRST_LOCK = Duration.ofMinutes(1);
    private static final Duration LONGEST_LOCK = Duration.ofHours(1);

    @Column(name = "wrong_pins", nullable = false)
    int wrongPins;

    @Column(name = "locked_until")
    @Nullable Instant lockedUntil;

    /** Locks since the last right PIN. */
    @Column(name = "locks", nullable = false)
    int locks;

    boolean isLocked(Instant now) {
        return lockedUntil != null && now.isBefore(lockedUntil);
    }

    /** Until when no PIN is taken; null while one is. */
    @Nullable Instant lock(Instant now) {
        return isLocked(now) ? lockedUntil : null;
    }

    void countWrong(Instant now) {
        wrongPins++;
        if (wrongPins >= TRIES) {
            locks++;
            lockedUntil = now.plus(lockOf(locks));
            wrongPins = 0;
        }
    }

    void clear() {
        wrongPins = 0;
        lockedUntil = null;
        locks = 0;
    }

    int triesLeft() {
        return TRIES - wrongPins;
    }

    private static Duration lockOf(int inARow) {
        var lock = FIRST_LOCK.multipliedBy(1L << Math.min(inARow - 1, MOST_DOUBLINGS));
        return lock.compareTo(LONGEST_LOCK) < 0 ? lock : LONGEST_LOCK;
    }
}

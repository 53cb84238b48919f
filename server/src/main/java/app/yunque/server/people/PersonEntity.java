package app.yunque.server.people;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.OptimisticLock;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "person")
@Audited
class PersonEntity extends Kept {
    private static final int TRIES = 5;
    private static final Duration LOCK = Duration.ofMinutes(1);

    @Id UUID id = new UUID(0, 0);

    @Column(nullable = false, unique = true)
    String name = "";

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Role role = Role.VIEWER;

    /** When the person left; the records that bear the name stay. */
    @Column(name = "left_at")
    @Nullable Instant leftAt;

    @NotAudited
    @Column(name = "pin_hash", nullable = false)
    String pinHash = "";

    @NotAudited
    @OptimisticLock(excluded = true)
    @Column(name = "wrong_pins", nullable = false)
    int wrongPins;

    @NotAudited
    @OptimisticLock(excluded = true)
    @Column(name = "locked_until")
    @Nullable Instant lockedUntil;

    boolean isLocked(Instant now) {
        return lockedUntil != null && now.isBefore(lockedUntil);
    }

    /** Counts a wrong PIN; the fifth in a row locks the name for a minute. */
    void countWrongPin(Instant now) {
        wrongPins++;
        if (wrongPins >= TRIES) {
            lockedUntil = now.plus(LOCK);
            wrongPins = 0;
        }
    }

    void clearWrongPins() {
        wrongPins = 0;
        lockedUntil = null;
    }

    int triesLeft() {
        return TRIES - wrongPins;
    }
}

package app.yunque.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.UUID;

/** A device on which a person has signed in before; what the device holds is not kept, only a digest of it. */
@Entity
@Table(name = "known_device")
class DeviceEntity {
    @Id String id = "";

    @Column(name = "person_id", nullable = false, updatable = false)
    UUID personId = new UUID(0, 0);

    /** A tablet or a phone, by what its browser says. */
    @Column(name = "is_hand_held", nullable = false)
    boolean isHandHeld;

    /** Network address at the last sign-in. */
    @Column(name = "seen_from", nullable = false)
    String seenFrom = "";

    @Embedded Guesses guesses = new Guesses();

    @Column(name = "last_used_at", nullable = false)
    Instant lastUsedAt = Instant.EPOCH;

    /** Of one person on the device that holds a token. */
    static String idOf(String token, UUID personId) {
        try {
            var digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of()
                    .formatHex(
                            digest.digest(
                                    (token + " " + personId).getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException defect) {
            throw new IllegalStateException("Impossible: every Java has SHA-256", defect);
        }
    }
}

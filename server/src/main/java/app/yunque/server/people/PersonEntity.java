package app.yunque.server.people;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
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

    /** At devices on which the person has never signed in. */
    @NotAudited
    @OptimisticLock(excluded = true)
    @Embedded
    Guesses guesses = new Guesses();
}

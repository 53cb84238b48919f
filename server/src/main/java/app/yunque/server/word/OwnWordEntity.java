package app.yunque.server.word;

import app.yunque.line.LineReading.Found;
import app.yunque.server.history.Kept;
import app.yunque.teardown.PartKind;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "own_word")
@Audited
class OwnWordEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(nullable = false)
    String name = "";

    @Enumerated(EnumType.STRING)
    @Nullable PartKind kind;

    @Enumerated(EnumType.STRING)
    @Nullable Found found;

    /** The step it was learned from, in words; empty where a lead said it. */
    @Column(name = "learned_from", nullable = false)
    String learnedFrom = "";

    /** At how many steps it was corrected so. */
    @Column(nullable = false)
    int times = 1;

    @Column(name = "last_step")
    @Nullable UUID lastStep;

    @Column(nullable = false)
    boolean removed;
}

package app.yunque.server.photo;

import app.yunque.server.history.Kept;
import jakarta.persistence.Basic;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** Reads of the list leave the picture in the database: {@link PhotoRepository} asks for columns. */
@Entity
@Table(name = "photo")
@Audited
class PhotoEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "job_id", nullable = false, updatable = false)
    UUID jobId = new UUID(0, 0);

    /** Missing where it shows what was found on a mesh. */
    @Column(name = "step_id")
    @Nullable UUID stepId;

    @Column(name = "finding_id")
    @Nullable UUID findingId;

    @Column(nullable = false)
    int place;

    @Column(nullable = false)
    int width;

    @Column(nullable = false)
    int height;

    @NotAudited
    @Basic(optional = false)
    byte[] picture = {};

    @NotAudited
    @Basic(optional = false)
    byte[] thumbnail = {};

    @Column(nullable = false)
    String caption = "";

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    List<PhotoMark> marks = List.of();

    @Column(nullable = false)
    boolean removed;
}

package app.yunque.server.document;

import app.yunque.server.history.Kept;
import jakarta.persistence.Basic;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;

/** Reads of the list leave the file in the database: {@link DocumentRepository} asks for columns. */
@Entity
@Table(name = "unit_document")
@Audited
class DocumentEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "unit_id", nullable = false, updatable = false)
    UUID unitId = new UUID(0, 0);

    @Column(nullable = false)
    String title = "";

    @Column(nullable = false, updatable = false)
    String media = "";

    @Column(nullable = false, updatable = false)
    int pages;

    @NotAudited
    @Basic(optional = false)
    byte[] original = {};

    @Column(nullable = false)
    boolean removed;
}

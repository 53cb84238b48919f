package app.yunque.server.history;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.envers.RevisionEntity;
import org.hibernate.envers.RevisionNumber;
import org.hibernate.envers.RevisionTimestamp;
import org.jspecify.annotations.Nullable;

/** One revision of the records: when and by whom. */
@Entity
@Table(name = "revision")
@RevisionEntity(RevisionAuthor.class)
class Revision {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @RevisionNumber
    long number;

    @RevisionTimestamp
    @Column(nullable = false)
    long at;

    @Nullable String author;
}

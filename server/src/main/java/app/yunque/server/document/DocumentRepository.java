package app.yunque.server.document;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DocumentRepository extends JpaRepository<DocumentEntity, UUID> {
    @Query(
            """
            select new app.yunque.server.document.DocumentView(
                d.id, d.title, d.media, d.pages, d.version, d.changedBy, d.changedAt)
            from DocumentEntity d where d.unitId = :unitId and d.removed = false order by d.title, d.id
            """)
    List<DocumentView> views(UUID unitId);

    @Query(
            "select d.original from DocumentEntity d where d.id = :id and d.unitId = :unitId and d.removed = false")
    Optional<byte[]> original(UUID unitId, UUID id);
}

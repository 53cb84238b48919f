package app.yunque.server.photo;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<PhotoEntity, UUID> {
    @Query(
            """
            select new app.yunque.server.photo.PhotoView(
                p.id, p.stepId, p.findingId, p.width, p.height, p.caption, p.marks, p.version, p.changedBy, p.changedAt)
            from PhotoEntity p where p.jobId = :jobId and p.removed = false order by p.stepId, p.place
            """)
    List<PhotoView> views(UUID jobId);

    @Query(
            "select p.picture from PhotoEntity p where p.id = :id and p.jobId = :jobId and p.removed = false")
    Optional<byte[]> picture(UUID jobId, UUID id);

    @Query(
            "select p.thumbnail from PhotoEntity p where p.id = :id and p.jobId = :jobId and p.removed = false")
    Optional<byte[]> thumbnail(UUID jobId, UUID id);

    @Query("select count(p) from PhotoEntity p where p.stepId = :stepId and p.removed = false")
    int ofStep(UUID stepId);

    @Query(
            "select count(p) from PhotoEntity p where p.findingId = :findingId and p.removed = false")
    int ofFinding(UUID findingId);
}

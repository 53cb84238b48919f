package app.yunque.server.job;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CauseRepository extends JpaRepository<CauseEntity, UUID> {

    /** A cause of the table, and at how many signed jobs it was it. */
    record Times(String cause, long times) {}

    @Query(
            """
            select new app.yunque.server.job.CauseRepository$Times(c.cause, count(c))
            from CauseEntity c where c.isStated = true and c.isFound = true
                and c.jobId in (select j.id from JobEntity j where j.signedAt is not null)
            group by c.cause
            """)
    List<Times> atSignedJobs();
}

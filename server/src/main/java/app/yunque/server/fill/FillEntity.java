package app.yunque.server.fill;

import app.yunque.lubricant.IsoViscosityGrade;
import app.yunque.server.history.Kept;
import app.yunque.server.quantity.Entered;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;

@Entity
@Table(name = "job_fill")
@Audited
class FillEntity extends Kept {
    @Id
    @Column(name = "job_id")
    UUID jobId = new UUID(0, 0);

    Entered coldest = Entered.NOTHING;
    Entered hottest = Entered.NOTHING;
    Entered sumpLength = Entered.NOTHING;
    Entered sumpWidth = Entered.NOTHING;
    Entered sumpHeight = Entered.NOTHING;
    Entered shaftHeight = Entered.NOTHING;
    Entered level = Entered.NOTHING;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    IsoViscosityGrade grade = IsoViscosityGrade.VG_220;

    @Column(name = "grade_source", nullable = false)
    String gradeSource = "";

    @Column(name = "oil_name", nullable = false)
    String oilName = "";

    Entered filled = Entered.NOTHING;
}

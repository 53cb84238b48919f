package app.yunque.server.parts;

import app.yunque.parts.BillOfParts;
import app.yunque.parts.Supersession;
import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "bill_of_parts")
@Audited
class BillEntity extends Kept {
    @Id
    @Column(name = "unit_id")
    UUID unitId = new UUID(0, 0);

    @Column(nullable = false)
    String serial = "";

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    List<BillOfParts.BillLine> lines = List.of();

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    List<Supersession.Replacement> replacements = List.of();
}

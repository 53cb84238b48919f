package app.yunque.server.document;

import app.yunque.measure.Refused;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the documents of the units. */
@Service
public class DocumentService {
    /** Largest document that is taken in. */
    public static final int MOST_BYTES = DocumentIntake.MOST_BYTES;

    private static final int MOST_OF_A_UNIT = 30;
    private static final int LONGEST_TITLE = 120;

    private final DocumentRepository documents;
    private final JdbcClient records;
    private final AtTheBench bench;
    private final Clock clock;

    DocumentService(
            DocumentRepository documents, JdbcClient records, AtTheBench bench, Clock clock) {
        this.documents = documents;
        this.records = records;
        this.bench = bench;
        this.clock = clock;
    }

    /** Documents of a unit by title, without their pages. */
    @Transactional(readOnly = true)
    public List<DocumentView> views(UUID unitId) {
        return documents.views(unitId);
    }

    /** As it was handed in. */
    @Transactional(readOnly = true)
    public byte[] original(UUID unitId, UUID id) {
        return documents.original(unitId, id).orElseThrow(DocumentService::gone);
    }

    /** One page as a JPEG, 1 first. */
    @Transactional(readOnly = true)
    public byte[] page(UUID unitId, UUID id, int number) {
        return records.sql(
                        """
                        select p.picture from unit_document_page p join unit_document d on d.id = p.document_id
                        where d.id = :id and d.unit_id = :unit and not d.removed and p.number = :number
                        """)
                .param("id", id)
                .param("unit", unitId)
                .param("number", number)
                .query(byte[].class)
                .optional()
                .orElseThrow(DocumentService::gone);
    }

    /** @throws Refused when it has no title, there are too many, or it cannot be shown */
    @Transactional
    public void take(UUID unitId, UUID id, String title, byte[] bytes) {
        var named = title.strip();
        if (named.isEmpty() || named.length() > LONGEST_TITLE) {
            throw Refused.because(
                    "title",
                    named.isEmpty()
                            ? "Say what it is: the maker's procedure, a drawing, a plate."
                            : "The title has %d characters; at most %d fit."
                                    .formatted(named.length(), LONGEST_TITLE));
        }
        if (documents.views(unitId).size() >= MOST_OF_A_UNIT) {
            throw Refused.because(
                    "document",
                    "A unit holds at most %d documents. Take one away first."
                            .formatted(MOST_OF_A_UNIT));
        }
        var taken = DocumentIntake.of(bytes);
        var document = new DocumentEntity();
        document.id = id;
        document.unitId = unitId;
        document.title = named;
        document.media = taken.media();
        document.pages = taken.pages().size();
        document.original = taken.original();
        document.keep(bench.name(), clock.instant());
        documents.saveAndFlush(document);
        for (int i = 0; i < taken.pages().size(); i++) {
            records.sql(
                            "insert into unit_document_page (document_id, number, picture) values (:id, :number, :picture)")
                    .param("id", id)
                    .param("number", i + 1)
                    .param("picture", taken.pages().get(i))
                    .update();
        }
    }

    /** Takes a document away; it stays in the history. */
    @Transactional
    public void remove(UUID unitId, UUID id, long version) {
        var document =
                documents
                        .findById(id)
                        .filter(d -> !d.removed && d.unitId.equals(unitId))
                        .orElseThrow(DocumentService::gone);
        document.refuseStale(version, () -> document.title);
        document.removed = true;
        document.keep(bench.name(), clock.instant());
    }

    private static NotThere gone() {
        return new NotThere("That document is no longer there. Somebody took it away.");
    }
}

package app.yunque.server.parts;

import app.yunque.parts.AlternateGrade;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A part to buy.
 *
 * @param version  version that was seen; missing for a new one
 * @param stepId   the part that came off and is renewed; missing for what belongs to none
 * @param name     what it is, 1 to 80 characters
 * @param number   part number, 1 to 40 characters
 * @param quantity pieces, 1 to 1000
 * @param state    where it stands
 * @param remark   anything worth knowing, at most 300 characters; may be missing
 * @param known    how well it is known where it is another part than the maker's; missing while nobody said so
 */
public record OrderRequest(
        @Nullable Long version,
        @Nullable UUID stepId,
        String name,
        String number,
        int quantity,
        OrderState state,
        @Nullable String remark,
        AlternateGrade.@Nullable Grade known) {}

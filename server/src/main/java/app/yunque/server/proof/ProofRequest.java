package app.yunque.server.proof;

import app.yunque.server.quantity.EnteredNumber;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What the proving run showed.
 *
 * @param version     version that was seen; missing when nothing was kept yet
 * @param remark      noise, shift, anything worth knowing, up to 500 characters
 * @param ambient     surroundings during the run; missing until it was run
 * @param hot         temperature after the run; missing until it was run
 * @param runMinutes  length of the run (min); missing until it was run
 * @param makersLimit the maker's temperature limit, which overrules
 * @param nextService when it is due again; may be missing
 */
public record ProofRequest(
        @Nullable Long version,
        String remark,
        @Nullable EnteredNumber ambient,
        @Nullable EnteredNumber hot,
        @Nullable Integer runMinutes,
        @Nullable EnteredNumber makersLimit,
        @Nullable LocalDate nextService) {}

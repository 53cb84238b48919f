package app.yunque.server.supplier;

import app.yunque.parts.PartItem;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the supplier said of a number.
 *
 * @param number     the number that was asked
 * @param standing   what it is there
 * @param name       what the supplier calls it; empty where it is not known there
 * @param priceCents price of one (cents); missing where it is not sold
 * @param currency   currency of the price, three letters; empty with no price
 * @param stock      pieces on the shelf there
 * @param leadDays   days until it is here where none is on the shelf
 * @param replacedBy what is sold in its place
 * @param contents   what is in it, for a kit; the number itself otherwise
 * @param at         when it was said
 */
public record Quote(
        String number,
        Standing standing,
        String name,
        @Nullable Long priceCents,
        String currency,
        int stock,
        int leadDays,
        List<PartItem> replacedBy,
        List<PartItem> contents,
        Instant at) {

    /** Where a number stands at the supplier. */
    public enum Standing {
        OFFERED,
        REPLACED,
        NO_LONGER_MADE,
        NOT_KNOWN,
        NO_ANSWER
    }

    /** What is in a kit; nothing where the number is a part by itself. */
    public List<PartItem> packed() {
        return contents.stream().filter(item -> !item.number().equals(number)).toList();
    }

    public boolean isOffered() {
        return standing == Standing.OFFERED && priceCents != null;
    }
}

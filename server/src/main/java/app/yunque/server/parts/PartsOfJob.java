package app.yunque.server.parts;

import app.yunque.cost.RepairLimit;
import app.yunque.parts.AlternateGrade;
import app.yunque.parts.BillOfParts;
import app.yunque.parts.JobCost;
import app.yunque.parts.KitsOrSingles;
import app.yunque.parts.OrderApproval;
import app.yunque.server.supplier.Quote;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a job buys.
 *
 * @param bill        the bill of parts of the unit as entered
 * @param diagram     lines of it that hold on this machine
 * @param differences what came off against it; missing where there is no bill
 * @param toBuy       parts that are renewed and not on the list yet
 * @param orders      the list
 * @param choice      which packages cover what is wanted for the least money; missing while nothing is quoted
 * @param choiceFault why that cannot be told; missing where it is
 * @param otherMoney  numbers that are quoted in another currency and not added up
 * @param money       what the shop reckons with
 * @param estimate    hours
 * @param cost        what it comes to
 * @param approvedCents sum of parts a lead has said yes to (cents); missing while none has
 * @param approvedBy  who said it; missing as before
 * @param approvedAt  when; missing as before
 * @param approval    whether parts may be ordered now
 * @param repairLimit the estimate against a new unit; missing where its price is not known
 * @param grades      how well another part than the maker's may be known, the best first
 */
public record PartsOfJob(
        BillRequest bill,
        List<BillOfParts.BillLine> diagram,
        BillOfParts.@Nullable Differences differences,
        List<ToBuy> toBuy,
        List<PartOrder> orders,
        @Nullable KitsOrSingles choice,
        @Nullable String choiceFault,
        List<String> otherMoney,
        MoneyRequest money,
        EstimateRequest estimate,
        JobCost cost,
        @Nullable Long approvedCents,
        @Nullable String approvedBy,
        @Nullable Instant approvedAt,
        OrderApproval approval,
        @Nullable RepairLimit repairLimit,
        List<KnownBy> grades) {
    static final List<KnownBy> GRADES =
            Stream.of(AlternateGrade.Grade.values()).map(g -> new KnownBy(g, g.words())).toList();

    /**
     * How well a part is known.
     *
     * @param grade A to E
     * @param words what that asks
     */
    public record KnownBy(AlternateGrade.Grade grade, String words) {}

    /**
     * A part that is renewed and not on the list.
     *
     * @param stepId   as it came off
     * @param name     what goes in
     * @param quantity pieces
     * @param number   number by the bill; empty where the bill does not tell
     */
    public record ToBuy(UUID stepId, String name, int quantity, String number) {}

    /**
     * What lies in stores.
     *
     * @param pieces how many
     * @param place  where
     */
    public record InStores(int pieces, String place) {}

    /**
     * A line of the list.
     *
     * @param id      identity
     * @param given   as entered, with its version
     * @param says    what stands against ordering it, or what replaces it; empty where nothing does
     * @param isAlternate true where it is another part than the maker's, by the bill or because somebody said how well it is known
     * @param mayFit  false where it is known too little for what it does
     * @param quote   what the supplier said; missing while nobody asked
     * @param inStores  what lies in stores of it; missing where the shop holds none
     * @param isFromStores true where it was taken from stores
     * @param lineCents price of all its pieces (cents); missing while it is not quoted in the shop's currency
     * @param keptBy  who kept it last
     * @param keptAt  when
     */
    public record PartOrder(
            UUID id,
            OrderRequest given,
            String says,
            boolean isAlternate,
            boolean mayFit,
            @Nullable Quote quote,
            @Nullable InStores inStores,
            boolean isFromStores,
            @Nullable Long lineCents,
            String keptBy,
            Instant keptAt) {}
}

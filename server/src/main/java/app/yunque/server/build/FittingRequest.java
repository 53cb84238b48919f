package app.yunque.server.build;

import org.jspecify.annotations.Nullable;

/**
 * What went back for one step of the strip.
 *
 * @param version       version that was seen; missing when nothing was kept yet
 * @param done          false takes the fitting back: the part is on the bench again
 * @param refitted      pieces from the bench that went back
 * @param renewed       new pieces fitted
 * @param scrapped      pieces from the bench that were thrown out
 * @param wantedInstead count wanted on purpose in place of the count that came off; missing when unchanged
 * @param reason        why the count was changed
 * @param waiver        a lead's reason for going on although the check is not passed; missing when it is
 * @param ticked        screws ticked one by one, over all rounds; missing where nobody ticked
 * @param setTo         value at which a setting of the part stands now, with its unit; missing where nobody noted it
 */
public record FittingRequest(
        @Nullable Long version,
        boolean done,
        int refitted,
        int renewed,
        int scrapped,
        @Nullable Integer wantedInstead,
        String reason,
        @Nullable String waiver,
        @Nullable Integer ticked,
        @Nullable String setTo) {}

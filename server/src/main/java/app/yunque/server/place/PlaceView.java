package app.yunque.server.place;

import app.yunque.lubricant.place.PlaceSort;
import app.yunque.server.sheet.DrawerEntries;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A lubricated place of a unit.
 *
 * @param id      identity
 * @param given   as entered, with its version
 * @param sort    what sort of place it is; missing when its sheet cannot be read any more
 * @param words   the same in words
 * @param grease  true where grease goes
 * @param level   true where oil stands to a level
 * @param wanted  what goes there, in words
 * @param prefill what papers and earlier fills say, under the names of the sheet; what was entered stands over it
 * @param last    what was put in last; missing when nothing is on record
 * @param next    when it is due; missing when nothing was put in, or nothing belongs there
 * @param samples how many oil samples are on record
 */
public record PlaceView(
        UUID id,
        PlaceRequest given,
        @Nullable PlaceSort sort,
        String words,
        boolean grease,
        boolean level,
        String wanted,
        DrawerEntries prefill,
        @Nullable FillView last,
        @Nullable NextView next,
        int samples) {}

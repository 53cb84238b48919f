package app.yunque.fastener;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Threads that drawings name. Metric: ISO 261, coarse pitch first, to 100 mm (from memory). Inch: unified coarse, fine and
 * the usual constant pitches, ASME B1.1 (from memory). Pipe: ISO 228-1 and, tapered, ASME B1.20.1 (from memory). Trapezoidal: ISO 2904 (from
 * memory).
 */
final class ThreadTable {
    /** Diameter (mm) to pitches (mm), the coarse one first; "-" where there is no coarse pitch. */
    private static final String METRIC =
            """
            1:0.25 1.2:0.25 1.4:0.3 1.6:0.35 2:0.4 2.5:0.45 3:0.5,0.35 3.5:0.6 4:0.7,0.5 5:0.8,0.5
            6:1,0.75 7:1,0.75 8:1.25,1,0.75 9:1.25,1,0.75 10:1.5,1.25,1,0.75 11:1.5,1,0.75
            12:1.75,1.5,1.25,1 14:2,1.5,1.25,1 15:-,1.5,1 16:2,1.5,1 17:-,1.5,1 18:2.5,2,1.5,1
            20:2.5,2,1.5,1 22:2.5,2,1.5,1 24:3,2,1.5,1 25:-,2,1.5,1 26:-,1.5 27:3,2,1.5,1 28:-,2,1.5,1
            30:3.5,3,2,1.5,1 32:-,2,1.5 33:3.5,3,2,1.5 35:-,1.5 36:4,3,2,1.5 38:-,1.5 39:4,3,2,1.5
            40:-,3,2,1.5 42:4.5,4,3,2,1.5 45:4.5,4,3,2,1.5 48:5,4,3,2,1.5 50:-,3,2,1.5 52:5,4,3,2,1.5
            55:-,4,3,2,1.5 56:5.5,4,3,2,1.5 58:-,4,3,2,1.5 60:5.5,4,3,2,1.5 62:-,4,3,2,1.5
            64:6,4,3,2,1.5 65:-,4,3,2,1.5 68:6,4,3,2,1.5 70:-,6,4,3,2,1.5 72:-,6,4,3,2,1.5
            75:-,4,3,2,1.5 76:-,6,4,3,2,1.5 80:-,6,4,3,2,1.5 85:-,6,4,3,2 90:-,6,4,3,2 95:-,6,4,3,2
            100:-,6,4,3,2
            """;

    /** Nominal size to threads an inch. */
    private static final String UNIFIED =
            """
            #0:80 #1:64,72 #2:56,64 #3:48,56 #4:40,48 #5:40,44 #6:32,40 #8:32,36 #10:24,32 #12:24,28
            1/4:20,28,32 5/16:18,24,32 3/8:16,24,32 7/16:14,20,28 1/2:13,20,28 9/16:12,18,24
            5/8:11,18,24 3/4:10,16,20 7/8:9,14,20 1:8,12,14,20 1_1/8:7,12,8 1_1/4:7,12,8 1_3/8:6,12,8
            1_1/2:6,12,8 1_3/4:5,12,8 2:4.5,12,8
            """;

    private static final String PIPE =
            "1/8:28 1/4:19 3/8:19 1/2:14 5/8:14 3/4:14 7/8:14 1:11 1_1/4:11 1_1/2:11 2:11";

    private static final String TAPER_PIPE =
            "1/16:27 1/8:27 1/4:18 3/8:18 1/2:14 3/4:14 1:11.5 1_1/4:11.5 1_1/2:11.5 2:11.5";

    private static final String TRAPEZOIDAL =
            """
            8:1.5 9:2,1.5 10:2,1.5 11:2,3 12:3,2 14:3,2 16:4,2 18:4,2 20:4,2 22:5,3,8 24:5,3,8 26:5,3,8
            28:5,3,8 30:6,3,10 32:6,3,10 34:6,3,10 36:6,3,10 38:7,3,10 40:7,3,10 42:7,3,10 44:7,3,12
            46:8,3,12 48:8,3,12 50:8,3,12 52:8,3,12 55:9,3,14 60:9,3,14 65:10,4,16 70:10,4,16
            75:10,4,16 80:10,4,16 85:12,4,18 90:12,4,18 95:12,4,18 100:12,4,20
            """;

    static final Map<String, List<String>> METRIC_PITCHES = read(METRIC);
    static final Map<String, List<String>> UNIFIED_PITCHES = read(UNIFIED);
    static final Map<String, List<String>> PIPE_PITCHES = read(PIPE);
    static final Map<String, List<String>> TAPER_PIPE_PITCHES = read(TAPER_PIPE);
    static final Map<String, List<String>> TRAPEZOIDAL_PITCHES = read(TRAPEZOIDAL);

    private ThreadTable() {}

    private static Map<String, List<String>> read(String table) {
        var rows = new LinkedHashMap<String, List<String>>();
        for (var entry : table.strip().split("\\s+")) {
            var halves = entry.split(":");
            rows.put(halves[0].replace('_', ' '), List.copyOf(Arrays.asList(halves[1].split(","))));
        }
        return rows;
    }
}

package app.yunque.teardown;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * The words a quick line is read by, as the trade writes them. What was understood already is blanked out with the null
 * character, so a pattern that asks for the end of a phrase takes that for an end too.
 */
final class QuickLineWords {
    static final String NUMBER = "\\d{1,4}(?:[.,]\\d{1,4})?";
    static final String INCHES = "\\d{1,2}\\s\\d{1,2}/\\d{1,2}|\\d{1,2}/\\d{1,2}|" + NUMBER;
    static final Pattern NOTE = words("\\(([^)]*)\\)|note:?\\s+(.*)$");
    static final Pattern TRAY = words("\\b(tray|bag|box|tin)\\s+([\\w-]{1,16})");
    static final Pattern TORQUE =
            words(
                    "("
                            + NUMBER
                            + ")\\s?(N[·.]?m|Nm|lbf?[·. -]?ft|ft[·. -]?lbf?s?)\\b(?:\\s+from\\s+([^,;]{2,60}))?");
    static final Pattern MINUTES = words("\\b(" + NUMBER + ")\\s?min(?:utes?)?\\b");
    static final Pattern METRIC =
            words(
                    "(?:\\b(\\d{1,3})\\s?[x×*]?\\s*)?\\bM(\\d{1,3}(?:[.,]\\d)?)(?![\\w])(?:\\s?[x×*]\\s?("
                            + NUMBER
                            + "))?(?:\\s?[x×*]\\s?("
                            + NUMBER
                            + "))?(?:\\s?mm\\b)?");
    static final Pattern METRIC_TIGHT =
            words(
                    "(?:\\b(\\d{1,3})\\s?[x×*]?\\s*)?\\bM(\\d{1,3}(?:[.,]\\d)?)[x×*]("
                            + NUMBER
                            + ")(?:\\s?[x×*]\\s?("
                            + NUMBER
                            + "))?(?:\\s?mm\\b)?");
    static final Pattern INCH =
            words(
                    "(?:\\b(\\d{1,3})\\s?[x×*]\\s*)?((?:#\\d{1,2}|\\b\\d{1,2}\\s\\d{1,2}/\\d{1,2}|\\b\\d{1,2}/\\d{1,2}|\\b\\d)-\\d{1,2}(?:\\.5)?)"
                            + "(?:\\s?UN[CF]?)?(?:\\s?[x×*]\\s?("
                            + INCHES
                            + ")\\s?(?:\"|in\\b)?)?");
    static final Pattern PIPE =
            words("(?:\\b(\\d{1,3})\\s?[x×*]\\s*)?\\b(G\\s?(?:\\d{1,2}\\s\\d/\\d|\\d/\\d|\\d))\\b");
    static final Pattern LENGTH = words("\\b(" + INCHES + ")\\s?(mm|in\\b|\")?\\s*long\\b");
    static final Pattern THICK = words("\\b(" + NUMBER + ")\\s?(mm|in\\b|\")?\\s*thick\\b");
    static final Pattern LEFT_HAND = words("\\b(LH|left[- ]?hand(?:ed)?(?:\\s+thread)?)\\b");
    static final Pattern RIGHT_HAND = words("\\b(RH|right[- ]?hand(?:ed)?(?:\\s+thread)?)\\b");
    static final String FEATURE =
            "(?:long|short|open|closed|marked|spring|numbered|dished|small|big|raised|sharp|rounded|stepped|flat)?\\s?"
                    + "(?:chamfer|groove|shield|lip|tabs?|boss|hub|shoulder|side|face|flange|edge|radius|cone|cup|slot|end"
                    + "|notch|step|recess|bevel|number|letters|relief|taper)";

    /** "In" and "left" only say a direction when nothing follows that they could belong to: "cup in the wall". */
    static final Pattern FACING =
            words(
                    "\\b("
                            + FEATURE
                            + ")\\s+((?:up|down|inward|outward)s?\\b|(?:to(?:wards)?|against)\\s+(?:the\\s+)?[^,;\\u0000]{2,40}"
                            + "|(?:in|out)\\b(?=\\s*(?:[,;\\u0000]|$))"
                            + "|(?<!(?:side|end|face) )(?:left|right)\\b(?=\\s*(?:[,;\\u0000]|$)))");

    static final Pattern MATCH_MARK = words("\\bmark(?:ed|s)?\\s+([\\w/.-]{1,20})");
    static final Pattern TOOL =
            words(
                    "\\b(?:with|by|using)\\s+(?:an?\\s+|the\\s+)?((?:[\\w-]+\\s)?(?:puller|pullers|press|mallet|hammer|drift|pliers|bar|bars|spanner|wrench|punch|heater|hoist|screwdriver|extractor|hand)s?)\\b");
    static final Pattern DRIVE =
            words(
                    "\\b((?:hex socket|hex|socket|slotted|slot|cross|square|star|spanner|pin spanner|c-spanner)\\s?\\d{0,3}(?:[.,]\\d)?)(?=\\s*(?:,|;|$|\\u0000|\\s))");
    static final Pattern LOCK = words("\\bthread ?lock(?:er|ed)?\\s*(low|medium|high)?\\b");
    static final Pattern STUCK_TO = words("\\bstuck to\\s+(?:the\\s+)?([^,;]{2,60})");
    static final Pattern HARD =
            words(
                    "\\b(seized|stuck|rusted (?:on|in|solid)|would not move|hard to (?:shift|move)[^,;]*)");
    static final Pattern LOOSE =
            words(
                    "\\b(?:with\\s+)?(\\d{1,4})\\s+(?:loose\\s+(balls?|rollers?|needles?|springs?|keys?|pins?)|(balls?|rollers?|needles?|springs?|keys?|pins?)\\s+(?:loose|fell out|fall out|came out|free))\\b");
    static final Pattern TEETH =
            words("\\bz\\s?=?\\s?(\\d{1,4})\\b|\\b(\\d{1,4})\\s?teeth\\b|\\b(\\d{1,4})T\\b");
    static final Pattern PAPERS = words("\\b(pinion|wheel)\\s+(\\d)\\b");
    static final Pattern NUMBERED_SHAFT = words("\\b(?:on\\s+)?shaft\\s+(\\d{1,2})\\b");
    static final Pattern HOUSING =
            words("\\b(?:on the |of the )?(housing|casing)\\b(?=\\s*(?:,|;|$|\\u0000))");
    static final Pattern SIDE =
            words("\\b(left|right|middle|drive|non-drive|far)(?:\\s+(?:end|side))?\\b");
    static final Pattern DRIVE_END = words("\\b(drive|far)\\s+(?:end|side)\\b");
    static final Pattern NEW = words("\\b(single use|throw away|renew|fit new)\\b");
    static final Pattern COUNT =
            words("^[\\s,;\\u0000]*(\\d{1,6})\\s?(?:x|×|\\*|pcs?|off)?\\s+(?=\\S)");
    static final Pattern COUNT_AFTER =
            words(
                    "\\b[x×]\\s?(\\d{1,4})\\b|\\b(\\d{1,4})\\s?(?:x|×)(?=\\s*(?:[,;\\u0000\\p{L}]|$))|\\b(\\d{1,4})\\s?(?:pcs|off)\\b");
    static final Pattern WORD_COUNT =
            words(
                    "^[\\s,;\\u0000]*(one|two|three|four|five|six|seven|eight|nine|ten|twelve|pair of|both)\\s+(?=\\S)");
    static final Map<String, Integer> COUNTS = new LinkedHashMap<>();
    static final Map<Pattern, Condition> CONDITIONS = new LinkedHashMap<>();

    static {
        var names =
                List.of(
                        "one", "two", "three", "four", "five", "six", "seven", "eight", "nine",
                        "ten");
        names.forEach(n -> COUNTS.put(n, COUNTS.size() + 1));
        COUNTS.put("twelve", 12);
        COUNTS.put("pair of", 2);
        COUNTS.put("both", 2);
        CONDITIONS.put(words("\\b(broken|torn|sheared|snapped)\\b"), Condition.BROKEN);
        CONDITIONS.put(words("\\b(cracked|crack)\\b"), Condition.CRACKED);
        CONDITIONS.put(words("\\b(pitted|pitting|spalled|spalling)\\b"), Condition.PITTED);
        CONDITIONS.put(
                words("\\b(rusty|rusted|corroded)\\b(?! (?:on|in|solid))"), Condition.CORRODED);
        CONDITIONS.put(words("\\b(worn|loose fit|scored)\\b"), Condition.WORN);
        CONDITIONS.put(words("\\b(sound|as new)\\b"), Condition.SOUND);
        CONDITIONS.put(words("\\b(burred|burrs?|dinged|dings?)\\b"), Condition.RAISED_METAL);
    }

    private QuickLineWords() {}

    static Pattern words(String regex) {
        return Pattern.compile(regex, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }
}

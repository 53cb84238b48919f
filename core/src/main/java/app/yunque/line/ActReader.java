package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.teardown.StripAct;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Reads what was done. A line that tells of something else than a part that came off must not become one; where two things could be meant
 * nothing is said. Source of the words: common practice, no source.
 */
final class ActReader {
    private static final String UNIT =
            "(?:the |whole |complete )*(?:gear\\s?box|unit|box|case|casing|housing|machine|it|winch|pump|motor|head)";
    private static final String GONE =
            "\\b(?:off|out|lifted|removed|pulled|drawn|driven|pressed)\\b";
    private static final String STATE =
            "(?:neutral|low|high|lo|hi|zero|first|second|third|reverse|top gear|in gear|gear|mid|middle|half way|free|park|manual|auto|open|closed|shut|\\d+(?:\\.\\d+)? ?%)";

    /** What else than taking off is done to parts that can be named. */
    static final Set<StripAct> NAMES_PARTS =
            EnumSet.of(StripAct.LEFT_IN, StripAct.MISSING, StripAct.NOTE);

    /** Told whether or not the first name came off: something else stays, or is missing. */
    static final Set<StripAct> STANDS = EnumSet.of(StripAct.LEFT_IN, StripAct.MISSING);

    /** Looked for in this order; the first that fits counts. */
    private static final Map<Pattern, StripAct> TOLD = new LinkedHashMap<>();

    static {
        told(
                StripAct.AID,
                "\\b(?:jack(?:ing)? (?:bolts?|screws?)|guide (?:pins?|studs?)|eye ?bolts?|lifting (?:eyes?|lugs?)|alignment (?:pins?|studs?)|lifting slings?|sling|support blocks?|props?|wedges?|wood(?:en)? blocks?|dummy shaft)\\b[^.]*\\b(?:screwed in(?:to)?|put in|fitted|run in|in|placed|under|round|on)\\b(?!\\s+(?:tray|bag|box))");
        told(
                StripAct.AID,
                "^(?:(?:chain|lever|engine|rope) )?(?:hoist|crane|tackle|winch hook|sling)\\b (?:is |was )?(?:on|under|round|over)\\b|^(?:hung(?! up)|suspended|held up)\\b[^.,]*\\b(?:by|from|on)\\b|\\bjacked(?: up\\b|\\s*(?:$|,))|\\bon axle stands\\b|\\b(?:lock|guide|index|alignment)(?:ing)? pins? in\\s*(?:$|[,;])");
        told(
                StripAct.RELIEVE,
                "\\b(?:(?:clock |coil |brake |return )?springs?|pressure|tension|load|weight|preload|hydraulic|air)\\b[^.,]*\\b(?:let (?:off|down|go)|unwound|wound down|run down|released|relieved|bled(?: off)?|backed off|unhooked|slackened(?: off)?|(?<!(?:broken|snapped|sheared|torn|came|come|taken|lifted|pulled|broke|springs?) )off)\\b(?! the)");
        told(
                StripAct.RELIEVE,
                "^(?:let (?:off|down)|released?|relieved?|bled|unwound|wound down|slackened off)\\b");
        told(
                StripAct.DRAIN,
                "\\b(?:drained|tipped out|poured (?:out|off)|emptied|ran out (?:of|into)|oil (?:is |was )?(?:let )?out|let the oil out|sucked out|pumped out)\\b|^(?:the |old |gear |hydraulic )?oil\\b(?!\\s+(?:seal|pump|plug|slinger|ring|pan|filter|cup|thrower|cooler|scraper|level|sight|gauge|window|retainer|catcher|deflector|baffle|felt|wick)s?\\b)(?:[^,;]*\\bout\\b|[^;]*\\b\\d{0,3}(?:[.,]\\d{1,2})? ?(?:l|ml|lit(?:er|re)s?|quarts?|qts?|pints?|oz)\\b)");
        told(
                StripAct.DISCONNECT,
                "\\b(?:(?:\\p{L}+ )?(?:wires?|leads?|cables?|hoses?|harness|connectors?|terminals?|pipes?|conduit|air lines?|battery|batt|spark plug lead|control line|limit switch(?:es)?|encoder))\\b(?!\\s+(?:tray|box|cover|bracket|clamp|strap|holder|plate|arm|cam|lever|drum|clip|guide|gland|screw)s?\\b)[^.]*(?:\\b(?:off|disconnected|unplugged|undone|unhooked|unscrewed|first|pulled|capped|blanked)\\b|:)");
        told(
                StripAct.DISCONNECT,
                "\\b(?:disconnected|unplugged|unwired|unsoldered|desoldered|isolated|locked out|tagged out)\\b");
        told(
                StripAct.DISCONNECT,
                "^(?:\\p{L}+ ){0,2}(?:wires|leads|cables)\\b[^.]*\\b(?:red|black|blue|brown|white|green|yellow|grey|earth|tagged|marked|labelled|numbered)\\b");
        told(
                StripAct.DISCONNECT,
                "^(?:drive |v-?|v |toothed |timing )?(?:belts?) (?:is |was )?(?:off|slipped off|taken off|out)\\b");
        told(
                StripAct.SET_TO,
                "\\b(?:put|set|turned|moved|shifted|placed|pulled|pushed|left)\\s+(?:to|in|into|on)\\s+(?:the )?"
                        + STATE
                        + "\\b(?! (?:bag|tray|box|turn|gear shaft))");
        told(
                StripAct.SET_TO,
                "\\bset to (?:the )?(?:motor|hand|remote|local|drive)\\b(?! (?:side|end))");
        told(
                StripAct.SET_TO,
                "\\b(?:selector|lever|knob|handle|clutch|gear|dial|switch|valve|rod|fork)s? (?:is |was )?(?:in|at|on|to) "
                        + STATE
                        + "\\b");
        told(
                StripAct.SET_TO,
                "\\b(?:stopped|parked|brought|run|wound|driven|moved|turned) (?:at|to) (?:the )?(?:end|start|bottom|top|inner|outer|upper|lower|back|front|full|mid|dead)\\b[^.,]*\\b(?:stroke|travel|discharge|suction|centre|center|stop|position|end|out|in)\\b");
        told(
                StripAct.SET_TO,
                "\\bin position [\\p{L}\\d]{1,2}\\b|\\b(?:turned|run|wound|moved|rolled|pushed|pulled)\\b[^,;]*\\b(?:until|till)\\b|\\b(?:until|till) (?:neutral|it (?:was|is) in|the marks? (?:meet|met|lined))\\b|\\bin neutral\\b");
        told(
                StripAct.SET_TO,
                "\\b(?:half nuts?|clutch|brake|back gear|selector|lever|pawls?|carriage|quill|spindle lock|latch|valve)\\b[^,;]*\\b(?:disengaged|engaged|locked|unlocked|opened|open|closed|shut)\\s*(?:$|[,;])");
        told(
                StripAct.TURN,
                "(?:^|[,;]\\s*|\\b"
                        + UNIT
                        + "\\s+(?:was |then |is )?)(?:turned|rolled|flipped|tipped|laid|stood)\\s+"
                        + UNIT
                        + "?\\s*(?:over|on (?:its|the) (?:side|back|end|face|head)|upside down|upright|round)\\b|^"
                        + UNIT
                        + "\\b[^,;]{0,24}\\b(?:flipped|inverted|upended|turned upside)\\b|^turned (?:half|a quarter|180|90)|\\bturned (?:\\p{L}+ ){0,2}\\d{1,3}(?:/\\d)?(?:[ .,]\\d(?:/\\d)?)?\\s?(?:deg(?:rees)?|°|turns?)(?![\\p{L}])");
        told(
                StripAct.MEASURE,
                "^[^,;]*\\b(?:free length|fitted length|preload|clearance|shift(?:ing)? force|(?:lever|spring|pull|handle) force|temperature|pressure reads?|oil level|centre height|end gap|stroke|side play|protrusion)\\b[^,;]*\\d");
        told(
                StripAct.MEASURE,
                "\\d[.,]\\d+[^;]*\\b(?:with|by|on)\\s+(?:an? |the )?(?:dial|clock|dti|indicator|feelers?|micrometer|mic|vernier|calipers?|depth gauge)\\b");
        told(
                StripAct.AID,
                "^(?![^.]*"
                        + GONE
                        + ")[^.]*\\b(?:put|set|stood|laid|supported|propped|chocked|blocked|slung|strapped|wedged)\\b[^.,]{0,60}\\b(?:on|with|up|by|in)\\b[^.,]{0,60}\\b(?:wood(?:en)?(?: blocks?)?|timbers?|blocks?|stands?|jack|sling|straps?|props?)\\b");
        told(
                StripAct.AID,
                "\\b(?:strapped|chained|clamped|tied|lashed)\\b[^.,]*\\bto (?:the |a )?(?:bench|frame|column|wall|rail)\\b");
        told(
                StripAct.MEASURE,
                "\\b(?:reads?|read|measured|measures|reading|indicator|dti|feeler)\\b(?! (?:off|out))[^.]*\\d|\\bbefore:?\\s+\\d|\\b(?:before strip(?:ping)?|before opening|before it came apart|as found|before teardown)\\b|\\brpm\\b|\\b(?:toe-?in|end ?float|end ?play|backlash|run-?out|turn(?:ing)? torque|drag|lash)\\b[^.]*\\.?\\d|\\d[^,]* = \\d|= ?\\d");
        told(
                StripAct.MARK,
                "\\b(?:lines? up with|lined up with|paint(?:ed)? (?:line|mark|dot)|scribed|cent(?:re|er)[\\s-]?popped|punch marks?|felt[\\s-]?pen|chalk(?:ed)?|witness mark)\\b|\\bmarks? [\\p{L}\\d]{1,3} (?:on|to|against|opposite|over) |^(?:\\p{L}+ ){0,4}marked\\b(?! \\d)");
        told(
                StripAct.CLEAN,
                "\\b(?:washed|cleaned|swept|wiped|degreased|rinsed|blown (?:out|off|through|from|clean)|through (?:the )?(?:hot )?wash|brushed|stoned|scraped (?:off|clean)|scrubbed|deburred|emeried|dressed|flushed|polished|dug out|picked out|hosed|soaked in)\\b");
        told(
                StripAct.NOTE,
                "\\b(?:warranty|by phone|customer|invoice|order(?:ed)? from|ordered new|spare(?:s)? ordered|photo(?:s)? (?:only|taken)|no photo|in place of|instead of the|kit (?:brings|has|comes))\\b|\\b(?:drops?|falls?|comes?|jumps?|flies) (?:out|off|down|apart) (?:when|if|as soon)\\b|\\bno longer\\b|\\bemery it\\b|\\bbefore (?:pulling|lifting|driving|pressing) it\\b");
        told(
                StripAct.NOTE,
                "^tried\\b|\\bturned (?:over )?by hand\\b|^[^,;]*\\b(?:loosened|slackened|eased)\\b(?![^,;]*\\b(?:off|out)\\b)");
        told(
                StripAct.NOTE,
                "^(?:the )?(?:order|sequence)\\b|^(?![^.]*"
                        + GONE
                        + ")[^.]*\\b(?:wanted|to be ordered|owner says)\\s*$|\\b(?:cut|spliced|welded|drilled|filed|ground|bodged) (?:by the|before|by an?) \\p{L}+");
        told(StripAct.NOTE, "\\bsprings?\\b[^.,]*\\b(?:wound|caged|held back)\\b");
        told(
                StripAct.NOTE,
                "^(?:\\p{L}+ ){1,3}(?:slides|spins|turns|binds|rocks|rattles|clicks|moves|catches|sticks|knocks|runs|engages|rubs|leans|wobbles|notchy|smells|grinds|whines|did not|does not|would not|will not|cannot|can be|has to|must)\\b");
    }

    private static final Pattern STAYS =
            words(
                    "\\b(?:stays?|stayed|staying|remains?|left (?:for (?:now|later|tomorrow|the press|next time)|in|on|at|alone|where|there|together|as (?:it is|found)|bolted|fitted|untouched|undisturbed)|not (?:taken (?:out|off|apart)|touched|removed|disturbed|pulled|dismantled|opened|undone)|never touched|do(?:n['’]t| not) (?:touch|take|pull|open|disturb|remove|turn|move)|untouched|undisturbed|kept in)\\b");

    private static final Pattern LEAVE_IT =
            words(
                    "(?:^|[,;:]\\s*|\\s[-–—]+\\s*)(?:leave|leave it|leave them|leave (?:it |them )?(?:alone|in|on|be)|stays|stay|stays put|left in|left on|left alone|untouched|do(?:n['’]t| not) (?:touch|turn|move|disturb))\\s*(?:$|[,;])");

    /** A clause that begins with it speaks of what was named before. */
    private static final Pattern STAYS_BEHIND =
            words(
                    "[,;]\\s*(?:is |was |are |were |still )?(?:left (?:for (?:now|later|tomorrow|the press|next time)|in|on|where|there|as)|stays?|stayed|remains?|not (?:pulled|removed|taken (?:off|out)|touched|disturbed))\\b");

    private static final Pattern LEFT_IN_A_STATE = words("\\bleft (?:in|on|at) " + STATE + "\\b");

    /** As an assembly, left together: it came off whole. */
    private static final Pattern WHOLE =
            words(
                    "\\b(?:out|off|lifted|came|pulled|drawn|removed|first)\\b[^.]*\\b(?:not taken apart|left together|not (?:opened|dismantled)|stays? (?:in it|on it|together)|stayed)\\b|\\bas (?:an assembly|a unit|one)\\b");

    private static final Pattern OFF =
            words(
                    "\\b(?:off|out|lifted|pulled|drawn|removed|came|taken off|taken out|driven out|tapped out|pressed out|first|withdrawn|unscrewed)\\b");

    private static final Pattern MISSING =
            words(
                    "\\b(?:missing|not there|absent|never (?:fitted|there)|not fitted|none fitted|nowhere to be (?:found|seen)|should be one|should be there|was left out|forgotten|wasn['’]t (?:there|in|fitted)|was not (?:there|in|fitted))\\b|\\b(?:is|are|was|were) gone\\b");

    private static final Pattern NOT_MISSING =
            words(
                    "\\b(?:none|nothing|not|no\\w*|never) (?:is |are |was |were )?missing\\b|\\b(?:tooth|teeth|number|stamp|thread|paint|coil|spline|lug|tang|corner|piece|plating|legs?|strands?|balls?|rollers?)\\s+(?:is |are |was |were )?(?:missing|gone)\\b|\\bmissing (?:\\w+ )?(?:tooth|teeth)\\b");

    private static final Pattern NO_PART =
            words(
                    "^(?:there (?:is|was) )?no (?!play|wear|pitting|cracks?|rust|marks?|burrs?|damage|tools?|photo|gasket\\b.*sealant)");

    private ActReader() {}

    /**
     * What a line tells that is not simply a part that came off.
     *
     * @param first the first clause
     * @param namesAPart whether any clause names a part
     * @param isNamedFirst whether the first one does
     * @param isHeld whether a fastener with a thread is named
     */
    static Optional<StripAct> of(
            String line, String first, boolean namesAPart, boolean isNamedFirst, boolean isHeld) {
        if (NO_PART.matcher(line).find() && namesAPart
                || namesAPart
                        && MISSING.matcher(first).find()
                        && !NOT_MISSING.matcher(first).find()) {
            return Optional.of(StripAct.MISSING);
        }
        if (LEFT_IN_A_STATE.matcher(line).find()) {
            return Optional.of(StripAct.SET_TO);
        }
        if (LEAVE_IT.matcher(line).find()
                || STAYS_BEHIND.matcher(line).find() && !OFF.matcher(first).find()
                || STAYS.matcher(first).find()
                        && !(OFF.matcher(first.substring(0, stays(first))).find())
                        && !WHOLE.matcher(line).find()) {
            return Optional.of(StripAct.LEFT_IN);
        }
        boolean isOffBefore = OFF_FIRST.matcher(first).find();
        return TOLD.entrySet().stream()
                .filter(
                        t -> {
                            var m = t.getKey().matcher(line);
                            // "Starter off, cable unhooked before": what is told later is told
                            // beside it.
                            return m.find()
                                    && !(isNamedFirst
                                            && t.getValue() == StripAct.CLEAN
                                            && isOfSomethingElse(line, first, m.start()))
                                    && !(isOffBefore
                                            && t.getValue() == StripAct.DISCONNECT
                                            && m.start() >= line.indexOf(first) + first.length()
                                            && !first.isEmpty());
                        })
                .map(Map.Entry::getValue)
                .findFirst()
                .filter(
                        act ->
                                !(isHeld
                                        && (act == StripAct.CLEAN
                                                || act == StripAct.MARK
                                                || act == StripAct.MEASURE)))
                .filter(
                        act ->
                                !(act != StripAct.NOTE
                                        && act != StripAct.AID
                                        && OFF_FIRST.matcher(first).find()
                                        && namesAPart
                                        && act != StripAct.DISCONNECT
                                        && act != StripAct.DRAIN
                                        && !(act == StripAct.TURN && TURNS.matcher(line).find())
                                        && act != StripAct.RELIEVE));
    }

    /** "Drum gear with its bearings, old grease washed out": what was cleaned is told beside what came off. */
    private static boolean isOfSomethingElse(String line, String first, int at) {
        var before = line.substring(0, at);
        int start = Math.max(before.lastIndexOf(','), before.lastIndexOf(';')) + 1;
        return start > line.indexOf(first) + first.length() - 1
                && !before.substring(start).isBlank();
    }

    private static final Pattern TURNS = words("\\d\\s?(?:deg(?:rees)?|°|turns?)(?![\\p{L}])");

    /** "cover off, washed": it came off all the same. */
    private static final Pattern OFF_FIRST =
            words("\\b(?:off|out|lifted|removed|came (?:off|out|up)|drawn|pulled)\\b");

    /** No part is named and nothing moved: whatever it tells, it is noted. */
    static boolean isOnlySaid(TypedLine typed) {
        var line = typed.whole();
        return line.strip().split("\\s+").length >= SENTENCE
                && !typed.vocabulary().part().matcher(line).find()
                && !MISSING.matcher(line).find()
                && !MOVED.matcher(line).find();
    }

    private static final int SENTENCE = 4;
    private static final Pattern MOVED =
            words(
                    "\\b(?:off|out|apart|lifted|pulled|drawn|removed|withdrawn|unscrewed|driven|pressed|tapped|slid|cut|halves|split|[x×]\\s?\\d+|\\d+\\s?[x×])\\b|\\bM\\d");

    private static int stays(String clause) {
        var m = STAYS.matcher(clause);
        return m.find() ? m.start() : clause.length();
    }

    /** A clause that says of something that it stays. */
    static boolean stays(String clause, int from) {
        return STAYS.matcher(clause.substring(Math.min(from, clause.length()))).find();
    }

    private static void told(StripAct act, String regex) {
        TOLD.put(words(regex), act);
    }
}

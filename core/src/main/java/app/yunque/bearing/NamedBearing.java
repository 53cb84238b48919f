package app.yunque.bearing;

import app.yunque.bearing.BearingSizes.Kind;
import app.yunque.bearing.BearingSizes.Size;
import app.yunque.measure.PlainDigits;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A bearing by the designation that stands on its ring and in the log: "ball bearing 6204-2RS C3" is 20 × 47 × 14 mm with more clearance. Two unlike designations in one
 * name tell nothing, nor do the sizes of a needle bush. Source: basic designations of {@link BearingSizes}; clearance groups ISO 5753-1, from memory.
 *
 * @param size  what it is
 * @param group clearance group marked behind it: "C3"; null where none is marked, which is the normal one
 */
public record NamedBearing(Size size, @Nullable String group) {
    /** Behind the designation seals, cage and clearance may follow, in one run of letters, figures, dashes and blanks. */
    private static final String BEHIND =
            "(?![0-9])(?:(?:[-/ A-Z0-9]{0,12}?[-/ 0-9])?C([2-5])(?![0-9A-Z]))?";

    /** @param part the part as the mechanic named it; empty where it names no bearing of the table, or two */
    public static Optional<NamedBearing> of(String part) {
        var upper = part.toUpperCase(Locale.ROOT);
        var named =
                BearingSizes.all().stream()
                        .filter(s -> s.kind() != Kind.NEEDLE)
                        .flatMap(
                                s -> {
                                    var found = pattern(s).matcher(upper);
                                    return found.find()
                                            ? Optional.of(new NamedBearing(s, group(found)))
                                                    .stream()
                                            : Optional.<NamedBearing>empty().stream();
                                })
                        .toList();
        return named.size() == 1 ? Optional.of(named.get(0)) : Optional.empty();
    }

    /** A designation stands by itself; a cylindrical roller bearing has letters before it that say which ring has the flanges. */
    private static Pattern pattern(Size size) {
        var figures = Pattern.quote(size.designation().replaceFirst("^N", ""));
        var before = size.kind() == Kind.CYLINDRICAL ? "N(?:U|J|UP)? ?" : "";
        return Pattern.compile("(?<![A-Z0-9.,])" + before + figures + BEHIND);
    }

    private static @Nullable String group(Matcher found) {
        return found.group(1) == null ? null : "C" + found.group(1);
    }

    /** "deep-groove ball, 20 × 47 × 14 mm, C3". */
    public String inWords() {
        return "%s, %s × %s × %s mm%s"
                .formatted(
                        size.kind().words(),
                        PlainDigits.exact(size.boreMm()),
                        PlainDigits.exact(size.outsideMm()),
                        PlainDigits.exact(size.widthMm()),
                        group == null ? "" : ", " + group);
    }
}

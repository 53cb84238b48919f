package app.yunque.server.label;

import app.yunque.measure.PlainDigits;
import app.yunque.server.lan.PublicAddress;
import app.yunque.server.paper.Paper;
import app.yunque.server.paper.QrCode;
import app.yunque.server.place.FillKind;
import app.yunque.server.place.FillView;
import app.yunque.server.place.PlaceCard;
import app.yunque.server.place.PlaceService;
import app.yunque.server.sheet.DrawerAnswer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** The card that hangs at a lubricated place: what goes in, how much, what is in it, and its dipstick table. */
@RestController
class PlaceCardController {
    /** Figures worth hanging at the machine; the rest is for the bench. */
    private static final Set<String> AT_THE_MACHINE =
            Set.of(
                    "fill",
                    "level above the floor",
                    "too low below",
                    "too high above",
                    "level when hot",
                    "first fill",
                    "each greasing",
                    "strokes of the gun",
                    "grease again after",
                    "grade");

    private static final int COLUMNS = 3;

    private final PlaceService places;
    private final PublicAddress address;
    private final ITemplateEngine templates;

    PlaceCardController(PlaceService places, ITemplateEngine templates, PublicAddress address) {
        this.address = address;
        this.places = places;
        this.templates = templates;
    }

    /** A line of the card. */
    public record CardLine(String name, String words) {}

    /** One page, A5. */
    @GetMapping(path = "/api/places/{id}/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> card(@PathVariable UUID id) {
        var card = places.card(id);
        var base = address.base();
        var context = new Context(Locale.ENGLISH);
        context.setVariable("tag", card.tag());
        context.setVariable("unit", card.unit());
        context.setVariable("place", card.place().given().name());
        context.setVariable("words", card.place().words());
        context.setVariable("lines", lines(card));
        context.setVariable("columns", dipstick(card.answer()));
        context.setVariable(
                "code", QrCode.asPicture(base + "/units/" + card.unitId() + "/places/" + id));
        var name =
                ContentDisposition.inline().filename("yunque-card-" + card.tag() + ".pdf").build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .body(Paper.pdf(templates.process("place-card", context)));
    }

    private static List<CardLine> lines(PlaceCard card) {
        var lines = new ArrayList<CardLine>();
        lines.add(new CardLine("wanted", card.place().wanted()));
        var why = card.answer().why();
        Stream.concat(
                        why == null ? Stream.of() : why.figures().stream(),
                        card.answer().figures().stream())
                .filter(f -> AT_THE_MACHINE.contains(f.label()))
                .forEach(f -> lines.add(new CardLine(f.label(), words(f))));
        var last = card.place().last();
        if (last != null) {
            lines.add(new CardLine("in it", inIt(last)));
        }
        var next = card.place().next();
        if (next != null) {
            lines.add(new CardLine("due", next.due() + ", " + next.reason()));
        }
        return lines;
    }

    private static String inIt(FillView last) {
        var amount = last.given().amount();
        return "%s%s, %s, %s"
                .formatted(
                        last.can(),
                        amount == null ? "" : ", " + amount.text() + " " + amount.unit(),
                        last.given().kind() == FillKind.FILLED ? "since " + last.given().on() : "",
                        last.keptBy());
    }

    private static String words(DrawerAnswer.ShownFigure figure) {
        if (figure.words() != null) {
            return figure.words();
        }
        return PlainDigits.rounded(value(figure.value()), figure.decimals()) + " " + figure.unit();
    }

    private static double value(@Nullable Double value) {
        return value == null ? Double.NaN : value;
    }

    /** The dipstick table in columns side by side; none where there is no level. */
    private static List<List<List<String>>> dipstick(DrawerAnswer answer) {
        var rows =
                answer.tables().stream()
                        .filter(t -> t.title().equals("Dipstick"))
                        .findFirst()
                        .map(DrawerAnswer.Table::rows)
                        .orElse(List.of());
        var columns = new ArrayList<List<List<String>>>();
        int each = (rows.size() + COLUMNS - 1) / COLUMNS;
        for (int from = 0; from < rows.size(); from += each) {
            columns.add(rows.subList(from, Math.min(rows.size(), from + each)));
        }
        return columns;
    }
}

package app.yunque.server.drawer;

import app.yunque.measure.PlainDigits;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.Field;
import app.yunque.timing.OutputTiming;
import app.yunque.timing.SplineTiming;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Marks back in line. */
@Configuration
class TimingDrawers {
    private static final String MARKS = "The marks";

    @Bean
    Drawer splines() {
        return new Drawer(
                "spline-timing",
                "Timing by splines and teeth",
                "A gear on a splined hub is out of time: by how many splines and teeth to move it.",
                Section.TIMING,
                Takes.NONE,
                List.of(
                        Field.count("splineCount", "Splines of the hub", "10").in(MARKS),
                        Field.count("teeth", "Teeth of the gear", "27").in(MARKS),
                        Field.quantity("wantedDeg", "Output must advance by", "5", "°")
                                .hinting("Minus to go back.")
                                .in(MARKS)),
                sheet -> {
                    var t =
                            SplineTiming.of(
                                    sheet.count("splineCount"),
                                    sheet.count("teeth"),
                                    sheet.number("wantedDeg"));
                    return DrawerAnswer.saying(t.sentence())
                            .figure("splines", t.splines(), "", 0)
                            .figure("teeth", t.teeth(), "", 0)
                            .figure("that turns the output by", t.shiftDeg(), "°", 3)
                            .figure("left over", t.residualDeg(), "°", 3)
                            .figure("finest step there is", t.finestDeg(), "°", 4)
                            .working(t.working())
                            .build();
                });
    }

    @Bean
    Drawer outputs() {
        return new Drawer(
                "output-timing",
                "Timing of two outputs",
                "Two outputs on one input, each some teeth short of its mark: how far to turn until both are true, or how to mesh anew.",
                Section.TIMING,
                Takes.NONE,
                List.of(
                        Field.count("inputTeeth", "Teeth of the input gear", "18").in(MARKS),
                        Field.count("teethA", "Teeth of output A", "45").in(MARKS),
                        Field.quantity("shortA", "A is short of its mark by, teeth", "7", "")
                                .in(MARKS),
                        Field.count("teethB", "Teeth of output B", "60").in(MARKS),
                        Field.quantity("shortB", "B is short of its mark by, teeth", "22", "")
                                .in(MARKS)),
                sheet -> {
                    var t =
                            OutputTiming.of(
                                    sheet.count("inputTeeth"),
                                    sheet.count("teethA"),
                                    sheet.number("shortA"),
                                    sheet.count("teethB"),
                                    sheet.number("shortB"));
                    var answer = DrawerAnswer.saying(t.sentence()).warn(t.warnings());
                    t.inputTeeth().ifPresent(n -> answer.figure("input teeth to turn", n, "", 0));
                    t.inputTurns()
                            .ifPresent(n -> answer.words("input turns", PlainDigits.rounded(n, 4)));
                    if (t.remeshTeeth() > 0) {
                        answer.figure("mesh B over by, teeth", t.remeshTeeth(), "", 0);
                    }
                    return answer.figure("comes again after, teeth", t.repeatTeeth(), "", 0)
                            .working(t.working())
                            .build();
                });
    }
}

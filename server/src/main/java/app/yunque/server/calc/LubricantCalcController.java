package app.yunque.server.calc;

import app.yunque.lubricant.grade.GearOilDuty;
import app.yunque.lubricant.grade.OilGrade;
import app.yunque.lubricant.sump.FillQuantity;
import app.yunque.lubricant.sump.ImmersedGear;
import app.yunque.lubricant.sump.SumpShape;
import app.yunque.server.api.RangesOf;
import app.yunque.server.problem.AtField;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The lubricant rules. */
@RestController
@RequestMapping("/api/calc/lubricant")
class LubricantCalcController {

    @RangesOf(GearOilDuty.class)
    record OilGradeInput(
            double pitchLineVelocityMPerS, double coldestAmbientDegC, double hottestAmbientDegC) {}

    @RangesOf(ImmersedGear.class)
    record ImmersedGearInput(
            String name,
            double tipDiameterMm,
            double rootDiameterMm,
            double faceWidthMm,
            double centreAboveFloorMm) {
        ImmersedGear gear() {
            return new ImmersedGear(
                    name, tipDiameterMm, rootDiameterMm, faceWidthMm, centreAboveFloorMm);
        }
    }

    @RangesOf(SumpShape.class)
    record FillInput(
            double lengthMm,
            double widthMm,
            double heightMm,
            double levelMm,
            List<ImmersedGearInput> gears) {}

    /** ISO VG from pitch-line velocity and climate. Source: manner of AGMA 9005-D94, ISO 3448, from memory. */
    @PostMapping("/oil-grade")
    OilGrade oilGrade(@RequestBody OilGradeInput input) {
        return OilGrade.forDuty(
                new GearOilDuty(
                        input.pitchLineVelocityMPerS,
                        input.coldestAmbientDegC,
                        input.hottestAmbientDegC));
    }

    /** Oil that brings a box-shaped sump to its line, gears taken off. Source: geometry. */
    @PostMapping("/fill-quantity")
    FillQuantity fillQuantity(@RequestBody FillInput input) {
        var gears = new ArrayList<ImmersedGear>();
        for (int i = 0; i < input.gears.size(); i++) {
            gears.add(AtField.named("gears[" + i + "].", Map.of(), input.gears.get(i)::gear));
        }
        return FillQuantity.of(
                new SumpShape.Box(input.lengthMm, input.widthMm, input.heightMm, 0),
                input.levelMm,
                gears);
    }
}

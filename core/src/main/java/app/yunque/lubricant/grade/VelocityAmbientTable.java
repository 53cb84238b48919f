package app.yunque.lubricant.grade;

import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_100;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_150;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_220;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_32;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_320;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_460;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_68;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_680;

import app.yunque.lubricant.viscosity.IsoViscosityGrade;

/**
 * The school that reads the grade from pitch-line velocity and hottest ambient, in the manner of AGMA 9005-D94, from
 * memory. The upper edge of a temperature column belongs to the colder column, the lower edge of a velocity row to the
 * faster row.
 */
final class VelocityAmbientTable {
    private static final double[] ROW_ENDS_M_PER_S = {5, 15, 25};
    private static final double[] COLUMN_ENDS_DEG_C = {-10, 10, 35};

    private static final IsoViscosityGrade[][] GRADES = {
        {VG_100, VG_150, VG_320, VG_680},
        {VG_100, VG_100, VG_220, VG_460},
        {VG_68, VG_68, VG_150, VG_320},
        {VG_32, VG_32, VG_68, VG_100},
    };
    private static final String[] ROW_WORDS = {"below 5", "5 to 15", "15 to 25", "above 25"};
    private static final String[] COLUMN_WORDS = {
        "−40 to −10 °C, synthetic", "−10 to +10 °C", "+10 to +35 °C", "+35 to +55 °C"
    };

    private VelocityAmbientTable() {}

    static IsoViscosityGrade grade(GearOilDuty duty) {
        return GRADES[row(duty)][column(duty)];
    }

    static String cellInWords(GearOilDuty duty) {
        return "row " + ROW_WORDS[row(duty)] + " m/s, column " + COLUMN_WORDS[column(duty)];
    }

    private static int row(GearOilDuty duty) {
        int row = 0;
        while (row < ROW_ENDS_M_PER_S.length
                && duty.pitchLineVelocityMPerS() >= ROW_ENDS_M_PER_S[row]) {
            row++;
        }
        return row;
    }

    private static int column(GearOilDuty duty) {
        int column = 0;
        while (column < COLUMN_ENDS_DEG_C.length
                && duty.hottestAmbientDegC() > COLUMN_ENDS_DEG_C[column]) {
            column++;
        }
        return column;
    }
}

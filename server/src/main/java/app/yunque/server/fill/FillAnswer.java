package app.yunque.server.fill;

import app.yunque.lubricant.FillQuantity;
import app.yunque.lubricant.OilGrade;

/**
 * What the core says of a fill.
 *
 * @param grade           the grade and why
 * @param proposedLevelMm level from the dip of the last wheel (mm)
 * @param quantity        the quantity at the entered level
 */
public record FillAnswer(OilGrade grade, double proposedLevelMm, FillQuantity quantity) {}

package app.yunque.server.drawer;

import app.yunque.lubricant.SumpShape;
import java.util.List;

/**
 * The section of a sump with the oil in it, to scale.
 *
 * @param outline corners of the case inside (mm), y up from the lowest
 * @param oil     corners of the oil
 * @param levelMm level above the lowest point (mm)
 */
public record SumpPicture(
        List<SumpShape.Corner> outline, List<SumpShape.Corner> oil, double levelMm) {}

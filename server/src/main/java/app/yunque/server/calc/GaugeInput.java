package app.yunque.server.calc;

import app.yunque.measure.Gauge;
import app.yunque.server.api.RangesOf;

/** A length gauge. */
@RangesOf(Gauge.class)
record GaugeInput(double resolutionMm, double maxErrorMm) {
    Gauge gauge() {
        return new Gauge(resolutionMm, maxErrorMm);
    }
}

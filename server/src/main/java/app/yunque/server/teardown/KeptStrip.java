package app.yunque.server.teardown;

import app.yunque.teardown.TeardownStep;
import java.util.List;

/**
 * A strip read once.
 *
 * @param steps as the core knows them, in order
 * @param views the same as the screens show them
 */
public record KeptStrip(List<TeardownStep> steps, List<StepView> views) {}

package app.yunque.server.procedure;

import app.yunque.procedure.StepAnswer;
import java.time.Instant;
import java.util.UUID;

/**
 * What was said of a step.
 *
 * @param id     identity
 * @param given  as entered, with its version
 * @param answer the same as the core asks for it
 * @param by     who said it
 * @param at     when
 */
public record StepAnswerView(
        UUID id, StepAnswerRequest given, StepAnswer answer, String by, Instant at) {}

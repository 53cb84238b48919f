package app.yunque.server.problem;

import app.yunque.measure.Problem;
import java.util.function.UnaryOperator;

/** Tells a fault in the words of whoever entered the value. */
public interface Retold extends UnaryOperator<Problem> {}

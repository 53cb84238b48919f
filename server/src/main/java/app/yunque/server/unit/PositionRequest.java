package app.yunque.server.unit;

import java.util.List;

/**
 * A position of the levers as the papers name it.
 *
 * @param name   what stands at the lever, 1 to 40 characters
 * @param stages numbers of the stages that carry the load in it, from the input on
 */
public record PositionRequest(String name, List<Integer> stages) {}

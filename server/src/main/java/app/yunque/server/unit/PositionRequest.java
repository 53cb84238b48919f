package app.yunque.server.unit;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A position of the levers as the papers name it, or the way to one of several outputs.
 *
 * @param name   what stands at the lever, or the output, 1 to 40 characters
 * @param stages numbers of the stages that carry the load in it, from the input on
 * @param output which output it leads to, 1 to 4; missing where there is only one
 */
public record PositionRequest(String name, List<Integer> stages, @Nullable Integer output) {}

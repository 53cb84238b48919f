package app.yunque.server.parts;

import java.util.UUID;

/**
 * Shims of one thickness on the shelf.
 *
 * @param id          identity
 * @param given       as entered, with its version
 * @param thicknessUm measured thickness (µm), whole
 */
public record ShimView(UUID id, ShimRequest given, int thicknessUm) {}

package app.yunque.server.drawer;

import app.yunque.server.sheet.DrawerAnswer;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kept answer with what it means today.
 *
 * @param id     identity
 * @param given  as entered, with its version
 * @param title  the drawer's title
 * @param check  the check of a part it answers; empty when it answers none
 * @param answer what it means
 * @param keptBy who kept it
 * @param keptAt when
 * @param lost   what took its value away since; missing while it counts
 *
 */
public record KeptAnswerView(
        UUID id,
        KeptAnswerRequest given,
        String title,
        String check,
        DrawerAnswer answer,
        String keptBy,
        Instant keptAt,
        @Nullable String lost) {}

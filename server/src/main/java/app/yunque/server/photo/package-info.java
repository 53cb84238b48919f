/** Pictures of a strip: taken in, turned upright, freed of where they were taken, and drawn on without touching them. */
@NullMarked
package app.yunque.server.photo;

import org.jspecify.annotations.NullMarked;

/** Measurements taken at the bench: kept as entered, judged by the core each time they are shown. */
@NullMarked
package app.yunque.server.measuring;

import org.jspecify.annotations.NullMarked;

/** The units of the works: what their papers say of stages, speed and power. */
@NullMarked
package app.yunque.server.unit;

import org.jspecify.annotations.NullMarked;

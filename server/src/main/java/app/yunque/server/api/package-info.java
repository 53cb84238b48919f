/** The description of the API: shapes, units and ranges made from the core's own constants. */
@NullMarked
package app.yunque.server.api;

import org.jspecify.annotations.NullMarked;

/** Lubricants on the shelf with the figures of their data sheets. */
@NullMarked
package app.yunque.server.store;

import org.jspecify.annotations.NullMarked;

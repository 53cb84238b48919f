/**
 * Who parts are asked of. The shop's supplier is an outside service; what ships with the app is a small stand-in that answers from a file, and
 * like a real one is late, out of stock, has replaced numbers, or does not answer.
 */
@NullMarked
package app.yunque.server.supplier;

import org.jspecify.annotations.NullMarked;

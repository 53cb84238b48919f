/**
 * The edge where typed numbers become quantities: parsed strictly, converted once, and kept as entered beside the
 * canonical value.
 */
@NullMarked
package app.yunque.server.quantity;

import org.jspecify.annotations.NullMarked;

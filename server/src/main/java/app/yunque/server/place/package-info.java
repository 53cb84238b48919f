/** Lubricated places of a unit: what each takes, what went in, what came out, and when it is due again. */
@NullMarked
package app.yunque.server.place;

import org.jspecify.annotations.NullMarked;

/** Which oil went in and how much. */
@NullMarked
package app.yunque.server.fill;

import org.jspecify.annotations.NullMarked;

/** What was done at Strip that is no part that came off, and whether it is put back. */
@NullMarked
package app.yunque.server.done;

import org.jspecify.annotations.NullMarked;

/** How the records are: their version, the room for them, the clock, and how old the newest backup is. */
@NullMarked
package app.yunque.server.care;

import org.jspecify.annotations.NullMarked;

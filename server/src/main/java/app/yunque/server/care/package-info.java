/** How the records are (version, room, clock, age of the newest backup), and what is taken out of them for good. */
@NullMarked
package app.yunque.server.care;

import org.jspecify.annotations.NullMarked;

/** How a fault reaches the screen: one problem shape for refusals, conflicts and things that are not there. */
@NullMarked
package app.yunque.server.problem;

import org.jspecify.annotations.NullMarked;

/** What was decided for every part that came off, beside what the core proposes. */
@NullMarked
package app.yunque.server.decision;

import org.jspecify.annotations.NullMarked;

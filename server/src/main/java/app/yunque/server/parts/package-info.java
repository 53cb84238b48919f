/** What a job buys: the bill of parts of its unit, what the supplier says, kits against singles, the cost, and a lead's yes. */
@NullMarked
package app.yunque.server.parts;

import org.jspecify.annotations.NullMarked;

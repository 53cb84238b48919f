/** Who changed what and when: the revisions of Envers, and the receipts that make a repeated write harmless. */
@NullMarked
package app.yunque.server.history;

import org.jspecify.annotations.NullMarked;

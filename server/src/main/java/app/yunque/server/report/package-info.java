/** The report: one page template that is shown, printed and turned into a PDF. */
@NullMarked
package app.yunque.server.report;

import org.jspecify.annotations.NullMarked;

/** Paper: a page of HTML as a PDF with the fonts of the product embedded. */
@NullMarked
package app.yunque.server.paper;

import org.jspecify.annotations.NullMarked;

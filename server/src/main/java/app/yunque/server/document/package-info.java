/** Papers of the maker kept with a unit: procedure, drawing, plate, page by page beside the log and the card. */
@org.jspecify.annotations.NullMarked
package app.yunque.server.document;

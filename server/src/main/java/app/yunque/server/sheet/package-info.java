/**
 * Sheets that describe themselves: what is asked, what somebody entered, what it was answered, and groups of fields that several ask for.
 * Rooms that keep such a sheet (places, units) stand on this one; the drawers are at the top of the house and collect every sheet.
 */
@NullMarked
package app.yunque.server.sheet;

import org.jspecify.annotations.NullMarked;

/** What a job changes on the unit itself: new teeth, another ratio, a kit, another lubricant, with what it was. */
@org.jspecify.annotations.NullMarked
package app.yunque.server.change;

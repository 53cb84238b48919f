/**
 * What comes in from outside, before anything else of the server sees it: bodies are measured against what their address takes
 * ({@link app.yunque.server.door.BodyAtTheDoor}), and texts are brought to what every record can hold and every paper can print
 * ({@link app.yunque.server.door.TextAtTheDoor}).
 */
@NullMarked
package app.yunque.server.door;

import org.jspecify.annotations.NullMarked;

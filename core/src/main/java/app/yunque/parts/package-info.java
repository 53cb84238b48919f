/**
 * Which part to buy, and how: serial ranges, numbers that replace each other, kits against singles, alternates by evidence, what was found
 * against the bill of parts, and what a job costs.
 */
@NullMarked
package app.yunque.parts;

import org.jspecify.annotations.NullMarked;

/**
 * What bears what.
 *
 * <p>A mechanic asks here: <em>may this go there, and on top of what is in it?</em>
 *
 * <p>Rules with their weight and reason, one by one. What is forbidden here is proposed by nobody.
 */
@NullMarked
package app.yunque.lubricant.compatibility;

import org.jspecify.annotations.NullMarked;

/**
 * How thick an oil a drive wants.
 *
 * <p>A mechanic asks here: <em>which ISO VG does this box want in this climate, at this load, hot and cold?</em>
 *
 * <p>Several schools answer, each with its source. The plate on the machine wins over everything here.
 */
@NullMarked
package app.yunque.lubricant.grade;

import org.jspecify.annotations.NullMarked;

/**
 * Every rule of the core that is marked as public, under one address each, with what it takes, what it tells and its ranges read off the rule itself.
 *
 * <p>A new rule is reachable, described and has its form as soon as it is written: nothing here names one. Not here: rules that need records of the shop (jobs, shelf),
 * and those of the first days with a request of their own ({@code calc}).
 */
@NullMarked
package app.yunque.server.rule;

import org.jspecify.annotations.NullMarked;

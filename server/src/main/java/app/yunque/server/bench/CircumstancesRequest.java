package app.yunque.server.bench;

import app.yunque.inspection.Circumstance;
import java.util.Set;

/**
 * What raises checks, as somebody says.
 *
 * @param version version of the job that was seen
 * @param ofUnit  surroundings that stay with the unit, and its kind where the words of its papers do not tell it
 * @param ofJob   words of the complaint, an earlier repair, a shock
 */
record CircumstancesRequest(long version, Set<Circumstance> ofUnit, Set<Circumstance> ofJob) {}

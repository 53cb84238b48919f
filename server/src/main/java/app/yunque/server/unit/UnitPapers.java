package app.yunque.server.unit;

import app.yunque.drive.Drive;
import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.Circumstance;
import app.yunque.teardown.Opening;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/**
 * What other features ask of a unit.
 *
 * @param id    identity
 * @param tag   tag on the machine
 * @param name  what it is
 * @param duty  what the drive is there for
 * @param drive what turns in it as the core knows it
 * @param underWarranty true while the maker's warranty runs
 * @param kind  kind of gearbox in words
 * @param shafts names of its shafts, bores and covers, input first
 * @param openings openings of its housing
 * @param stages its stages as entered
 * @param circumstances its surroundings, and its kind where somebody said so
 */
public record UnitPapers(
        UUID id,
        String tag,
        String name,
        ServiceDuty duty,
        Drive drive,
        boolean underWarranty,
        String kind,
        List<String> shafts,
        List<Opening> openings,
        List<StageRequest> stages,
        Set<Circumstance> circumstances) {}

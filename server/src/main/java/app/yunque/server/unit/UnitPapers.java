package app.yunque.server.unit;

import app.yunque.drive.GearTrain;
import app.yunque.gear.ServiceDuty;
import java.util.UUID;

/**
 * What other features ask of a unit.
 *
 * @param id    identity
 * @param tag   tag on the machine
 * @param name  what it is
 * @param duty  what the drive is there for
 * @param train its stages as the core knows them
 * @param underWarranty true while the maker's warranty runs
 */
public record UnitPapers(
        UUID id,
        String tag,
        String name,
        ServiceDuty duty,
        GearTrain train,
        boolean underWarranty) {}

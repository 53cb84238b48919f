package app.yunque.server.place;

import app.yunque.drive.UnitChange;
import app.yunque.server.change.UnitChangeRequest;
import app.yunque.server.change.UnitChangeService;
import app.yunque.server.history.WriteOnce;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lubricated places of units, what was done at them, and what falls due. */
@RestController
@RequestMapping("/api")
class PlaceController {
    private final PlaceService places;
    private final FillService fills;
    private final SampleService samples;
    private final UnitChangeService changes;
    private final WriteOnce writes;

    PlaceController(
            PlaceService places,
            FillService fills,
            SampleService samples,
            UnitChangeService changes,
            WriteOnce writes) {
        this.changes = changes;
        this.places = places;
        this.fills = fills;
        this.samples = samples;
        this.writes = writes;
    }

    @GetMapping("/units/{unitId}/places")
    PlacesOfUnit places(@PathVariable UUID unitId) {
        return places.ofUnit(unitId);
    }

    /**
     * Keeps the sheet of a place. With a job, another lubricant that it asks for afterwards stands with that job as its change of the unit.
     *
     * @param job     number of the job that changes the lubricant; missing where the sheet was wrong or is new
     * @param because why it changes it
     */
    @PutMapping("/units/{unitId}/places/{id}")
    PlacesOfUnit keepPlace(
            @PathVariable UUID unitId,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam(required = false) @Nullable Long job,
            @RequestParam(required = false) @Nullable String because,
            @RequestBody PlaceRequest request) {
        writes.run(
                writeId,
                () -> {
                    var changing = job == null ? null : changes.changing(unitId, job);
                    var was = places.wanted(id);
                    places.keep(unitId, id, request);
                    var becomes = places.wanted(id);
                    if (changing != null && !was.equals(becomes)) {
                        changes.keep(
                                changing,
                                UnitChangeService.following(writeId, "lubricant"),
                                new UnitChangeRequest(
                                        null,
                                        UnitChange.LUBRICANT,
                                        was.orElse("not described"),
                                        request.name() + ": " + becomes.orElseThrow(),
                                        because == null ? "" : because));
                    }
                });
        return places.ofUnit(unitId);
    }

    @DeleteMapping("/units/{unitId}/places/{id}")
    PlacesOfUnit removePlace(
            @PathVariable UUID unitId,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> places.remove(unitId, id, version));
        return places.ofUnit(unitId);
    }

    /** Everything that was put in at a place, the latest first. */
    @GetMapping("/places/{id}/fills")
    List<FillView> fills(@PathVariable UUID id) {
        return places.history(id);
    }

    /** A change, greasing or top-up without a job. */
    @PutMapping("/places/{id}/fills/{fillId}")
    List<FillView> keepFillOfPlace(
            @PathVariable UUID id,
            @PathVariable UUID fillId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody FillRequest request) {
        writes.run(writeId, () -> fills.keep(id, fillId, request));
        return places.history(id);
    }

    @DeleteMapping("/places/{id}/fills/{fillId}")
    List<FillView> removeFillOfPlace(
            @PathVariable UUID id,
            @PathVariable UUID fillId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> fills.remove(id, fillId, version));
        return places.history(id);
    }

    @GetMapping("/places/{id}/samples")
    SampleSeries samples(@PathVariable UUID id) {
        return samples.series(id);
    }

    @PutMapping("/places/{id}/samples/{sampleId}")
    SampleSeries keepSample(
            @PathVariable UUID id,
            @PathVariable UUID sampleId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody SampleRequest request) {
        writes.run(writeId, () -> samples.keep(id, sampleId, request));
        return samples.series(id);
    }

    @DeleteMapping("/places/{id}/samples/{sampleId}")
    SampleSeries removeSample(
            @PathVariable UUID id,
            @PathVariable UUID sampleId,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> samples.remove(id, sampleId, version));
        return samples.series(id);
    }

    @GetMapping("/due")
    List<DueLine> due() {
        return places.due();
    }
}

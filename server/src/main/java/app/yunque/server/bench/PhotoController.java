package app.yunque.server.bench;

import app.yunque.measure.Refused;
import app.yunque.server.finding.SeenService;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobService;
import app.yunque.server.photo.PhotoRequest;
import app.yunque.server.photo.PhotoService;
import app.yunque.server.problem.NotThere;
import app.yunque.server.teardown.StepService;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pictures of the steps. */
@RestController
@RequestMapping("/api/jobs/{number}/photos")
class PhotoController {
    private final BenchWrite bench;
    private final JobService jobs;
    private final StepService steps;
    private final PhotoService photos;
    private final SeenService seen;

    PhotoController(
            BenchWrite bench,
            JobService jobs,
            StepService steps,
            PhotoService photos,
            SeenService seen) {
        this.bench = bench;
        this.jobs = jobs;
        this.steps = steps;
        this.photos = photos;
        this.seen = seen;
    }

    /** Takes a picture in; the body is the file as it is. */
    @PutMapping(path = "/{id}", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    JobView take(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam(required = false) @Nullable UUID step,
            @RequestParam(required = false) @Nullable UUID finding,
            HttpServletRequest request) {
        return LimitedBody.read(
                request,
                "photo",
                "picture",
                PhotoService.MOST_BYTES,
                picture ->
                        bench.change(
                                writeId, number, job -> take(job, step, finding, id, picture)));
    }

    private void take(
            JobRef job, @Nullable UUID step, @Nullable UUID finding, UUID id, byte[] picture) {
        if (step == null && finding == null) {
            throw Refused.because("step", "A picture shows a step or a finding. Say which.");
        }
        if (step != null
                && steps.strip(job.id()).stream().noneMatch(s -> s.id().equals(step.toString()))) {
            throw new NotThere(
                    "The step of this picture is not on record yet. Keep the step first.");
        }
        if (finding != null
                && seen.views(job.id()).stream()
                        .noneMatch(
                                f ->
                                        f.id().equals(finding)
                                                && Objects.equals(step, f.given().stepId()))) {
            throw new NotThere(
                    "The finding of this picture is not on record. Keep the finding first.");
        }
        photos.take(job, step, finding, id, picture);
    }

    /** Keeps what is drawn on a picture and said about it. */
    @PutMapping(path = "/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
    JobView draw(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody PhotoRequest request) {
        return bench.change(writeId, number, job -> photos.draw(job, id, request));
    }

    @DeleteMapping("/{id}")
    JobView remove(
            @PathVariable long number,
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        return bench.change(writeId, number, job -> photos.remove(job, id, version));
    }

    @Operation(summary = "The picture itself, upright")
    @GetMapping(path = "/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable long number, @PathVariable UUID id) {
        return image(photos.picture(jobs.find(number).id(), id));
    }

    @Operation(summary = "A small copy")
    @GetMapping(path = "/{id}/thumbnail", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> thumbnail(@PathVariable long number, @PathVariable UUID id) {
        return image(photos.thumbnail(jobs.find(number).id(), id));
    }

    /** A picture never changes under its identity. */
    private static ResponseEntity<byte[]> image(byte[] jpeg) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .contentType(MediaType.IMAGE_JPEG)
                .body(jpeg);
    }
}

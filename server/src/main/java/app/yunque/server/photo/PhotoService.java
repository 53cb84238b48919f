package app.yunque.server.photo;

import app.yunque.measure.Refused;
import app.yunque.server.job.JobRef;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the pictures of a strip. */
@Service
public class PhotoService {
    /** Largest picture that is taken in. */
    public static final int MOST_BYTES = PictureIntake.MOST_BYTES;

    private static final int MOST_A_STEP = 12;
    private static final int MOST_MARKS = 40;
    private static final int LONGEST_LABEL = 60;
    private static final int LONGEST_CAPTION = 200;

    private final PhotoRepository photos;
    private final AtTheBench bench;
    private final Clock clock;

    PhotoService(PhotoRepository photos, AtTheBench bench, Clock clock) {
        this.photos = photos;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<PhotoView> views(UUID jobId) {
        return photos.views(jobId);
    }

    @Transactional(readOnly = true)
    public byte[] picture(UUID jobId, UUID id) {
        return photos.picture(jobId, id).orElseThrow(PhotoService::gone);
    }

    @Transactional(readOnly = true)
    public byte[] thumbnail(UUID jobId, UUID id) {
        return photos.thumbnail(jobId, id).orElseThrow(PhotoService::gone);
    }

    /**
     * Takes a picture in.
     *
     * @param stepId    the part it shows; null where the finding is one of a mesh
     * @param findingId the finding it shows; null for a picture of the step itself
     */
    @Transactional
    public void take(
            JobRef job, @Nullable UUID stepId, @Nullable UUID findingId, UUID id, byte[] bytes) {
        int place = 1 + of(stepId, findingId);
        if (place > MOST_A_STEP) {
            throw Refused.because(
                    "photo",
                    "A step or a finding on a mesh holds at most %d pictures. Remove one, or use another."
                            .formatted(MOST_A_STEP));
        }
        var taken = PictureIntake.of(bytes);
        var photo = new PhotoEntity();
        photo.id = id;
        photo.jobId = job.id();
        photo.stepId = stepId;
        photo.findingId = findingId;
        photo.place = place;
        photo.width = taken.width();
        photo.height = taken.height();
        photo.picture = taken.picture();
        photo.thumbnail = taken.thumbnail();
        photo.keep(bench.name(), clock.instant());
        photos.saveAndFlush(photo);
    }

    @Transactional
    public void draw(JobRef job, UUID id, PhotoRequest request) {
        var photo = existing(job, id);
        photo.refuseStale(request.version(), () -> view(photo));
        refuseBadMarks(request);
        photo.caption = request.caption().strip();
        photo.marks = List.copyOf(request.marks());
        photo.keep(bench.name(), clock.instant());
    }

    @Transactional
    public void remove(JobRef job, UUID id, long version) {
        var photo = existing(job, id);
        photo.refuseStale(version, () -> view(photo));
        photo.removed = true;
        photo.keep(bench.name(), clock.instant());
    }

    private static void refuseBadMarks(PhotoRequest request) {
        if (request.caption().length() > LONGEST_CAPTION) {
            throw Refused.because(
                    "caption",
                    "The caption has %d characters; at most %d fit."
                            .formatted(request.caption().length(), LONGEST_CAPTION));
        }
        if (request.marks().size() > MOST_MARKS) {
            throw Refused.because(
                    "marks", "At most %d marks fit on one picture.".formatted(MOST_MARKS));
        }
        for (var mark : request.marks()) {
            if (!mark.isOnThePicture()) {
                throw Refused.because("marks", "A mark lies beside the picture. Draw it again.");
            }
            if (mark.label().length() > LONGEST_LABEL) {
                throw Refused.because(
                        "marks",
                        "A label has %d characters; at most %d fit."
                                .formatted(mark.label().length(), LONGEST_LABEL));
            }
        }
    }

    private int of(@Nullable UUID stepId, @Nullable UUID findingId) {
        return stepId != null
                ? photos.ofStep(stepId)
                : photos.ofFinding(Objects.requireNonNull(findingId, "of a step or of a finding"));
    }

    private PhotoEntity existing(JobRef job, UUID id) {
        return photos.findById(id)
                .filter(p -> !p.removed && p.jobId.equals(job.id()))
                .orElseThrow(PhotoService::gone);
    }

    private static NotThere gone() {
        return new NotThere("That picture is no longer there. Somebody removed it.");
    }

    private static PhotoView view(PhotoEntity p) {
        return new PhotoView(
                p.id,
                p.stepId,
                p.findingId,
                p.width,
                p.height,
                p.caption,
                p.marks,
                p.version(),
                p.changedBy(),
                p.changedAt());
    }
}

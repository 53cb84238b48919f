package app.yunque.server.bench;

import app.yunque.measure.Refused;
import app.yunque.server.done.DoneRequest;
import app.yunque.server.done.DoneService;
import app.yunque.server.done.DoneView;
import app.yunque.server.job.JobRef;
import app.yunque.server.photo.PhotoRequest;
import app.yunque.server.photo.PhotoService;
import app.yunque.server.photo.PhotoView;
import app.yunque.server.teardown.KeptStrip;
import app.yunque.server.teardown.StatementRequest;
import app.yunque.server.teardown.StatementService;
import app.yunque.server.teardown.StepRequest;
import app.yunque.server.teardown.StepService;
import app.yunque.server.unit.UnitService;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Writes a strip as an open file and reads one back. */
@Service
class TeardownFiles {
    private static final String JSON = "teardown.json";
    private static final long MOST_UNPACKED = 60L * 1024 * 1024;

    private final StepService steps;
    private final StatementService statements;
    private final PhotoService photos;
    private final UnitService units;
    private final DoneService done;
    private final ObjectMapper mapper;

    TeardownFiles(
            StepService steps,
            StatementService statements,
            PhotoService photos,
            UnitService units,
            DoneService done,
            ObjectMapper mapper) {
        this.steps = steps;
        this.statements = statements;
        this.photos = photos;
        this.units = units;
        this.done = done;
        this.mapper = mapper;
    }

    @Transactional(readOnly = true)
    public byte[] json(JobRef job) {
        return mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(file(job, List.of()));
    }

    /** Writes picture by picture, so that a strip with many never stands in memory as a whole. */
    @Transactional(readOnly = true)
    public void zip(JobRef job, OutputStream out) throws IOException {
        var pictures = photos.views(job.id());
        try (var zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(JSON));
            zip.write(
                    mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(file(job, pictures)));
            for (var picture : pictures) {
                zip.putNextEntry(new ZipEntry(name(picture)));
                zip.write(photos.picture(job.id(), picture.id()));
            }
        }
    }

    /**
     * Puts the steps of a file behind the strip of a job; everything or nothing.
     *
     * @throws Refused when the file is none, of a newer version, or names what is not in it
     */
    @Transactional
    public void read(JobRef job, byte[] bytes) {
        boolean isZip = bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K';
        Map<String, byte[]> entries = isZip ? unpack(bytes) : Map.of(JSON, bytes);
        var file = parse(entries.get(JSON));
        var papers = units.papers(job.unitId());
        var ids = new HashMap<UUID, UUID>();
        for (var step : file.steps()) {
            var id = UUID.randomUUID();
            ids.put(step.id(), id);
            steps.keep(job, id, fresh(step.step()), papers.shafts());
        }
        var strip = steps.strip(job.id());
        for (var said : file.statements()) {
            var orElse = said.orElse() == null ? null : mapped(ids, said.orElse());
            statements.say(
                    job,
                    UUID.randomUUID(),
                    new StatementRequest(
                            said.kind(),
                            mapped(ids, said.first()),
                            mapped(ids, said.then()),
                            orElse,
                            said.reason()),
                    strip);
        }
        for (var entry : file.done()) {
            if (entry.act() == null || entry.line() == null) {
                throw Refused.because(
                        "file",
                        "Something that was done has no act or no words in this file. Save the teardown anew.");
            }
            var after = entry.after() == null ? null : mapped(ids, entry.after());
            done.keep(
                    job,
                    UUID.randomUUID(),
                    new DoneRequest(null, entry.act(), entry.line(), after, false));
        }
        for (var photo : file.photos()) {
            var picture = entries.get(photo.file());
            if (picture == null) {
                throw Refused.because(
                        "file",
                        "The picture "
                                + photo.file()
                                + " is named in the file but not in the zip.");
            }
            var id = UUID.randomUUID();
            photos.take(job, mapped(ids, photo.step()), null, id, picture);
            photos.draw(
                    job,
                    id,
                    new PhotoRequest(
                            0, photo.caption() == null ? "" : photo.caption(), photo.marks()));
        }
    }

    private TeardownFile file(JobRef job, List<PhotoView> pictures) {
        var unit = units.view(job.unitId());
        var kept = steps.kept(job.id(), unit.shafts());
        return new TeardownFile(
                TeardownFile.FORMAT,
                1,
                new TeardownFile.TeardownUnit(unit.tag(), unit.name(), unit.kind(), job.number()),
                unit.shafts(),
                unit.layout().openings(),
                kept.views().stream()
                        .map(v -> new TeardownFile.NumberedStep(v.id(), fresh(v.given())))
                        .toList(),
                statements.given(job.id()),
                done.views(job.id()).stream().map(d -> entry(d, kept)).toList(),
                pictures.stream()
                        .map(
                                p ->
                                        new TeardownFile.PhotoEntry(
                                                name(p), p.stepId(), p.caption(), p.marks()))
                        .toList());
    }

    /** A step that is gone is named no more. */
    private static TeardownFile.DoneEntry entry(DoneView done, KeptStrip kept) {
        var after = done.given().after();
        boolean isThere = kept.views().stream().anyMatch(s -> s.id().equals(after));
        return new TeardownFile.DoneEntry(
                done.given().act(), done.given().line(), isThere ? after : null);
    }

    private static String name(PhotoView picture) {
        return "photos/" + picture.id() + ".jpg";
    }

    private static StepRequest fresh(StepRequest s) {
        return new StepRequest(
                null,
                s.part(),
                s.kind(),
                s.count(),
                s.shaft(),
                s.side(),
                s.gear(),
                s.wayRound(),
                s.fastening(),
                s.singleUse(),
                s.tray(),
                s.condition(),
                s.note(),
                s.detail());
    }

    private static UUID mapped(Map<UUID, UUID> ids, UUID id) {
        var found = ids.get(id);
        if (found == null) {
            throw Refused.because(
                    "file", "The file speaks of a step " + id + " that is not in it.");
        }
        return found;
    }

    private TeardownFile parse(byte @Nullable [] json) {
        if (json == null) {
            throw Refused.because(
                    "file",
                    "There is no "
                            + JSON
                            + " in this zip. Choose a teardown written by this program.");
        }
        try {
            var file = mapper.readValue(json, TeardownFile.class);
            if (file == null) {
                throw Refused.because(
                        "file",
                        "This file holds nothing. Choose a teardown written by this program.");
            }
            if (!TeardownFile.FORMAT.equals(file.format())) {
                throw Refused.because(
                        "file",
                        "This file is no teardown: its format says “" + file.format() + "”.");
            }
            if (file.version() != 1) {
                throw Refused.because(
                        "file",
                        "This teardown is of version "
                                + file.version()
                                + "; only version 1 can be read.");
            }
            return new TeardownFile(
                    file.format(),
                    file.version(),
                    file.unit(),
                    file.shafts(),
                    file.openings(),
                    Objects.requireNonNullElse(file.steps(), List.of()),
                    Objects.requireNonNullElse(file.statements(), List.of()),
                    Objects.requireNonNullElse(file.done(), List.of()),
                    Objects.requireNonNullElse(file.photos(), List.of()));
        } catch (JacksonException none) {
            throw Refused.because(
                    "file",
                    "This file cannot be read as a teardown. Choose the .json or .zip that was written by “Save as file”.");
        }
    }

    private static Map<String, byte[]> unpack(byte[] bytes) {
        var entries = new HashMap<String, byte[]>();
        long left = MOST_UNPACKED;
        try (var zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                var content = zip.readNBytes((int) Math.min(left + 1, Integer.MAX_VALUE - 8));
                left -= content.length;
                if (left < 0) {
                    throw Refused.because(
                            "file", "The zip unpacks to more than 60 MB. Leave pictures out.");
                }
                entries.put(entry.getName(), content);
            }
        } catch (IOException damaged) {
            throw Refused.because("file", "The zip is damaged. Write it again.");
        }
        return entries;
    }
}

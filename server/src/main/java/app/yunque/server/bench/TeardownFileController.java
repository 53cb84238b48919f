package app.yunque.server.bench;

import app.yunque.server.job.JobService;
import app.yunque.server.job.ReceiveService;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A teardown as an open file, out and in. */
@RestController
@RequestMapping("/api/jobs/{number}")
class TeardownFileController {
    private static final int MOST_BYTES = 40 * 1024 * 1024;

    private final BenchWrite bench;
    private final JobService jobs;
    private final ReceiveService receive;
    private final TeardownFiles files;

    TeardownFileController(
            BenchWrite bench, JobService jobs, ReceiveService receive, TeardownFiles files) {
        this.bench = bench;
        this.jobs = jobs;
        this.receive = receive;
        this.files = files;
    }

    @GetMapping(path = "/teardown.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> json(@PathVariable long number) {
        return file(files.json(jobs.find(number)), "teardown-" + number + ".json");
    }

    /** The same with the pictures. */
    @GetMapping(path = "/teardown.zip", produces = "application/zip")
    void zip(@PathVariable long number, HttpServletResponse response) throws IOException {
        var job = jobs.find(number);
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION, attachment("teardown-" + number + ".zip"));
        files.zip(job, response.getOutputStream());
    }

    /** Puts the steps of a file behind the strip; the body is the file as it is. */
    @PostMapping(path = "/teardown", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @RequestBody(
            description = "A .json or .zip teardown file",
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    JobView read(
            @PathVariable long number,
            @RequestHeader("Write-Id") UUID writeId,
            HttpServletRequest request) {
        return LimitedBody.read(
                request,
                "file",
                "file",
                MOST_BYTES,
                bytes ->
                        bench.change(
                                writeId,
                                number,
                                job -> {
                                    receive.refuseShutStrip(job);
                                    files.read(job, bytes);
                                }));
    }

    private static ResponseEntity<byte[]> file(byte[] bytes, String name) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, attachment(name))
                .body(bytes);
    }

    private static String attachment(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }
}

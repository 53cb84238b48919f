package app.yunque.server.bench;

import app.yunque.diagnosis.CauseStated;
import app.yunque.diagnosis.Diagnosis;
import app.yunque.server.job.CauseRequest;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a job may be about, what was answered by hand, and what it really was.
 *
 * @param diagnosis ranked causes and the next looks
 * @param signs     every sign that can be there or not
 * @param given     what was answered and stated, with its version
 * @param stated    what it was, in words; missing while nobody said it
 * @param here      at how many signed jobs of this shop each cause was it
 */
public record DiagnosisView(
        Diagnosis diagnosis,
        List<SignOption> signs,
        CauseRequest given,
        @Nullable CauseStated stated,
        Map<String, Long> here) {

    /**
     * @param id      its name
     * @param words   in words
     * @param present true where the complaint or somebody says that it is there
     */
    public record SignOption(String id, String words, boolean present) {}
}

package app.yunque.server.bench;

import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * A whole job as text and back, without loss. It has a mapper of its own: what cleans and checks texts at the door of the server has
 * nothing to say about what was sealed.
 */
public final class SealedView {
    private static final JsonMapper MAPPER =
            JsonMapper.builder()
                    .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    // What a job sealed earlier did not know yet was not so.
                    .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                    .build();

    private SealedView() {}

    public static String write(JobView view) {
        return MAPPER.writeValueAsString(view);
    }

    static JobView read(String sealed) {
        var job = SealedStack.carriedOver(SealedStages.carriedOver(MAPPER.readTree(sealed)));
        return MAPPER.treeToValue(job, JobView.class);
    }
}

package app.yunque.server.api;

import app.yunque.server.problem.FieldProblem;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.Set;

/** How a refusal is described: an RFC 9457 problem with each field at fault. */
public final class Refusals {
    private static final String NAME = "Refusal";

    private Refusals() {}

    /** What an address answers that refuses a value. */
    public static ApiResponse response() {
        return new ApiResponse()
                .description("A value is missing or impossible; its field says why.")
                .content(
                        new Content()
                                .addMediaType(
                                        "application/problem+json",
                                        new MediaType()
                                                .schema(
                                                        new Schema<>()
                                                                .$ref(
                                                                        "#/components/schemas/"
                                                                                + NAME))));
    }

    static void describeIn(Components components) {
        var field =
                ModelConverters.getInstance(true)
                        .resolveAsResolvedSchema(
                                new AnnotatedType(FieldProblem.class).resolveAsRef(true));
        field.referencedSchemas.forEach(components::addSchemas);
        var list = of("array");
        list.setItems(field.schema);
        var refusal = of("object");
        refusal.addProperty("title", of("string"));
        refusal.addProperty("detail", of("string"));
        refusal.addProperty("fields", list);
        components.addSchemas(NAME, refusal);
    }

    private static JsonSchema of(String type) {
        var schema = new JsonSchema();
        schema.setTypes(Set.of(type));
        return schema;
    }
}

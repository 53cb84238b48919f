package app.yunque.server.rule;

import app.yunque.measure.Range;
import app.yunque.measure.Told;
import app.yunque.server.api.NamesApart;
import app.yunque.server.api.RangeConstants;
import app.yunque.server.api.Refusals;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import java.lang.reflect.Parameter;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import tools.jackson.databind.json.JsonMapper;

/** Describes each public rule under its own address: what it takes with its ranges, and what it tells. */
@Configuration
class RuleDescription {
    private static final String JSON = "application/json";
    private static final JsonMapper PLAIN = JsonMapper.builder().build();

    @Bean
    @Order(Ordered.HIGHEST_PRECEDENCE)
    OpenApiCustomizer everyRule(Rules rules, NamesApart names) {
        return api -> {
            api.getPaths().remove("/api/calc" + RuleController.ANY);
            api.getComponents().getSchemas().remove("JsonNode");
            for (var rule : rules.all()) {
                api.getPaths()
                        .addPathItem(
                                "/api/calc/" + rule.at(),
                                new PathItem().post(operation(rule, api.getComponents())));
            }
            // The answers of the rules are the last that is described.
            names.refuseTwoOfOneName();
        };
    }

    private static Operation operation(Rule rule, Components components) {
        return new Operation()
                .addTagsItem("rules")
                .operationId("calc " + rule.at())
                .summary(rule.marked().title())
                .description(rule.marked().says())
                .requestBody(
                        new RequestBody()
                                .required(true)
                                .content(withExample(json(input(rule, components)), rule)))
                .responses(
                        new ApiResponses()
                                .addApiResponse(
                                        "200",
                                        new ApiResponse()
                                                .description("OK")
                                                .content(json(answer(rule, components))))
                                .addApiResponse("422", Refusals.response()));
    }

    private static Content withExample(Content content, Rule rule) {
        RuleExamples.of(rule)
                .ifPresent(
                        example ->
                                content.get(JSON)
                                        .setExample(PLAIN.convertValue(example, Object.class)));
        return content;
    }

    /** The result as it is, with what it tells beside it; what is no record stands under "value". */
    private static Schema<?> answer(Rule rule, Components components) {
        var result = schema(rule.method().getGenericReturnType(), components);
        if (rule.hasForm()) {
            return result;
        }
        var told = new JsonSchema();
        told.setTypes(Set.of("object"));
        told.addProperty("told", schema(Told.class, components));
        told.setRequired(List.of("told"));
        if (rule.method().getReturnType().isRecord()) {
            var both = new JsonSchema();
            both.setAllOf(List.of(result, told));
            return both;
        }
        told.addProperty("value", result);
        return told;
    }

    private static Schema<?> input(Rule rule, Components components) {
        var ranges = RangeConstants.of(rule.method().getDeclaringClass());
        var input = new JsonSchema();
        input.setTypes(Set.of("object"));
        for (var parameter : rule.parameters()) {
            var range = ranges.get(parameter.getName());
            input.addProperty(
                    parameter.getName(),
                    range == null
                            ? schema(parameter.getParameterizedType(), components)
                            : guarded(range, parameter));
        }
        input.setRequired(
                rule.parameters().stream()
                        .filter(p -> !Rule.mayBeLeftOut(p))
                        .map(Parameter::getName)
                        .toList());
        input.setAdditionalProperties(false);
        return input;
    }

    private static Schema<?> guarded(Range range, Parameter parameter) {
        var number = new JsonSchema();
        number.setTypes(Set.of(range.whole() ? "integer" : "number"));
        number.setMinimum(BigDecimal.valueOf(range.low()));
        number.setMaximum(BigDecimal.valueOf(range.high()));
        number.setDescription(range.label() + ", " + range.inWords());
        if (!List.class.isAssignableFrom(parameter.getType())) {
            return number;
        }
        var list = new JsonSchema();
        list.setTypes(Set.of("array"));
        list.setItems(number);
        return list;
    }

    private static Schema<?> schema(Type type, Components components) {
        var resolved =
                ModelConverters.getInstance(true)
                        .resolveAsResolvedSchema(new AnnotatedType(type).resolveAsRef(true));
        resolved.referencedSchemas.forEach(components::addSchemas);
        return resolved.schema;
    }

    private static Content json(Schema<?> schema) {
        return new Content().addMediaType(JSON, new MediaType().schema(schema));
    }
}

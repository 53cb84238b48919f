package app.yunque.server.api;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Describes records truthfully: a component is required unless it is marked nullable, and one that a range of the core
 * guards carries its name, unit and limits.
 */
@Component
class RecordSchemas implements ModelConverter {
    private final NamesApart names;

    RecordSchemas(NamesApart names) {
        this.names = names;
    }

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        var raw = rawClass(type);
        if (raw != null && isOfARule(raw)) {
            type.name(raw.getEnclosingClass().getSimpleName() + raw.getSimpleName());
        }
        Schema<?> schema = chain.next().resolve(type, context, chain);
        if (raw != null && schema != null && schema.get$ref() != null) {
            names.described(raw, schema.get$ref());
        }
        if (raw != null && raw.isRecord()) {
            var described = definition(schema, context);
            if (described != null && described.getProperties() != null) {
                describe(raw, described);
            }
        }
        return schema;
    }

    /** Rules name what they take by short words, such as Place, that several use: with the name of the rule before them they stay apart. */
    private static boolean isOfARule(Class<?> raw) {
        return raw.isRecord()
                && raw.getEnclosingClass() != null
                && Arrays.stream(raw.getEnclosingClass().getDeclaredMethods())
                        .anyMatch(m -> m.isAnnotationPresent(PublicRule.class));
    }

    private static @Nullable Class<?> rawClass(AnnotatedType type) {
        if (type.getType() instanceof Class<?> raw) {
            return raw;
        }
        if (type.getType() instanceof JavaType java) {
            return java.getRawClass();
        }
        return Json.mapper().constructType(type.getType()).getRawClass();
    }

    private static @Nullable Schema<?> definition(
            @Nullable Schema<?> schema, ModelConverterContext context) {
        if (schema == null || schema.get$ref() == null) {
            return schema;
        }
        var name = schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1);
        return context.getDefinedModels().get(name);
    }

    private static void describe(Class<?> raw, Schema<?> schema) {
        schema.setRequired(required(raw, schema));
        var guard = raw.getAnnotation(RangesOf.class);
        var ranges =
                isOfARule(raw)
                        ? RangeConstants.of(raw, raw.getEnclosingClass())
                        : guard == null ? RangeConstants.of(raw) : RangeConstants.of(guard.value());
        ranges.forEach((name, range) -> guard(schema, name, range));
    }

    private static List<String> required(Class<?> raw, Schema<?> schema) {
        return Arrays.stream(raw.getRecordComponents())
                .filter(c -> !isNullable(c))
                .map(RecordComponent::getName)
                .filter(schema.getProperties()::containsKey)
                .toList();
    }

    private static boolean isNullable(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    private static void guard(Schema<?> schema, String name, Range range) {
        Map<String, Schema> properties = schema.getProperties();
        var property = properties.get(name);
        if (property != null && property.get$ref() == null) {
            property.setDescription(range.label() + ", " + range.inWords());
            property.setMinimum(BigDecimal.valueOf(range.low()));
            property.setMaximum(BigDecimal.valueOf(range.high()));
        }
    }
}

package app.yunque.server.history;

import jakarta.persistence.AttributeConverter;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.json.JsonMapper;

/** A column that holds a whole record as it was entered; fields it does not know any more are passed over. */
public abstract class JsonColumn<T> implements AttributeConverter<T, String> {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final JavaType type;

    protected JsonColumn(Class<?> type) {
        this.type = MAPPER.getTypeFactory().constructType(type);
    }

    protected static JavaType listOf(Class<?> element) {
        return MAPPER.getTypeFactory().constructCollectionType(java.util.List.class, element);
    }

    protected JsonColumn(JavaType type) {
        this.type = type;
    }

    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable T value) {
        return value == null ? null : MAPPER.writeValueAsString(value);
    }

    @Override
    public @Nullable T convertToEntityAttribute(@Nullable String text) {
        return text == null ? null : MAPPER.readValue(text, type);
    }
}

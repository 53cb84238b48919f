package app.yunque.server.job;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Signs and tests by name, as JSON. */
@Converter
class AnswersColumn implements AttributeConverter<Map<String, Boolean>, String> {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @Override
    public String convertToDatabaseColumn(Map<String, Boolean> answers) {
        return MAPPER.writeValueAsString(new TreeMap<>(answers));
    }

    @Override
    public Map<String, Boolean> convertToEntityAttribute(String text) {
        return MAPPER.readValue(text, new TypeReference<TreeMap<String, Boolean>>() {});
    }
}

package app.yunque.server.history;

import org.hibernate.cfg.MappingSettings;
import org.hibernate.type.format.FormatMapper;
import org.hibernate.type.format.jackson.Jackson3JsonFormatMapper;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** How columns that hold a whole record as it was entered are read and written; fields a record does not know any more are passed over. */
@Configuration(proxyBeanMethods = false)
class JsonColumns {
    static FormatMapper mapper() {
        return new Jackson3JsonFormatMapper(
                JsonMapper.builder()
                        .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                        .build());
    }

    @Bean
    HibernatePropertiesCustomizer jsonOfRecords() {
        return settings -> settings.put(MappingSettings.JSON_FORMAT_MAPPER, mapper());
    }
}

package app.yunque.server.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import java.util.List;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Head of the API description; kept in alphabetical order so that two runs print the same text. */
@Configuration
class ApiDescription {
    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(
                        new Info()
                                .title("Yunque")
                                .version("1")
                                .description(
                                        "Lengths mm, angles degrees, torque N·m, volume L, temperature °C, time UTC."
                                                + " Faults are RFC 9457 problems; a refused value is 422 with its field."
                                                + " Each write carries a Write-Id; repeating it changes nothing.")
                                .license(new License().name("Apache-2.0")));
    }

    /** Whatever takes a body may refuse it, and says at which fields. */
    @Bean
    OpenApiCustomizer refusals() {
        return api -> {
            Refusals.describeIn(api.getComponents());
            api.getPaths().values().stream()
                    .flatMap(path -> path.readOperations().stream())
                    .filter(operation -> operation.getRequestBody() != null)
                    .forEach(
                            operation ->
                                    operation
                                            .getResponses()
                                            .addApiResponse("422", Refusals.response()));
        };
    }

    @Bean
    OpenApiCustomizer steadyOrder() {
        return api -> {
            api.setServers(List.of());
            api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
        };
    }
}

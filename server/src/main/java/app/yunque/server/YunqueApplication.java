package app.yunque.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

@SpringBootApplication
@ConfigurationPropertiesScan
public class YunqueApplication {
    public static void main(String[] args) {
        SpringApplication.run(YunqueApplication.class, args);
    }
}

package app.yunque.server.demo;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * @param demo true when an empty database is filled with the demo
 */
@ConfigurationProperties("yunque")
record DemoSettings(boolean demo) {}

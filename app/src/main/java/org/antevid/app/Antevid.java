package org.antevid.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application after {@link Launch} has checked port and data folder. */
@SpringBootApplication
public class Antevid {
    public static void main(String[] args) {
        System.exit(Launch.parse(args)
                .map(Launch::check)
                .map(l -> l.run(() -> {
                    l.properties().forEach((key, value) -> System.setProperty(key, String.valueOf(value)));
                    return new SpringApplication(Antevid.class).run();
                }))
                .orElse(1));
    }
}

package org.antevid.app;

import org.springframework.aot.AotDetector;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.aot.AbstractAotProcessor;
import org.springframework.util.ClassUtils;

/** Starts the application after {@link Launch} has checked port and data folder. */
@SpringBootApplication
public class Antevid {
    /** Made at the build ({@code process-aot}); it stands in the jar and not where the tests run. */
    private static final String WORKED_OUT = Antevid.class.getName() + "__ApplicationContextInitializer";

    public static void main(String[] args) {
        if (!Boolean.getBoolean(AbstractAotProcessor.AOT_PROCESSING)
                && ClassUtils.isPresent(WORKED_OUT, Antevid.class.getClassLoader())) {
            System.setProperty(AotDetector.AOT_ENABLED, "true");
        }
        System.exit(Launch.parse(args)
                .map(Launch::check)
                .map(l -> l.run(() -> {
                    l.properties().forEach((key, value) -> System.setProperty(key, String.valueOf(value)));
                    return new SpringApplication(Antevid.class).run();
                }))
                .orElse(1));
    }
}

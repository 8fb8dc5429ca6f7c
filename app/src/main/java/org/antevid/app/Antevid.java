package org.antevid.app;

import org.springframework.aot.AotDetector;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.aot.AbstractAotProcessor;
import org.springframework.util.ClassUtils;

/** Starts the application after {@link Launch} has checked port and data folder. */
@SpringBootApplication
public class Antevid {
    /** Made at the build ({@code process-aot}); it stands in the jar and not where the tests run. */
    private static final String WORKED_OUT = Antevid.class.getName() + "__ApplicationContextInitializer";

    public static void main(String[] args) {
        workedOutAhead();
        System.exit(Launch.parse(args)
                .map(Launch::check)
                .map(l -> l.run(() -> start(l)))
                .orElse(1));
    }

    /**
     * Starts it inside this process, for whoever starts several one after the other: its classes are loaded once.
     *
     * @param args as on the command line
     * @return the running application; closing it ends it and sets its data folder free
     * @throws IllegalArgumentException when the command line is not understood
     */
    public static ConfigurableApplicationContext open(String... args) {
        workedOutAhead();
        return Launch.parse(args)
                .map(Launch::check)
                .map(Antevid::start)
                .orElseThrow(() -> new IllegalArgumentException(String.join(" ", args)));
    }

    private static void workedOutAhead() {
        if (!Boolean.getBoolean(AbstractAotProcessor.AOT_PROCESSING)
                && ClassUtils.isPresent(WORKED_OUT, Antevid.class.getClassLoader())) {
            System.setProperty(AotDetector.AOT_ENABLED, "true");
        }
    }

    private static ConfigurableApplicationContext start(Launch launch) {
        SpringApplication application = new SpringApplication(Antevid.class);
        // guessed from the stack otherwise, and what was worked out ahead is looked for by its name
        application.setMainApplicationClass(Antevid.class);
        return application.run(launch.properties().entrySet().stream()
                .map(e -> "--" + e.getKey() + "=" + e.getValue())
                .toArray(String[]::new));
    }
}

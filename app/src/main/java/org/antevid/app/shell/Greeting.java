package org.antevid.app.shell;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Says where to go once everything is up. */
@Component
class Greeting {
    private final ServletWebServerApplicationContext context;

    Greeting(ServletWebServerApplicationContext context) {
        this.context = context;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(9)
    void greet() {
        System.out.println(
                "Antevid runs on http://localhost:" + context.getWebServer().getPort() + " - stop it with Ctrl-C.");
    }
}

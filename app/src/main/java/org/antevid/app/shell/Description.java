package org.antevid.app.shell;

import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The description of the interface, as it was generated from the controllers and the screens were built from it. */
@RestController
class Description {
    @GetMapping(path = "/api/openapi", produces = MediaType.APPLICATION_JSON_VALUE)
    Resource openApi() {
        return new ClassPathResource("openapi.json");
    }
}

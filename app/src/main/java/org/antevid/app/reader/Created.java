package org.antevid.app.reader;

import java.net.URI;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/**
 * What was made.
 *
 * @param id where it is found from now on, at the end of the path it was sent to
 */
public record Created(String id) {
    /** @return 201 with the id, and the location of what was made */
    public static ResponseEntity<Created> at(String id) {
        return at(id, new Created(id));
    }

    /** @return 201 with what was made, and its location */
    public static <T> ResponseEntity<T> at(String id, T made) {
        URI location = ServletUriComponentsBuilder.fromCurrentRequestUri()
                .pathSegment(id)
                .build()
                .toUri();
        return ResponseEntity.created(location).body(made);
    }
}

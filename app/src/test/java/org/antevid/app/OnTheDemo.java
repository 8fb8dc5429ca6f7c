package org.antevid.app;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;

/**
 * A test on the demo, with the jobs its house has behind it, on a real H2 file. All tests with this share one: living
 * through those jobs takes as long as all these tests together.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "antevid.demo=true",
            "spring.datasource.url=jdbc:h2:file:./target/demo-test/${random.uuid}/antevid;WRITE_DELAY=0",
            "server.servlet.session.persistent=false"
        })
@AutoConfigureMockMvc
@interface OnTheDemo {}

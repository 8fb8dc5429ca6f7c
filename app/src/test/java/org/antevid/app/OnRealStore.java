package org.antevid.app;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.TestConstructor;

/** The whole server on a store of its own in a file, empty at first; what a class leaves open is closed after it. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:file:./target/flow-test/${random.uuid}/antevid;WRITE_DELAY=0",
            "server.servlet.session.persistent=false"
        })
@AutoConfigureMockMvc
@ExtendWith(NothingLeftOpen.class)
@Import(TestMeter.class)
@TestConstructor(autowireMode = TestConstructor.AutowireMode.ALL)
@interface OnRealStore {}

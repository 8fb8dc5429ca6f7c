package org.antevid.app;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.TestConstructor;

/** The whole server on a store of its own, asked over real sockets alone: nothing of the test tools stands between. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:file:./target/socket-test/${random.uuid}/antevid;WRITE_DELAY=0",
            "server.servlet.session.persistent=false"
        })
@TestConstructor(autowireMode = TestConstructor.AutowireMode.ALL)
@interface OnRealSockets {}

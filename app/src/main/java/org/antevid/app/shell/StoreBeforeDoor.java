package org.antevid.app.shell;

import jakarta.persistence.EntityManagerFactory;
import org.springframework.beans.factory.ListableBeanFactory;
import org.springframework.boot.web.context.WebServerGracefulShutdownLifecycle;
import org.springframework.context.SmartLifecycle;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Component;

/**
 * The persistence starts beside everything else; the port opens when the store can answer. Phones that come back during
 * the start wait at the closed port and not inside, where they would hold what the store needs to open.
 */
@Component
class StoreBeforeDoor implements SmartLifecycle {
    private final ListableBeanFactory beans;
    private volatile boolean open;

    StoreBeforeDoor(ListableBeanFactory beans) {
        this.beans = beans;
    }

    @Override
    public void start() {
        beans.getBean(EntityManagerFactory.class).getMetamodel();
        beans.getBeansOfType(Repository.class);
        open = true;
    }

    @Override
    public void stop() {
        open = false;
    }

    @Override
    public boolean isRunning() {
        return open;
    }

    /** Before the web server takes its port. */
    @Override
    public int getPhase() {
        return WebServerGracefulShutdownLifecycle.SMART_LIFECYCLE_PHASE - 2048;
    }
}

package org.antevid.app;

import org.antevid.app.job.Jobs;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.test.context.junit.jupiter.SpringExtension;

/** All classes share one store: jobs that one leaves running would be watched, and looked through, by all others. */
class NothingLeftOpen implements AfterAllCallback {
    @Override
    public void afterAll(ExtensionContext tests) {
        Jobs jobs = SpringExtension.getApplicationContext(tests).getBean(Jobs.class);
        jobs.open().forEach(jobs::close);
    }
}

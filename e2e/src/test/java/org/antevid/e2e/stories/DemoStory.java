package org.antevid.e2e.stories;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.antevid.e2e.Browsers;
import org.antevid.e2e.OneStory;
import org.antevid.e2e.Server;
import org.antevid.e2e.TailgateNetwork;
import org.antevid.e2e.pages.JobPage;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** A story of the leader's on the demo data: a server of its own, and the leader signed in. */
@ExtendWith(OneStory.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
abstract class DemoStory {
    @TempDir
    static Path data;

    TailgateNetwork network;
    Server server;
    Browsers browsers;
    JobPage imre;

    @BeforeAll
    void start() {
        PlaywrightAssertions.setDefaultAssertionTimeout(30000);
        network = TailgateNetwork.join();
        server = serve(new Server(data, network.serverAddress()));
        browsers = Browsers.on(network);
        imre = new JobPage(browsers.leader());
        imre.signIn(server.local(), "Imre Halloway");
    }

    /** @return it, started; a story that kills it starts a process */
    Server serve(Server stopped) {
        return stopped.startDemo();
    }

    @AfterAll
    void stop() {
        imre.ended(getClass().getSimpleName());
        browsers.close();
        server.close();
    }

    Locator aside() {
        return imre.page.locator("aside");
    }

    Locator inAside(String button) {
        return aside().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(button).setExact(true))
                .first();
    }
}

package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.InetAddress;
import java.nio.file.Path;
import org.antevid.e2e.Browsers;
import org.antevid.e2e.Server;
import org.antevid.e2e.TailgateNetwork;
import org.antevid.e2e.pages.JobPage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What holds on every screen: keys, glare, a narrow display, the sums, and rooms that say what they will hold. */
class ShellStory {
    @Test
    void theShellWorksByKeysInGlareAndOnANarrowDisplay(@TempDir Path data) {
        try (TailgateNetwork network = new TailgateNetwork();
            Server server = new Server(data, InetAddress.getLoopbackAddress().getHostAddress()).start("demo");
            Browsers browsers = new Browsers(network)) {
            JobPage imre = new JobPage(browsers.leader()).signIn(server.local(), "Imre Halloway");
            imre.open("Withy Lock");
            Page page = imre.page;
            page.locator("body").press("3");
            assertThat(page.getByTestId("lay")).hasText("058°");
            page.locator("body").press("?");
            assertThat(page.getByRole(AriaRole.DIALOG)).containsText("turn the lay");
            imre.button("Close");
            imre.button("Glare");
            assertThat((String) page.evaluate("getComputedStyle(document.body).backgroundColor")).isEqualTo("rgb(255, 255, 255)");
            page.waitForTimeout(500);
            assertThat((String) page.evaluate("getComputedStyle(document.documentElement).getPropertyValue('--ink').trim()")).as("the plan appends transparency").hasSize(7);
            imre.shot("glare");
            page.reload();
            assertThat(page.getByTestId("lay")).hasText("058°");
            assertThat((Boolean) page.evaluate("document.documentElement.classList.contains('glare')")).as("the switch is remembered").isTrue();
            imre.button("Glare");
            page.setViewportSize(390, 844);
            page.waitForTimeout(600);
            imre.shot("narrow");
            assertThat(page.locator("button.hold")).isVisible();
            assertThat((Integer) page.evaluate("document.documentElement.scrollWidth")).as("nothing hangs over the edge").isLessThanOrEqualTo(390);
            page.setViewportSize(1280, 800);
            page.navigate(server.local() + "/sums");
            page.locator("label").filter(new Locator.FilterOptions().setHasText("girth_m")).first().locator("input").fill("1.5");
            imre.button("Compute");
            assertThat(imre.region("Answer")).containsText("0.477465");
            imre.shot("sums");
            page.navigate(server.local() + "/drills");
            assertThat(page.locator("main")).containsText("will stand here");
            assertThat(browsers.errors()).isEmpty();
        }
    }
}

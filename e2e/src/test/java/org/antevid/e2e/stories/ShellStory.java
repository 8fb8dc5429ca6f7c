package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.antevid.e2e.Browsers;
import org.antevid.e2e.Server;
import org.antevid.e2e.TailgateNetwork;
import org.antevid.e2e.pages.JobPage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What holds on every screen: keys, glare, a narrow display, the sums, and rooms that say what they will hold. */
class ShellStory {
    /** @return brightness 0..255 of the dial's band south of S1, where the footbridge and the boats block the lay */
    private static int southOfTheDial(JobPage imre) throws IOException {
        double[] stump = imre.pixel(38, 34);
        double[] reach = imre.pixel(38, 34 - 24);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(imre.page.screenshot()));
        int rgb = image.getRGB((int) stump[0] - 12, (int) reach[1] + 9);
        return ((rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255)) / 3;
    }

    @Test
    void theShellWorksByKeysInGlareAndOnANarrowDisplay(@TempDir Path data) throws IOException {
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
            assertThat(southOfTheDial(imre)).as("a blocked lay is solid in glare, too").isLessThan(110);
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

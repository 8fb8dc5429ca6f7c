package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.antevid.e2e.Browsers;
import org.antevid.e2e.Server;
import org.antevid.e2e.TailgateNetwork;
import org.antevid.e2e.pages.JobPage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What holds on every screen: keys, glare, a narrow display, the sums and the practice. */
class ShellStory {
    /** Two frames after a resize everything that listens to it has been laid out. */
    private static final String WIDTH_WHEN_DRAWN = "() => new Promise((done) => requestAnimationFrame(() =>"
            + " requestAnimationFrame(() => done(document.documentElement.scrollWidth))))";

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
        TailgateNetwork network = TailgateNetwork.join();
        try (Server server = new Server(data, InetAddress.getLoopbackAddress().getHostAddress()).startDemo();
                Browsers browsers = Browsers.on(network)) {
            JobPage imre = new JobPage(browsers.leader()).signIn(server.local(), "Imre Halloway");
            imre.open("Withy Lock");
            Page page = imre.page;
            page.locator("body").press("3");
            assertThat(page.getByTestId("lay")).hasText("058°");
            page.locator("body").press("?");
            assertThat(page.getByRole(AriaRole.DIALOG)).containsText("turn the lay");
            imre.button("Close");
            imre.menu("Glare on or off");
            assertThat((String) page.evaluate("getComputedStyle(document.body).backgroundColor"))
                    .isEqualTo("rgb(255, 255, 255)");
            page.waitForTimeout(500);
            assertThat(southOfTheDial(imre))
                    .as("a blocked lay is solid in glare, too")
                    .isLessThan(110);
            imre.shot("glare");
            page.reload();
            assertThat(page.getByTestId("lay")).hasText("058°");
            assertThat((Boolean) page.evaluate("document.documentElement.classList.contains('glare')"))
                    .as("the switch is remembered")
                    .isTrue();
            imre.menu("Glare on or off");
            page.setViewportSize(390, 844);
            page.waitForTimeout(600);
            imre.shot("narrow");
            assertThat(page.locator("button.hold")).isVisible();
            assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                    .as("nothing hangs over the edge")
                    .isLessThanOrEqualTo(390);
            page.setViewportSize(1280, 800);
            page.navigate(server.local() + "/sums");
            page.getByRole(
                            AriaRole.SPINBUTTON,
                            new Page.GetByRoleOptions().setName("girth, m").setExact(true))
                    .fill("1.5");
            assertThat(imre.region("Answer")).containsText("477.5");
            assertThat(imre.region("How the answer moves").locator(".recharts-line-curve"))
                    .isVisible();
            assertThat(page).hasURL(Pattern.compile("girth_m=1.5"));
            page.reload();
            assertThat(imre.region("Answer")).containsText("477.5");
            assertThat(imre.page.locator(".recharts-surface").first()).isVisible();
            imre.shot("sums");
            page.navigate(server.local() + "/drills");
            assertThat(page.locator("main")).containsText("No job is needed");
            assertThat(browsers.errors()).isEmpty();
        }
    }

    /** A job with a name of sixty letters, at every width a phone, a tablet or an enlarged page has. */
    @Test
    void holdIsInViewAtEveryWidthAndAStemCanBeAddedThere(@TempDir Path data) {
        TailgateNetwork network = TailgateNetwork.join();
        try (Server server = new Server(data, network.serverAddress()).startDemo();
                Browsers browsers = Browsers.on(network)) {
            JobPage imre = new JobPage(browsers.leader()).signIn(server.local(), "Imre Halloway");
            Page page = imre.page;
            String name = "Wolframsbergerhinterwaldhauptstrassenbahnhofsplatzallee Nord";
            String job = page.evaluate(
                            "async (name) => { const token = decodeURIComponent(document.cookie.split('; "
                                    + "').find(c => c.startsWith('XSRF-TOKEN=')).slice(11));"
                                    + " const r = await fetch('/api/jobs', {method: 'POST', headers: "
                                    + "{'content-type': 'application/json', 'X-XSRF-TOKEN': token}, body: "
                                    + "JSON.stringify({name, place: name, visitOn: '2026-11-27'})});"
                                    + " return (await r.json()).jobId; }",
                            name)
                    .toString();
            int[][] sizes = {{390, 844}, {600, 960}, {820, 1100}, {1000, 700}, {640, 400}};
            for (String path : List.of(
                    "/",
                    "/house",
                    "/crew/" + job,
                    "/jobs/" + job + "/trees",
                    "/jobs/" + job + "/trees/new",
                    "/jobs/" + job + "/place",
                    "/jobs/" + job + "/stems")) {
                page.navigate(server.local() + path);
                assertThat(page.getByRole(AriaRole.MAIN).first()).isVisible();
                page.waitForTimeout(200);
                for (int[] size : sizes) {
                    page.setViewportSize(size[0], size[1]);
                    assertThat((Integer) page.evaluate(WIDTH_WHEN_DRAWN))
                            .as(size[0] + " x " + size[1] + path)
                            .isLessThanOrEqualTo(size[0]);
                }
            }
            int stems = 0;
            for (int[] size : sizes) {
                String what = size[0] + " x " + size[1];
                page.setViewportSize(size[0], size[1]);
                page.navigate(server.local() + "/jobs/" + job + "/stems");
                page.getByLabel("New stem").click();
                assertThat(page.getByText(Pattern.compile("Where does it stand"))
                                .first())
                        .isVisible();
                imre.tapPlan(45 + 3 * stems, 35);
                stems++;
                assertThat(page.getByText("alive, nothing seen")
                                .or(page.getByText("Species"))
                                .first())
                        .isVisible();
                Locator hold =
                        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^HOLD")));
                page.mouse().wheel(0, 900);
                page.waitForTimeout(300);
                BoundingBox box = hold.boundingBox();
                assertThat(box.x >= 0 && box.x + box.width <= size[0] && box.y >= 0 && box.y + box.height <= size[1])
                        .as(what + ": HOLD is whole in view")
                        .isTrue();
            }
            assertThat(browsers.errors()).isEmpty();
        }
    }
}

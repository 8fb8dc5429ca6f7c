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
import org.antevid.e2e.pages.Looked;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** The day's people and steps: what is wrong is put right with one tap, the day is dragged, proofs run out. */
@ExtendWith(org.antevid.e2e.OneStory.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class CrewStory {
    private Server server;
    private Browsers browsers;
    private JobPage imre;
    private JobPage ottoline;

    @BeforeAll
    void begin(@TempDir Path data) {
        TailgateNetwork network = TailgateNetwork.join();
        server = new Server(data, InetAddress.getLoopbackAddress().getHostAddress()).startDemo();
        browsers = Browsers.on(network);
        imre = new JobPage(browsers.leader()).signIn(server.local(), "Imre Halloway");
        imre.open("Withy Lock");
        imre.stage(6);
    }

    @AfterAll
    void end() {
        browsers.close();
        server.close();
    }

    private Locator wrong() {
        return imre.region("To put right");
    }

    private Locator day() {
        return imre.region("The day");
    }

    @Test
    @Order(1)
    void whoIsMissingAtTheLineIsPutRightWithOneTap() {
        assertThat(wrong()).containsText("nobody is named at the machine line");
        imre.button("Put right: Tove Arkwright can be winch in fell S1");
        assertThat(wrong()).not().containsText("machine line");
        assertThat(imre.region("Step 2")).containsText("Tove Arkwright, winch at");
        Looked.at(imre.page, "crew-day");
    }

    @Test
    @Order(2)
    void theDayIsMovedOnItsLineAndSaysWhenItEnds() {
        assertThat(day()).containsText("Ends 09:10");
        assertThat(day()).containsText("before dark");
        Locator end = imre.page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("End of fell S1"));
        for (int i = 0; i < 4; i++) {
            end.press("ArrowRight");
        }
        assertThat(day()).containsText("Ends 09:30");
        assertThat(imre.region("Step 2")).containsText("08:40–09:30");
    }

    @Test
    @Order(3)
    void whatComesBeforeItIsDoneIsPutRight() {
        Locator start = imre.page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Start of fell S1"));
        for (int i = 0; i < 2; i++) {
            start.press("ArrowLeft");
        }
        assertThat(imre.page.getByRole(AriaRole.ALERT)).containsText("two places at once");
    }

    @Test
    @Order(4)
    void anIdleHourIsFoundAndTakenOver() {
        Locator end = imre.page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("End of free S2"));
        end.press("ArrowLeft");
        assertThat(imre.region("Step 1")).containsText("08:00–08:35");
        imre.button("Look for a shorter day");
        assertThat(day()).containsText("It could end 09:25");
        assertThat(day()).containsText("No plan ends sooner");
        imre.button("Take it over");
        assertThat(day()).containsText("Ends 09:25");
    }

    @Test
    @Order(5)
    void thePlanAsksForStepsAndSaysWhy() {
        Locator asked = imre.region("The plan asks for");
        assertThat(asked).containsText("shut towpath and guard it, for S1");
        assertThat(asked).containsText("towpath is 14 m from S1, whose ring is 48 m");
        Looked.at(imre.page, "crew-asked");
        imre.button("Not needed: limb S1");
        Locator why = imre.page.getByRole(AriaRole.TOOLTIP);
        why.getByLabel("Reason").fill("the owner wants it whole");
        why.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Not needed"))
                .click();
        assertThat(asked).containsText("Not wanted: 1");
        imre.button("Put in: rig the line of S1 and bring it to its pretension");
        Locator rig = imre.region("Step 2");
        assertThat(rig).containsText("rig the line of S1");
        assertThat(rig).containsText("S1 is pulled over with 20.0 kN");
        assertThat(rig).containsText("Tove Arkwright, winch");
        assertThat(imre.region("Step 3")).containsText("fell S1");
    }

    @Test
    @Order(6)
    void aProofThatRunsOutStopsTheStepItIsNeededFor() {
        ottoline = new JobPage(browsers.leader()).signIn(server.local(), "Ottoline Fenn");
        Page page = ottoline.page;
        page.navigate(server.local() + "/house");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("People"))
                .click();
        Locator nadia = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Nadia Quill"));
        assertThat(nadia).containsText("up to 80");
        nadia.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Competences"))
                .click();
        Looked.at(page, "proofs");
        Locator until = page.getByLabel("felling saw: good until");
        until.fill("1 Jan 2026");
        until.press("Enter");
        ottoline.button("Save");
        assertThat(nadia).containsText("good to 1 Jan 2026");
        imre.page.reload();
        assertThat(wrong()).containsText("Nadia Quill: proof for felling saw has run out");
        imre.button("Put right: Imre Halloway can be cutter in fell S1");
        assertThat(wrong()).not().containsText("run out");
        assertThat(imre.region("Step 3")).containsText("Imre Halloway, cutter");
    }

    @Test
    @Order(7)
    void whoLeavesEarlyIsMissedAndThePhoneShowsItAll() {
        Page page = imre.page;
        Locator people = imre.region("People");
        people.getByText("on site the whole day").nth(2).click();
        people.getByRole(AriaRole.SPINBUTTON, new Locator.GetByRoleOptions().setName("Goes, from the start"))
                .first()
                .fill("60");
        imre.button("Save when Oren Pike is here");
        assertThat(people).containsText("on site 08:00 to 09:00");
        page.setViewportSize(390, 844);
        page.waitForTimeout(300);
        Looked.at(page, "crew-narrow");
        assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
        assertThat(browsers.errors()).isEmpty();
    }
}

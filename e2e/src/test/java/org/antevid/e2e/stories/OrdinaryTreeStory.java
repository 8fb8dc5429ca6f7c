package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.util.List;
import java.util.regex.Pattern;
import org.antevid.e2e.pages.JobPage;
import org.antevid.e2e.pages.Looked;
import org.antevid.e2e.pages.Ordinary;
import org.antevid.e2e.pages.Taps;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** An ordinary day with one phone: the day as last time, trees tapped in one after the other, one briefing for all. */
class OrdinaryTreeStory extends DemoStory {
    private static final int TO_THE_VERDICT = 8;
    private static final int TO_THE_BRIEFING = 24;
    private static final int EACH_FURTHER_TREE = 12;
    private JobPage his;
    private Taps taps;

    private Locator answer() {
        return his.region("What to do");
    }

    private void tap(List<String> answers) {
        answers.forEach(taps::button);
    }

    private Locator starting(String words) {
        return his.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + words)));
    }

    private void shot(String name) {
        Looked.at(his.page, name);
    }

    @Test
    @Order(1)
    void anEmptyJobHasItsFirstVerdictAfterEightTouches() {
        Ordinary.oak(imre.page, "Alder Row", "Imre Halloway", "Sefa Marsh");
        his = new JobPage(browsers.phone());
        his.signIn(server.onTheNetwork(), "Imre Halloway");
        his.page.navigate(server.onTheNetwork() + "/");
        his.button("+ Open a job");
        his.fill("Name", "Alder Row again");
        his.fill("Place", "a meadow");
        his.button("Open the job");
        taps = new Taps(his);
        taps.plan(0, 0);
        tap(List.of("beech", "alive, nothing seen", "40", "18", "3", "none seen", "wedges"));
        assertThat(answer().locator("h2")).containsText(Pattern.compile("^fell to \\d{3}°, wedges, hinge \\d+\\smm"));
        assertThat(answer().locator("h2")).isInViewport();
        assertThat(starting("Use this")).isInViewport();
        assertThat(taps.count()).isLessThanOrEqualTo(TO_THE_VERDICT);
        assertThat(answer()).containsText("hinge long");
        shot("phone-tree");
    }

    @Test
    @Order(2)
    void theDayIsTakenAsLastTimeAndTheFirstTreeIsBriefed() {
        taps.on(starting("Use this"));
        assertThat(his.region("The day")).containsText("Alder Row");
        assertThat(his.region("The day")).containsText("Sefa Marsh, lookout");
        assertThat(his.region("The day")).containsText("clinic, 10 min");
        shot("phone-day");
        taps.button("As last time, looked over");
        assertThat(his.region("The day")).containsText(Pattern.compile("Emergency card\\s*whole"));
        taps.button("Issue briefing 1");
        assertThat(his.region("Briefing")).containsText("Signed: 0 of 2");
        assertThat(taps.count()).isLessThanOrEqualTo(TO_THE_BRIEFING);
    }

    @Test
    @Order(3)
    void eachFurtherTreeTakesTwelveTouchesToItsBriefing() {
        int before = taps.count();
        taps.button("New tree");
        taps.plan(25, 10);
        tap(List.of("beech", "alive, nothing seen", "30", "14", "2", "none seen", "wedges"));
        assertThat(answer().locator("h2")).containsText(Pattern.compile("fell to"));
        taps.on(starting("Use this"));
        taps.button("Issue briefing 2");
        assertThat(his.region("Trees")).containsText("S2");
        assertThat(his.region("Briefing")).containsText("2 issued");
        assertThat(taps.count() - before).isLessThanOrEqualTo(EACH_FURTHER_TREE);
        shot("phone-trees");
    }

    @Test
    @Order(4)
    void anAnswerCanBeTakenBackAndTheDraftStays() {
        taps.button("New tree");
        taps.plan(-20, 5);
        tap(List.of("oak", "dead, old"));
        his.page.getByText("← Trees").click();
        taps.button("New tree");
        Locator facts = his.region("The tree");
        assertThat(facts).containsText("dead, old");
        facts.getByText("oak").click();
        taps.button("ash");
        assertThat(facts).containsText("ash");
        assertThat(his.page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Faults seen")))
                .isVisible();
    }

    @Test
    @Order(5)
    void aTreeIsOpenedByItsAddressAndAPlannedLayIsNotReplacedUnasked() {
        his.page.getByText("← Trees").click();
        his.region("Trees")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("S2")))
                .first()
                .click();
        his.page.waitForURL(Pattern.compile("/trees/[0-9a-f-]{36}$"));
        his.page.reload();
        assertThat(answer().locator("h2")).containsText(Pattern.compile("fell to"));
        starting("Use this").click();
        assertThat(his.page.getByText("Take this one in its place?")).isVisible();
        his.button("Leave it");
        assertThat(answer().locator("h2")).isVisible();
        starting("Use this").click();
        his.button("Take this one");
        his.page.waitForURL(Pattern.compile("/trees$"));
        assertThat(his.region("Trees")).containsText("S2");
    }

    @Test
    @Order(6)
    void aPhotoIsTouchedAtFootMarkAndTopForTheHeight() {
        String address = his.page.url().replaceFirst("/trees.*", "/stems");
        // any picture does: what counts is where it is touched
        byte[] picture = his.page.screenshot();
        his.page.navigate(address);
        his.tab("Measure");
        his.button("Height");
        his.button("photo");
        his.page.locator("input[type=file]").first().setInputFiles(new FilePayload("stem.png", "image/png", picture));
        touch(0.12);
        touch(0.24);
        Looked.at(his.page, "phone-photo");
        touch(0.85);
        assertThat(his.page.getByText("All 3 touched.")).isVisible();
        his.fill("Known length", "3");
        his.fill("Camera above the foot", "1.6");
        Locator follows = his.page.getByLabel("What follows");
        assertThat(follows).containsText(Pattern.compile("= \\d+\\.\\d+\\sm\\s+±\\d+\\.\\d+\\sm"));
        his.button("Keep this sighting");
        assertThat(his.page.getByLabel("New sighting")).containsText("from a photo");
        his.tab("Faults");
        assertThat(his.page.locator(".photos img")).hasCount(1);
    }

    /** While a tree is tapped in, its height is touched on a photo and goes with it. */
    @Test
    @Order(7)
    void theHeightOfANewTreeComesFromItsPhoto() {
        byte[] picture = his.page.screenshot();
        his.page.navigate(his.page.url().replaceFirst("/stems.*", "/trees"));
        // the day's card above it grows as its answers come
        his.page.waitForTimeout(600);
        taps.button("New tree");
        his.region("The tree").getByText("Height").click();
        his.button("By a photo, with something of known length at the foot");
        his.fill("Known length", "3");
        his.fill("Camera above the foot", "1.6");
        his.page.locator("input[type=file]").first().setInputFiles(new FilePayload("stem.png", "image/png", picture));
        touch(0.12);
        touch(0.24);
        touch(0.85);
        assertThat(his.region("The tree")).containsText(Pattern.compile("\\d+\\.\\d m ±\\d+\\.\\d m"));
        Looked.at(his.page, "phone-tree-photo");
    }

    private void touch(double up) {
        Locator photo = his.page.locator("[aria-label^='Photo:']");
        assertThat(photo).isVisible();
        BoundingBox box = photo.boundingBox();
        double x = box.x + 0.5 * box.width;
        double y = box.y + (1 - up) * box.height;
        his.page.mouse().move(x, y);
        his.page.mouse().down();
        his.page.mouse().move(x, y - 3);
        his.page.mouse().move(x, y);
        his.page.mouse().up();
    }
}

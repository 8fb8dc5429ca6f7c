package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.antevid.e2e.pages.Cautions;
import org.antevid.e2e.pages.CrewPhone;
import org.antevid.e2e.pages.Looked;
import org.antevid.e2e.pages.Ordinary;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/**
 * Nadia climbs, Sefa has the brake, Tove stands by to rescue, Oren clears below; Imre leads from the desk, Wilma Stroud
 * takes the second opinion. Nadia says No at 9 m, takes it back herself, and two limbs come down.
 */
class AloftStory extends DemoStory {
    private static final String PIN = "1357";
    private String job;
    private Page nadia;
    private Page sefa;
    private Page tove;
    private Page oren;

    private Page join(String name) {
        String code = imre.page
                .evaluate("async () => (await (await fetch('/api/jobs/" + job + "')).json()).code")
                .toString();
        return CrewPhone.join(browsers.phone(), server, code, name, server.wordOf(name), PIN);
    }

    private static void tab(Page phone, String name) {
        phone.locator(".tabs a")
                .filter(new Locator.FilterOptions().setHasText(name))
                .click();
    }

    private static Locator word(Page phone) {
        return phone.locator(".now strong");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private List<Page> crew() {
        return List.of(nadia, sefa, tove, oren);
    }

    @Test
    @Order(1)
    void wilmaTakesTheSecondOpinionOnTheLimbThatBalancesTheLean() {
        job = Ordinary.lime(imre.page, "Ferry Row", "Nadia Quill", "Tove Arkwright", "Sefa Marsh", "Oren Pike");
        imre.page.navigate(server.local() + "/jobs/" + job + "/tangle");
        imre.tab("Take down");
        assertThat(aside()).containsText("4 people at least");
        imre.shot("aloft-plan");
        imre.openPoints();
        Locator rises =
                imre.page.locator(".finding").filter(new Locator.FilterOptions().setHasText("it balances the lean"));
        rises.getByText("Write down a second opinion").click();
        imre.choose("Who takes it", "Wilma Stroud");
        imre.fill("Telephone", "555 0144");
        imre.fill("What was shown", "the figure, the curve, both limbs");
        imre.fill("Read back", "L1 first, then look at the plate");
        imre.button("Write it down");
        assertThat(rises).containsText("second opinion: Wilma Stroud");
        imre.openPoints();
    }

    @Test
    @Order(2)
    void eachReadsTheirOwnPartOfThePiece() {
        imre.page.navigate(server.local() + "/jobs/" + job + "/brief");
        imre.button("Issue briefing 1");
        nadia = join("Nadia Quill");
        sefa = join("Sefa Marsh");
        tove = join("Tove Arkwright");
        oren = join("Oren Pike");
        crew().forEach(p -> CrewPhone.sign(p, PIN));
        assertThat(nadia.locator(".phone")).containsText("Life line tied at");
        assertThat(nadia.locator(".phone")).containsText("Cut at 7.0 m above ground");
        assertThat(sefa.locator(".phone")).containsText("wraps");
        assertThat(sefa.locator(".phone")).containsText("Peak on the line");
        assertThat(tove.locator(".phone")).containsText("The climber hangs at");
        assertThat(oren.locator(".phone")).containsText("Nobody nearer to the stem than");
        Looked.at(nadia, "aloft-climber");
        Looked.at(sefa, "aloft-brake");
    }

    @Test
    @Order(3)
    void withTheRescuerReadySheGoesUp() {
        crew().forEach(p -> tab(p, "Run"));
        tove.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("rescue kit at the foot")))
                .click();
        imre.page.navigate(server.local() + "/jobs/" + job + "/run");
        go();
    }

    private void go() {
        for (Page p : crew()) {
            assertThat(word(p)).isVisible();
            assertThat(button(p, "Sign the briefing first")).hasCount(0);
            // not everybody has a part in the step
            if (button(p, "I am ready").count() > 0) {
                button(p, "I am ready").click();
                assertThat(button(p, "Not ready now")).isVisible();
            }
        }
        Cautions.readUntil(
                imre.page,
                imre.page
                        .locator(".next:enabled")
                        .filter(new Locator.FilterOptions().setHasText("GO"))
                        .or(button(imre.page, "Tried, answered")));
        if (button(imre.page, "Tried, answered").count() > 0) {
            imre.button("Tried, answered");
            Cautions.readUntil(imre.page, imre.page.locator(".next:enabled"));
        }
        imre.go();
        assertThat(word(nadia)).hasText("Go");
    }

    private void done(String how) {
        imre.button("Step done");
        imre.button(how);
    }

    /** Whoever sees it presses and says what it is in one tap; everybody reads what is done first. */
    @Test
    @Order(4)
    void aPieceThatHangsUpHoldsEverybodyAndSaysWhatIsDoneFirst() {
        imre.button("Step done");
        crew().forEach(p -> assertThat(word(p)).not().hasText("Go"));
        go();
        sefa.locator("button.thumb").click();
        Looked.at(sefa, "aloft-hold-reasons");
        button(sefa, "the piece hangs up").click();
        for (Page p : crew()) {
            assertThat(p.locator("section[aria-label=Hold]")).containsText("nobody beneath it, no rope is cut");
        }
        Looked.at(nadia, "aloft-hold");
        imre.shot("aloft-hold-desk");
        imre.button("Lift the hold");
        imre.button("looked at together");
        assertThat(imre.page.locator(".banner")).hasCount(0);
        for (Page p : crew()) {
            assertThat(button(p, "I am ready")).isVisible();
        }
    }

    @Test
    @Order(5)
    void herNoAtNineMetresStopsAllAndShowsWhatWasChosenForIt() {
        go();
        assertThat(nadia.locator(".now")).containsText("lower");
        nadia.getByLabel("height of the climber").fill("9");
        button(nadia, "No: this way ends").click();
        nadia.locator(".ant-popconfirm").getByText("No: this way ends").click();
        for (Page p : crew()) {
            assertThat(word(p)).not().hasText("Go");
        }
        assertThat(nadia.locator(".phone")).containsText("No stands: Nadia Quill, 9.0 m");
        assertThat(nadia.locator(".phone")).containsText("Instead: a platform");
        assertThat(sefa.locator(".phone")).containsText("Instead: a platform");
        assertThat(sefa.getByText("I take my No back")).hasCount(0);
        Looked.at(nadia, "aloft-no");
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("Nadia Quill said No at 9.0 m")))
                .hasCount(1);
        imre.openPoints();
    }

    @Test
    @Order(6)
    void sheAloneTakesItBackAndThePieceComesDownAndIsReviewed() {
        button(nadia, "I take my No back").click();
        assertThat(nadia.getByText("No stands:")).hasCount(0);
        go();
        done("heavier");
        imre.stage(9);
        Locator pieces = imre.region("In pieces");
        assertThat(pieces).containsText("S1, in pieces");
        assertThat(pieces).containsText("heavier");
        assertThat(pieces).containsText("not weighed");
        imre.shot("aloft-review");
    }
}

package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.antevid.e2e.pages.JobPage;
import org.antevid.e2e.pages.Keys;
import org.antevid.e2e.pages.Looked;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** Somebody without a job and without a sign-in practises. */
class DrillStory extends DemoStory {
    private static final int ROUND = 10;
    private Page guest;

    private void opens(String what) {
        guest.navigate(server.onTheNetwork() + "/drills" + what);
    }

    private Locator answers() {
        return guest.getByRole(AriaRole.GROUP).first().getByRole(AriaRole.BUTTON);
    }

    @Test
    @Order(1)
    void aGuestDoesTenByKeyboardInSpanishTheLastWithoutANetwork() {
        guest = browsers.phone();
        opens("");
        assertThat(guest.locator("main")).containsText("No job is needed, and no sign-in");
        Looked.at(guest, "drills");
        guest.getByText("Español").click();
        assertThat(guest.locator("main")).containsText("No hace falta trabajo");
        opens("/bind?level=1&seed=412&n=1");
        for (int nth = 1; nth <= ROUND; nth++) {
            if (nth == ROUND) {
                guest.context().setOffline(true);
            }
            assertThat(guest.locator("main")).containsText(nth + " de " + ROUND + " · nivel 1");
            Keys.reach(guest, "arriba").press("Enter");
            Keys.reach(guest, "creo").press("Enter");
            assertThat(guest.getByRole(AriaRole.STATUS)).containsText("puntos");
            assertThat(guest.locator("dl")).containsText("regla");
            if (nth == 1) {
                Looked.at(guest, "drill-bind");
            }
            if (nth < ROUND) {
                Keys.reach(guest, "Siguiente").press("Enter");
            }
        }
        assertThat(guest.locator("main")).containsText("Ronda acabada");
        guest.context().setOffline(false);
        guest.getByText("Todos los ejercicios").click();
        guest.getByText("English").click();
        assertThat(guest.locator("main")).containsText("Practice");
    }

    @Test
    @Order(2)
    void theLinkIsTheSameExerciseAndADeadlyAnswerEndsTheRound() {
        opens("/bind?level=4&seed=7&n=1");
        assertThat(guest.locator("h1")).hasText("Where do you stand to cut?");
        answers().getByText("in line, at the tip").click();
        guest.getByText("know", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(guest.getByRole(AriaRole.ALERT)).containsText("it strikes whoever stands there");
        assertThat(guest.getByRole(AriaRole.STATUS)).containsText("-0.8");
        assertThat(guest.getByText("Next,")).hasCount(0);
        Looked.at(guest, "drill-deadly");
    }

    @Test
    @Order(3)
    void whoIsTooNearIsFoundAndTheLeanIsReadFromTwoSides() {
        opens("/people?level=2&seed=31&n=1");
        answers().first().click();
        Looked.at(guest, "drill-people-asked");
        guest.getByText("guess", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(guest.locator("dl")).containsText("are kept clear all round");
        Looked.at(guest, "drill-people");
        opens("/lean?level=1&seed=5&n=1");
        String said = guest.locator("svg[role=img]").getAttribute("aria-label");
        assertThat(said).as("the picture in words").contains("Seen from the south");
        answers().first().click();
        guest.getByText("think", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(guest.locator("dl")).containsText("two sides at right angles");
        Looked.at(guest, "drill-lean");
        opens("/order?level=1&seed=8&n=1");
        assertThat(guest.locator("svg[role=img]")).hasAttribute("aria-label", Pattern.compile("lies over"));
        answers().getByText("a ring: none can be first").click();
        answers().getByText("S2", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(answers().getByText("a ring: none can be first").locator("xpath=.."))
                .hasAttribute("aria-pressed", "false");
        Looked.at(guest, "drill-order");
        guest.getByText("guess", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(guest.locator("dl")).containsText("what rests on another goes first");
        for (String kind : List.of("lay", "stump", "card", "cue")) {
            opens("/" + kind + "?level=1&seed=6&n=1");
            answers().first().click();
            guest.getByText("guess", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(guest.locator("dl")).containsText("rule");
            Looked.at(guest, "drill-" + kind);
        }
        for (String mistyped : List.of("/bind?level=9&seed=7&n=1", "/knots?level=1&seed=7&n=1")) {
            opens(mistyped);
            assertThat(guest.getByRole(AriaRole.ALERT)).containsText("There is no such exercise");
        }
        assertThat(browsers.errors()).as("uncaught errors in the pages").isEmpty();
    }

    /** A reviewer gives ten with a last day; the leader takes them on, goes on without a network, and is seen at it. */
    @Test
    @Order(90)
    void anInstructorGivesASetAndSeesWhoTookItOn() {
        Page wilma = new JobPage(browsers.leader()).signIn(server.local(), "Wilma Stroud").page;
        wilma.navigate(server.local() + "/drills");
        button(wilma, "Give a set of ten").click();
        wilma.getByLabel("What it is called").fill("Before the poplars");
        wilma.getByRole(AriaRole.COMBOBOX).first().click();
        wilma.locator(".ant-select-item-option").first().click();
        wilma.keyboard().press("Escape");
        wilma.getByLabel("Last day").click();
        wilma.locator(".ant-picker-cell-today").click();
        Looked.at(wilma, "drill-give");
        button(wilma, "Give it").click();
        assertThat(wilma.getByLabel("Sets")).containsText("Before the poplars");

        Page his = imre.page;
        his.navigate(server.local() + "/drills");
        assertThat(his.getByLabel("Sets")).containsText("sees your answers to this set, and nothing else");
        button(his, "Take it on").click();
        button(his, "Go on, 1 of 10").click();
        his.getByRole(AriaRole.GROUP).first().getByRole(AriaRole.BUTTON).first().click();
        his.context().setOffline(true);
        his.getByText("guess").first().click();
        assertThat(his.getByRole(AriaRole.STATUS)).containsText("points");
        his.getByText("Next, 2 of 10").click();
        assertThat(his.locator("main")).containsText("2 of 10");
        his.context().setOffline(false);
        his.getByText("Drills").last().click();
        assertThat(his.getByLabel("Sets")).containsText("1 of 10 answered");
        Looked.at(his, "drill-set");
        wilma.reload();
        assertThat(wilma.getByLabel("Who took on Before the poplars")).containsText("Imre Halloway");
        assertThat(browsers.errors()).as("uncaught errors in the pages").isEmpty();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}

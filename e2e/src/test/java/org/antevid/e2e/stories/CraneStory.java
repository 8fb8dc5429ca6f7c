package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** The alder on the bank: nobody climbs it, a crane picks it off, its readings make the next estimate. */
class CraneStory extends DemoStory {
    private static final String HEAD = """
            machine,tracked crane 2.9 t
            configuration,all legs out
            counterweight,none
            boom_m,12
            outriggers,full
            sector,all round
            date,2025-03-01
            source,invented
            radius_m,capacity_kg
            """;
    private static final String BAD = HEAD + "2,2900\n4,3100\n";
    private static final String GOOD = HEAD + "2,2900\n3,2200\n4,1600\n5,1250\n6,1000\n8,700\n10,480\n";

    /** What the leader would tap on the alder's page. */
    private static final String MEASURED = """
        async () => {
          const job = location.pathname.split('/')[2];
          const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
          const stems = await (await fetch(`/api/jobs/${job}/stems`)).json();
          const alder = stems.find((s) => s.label === 'S5').id;
          const r = await fetch(`/api/jobs/${job}/stems/${alder}/sightings`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
            body: JSON.stringify({ kind: 'EYE_LEAN', numbers: { leanDeg: 6, azimuthDeg: 170 } }),
          });
          return r.status;
        }""";

    private Locator part(String name) {
        return aside().locator("section[aria-label=\"" + name + "\"]");
    }

    private void chart(String text) {
        imre.page
                .waitForFileChooser(() -> next("Load a chart"))
                .setFiles(new FilePayload("chart.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8)));
    }

    private void next(String begins) {
        imre.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + begins)))
                .last()
                .click();
    }

    @Test
    @Order(1)
    void whatNobodyMayClimbIsProposedToBePicked() {
        imre.open("Withy Lock");
        assertThat(imre.page.getByTestId("site-plan")).isVisible();
        assertThat(imre.page.evaluate(MEASURED)).isEqualTo(201);
        imre.stage(5);
        imre.tab("Take down");
        imre.choose("Which stem", "S5");
        next("Next: let pieces be proposed");
        imre.tab("Pieces");
        assertThat(imre.region("S5 taken down").locator("ol li").first()).containsText("picked by the crane");
        next("Keep this plan");
        assertThat(imre.page.getByText("Keep this plan")).hasCount(0);
        imre.tab("Crane");
        assertThat(part("Crane")).containsText("no load chart is loaded");
    }

    @Test
    @Order(2)
    void onceItStandsOnThePlanABadChartIsRefusedAndAGoodOneConfirmedOnTheMachine() {
        next("Put the crane on the plan");
        imre.tapPlan(36.5, 22);
        next("Put the landing on the plan");
        imre.tapPlan(38, 28);
        assertThat(imre.page.locator(".next")).containsText("Load a chart");
        chart(BAD);
        assertThat(imre.page.getByText("a larger radius never carries more").first())
                .isVisible();
        chart(GOOD);
        assertThat(part("Load chart")).containsText("all legs out");
        assertThat(part("Crane")).not().containsText("no load chart is loaded");
        imre.page.getByLabel("Seen on the machine").check();
        assertThat(part("Crane")).not().containsText("nobody confirmed on the machine");
    }

    @Test
    @Order(3)
    void whatThePadsStandOnIsSaidAndOneIsMovedOffTheBank() {
        next("Say what pad 1 stands on");
        imre.choose("ground under it", "compacted gravel");
        imre.button("The same under all");
        assertThat(part("Pads")).not().containsText("what ground it stands on is not known");
        imre.page
                .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Cover, pipe or cellar beneath?"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("no"))
                .click();
        imre.button("None beneath any");
        for (int pad : List.of(2, 3)) {
            next("Say what pad " + pad + " stands on");
            assertThat(part("Pads")).containsText("how deep is it?");
            imre.fill("depth of the bank, wall or pit beside it", "3");
            next("Move pad " + pad);
            // what is said before the plan is tapped stays
            imre.fill("side of the pad", "0.7");
            imre.tapPlan(pad == 2 ? 38.6 : 34.6, 21.3);
            assertThat(imre.page.getByLabel("side of the pad", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("0.7");
        }
        assertThat(part("Pads").locator("[data-severity=STOP]")).hasCount(0);
        imre.shot("crane-set-up");
    }

    @Test
    @Order(4)
    void eachPickSaysItsShareOfTheChartAndWhatTheDisplayMustShow() {
        next("See to the set-up");
        imre.fill("a sling bears, pulled straight", "20000");
        imre.fill("maker’s wind limit", "14");
        assertThat(part("Picks").locator("tbody")).containsText("%");
        assertThat(part("Picks")).containsText("the landing is farther off than the pick");
        next("Keep this set-up");
        assertThat(imre.page.getByText("Keep this set-up")).hasCount(0);
        part("Picks").scrollIntoViewIfNeeded();
        imre.shot("crane-picks");
    }

    @Test
    @Order(5)
    void theThirdReadingIsOddAndNothingIsPickedUntilSomebodySaysWhatItWas() {
        read(1.02);
        read(0.98);
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("the last reading is far off")))
                .hasCount(0);
        imre.openPoints();
        read(2.6);
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("the last reading is far off")))
                .hasCount(1);
        imre.openPoints();
        imre.fill("what was it? caught, wet, hollow, another cut, display", "a limb was caught in the hedge");
        imre.button("That was it");
        assertThat(part("Readings")).containsText("a limb was caught in the hedge");
        assertThat(part("Crane")).not().containsText("the last reading is far off");
    }

    /** The middle of what the next pick may weigh, so many times, with the hook and the slings in it. */
    private void read(double times) {
        int done = part("Readings").locator("tbody tr.ant-table-row").count();
        String row = part("Picks").locator("tbody tr.ant-table-row").nth(done).innerText();
        Matcher m = Pattern.compile("(\\d+)\\skg to (\\d+)\\skg", Pattern.UNICODE_CHARACTER_CLASS)
                .matcher(row);
        assertThat(m.find()).as(row).isTrue();
        double kg = Math.sqrt(Double.parseDouble(m.group(1)) * Double.parseDouble(m.group(2)));
        imre.fill("display reads, hook and slings in it", String.valueOf(Math.round(70 + times * kg)));
        imre.page.getByLabel("it hung free and still").check();
        imre.button("Write it down");
        assertThat(part("Readings").locator("tbody tr.ant-table-row")).hasCount(done + 1);
    }

    @Test
    @Order(6)
    void picksAndLandingsBecomeStepsOfTheCrew() {
        imre.tab("Pieces");
        next("Put \\d+ steps into Crew");
        assertThat(aside()).containsText("S5: pick all above");
        assertThat(aside()).containsText("unhook");
        assertThat(aside()).containsText("Tove Arkwright, operator");
        imre.shot("crane-crew");
    }
}

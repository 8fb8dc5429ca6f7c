package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/**
 * Stage 3 in full: the lay is turned into a stop, the beehives are moved, a window opens, the lay is fixed, a way is
 * cleared, the fall rehearsed.
 */
class LayStory extends DemoStory {
    private static final double STUMP_E = 38;
    private static final double STUMP_N = 34;

    private Locator lay() {
        return imre.page.getByTestId("lay");
    }

    private double[] onDial(double deg) {
        double[] stump = imre.pixel(STUMP_E, STUMP_N);
        double perMetre = stump[1] - imre.pixel(STUMP_E, STUMP_N + 1)[1];
        double reach =
                Double.parseDouble(aside().locator(".fig").first().innerText().replaceAll("[^0-9.]", ""));
        double out = reach * perMetre + 11;
        return new double[] {
            stump[0] + out * Math.sin(Math.toRadians(deg)), stump[1] - out * Math.cos(Math.toRadians(deg))
        };
    }

    @Test
    @Order(1)
    void whatIsNotKnownIsNamedWhereItIsMissed() {
        imre.open("Withy Lock");
        imre.stage(3);
        inAside("S5").click();
        assertThat(aside()).containsText("crown radius not known");
        assertThat(aside()).containsText("no reach is guessed");
        imre.button("Measure crown radius of S5");
        assertThat(imre.page).hasURL(Pattern.compile("/stems$"));
    }

    @Test
    @Order(2)
    void theMeansSayWhichDirectionsAreOpen() {
        imre.stage(3);
        inAside("S1").click();
        assertThat(lay()).hasText("058°");
        assertThat(imre.region("Windows")).containsText("Best");
        inAside("own lean").click();
        assertThat(imre.region("Windows")).containsText("No lay is open");
        assertThat(imre.region("Windows")).containsText("a line with at least");
        imre.shot("lay-no-window");
        inAside("machine").click();
        assertThat(imre.region("Windows")).containsText("wide");
        assertThat(imre.region("Windows")).containsText("Second");
    }

    @Test
    @Order(3)
    void pointingAtTheDialSaysWhatBlocksADirection() {
        double[] at = onDial(92);
        imre.page.mouse().move(at[0], at[1]);
        assertThat(imre.region("Direction")).containsText("blocked");
        imre.page.mouse().click(at[0], at[1]);
        assertThat(imre.region("Direction")).containsText("beehives");
        assertThat(imre.region("Direction")).containsText("Against it, most first: targets");
        assertThat((Integer) imre.page
                        .getByTestId("site-plan")
                        .evaluate("el => el.olMap.getAllLayers().flatMap(l => l.getSource()?.getFeatures?.() ?? [])"
                                + ".filter(f => f.get('lit')).length"))
                .as("what it strikes is lit on the plan")
                .isPositive();
        imre.shot("lay-direction");
        imre.button("Turn the lay here");
        assertThat(lay()).hasText(Pattern.compile("09[123]°"));
    }

    @Test
    @Order(4)
    void thePlanIsGoneThroughByKeyboard() {
        Locator plan = imre.page.getByTestId("site-plan");
        imre.button("Find, show");
        imre.choose("Find on the plan", "footbridge");
        List<?> middle = (List<?>) plan.evaluate("el => el.olMap.getView().getCenter()");
        assertThat(((Number) middle.get(1)).doubleValue())
                .as("south of the stem")
                .isLessThan(STUMP_N);
        imre.button("Find, show");
        imre.page.getByLabel("Lays of the other stems").click();
        assertThat(imre.page.getByText("Find; 1 not shown")).isVisible();
        imre.page.getByLabel("Lays of the other stems").click();
        imre.page.keyboard().press("Escape");
        imre.stage(2);
        imre.page.getByLabel("New stem").click();
        assertThat(imre.page.getByText("Where does it stand").first()).isVisible();
        plan.focus();
        for (int i = 0; i < 3; i++) {
            imre.page.keyboard().press("ArrowRight");
            imre.page.waitForTimeout(150);
        }
        imre.page.keyboard().press("Enter");
        assertThat(imre.page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("The tree")))
                .containsText("on the plan");
        imre.page.goBack();
        imre.stage(4);
        assertThat(imre.page.locator(".next")).containsText("First: fix the lay to 09");
        imre.stage(3);
        assertThat(lay()).hasText(Pattern.compile("09[123]°"));
        assertThat(aside()).containsText("Not saved. Planned is 058°");
    }

    @Test
    @Order(5)
    void heMeetsAStop() {
        imre.tab("Reach");
        Locator hives = imre.region("Targets").locator("tr").filter(new Locator.FilterOptions().setHasText("beehives"));
        assertThat(hives).containsText("in fan");
        assertThat(hives).containsText("limit 10 %");
        assertThat(imre.page.locator(".next")).containsText("a stop will stand: beehives");
        imre.button("Fix lay 09");
        imre.openPoints();
        assertThat(imre.stops()
                        .filter(new Locator.FilterOptions().setHasText("strikes the beehives"))
                        .first())
                .isVisible();
        imre.openPoints();
    }

    @Test
    @Order(6)
    void theBeehivesAreMovedAndAWindowOpens() {
        imre.stage(1);
        imre.page
                .locator("ul.list button.row")
                .filter(new Locator.FilterOptions().setHasText("beehives"))
                .click();
        imre.choose("Protection", "move it away");
        assertThat(aside()).containsText("move it away: nobody named");
        imre.choose("Who does it", "Oren Pike");
        assertThat(aside()).containsText("move it away: Oren Pike");
        inAside("done").click();
        assertThat(imre.page
                        .locator("ul.list button.row")
                        .filter(new Locator.FilterOptions().setHasText("beehives"))
                        .locator("svg"))
                .isVisible();
        imre.stage(3);
        assertThat(imre.region("Out of date")).containsText("beehives was worth 2");
        assertThat(imre.region("Out of date")).containsText("protected");
        assertThat(imre.region("Out of date")).containsText("The answer moves");
        imre.shot("lay-out-of-date");
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("beehives")))
                .hasCount(0);
        imre.openPoints();
        double[] at = onDial(92);
        imre.page.mouse().move(at[0], at[1]);
        assertThat(imre.region("Direction")).not().containsText("blocked");
    }

    @Test
    @Order(7)
    void heAimsAtALandmarkAndFixesTheLay() {
        imre.button("Aim at a landmark");
        imre.tapPlan(70, 36);
        assertThat(lay()).hasText("086°");
        imre.fill("Right of the landmark", "-2");
        assertThat(lay()).hasText("083°");
        imre.fill("Lay in degrees", "84");
        assertThat(lay()).hasText("084°");
        assertThat(imre.region("Aim")).containsText("10 mm off at the stump");
        imre.button("Sighting card");
        assertThat(imre.region("Sighting card")).containsText("the lay passes");
        imre.shot("sighting-card");
        imre.button("Close");
        imre.button("Fix lay 084° and its drop zone");
        assertThat(imre.page.locator(".next")).containsText("Next: the cuts");
        assertThat(imre.region("Out of date")).hasCount(0);
    }

    @Test
    @Order(8)
    void groundBehindTheLockWallIsTakenOutOfTheRing() {
        imre.tab("Reach");
        assertThat(imre.region("Ring")).containsText("mechanics: reach, throw, slide");
        imre.button("Take ground out of a zone");
        double[][] corners = {{70, 4}, {84, 4}, {84, 12}, {70, 12}, {70, 12}};
        for (double[] c : corners) {
            imre.tapPlan(c[0], c[1]);
        }
        imre.fill("Reason for the clip", "lock wall, three metres high");
        imre.button("Take it out");
        assertThat(aside()).containsText("Taken out of the exclusion ring: lock wall, three metres high");
        imre.shot("lay-reach");
    }

    @Test
    @Order(9)
    void aWayOutIsClearedAndWalksFaster() {
        imre.tab("Ways out");
        Locator main = imre.region("Ways out").locator("tr").filter(new Locator.FilterOptions().setHasText(", main"));
        String name = main.locator("b").first().innerText();
        assertThat(main).containsText("not cleared: walks at 90 %");
        String before = imre.region("Reached").innerText();
        imre.button("Mark " + name + " cleared");
        assertThat(main).not().containsText("not cleared");
        assertThat(imre.region("Clear first")).containsText("cleared Imre Halloway");
        assertThat(imre.region("Reached").innerText()).isNotEqualTo(before);
        imre.shot("lay-ways");
    }

    @Test
    @Order(10)
    void heRehearsesIt() {
        imre.tab("Rehearse");
        inAside("10,000").click();
        inAside("left").click();
        inAside("5 cm").click();
        inAside("Rehearse").click();
        Locator answer = imre.region("Rehearsal");
        assertThat(answer).containsText("10,000 falls, seed 1");
        assertThat(answer.locator("svg")).hasAttribute("aria-label", Pattern.compile("Side view, 9[0-9] degrees.*"));
        double planned = degrees(answer, 1);
        assertThat(degrees(answer, 2))
                .as("a rotten corner and a notch askew spread it wider")
                .isGreaterThan(planned);
        imre.shot("lay-rehearse");
    }

    private static double degrees(Locator answer, int column) {
        return Double.parseDouble(answer.locator("tbody tr")
                .first()
                .locator("td")
                .nth(column)
                .innerText()
                .replaceAll("[^0-9.]", ""));
    }

    @Test
    @Order(11)
    void sheetsAndFilesShowTheSavedLay() throws IOException {
        imre.tab("Reach");
        assertThat(new String(Files.readAllBytes(taken("Sheet to scale, PDF")), 0, 5, StandardCharsets.ISO_8859_1))
                .isEqualTo("%PDF-");
        String svg = Files.readString(taken("SVG"));
        assertThat(svg)
                .contains("1 : 750 on A4")
                .contains("lay 084°")
                .contains("exclusion ring: lock wall")
                .contains("Fixed. Written out by Imre Halloway");
        String geo = Files.readString(taken("GeoJSON, local"));
        assertThat(geo)
                .contains("\"antevidFrame\" : \"local-metres\"")
                .contains("\"what\" : \"way out\"")
                .contains("\"cleared\" : true")
                .contains("\"zone\" : \"ring\"");
        assertThat(Files.readString(taken("GeoJSON, WGS 84"))).contains("-29.2").doesNotContain("antevidFrame");
    }

    private Path taken(String link) {
        Download download = imre.page.waitForDownload(() -> imre.page
                .getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName(link).setExact(true))
                .click());
        return download.path();
    }

    @Test
    @Order(12)
    void aNewMeasureMakesTheFixedLayOutOfDateAndSaysByHowMuch() {
        imre.tab("Rests on");
        assertThat(imre.region("Rests on")).containsText("height");
        assertThat(imre.region("Rests on")).containsText(Pattern.compile("just now|ago"));
        imre.stage(2);
        inAside("S1").click();
        imre.tab("Measure");
        inAside("Height").click();
        imre.fill("Distance", "24");
        imre.fill("Angle to the top", "43");
        imre.fill("Angle to the base", "-5.5");
        imre.button("Keep this sighting");
        assertThat(aside()).containsText("3 sightings");
        imre.stage(3);
        assertThat(imre.region("Out of date")).containsText("height was 2");
        assertThat(imre.region("Out of date")).containsText(Pattern.compile("reach 2\\d\\.\\d\\sm → 2\\d\\.\\d\\sm"));
        imre.button("Fix lay 084° and its drop zone");
        assertThat(imre.page.locator(".next")).containsText("Next: the cuts");
        assertThat(browsers.errors()).isEmpty();
    }
}

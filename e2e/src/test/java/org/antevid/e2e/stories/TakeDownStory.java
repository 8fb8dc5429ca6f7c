package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/**
 * Stage 5, taken down in pieces: a lime is measured, its limbs are drawn, pieces are proposed, a cut is dragged until
 * the weakest link is over, shortened again, kept; the climber says No.
 */
class TakeDownStory extends DemoStory {
    /** Says what lies on the crowns today. */
    private static final String CROWNS = """
        async (load) => {
          const job = location.pathname.split('/')[2];
          const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
          await fetch(`/api/jobs/${job}/place/day`, {
            method: 'PUT',
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
            body: JSON.stringify({ load }),
          });
        }""";

    private static final String MEASURED = """
        async () => {
          const job = location.pathname.split('/')[2];
          const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
          const stems = await (await fetch(`/api/jobs/${job}/stems`)).json();
          const lime = stems.find((s) => s.label === 'S6').id;
          const seen = [
            ['GIRTH', { girthM: 1.57 }],
            ['EYE_HEIGHT', { heightM: 16 }],
            ['EYE_LEAN', { leanDeg: 3, azimuthDeg: 120 }],
            ['EYE_CROWN', { radiusM: 4 }],
          ];
          const answers = [];
          for (const [kind, numbers] of seen) {
            const r = await fetch(`/api/jobs/${job}/stems/${lime}/sightings`, {
              method: 'POST',
              headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
              body: JSON.stringify({ kind, numbers }),
            });
            answers.push(r.status);
          }
          return answers;
        }""";

    private Locator group(String name) {
        return imre.page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private void tap(String group, String button) {
        group(group)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(button).setExact(true))
                .click();
    }

    private void limb(String atM, String side, String thick, String longM) {
        imre.fill("Leaves the stem at", atM);
        tap("It grows to the", side);
        tap("How thick", thick);
        imre.fill("How long", longM);
        imre.button("Draw it");
    }

    private void gear() {
        imre.choose("Line", "lowering line");
        imre.choose("Block", "lowering block");
        imre.choose("Sling", "anchor sling");
        imre.choose("Brake", "lowering brake");
    }

    @Test
    @Order(1)
    void whatIsNotMeasuredIsAskedForFirst() {
        imre.open("Withy Lock");
        imre.stage(5);
        imre.tab("Take down");
        imre.choose("Which stem", "S6");
        assertThat(aside()).containsText("First measure or look at");
        imre.tab("Aloft");
        assertThat(imre.region("Aloft")).containsText("not known yet who may be up there");
        assertThat(imre.region("Aloft")).containsText("height not measured");
        imre.tab("Pieces");
    }

    /** By somebody else, on another screen: this one asks for no more than what has changed. */
    @Test
    @Order(2)
    void theLimeIsMeasuredMeanwhile() {
        Object answers = imre.page.evaluate(MEASURED);
        assertThat(answers).isEqualTo(List.of(201, 201, 201, 201));
        assertThat(imre.region("S6 from the side")).isVisible();
        assertThat(aside()).containsText("of crown is no limb on the figure");
        assertThat(aside()).not().containsText("First measure or look at");
    }

    @Test
    @Order(3)
    void limbsAreDrawnGearIsChosenAndPiecesAreProposed() {
        imre.tab("Limbs");
        limb("7", "SE", "15 cm", "5");
        limb("8", "NW", "15 cm", "5");
        limb("10", "NE", "8 cm", "3");
        assertThat(imre.region("Limbs")).containsText("L3");
        imre.button("Next: what it hangs on");
        gear();
        imre.button("Next: let pieces be proposed");
        imre.tab("Pieces");
        Locator pieces = imre.region("S6 taken down").locator("ol li");
        assertThat(pieces.first()).isVisible();
        assertThat(pieces.count()).isBetween(5, 30);
        assertThat(aside().locator("ol [data-severity=STOP]")).hasCount(0);
        assertThat(imre.region("S6 from the side")).containsText("kg");
        imre.shot("takedown");
    }

    /** What nobody has kept yet is reckoned anew as well when the day changes on another screen. */
    @Test
    @Order(4)
    void iceOnTheCrownsMakesTheUnkeptPiecesHeavier() {
        Locator figure = imre.region("S6 from the side");
        String dry = figure.textContent();
        imre.page.evaluate(CROWNS, "ICE");
        assertThat(figure).not().hasText(dry);
        imre.page.evaluate(CROWNS, "NONE");
        assertThat(figure).hasText(dry);
    }

    /** Taking the side that balances the lean first lifts the curve, and says by how much. */
    @Test
    @Order(5)
    void thePieceThatBalancesTheLeanIsASecondOpinion() {
        imre.button("Keep this plan");
        assertThat(imre.page.getByText("Keep this plan")).hasCount(0);
        imre.openPoints();
        assertThat(imre.page.locator(".finding").filter(new Locator.FilterOptions().setHasText("it balances the lean")))
                .hasCount(1);
        imre.openPoints();
    }

    @Test
    @Order(6)
    void aCutIsMovedEveryLinkFollowsAndThePieceIsShortened() {
        Locator rows = imre.region("S6 taken down").locator("ol li button");
        rows.filter(new Locator.FilterOptions().setHasText("tied below, let run"))
                .filter(new Locator.FilterOptions().setHasText("stem from"))
                .last()
                .click();
        Locator card = aside().locator("section[aria-label^='Piece ']").first();
        assertThat(card).containsText("weakest:");
        group("Line held, or let run").getByRole(AriaRole.BUTTON).first().click();
        assertThat(card).containsText("it falls into the line with no run");
        Locator shorten = imre.page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Shorten it to")));
        // so thick a stem is too heavy however short it is cut; higher up it can be shortened
        assertThat(card).containsText("no length is short enough");
        assertThat(shorten).hasCount(0);
        group("Line held, or let run").getByRole(AriaRole.BUTTON).nth(1).click();
        imre.shot("takedown-chain");
        Locator cutter = imre.region("S6 from the side").getByRole(AriaRole.SLIDER);
        cutter.focus();
        double at = Double.parseDouble(cutter.getAttribute("aria-valuenow"));
        for (int n = 0; n < 4; n++) {
            cutter.press("ArrowDown");
        }
        assertThat(cutter).hasAttribute("aria-valuenow", Pattern.compile("%.1f.*".formatted(at - 0.4)));
        assertThat(card).containsText("0.8 m now");
        int before = rows.count();
        shorten.click();
        assertThat(rows).hasCount(before + 1);
        imre.shot("takedown-shortened");
    }

    @Test
    @Order(7)
    void theClimbersNoStopsItAndShowsWhatWasChosenInstead() {
        imre.tab("Aloft");
        assertThat(imre.region("Aloft")).containsText("the whole tree may be climbed");
        imre.choose("Who climbs", "Nadia Quill");
        imre.choose("If the climber says No", "a platform");
        imre.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Keep this plan")))
                .first()
                .click();
        assertThat(imre.page.getByText("Keep this plan")).hasCount(0);
        imre.fill("The climber hangs at", "9");
        imre.button("The climber says No");
        assertThat(aside().getByRole(AriaRole.ALERT)).containsText("Nadia Quill, 9.0 m. Chosen for it: a platform");
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("said No at 9.0 m; instead: a platform")))
                .hasCount(1);
        imre.openPoints();
        assertThat(imre.region("Aloft")).containsText("Only Nadia Quill takes the No back");
        assertThat(imre.page.getByText("I take my No back")).hasCount(0);
        imre.shot("takedown-no");
    }

    @Test
    @Order(8)
    void anAlderWhosePlateHasLiftedIsNotClimbed() {
        imre.choose("Which stem", "S5");
        imre.tab("Aloft");
        assertThat(imre.region("Aloft")).containsText("nobody aloft, picked from outside");
        assertThat(imre.region("Aloft")).containsText("the root plate has lifted");
        imre.choose("Which stem", "S4");
        imre.tab("Aloft");
        assertThat(imre.region("Aloft")).containsText("only from a platform or basket");
        assertThat(imre.region("Aloft")).containsText("nothing rigged above 1.6 m");
        assertThat(imre.region("Aloft")).containsText("nobody looked");
    }

    /** Over friction on another tree, so that the block hangs in sound wood below the split. */
    @Test
    @Order(9)
    void aLineFromAnotherTreeHoldsWhatMayNotHangAboveTheSplit() {
        imre.tab("Gear");
        gear();
        imre.tab("Pieces");
        imre.button("Add a cut");
        imre.choose("How it comes down", "tied above");
        assertThat(aside()).containsText("; nothing above 1.6 m");
        imre.choose("How it comes down", "drawn across");
        assertThat(aside()).containsText("Say the second line and its tree");
        imre.tab("Gear");
        imre.button("Rig a second line");
        imre.choose("Line from that tree", "pull line");
        imre.fill("Bearing to it", "325");
        imre.fill("How far off", "6");
        imre.fill("How high on it", "18");
        imre.fill("Let down first", "1");
        imre.fill("Drawn across by", "3");
        tap("Somebody looked at it: is it sound?", "sound");
        tap("Which line holds the piece first?", "this one, over friction there");
        imre.choose("Friction on that tree", "lowering brake");
        imre.choose("Its sling", "anchor sling");
        imre.tab("Pieces");
        assertThat(aside()).containsText("lowering brake is chosen for two places at once");
        assertThat(aside()).not().containsText("; nothing above 1.6 m");
        imre.tab("Gear");
        imre.choose("Friction on that tree", "friction for aloft");
        imre.tab("Pieces");
        assertThat(aside()).not().containsText("chosen for two places");
        assertThat(aside()).containsText("that line tight before the cut");
        assertThat(aside()).containsText("in the line over there");
        assertThat(aside()).containsText("friction on the other tree");
        imre.shot("takedown-held-first");
    }

    @Test
    @Order(10)
    void onAPhoneTheWeakestLinkIsReadFirst() {
        imre.page.setViewportSize(390, 844);
        imre.choose("Which stem", "S6");
        assertThat(aside()).containsText("weakest:");
        imre.shot("takedown-phone");
        imre.button("Hide the plan");
        assertThat(imre.page.getByTestId("site-plan")).isHidden();
        imre.shot("takedown-phone-roomy");
        imre.button("Show the plan");
        assertThat(imre.page.getByTestId("site-plan")).isVisible();
        imre.tab("Gear");
        imre.shot("takedown-phone-gear");
        imre.tab("Pieces");
        imre.page.setViewportSize(1280, 800);
    }

    private Locator next(String name) {
        return imre.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                .first();
    }

    /** The plan is made anew after the No; each piece is a step with who climbs, brakes and stands by. */
    @Test
    @Order(11)
    void thePiecesBecomeStepsOfTheCrew() {
        imre.choose("Which stem", "S6");
        imre.tab("Pieces");
        next("^Next: plan the rest anew").click();
        assertThat(aside()).containsText("how high does the platform reach");
        imre.tab("Aloft");
        imre.fill("Platform or basket reaches", "17");
        imre.choose("Who says these numbers", "Tove Arkwright");
        imre.tab("Pieces");
        assertThat(aside()).not().containsText("how high does the platform reach");
        next("^Keep this plan").click();
        assertThat(aside().getByRole(AriaRole.ALERT)).hasCount(0);
        next("^Put \\d+ steps").click();
        assertThat(aside()).containsText("S6: platform up, reach tried, clipped in");
        assertThat(aside()).containsText("S6: lower all above");
        assertThat(aside()).containsText("Nadia Quill, climber in the tree");
        assertThat(aside()).containsText("Sefa Marsh, brake hand at");
        assertThat(aside()).not().containsText("where the climber stands is not set");
        assertThat(aside()).not().containsText("is to rescue and");
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("where a piece can end")))
                .hasCount(0);
        imre.openPoints();
        imre.shot("takedown-crew");
    }
}

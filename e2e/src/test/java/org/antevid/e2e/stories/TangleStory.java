package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.List;
import org.antevid.e2e.pages.Looked;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/**
 * Stage 5: three thrown alders are entered by taps, the order is read, the plate is held, a cut is tried, a ring of
 * stems stops the work, and what hangs gets no lay.
 */
class TangleStory extends DemoStory {
    private Locator chosen(String label) {
        return imre.region("What rests on what, the uppermost on top")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(label))
                .first();
    }

    private void pose(String label, double[] butt, double[] tip) {
        chosen(label).click();
        imre.button("Where it lies");
        Locator taps = imre.region("Where " + label + " lies").getByRole(AriaRole.BUTTON);
        taps.nth(0).click();
        imre.tapPlan(butt[0], butt[1]);
        taps.nth(1).click();
        imre.tapPlan(tip[0], tip[1]);
        imre.fill("Butt above ground", String.valueOf(butt[2]));
        imre.fill("Tip above ground", String.valueOf(tip[2]));
        imre.button("Keep where it lies");
        assertThat(imre.region("Seen of " + label)).containsText("two taps, Imre Halloway");
    }

    private void rest(String label, double x, String on, String which) {
        chosen(label).click();
        imre.button("A rest");
        imre.fill("From the butt", String.valueOf(x));
        imre.choose("Touches", on);
        if (!which.isEmpty()) {
            imre.choose("Which", which);
        }
        imre.button("Keep this rest");
        assertThat(imre.region("A rest of " + label)).hasCount(0);
    }

    @Test
    @Order(1)
    void whatHangsGetsNoLayAndNoHandCut() {
        imre.open("Withy Lock");
        imre.stage(3);
        inAside("S2").click();
        assertThat(aside()).containsText("it gets no lay");
        imre.button("Next: take S2 apart");
        assertThat(imre.region("Seen of S2")).containsText("own stump, hold partly");
        imre.tab("Cut");
        assertThat(imre.region("S2 from the side")).containsText("No hand cut here");
        assertThat(aside()).containsText("No safe hand cut on it");
        imre.tab("Order");
        assertThat(imre.region("Release order")).containsText("42 m downhill");
        assertThat(imre.region("Release order")).containsText("it hangs");
    }

    @Test
    @Order(2)
    void threeAldersAreEnteredByTapsAndTheOrderIsRead() {
        imre.tab("Picture");
        for (String alder : List.of("S7", "S8")) {
            chosen(alder).click();
            Locator ended = imre.region("Seen of " + alder).getByText("No longer");
            for (int n = ended.count(); n > 0; n--) {
                ended.first().click();
                assertThat(ended).hasCount(n - 1);
            }
        }
        pose("S9", new double[] {73, 29, 0.5}, new double[] {84, 31, 0.3});
        pose("S8", new double[] {78, 24, 0.2}, new double[] {79, 36, 1.2});
        pose("S7", new double[] {74, 35, 0.2}, new double[] {84, 33, 2.4});
        rest("S8", 6, "stem", "S9");
        rest("S7", 4.8, "stem", "S8");
        rest("S7", 0.3, "ground", "");
        imre.tab("Order");
        Locator order = imre.region("Release order");
        String read = order.innerText();
        assertThat(read.indexOf("S7:")).isLessThan(read.indexOf("S8:"));
        assertThat(read.indexOf("S8:")).isLessThan(read.indexOf("S9:"));
        assertThat(order).containsText("takes the load off S8");
    }

    @Test
    @Order(3)
    void aCutIsDraggedAlongTheUppermostAlder() {
        imre.tab("Picture");
        chosen("S7").click();
        imre.tab("Cut");
        assertThat(imre.region("A cut of S7")).containsText("Both parts after the cut");
        assertThat(imre.region("A cut of S7")).not().containsText("Curved plunge");
        imre.page.getByLabel("branches in the way").check();
        assertThat(imre.region("A cut of S7")).containsText("Curved plunge, in two passes: second opinion");
        assertThat(imre.region("A cut of S7")).containsText("sweep");
        imre.page.getByLabel("branches in the way").uncheck();
        assertThat(imre.region("A cut of S7")).not().containsText("Curved plunge");
        String before = imre.region("A cut of S7").locator("h1").textContent();
        Locator marker = imre.page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Where to cut, from the butt"));
        marker.focus();
        for (int i = 0; i < 8; i++) {
            marker.press("ArrowRight");
        }
        assertThat(imre.region("A cut of S7").locator("h1")).not().hasText(before);
        assertThat(imre.region("A cut of S7")).containsText("Stand ");
        imre.shot("tangle-cut");
        limb("left", "pressed up", 2);
        limb("on top", "not bent", 1);
        Locator limbs = imre.region("Limbs of S7");
        assertThat(limbs.locator("li").first()).containsText("on top");
        assertThat(limbs.locator("li").nth(1)).containsText("the stem lies on it");
        assertThat(limbs.locator("li").nth(1)).containsText("squeezed above");
        assertThat(limbs.locator("li").nth(1)).containsText("relief cut from the top");
        assertThat(limbs.locator("li").nth(1)).containsText("release cut, stepped from the bottom");
        assertThat(limbs.locator("li").nth(1)).containsText("then the stem rolls");
        assertThat(limbs).containsText("stop at the last tenth");
        limbs.scrollIntoViewIfNeeded();
        imre.shot("tangle-limbs");
        limbs.locator("li").first().getByText("It is off").click();
        assertThat(limbs.locator("li")).hasCount(1);
    }

    /** Three taps and one to keep it. */
    private void limb(String grows, String bent, int thick) {
        Locator limbs = imre.region("Limbs of S7");
        limbs.getByText(grows, new Locator.GetByTextOptions().setExact(true))
                .last()
                .click();
        limbs.getByText(bent, new Locator.GetByTextOptions().setExact(true))
                .last()
                .click();
        limbs.getByLabel("How thick, at most").locator("label").nth(thick).click();
        limbs.getByText("Add this limb").click();
        assertThat(limbs.locator("li").filter(new Locator.FilterOptions().setHasText(grows + ",")))
                .hasCount(1);
    }

    @Test
    @Order(4)
    void aKerfThatSaysOtherwiseStopsUntilThePictureIsEnteredAnew() {
        imre.tab("Picture");
        imre.tab("Cut");
        Locator cut = imre.region("A cut of S7");
        assertThat(imre.region("S7 from the side")).containsText("The bar pinches on top");
        imre.button("opens at the top");
        assertThat(cut).containsText("The kerf says otherwise than the picture");
        assertThat(cut).not().containsText("Cut in this order");
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("S7: the kerf showed another side")))
                .isVisible();
        imre.openPoints();
        imre.tab("Picture");
        pose("S7", new double[] {74, 35, 0.2}, new double[] {84, 33, 2.4});
        imre.tab("Cut");
        assertThat(imre.region("A cut of S7")).containsText("Cut in this order");
        imre.button("closes at the top");
        assertThat(imre.region("A cut of S7")).not().containsText("The kerf says otherwise");
        assertThat(imre.region("A cut of S7")).containsText("Cut in this order");
    }

    @Test
    @Order(5)
    void aRaisedPlateIsHeldBeforeTheLoadGoes() {
        imre.tab("Picture");
        chosen("S9").click();
        imre.button("Plate, bend, not seen");
        imre.fill("Width across the fall", "1.8");
        imre.fill("Height along the fall", "1.6");
        imre.fill("Thickness", "0.4");
        imre.fill("Turned by", "85");
        imre.button("Keep it");
        assertThat(imre.region("Seen of S9")).containsText("plate up: 1.8 m wide");
        assertThat(aside()).containsText("S9 lies with its plate up");
        imre.tab("Plate");
        imre.fill("Cut, from the butt", "6");
        imre.button("Add this cut");
        imre.fill("Cut, from the butt", "2");
        imre.button("Add this cut");
        imre.fill("Machine holds it at", "1.5");
        assertThat(imre.region("Plate of S9")).containsText("before the first cut: stays");
        assertThat(imre.region("Plate of S9")).containsText("hold with");
        imre.shot("tangle-plate");
        imre.tab("Order");
        assertThat(imre.region("Release order")).containsText("hold down the plate of S9");
        Locator missing = imre.region("Not yet among the steps of the crew");
        assertThat(missing).containsText("S7");
        missing.getByRole(AriaRole.BUTTON).click();
        assertThat(missing).hasCount(0);
        imre.stage(6);
        assertThat(aside()).containsText("S9");
        imre.stage(5);
    }

    @Test
    @Order(6)
    void aRingOfStemsStopsUntilItIsLookedAtAgain() {
        imre.tab("Picture");
        imre.choose("Upper stem", "S9");
        imre.choose("Lower stem", "S7");
        imre.button("Record it");
        imre.tab("Order");
        assertThat(imre.region("Release order")).containsText("S7, S8, S9 hold each other");
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("hold each other")))
                .isVisible();
        imre.openPoints();
        imre.shot("tangle-ring");
        hold("12");
        assertThat(imre.region("Release order")).containsText("does not count: rated below one and a half times");
        assertThat(imre.region("Release order")).containsText("hold each other");
        hold("60");
        assertThat(imre.region("Release order")).containsText("S9 is held: machine, Tove Arkwright minds it");
        assertThat(imre.region("Release order")).not().containsText("hold each other");
        assertThat(imre.region("Release order")).containsText("S9 is held, tight, and nobody beneath it");
        assertThat(imre.region("Release order")).containsText("S9: let it go, everybody outside its ring");
        imre.shot("tangle-held");
        imre.button("Let go");
        assertThat(imre.region("Release order")).containsText("hold each other");
        imre.tab("Picture");
        imre.page
                .locator("li")
                .filter(new Locator.FilterOptions().setHasText("S9 rests on S7"))
                .getByText("Take back")
                .click();
        imre.tab("Order");
        assertThat(imre.region("Release order")).not().containsText("hold each other");
    }

    private void hold(String ratedKN) {
        imre.choose("Which is held", "S9");
        imre.choose("Who minds it", "Tove Arkwright");
        imre.fill("Rated for", ratedKN);
        imre.button("It is held");
    }

    /** A tape at 34 m where the ring reaches 42 m downhill. */
    private void aTapeTooNearIsShort() {
        imre.tab("Leave");
        imre.fill("Nearest tape from its foot", "34");
        imre.fill("Tape downhill", "34");
        imre.button("Keep what is closed");
        assertThat(imre.region("Closure around S2")).containsText("8 m short");
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("what is closed ends inside the ring")))
                .isVisible();
        imre.openPoints();
        imre.fill("Tape downhill", "42");
        imre.choose("Handed over to", "Tove Arkwright");
        imre.button("Keep what is closed");
        assertThat(imre.region("Closure around S2")).containsText("Closed all the way round the ring");
        imre.shot("tangle-leave");
    }

    @Test
    @Order(7)
    void aTieToTheKeptTreeLeavesTheMachineAlone() {
        imre.tab("Picture");
        imre.choose("Upper stem", "S2");
        imre.choose("Relation", "is tied to");
        imre.choose("Lower stem", "S3");
        imre.choose("What the tie does", "holds it back");
        imre.button("Record it");
        imre.tab("Order");
        assertThat(imre.region("Release order")).containsText("S2: sever its tie to S3");
        assertThat(imre.region("Release order")).containsText("it is tied to something that stays");
        imre.tab("Picture");
        imre.page
                .locator("li")
                .filter(new Locator.FilterOptions().setHasText("S2 is tied to S3"))
                .getByText("Take back")
                .click();
        aTapeTooNearIsShort();
        theWinchIsTapped();
    }

    /** Where it stands decides the force; round a block nobody stands in the bend. */
    private void theWinchIsTapped() {
        imre.tab("Order");
        Locator drag = imre.region("Drag S2 out");
        assertThat(drag).containsText("Where the winch stands decides the force");
        drag.getByText("Tap the winch").click();
        imre.tapPlan(64, 70);
        assertThat(drag).containsText("The winch has to bring");
        assertThat(drag).containsText("off its axis");
        drag.getByText("Round a block").click();
        imre.tapPlan(40, 62);
        assertThat(drag).containsText("Block: tapped");
        imre.page.waitForTimeout(400);
        drag.getByText("Winch elsewhere").click();
        imre.tapPlan(70, 44);
        assertThat(drag).containsText("Nobody inside the bend of the line");
        imre.shot("tangle-drag");
        imre.button("Tie the butt of S2 off");
        Locator tie = imre.region("Tie the butt of S2 off");
        tie.getByText("Tap the anchor").click();
        imre.tapPlan(30, 52);
        imre.fill("Line paid out", "3");
        imre.fill("Tied from the butt", "0.5");
        imre.button("Keep this line");
        imre.refused("shorter than the way from the anchor to the tie");
        imre.fill("Line paid out", "20");
        imre.button("Keep this line");
        assertThat(tie).containsText("The butt stays within");
        assertThat(tie).containsText("by its lie alone");
        imre.shot("tangle-tied");
    }

    /** Specialist work is written down; nothing goes on before somebody has entered how it hangs now. */
    @Test
    @Order(8)
    void aPieceCutOffWhileItHangsIsARecordAndThePictureIsEnteredAnew() {
        imre.tab("Picture");
        chosen("S2").click();
        imre.tab("Cut");
        imre.button("A piece was cut off S2 while it hangs");
        imre.choose("Who cut", "Nadia Quill");
        imre.button("Record this cut");
        imre.refused("winch");
        imre.page.getByLabel("winch on and tight").check();
        imre.button("Record this cut");
        // the refusal above the tabs goes when it is kept, and what is beneath it moves up
        assertThat(imre.page.getByText("Record this cut")).hasCount(0);
        imre.tab("Picture");
        assertThat(imre.region("Seen of S2")).containsText("a piece was cut off. Enter where it hangs now");
        assertThat(imre.page.getByText("As it was")).hasCount(0);
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("S2 lost a piece while it hangs")))
                .isVisible();
        imre.openPoints();
        pose("S2", new double[] {14.4, 42.8, 0.9}, new double[] {6, 36.5, 8});
        assertThat(imre.region("Seen of S2")).not().containsText("a piece was cut off");
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("S2 lost a piece")))
                .hasCount(0);
        imre.openPoints();
    }

    /** The willow's leader lies across the rail: who is on the bridge, in what pieces it comes off. */
    @Test
    @Order(9)
    void theTornLeaderComesOffTheBridgePieceByPiece() {
        imre.tab("Picture");
        chosen("S4b").click();
        assertThat(imre.region("Seen of S4b")).containsText("torn leader of S4 at 2.6 m");
        assertThat(imre.region("Seen of S4b")).containsText("its tear on S4, hold partly");
        Locator bridge = imre.region("On footbridge, before anything is lifted");
        bridge.getByLabel("people out at footbridge: not so").click();
        imre.openPoints();
        assertThat(imre.stops().filter(new Locator.FilterOptions().setHasText("people out")))
                .isVisible();
        imre.openPoints();
        bridge.getByLabel("people out at footbridge: done").click();
        assertThat(bridge).containsText("all answered");
        Locator off = imre.region("S4b off footbridge, piece by piece");
        assertThat(off.locator("li")).hasCount(1);
        imre.fill("Cut, from the butt", "6");
        off.getByText("Add this cut").click();
        assertThat(off.locator("li[data-kind=FLOATS]")).containsText("6.0 m to 8.2 m");
        assertThat(off.locator("li[data-kind=TRUNK]")).containsText("on footbridge");
        off.scrollIntoViewIfNeeded();
        imre.shot("tangle-take-off");
        off.getByText("Add these turns to Crew").click();
        assertThat(off).containsText("In Crew");
        imre.stage(6);
        assertThat(aside()).containsText("S4b: the piece beyond 6.0 m");
        assertThat(aside()).containsText("hold S4b beyond 6.0 m");
        imre.stage(5);
        imre.tab("Picture");
        chosen("S4b").click();
    }

    /** What is closed is drawn too small; the picture goes out as a file and comes back as a look of its own. */
    @Test
    @Order(10)
    void aDrawnLineIsMeasuredAgainstTheRingAndTheFileComesBackAsANewLook() {
        imre.tab("Leave");
        Locator closure = imre.region("Closure around S2");
        closure.getByText("Draw it on the plan").click();
        imre.tapPlan(15, 35);
        imre.tapPlan(40, 35);
        imre.tapPlan(40, 55);
        imre.tapPlan(15, 55);
        imre.tapPlan(15, 55);
        assertThat(closure).containsText("Drawn: draw again");
        imre.button("Keep what is closed");
        assertThat(closure).containsText("short: close it farther out");
        String job = imre.page.url().replaceAll(".*/jobs/([^/]+)/.*", "$1");
        String file = (String)
                imre.page.evaluate("async (job) => (await fetch('/api/jobs/' + job + '/tangle/file')).text()", job);
        imre.tab("Picture");
        Locator reads = imre.page.locator("input[type=file][accept*=json]");
        reads.setInputFiles(new FilePayload("notes.txt", "text/plain", "no picture".getBytes(UTF_8)));
        assertThat(imre.page.getByText("notes.txt is no JSON file")).isVisible();
        reads.setInputFiles(new FilePayload("tangle.json", "application/json", file.getBytes(UTF_8)));
        assertThat(imre.page.getByText("notes.txt is no JSON file")).hasCount(0);
        chosen("S2").click();
        assertThat(imre.region("Seen of S2")).containsText("fork of S3");
    }

    /** A limb of the lime is torn: a stem of its own in four taps, and what it hangs over in one. */
    @Test
    @Order(11)
    void aTornLimbIsAddedAndWhatItHangsOverIsTapped() {
        imre.button("A leader, top or limb torn off");
        Locator torn = imre.region("A part torn off");
        torn.getByText("big limb").click();
        imre.choose("Part of", "S6");
        imre.fill("Torn off at", "5");
        imre.button("Add this part");
        assertThat(imre.region("Seen of S6b")).containsText("big limb of S6 at 5.0 m");
        assertThat(imre.region("Seen of S6b")).containsText("its tear on S6, hold partly");
        imre.choose("Upper stem", "S6b");
        imre.choose("Relation", "hangs over");
        imre.button("Tap what it hangs over");
        imre.tapPlan(30, 57);
        assertThat(imre.page
                        .locator("li")
                        .filter(new Locator.FilterOptions().setHasText("S6b hangs over work spot below S6b")))
                .isVisible();
        imre.tab("Order");
        assertThat(imre.region("Release order")).containsText("work spot below S6b");
        assertThat(imre.region("Release order")).containsText("nothing of it hangs over work spot below S6b any more");
    }

    @Test
    @Order(12)
    void onThePhoneTheSideComesFirst() {
        imre.page.setViewportSize(390, 844);
        imre.tab("Picture");
        chosen("S7").click();
        imre.page.waitForTimeout(400);
        Looked.at(imre.page, "tangle-phone");
        assertThat((Integer) imre.page.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
    }
}

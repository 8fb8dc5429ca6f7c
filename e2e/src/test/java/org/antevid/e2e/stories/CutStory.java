package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.antevid.e2e.pages.CrewPhone;
import org.antevid.e2e.pages.JobPage;
import org.antevid.e2e.pages.Looked;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/**
 * Stage 4 in full: the dead top takes no wedge blows; planned against its lean with a line and a second one; the face
 * is opened, decay is found, the crew is briefed anew.
 */
class CutStory extends DemoStory {
    private Page nadia;

    private Locator cutCard() {
        return imre.region("Cut card");
    }

    private void again(String button, int times) {
        for (int i = 0; i < times; i++) {
            imre.page
                    .getByLabel(button, new Page.GetByLabelOptions().setExact(true))
                    .click();
        }
    }

    @Test
    @Order(1)
    void underADeadTopNoWedgeIsDriven() {
        imre.open("Withy Lock");
        imre.stage(4);
        inAside("S1").click();
        assertThat(cutCard()).containsText("hinge, left end");
        assertThat(cutCard()).containsText("125 mm from bark");
        imre.tab("Wedges");
        assertThat(imre.region("Wedges")).containsText("dead top at 19 m: no wedge blows beneath it");
        assertThat(imre.region("Wedges")).containsText("Not enough");
        assertThat(imre.region("Wedges")).containsText("they do not lift far enough");
        assertThat(imre.region("Wedges")).containsText("Next, what does it first");
        assertThat(imre.region("What comes next"))
                .containsText(Pattern.compile(
                        "machine line tied 15\\.5 m up, 39 m out \\(proposed\\): needs .* kg on the rope\\).*does it"));
        imre.tab("Line");
        inAside("wedges").click();
        assertThat(aside()).containsText("Control not proven");
        imre.button("Save this cut card");
        imre.openPoints();
        assertThat(imre.page
                        .locator(".finding[data-severity=SECOND_OPINION]")
                        .filter(new Locator.FilterOptions().setHasText("wedge blows shake it loose above the cutter"))
                        .first())
                .isVisible();
        assertThat(imre.stops()
                        .filter(new Locator.FilterOptions()
                                .setHasText(Pattern.compile(
                                        "S1: control not proven: the wedges lift \\d+ mm, it may need \\d+ mm")))
                        .first())
                .isVisible();
        imre.openPoints();
    }

    @Test
    @Order(2)
    void itIsPlannedAgainstItsLeanWithALineAndASecondOne() {
        inAside("machine").click();
        assertThat(imre.region("Kit checks")).containsText("winch rope, 12 mm: bears 13.2 kN");
        assertThat(imre.region("Line")).containsText("still air, up");
        assertThat(imre.region("Line")).containsText("Wind against it at 9.0 m/s");
        assertThat(imre.region("Signal")).containsText("read back");
        imre.shot("cuts-line");
        imre.region("Fallback").getByText("second line, hand").click();
        imre.fill("Second rope", "13");
        assertThat(imre.region("Fallback")).containsText("Not enough");
        imre.region("Fallback").getByText("Choose the kit").click();
        imre.region("Fallback")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("5:1").setExact(true))
                .click();
        assertThat(imre.region("Fallback")).containsText("4 people by 5:1, 4.09 in truth");
        imre.region("Fallback").getByText("second line, machine").click();
        imre.fill("Second pull", "12");
        assertThat(imre.region("Fallback")).containsText("Enough");
        imre.tab("Wedges");
        imre.region("Wedges")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("yes").setExact(true))
                .click();
        imre.tab("Card");
        assertThat(imre.region("Steps of the cut"))
                .containsText("Push one wedge in by hand to keep the kerf open; no blow on it");
        assertThat(imre.region("Steps of the cut")).containsText("Line pretensioned");
        assertThat(imre.region("Steps of the cut")).not().containsText("Drive the wedges");
        imre.button("Save this cut card");
        assertThat(imre.page.locator(".next")).containsText("Next: what hangs and lies");
    }

    @Test
    @Order(3)
    void whatCannotBeIsRefusedAtItsField() {
        imre.tab("Measures");
        inAside("another bar").click();
        imre.fill("Bar", "0.03");
        assertThat(imre.region("Own measures")).containsText("must be between 0.15 and 2.5");
        assertThat(imre.page.locator(".next")).isDisabled();
        assertThat(imre.page.getByTestId("stump-figure")).isVisible();
        imre.shot("cuts-refused");
        inAside("saw, short bar, 45 cm").click();
        imre.fill("Notch depth", "700");
        assertThat(imre.region("Own measures"))
                .containsText(Pattern.compile("must be between \\d+\\smm and \\d+\\smm on \\d+\\smm of wood"));
        inAside("take it").click();
        imre.tab("Line");
        imre.button("Move the line");
        imre.fill("Rope", "20");
        assertThat(imre.region("Line"))
                .containsText("must be at most 18.6 m above the cut: above that the top is dead and breaks");
        imre.fill("Rope", "12");
        assertThat(imre.region("Refused")).hasCount(0);
    }

    @Test
    @Order(4)
    void hisOwnMeasuresStandBesideTheComputedOnes() {
        imre.tab("Card");
        assertThat(imre.region("Two answers")).containsText("mechanics");
        imre.button("Take the taper");
        assertThat(cutCard()).containsText("hinge, right end yours");
        assertThat(imre.region("Strap")).containsText(Pattern.compile("holds [2-9]\\.\\d times, down"));
        imre.tab("Measures");
        imre.fill("Strap", "30");
        assertThat(imre.region("Own measures")).containsText(Pattern.compile("computed \\d+\\smm"));
        imre.tab("Card");
        assertThat(imre.region("Strap"))
                .containsText(Pattern.compile("holds [01]\\.\\d times, down; 2 is asked: \\d+\\smm from the bark"));
        imre.tab("Measures");
        imre.fill("Strap", "90");
        again("Face angle less", 3);
        assertThat(imre.page.getByTestId("stump-figure")).containsText("55°");
        imre.tab("Card");
        assertThat(imre.region("Strap")).containsText(Pattern.compile("holds [2-9]\\.\\d times"));
        assertThat(aside()).containsText("the face angle is outside this type of cut");
        imre.tab("Types");
        assertThat(imre.region("Types of cut")).containsText("pulled against its lean the face shuts at 45°");
        imre.region("Types of cut").getByText("open face").first().click();
        assertThat(imre.region("About open face")).containsText("Where people disagree");
        imre.shot("cuts-types");
        imre.tab("Measures");
        again("Face angle more", 3);
        imre.tab("Stuck");
        assertThat(imre.region("It does not move"))
                .containsText("Nobody goes back to the stump until the line is held");
        assertThat(imre.region("It does not move"))
                .containsText(Pattern.compile("an uncut band.*\\+\\d\\.\\d kN", Pattern.DOTALL));
        imre.tab("Card");
        imre.button("Save this cut card");
        assertThat(imre.page.locator(".next")).containsText("Next: what hangs and lies");
        imre.shot("cuts");
    }

    @Test
    @Order(5)
    void itIsBriefedAndTheCardIsOnTheCuttersPhone() {
        imre.stage(3);
        inAside("S1").click();
        imre.button("Fix lay 058° and its drop zone");
        assertThat(imre.page.locator(".next")).containsText("Next: the cuts");
        imre.stage(6);
        imre.choose("Role in step 2", "winch");
        imre.choose("Person for step 2", "Tove Arkwright");
        imre.region("Step 2").getByText("Give the role").click();
        assertThat(imre.region("Step 2")).containsText("Tove Arkwright, winch");
        imre.page.getByLabel("Stand of Tove Arkwright").nth(1).click();
        imre.tapPlan(82, 62);
        imre.stage(7);
        imre.button("Issue briefing 1");
        assertThat(imre.region("Signatures")).containsText("0 of");
        nadia = browsers.phone();
        CrewPhone.join(nadia, server, server.crewCode(), "Nadia Quill", server.wordOf("Nadia Quill"), "2468");
        nadia.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Cut").setExact(true))
                .click();
        assertThat(nadia.locator("section[aria-label^='Cut card S1']")).containsText("notch depth");
        assertThat(nadia.locator("section[aria-label^='Cut card S1']")).containsText("Stand on the right");
        assertThat(nadia.getByTestId("stump-figure")).isVisible();
        Looked.at(nadia, "phone-cut");
    }

    @Test
    @Order(6)
    void theOpenedFaceShowsDecayAndTheCrewIsBriefedAnew() {
        imre.stage(4);
        inAside("S1").click();
        assertThat(imre.region("Opened face")).containsText("planned check");
        imre.button("Enter what the face shows");
        assertThat(inAside("Compute the card anew")).isDisabled();
        assertThat(imre.region("Opened face")).containsText("Nothing counts as sound that nobody has seen");
        imre.fill("Sound from the left bark in", "150");
        imre.fill("Sound from the right bark in", "120");
        imre.region("Opened face").getByText("stressed").click();
        imre.button("Compute the card anew");
        assertThat(imre.region("Opened face")).containsText("150 mm left, 120 mm right");
        assertThat(imre.region("Opened face")).containsText("caution");
        assertThat(imre.page.getByTestId("stump-figure")).containsText("sound to here");
        imre.shot("cuts-opened");
        imre.stage(7);
        assertThat(imre.region("Changed since"))
                .containsText("sound wood in the opened face of S1: 150 mm left, 120 mm right, was not looked at");
        imre.stage(8);
        assertThat(imre.region("Against a go")).containsText("the plan changed since briefing 1");
        assertThat(imre.region("Log")).containsText("face of S1 open: 150 mm sound left, 120 mm right");
        imre.stage(7);
        imre.button("Issue briefing 2");
        assertThat(nadia.locator("section[aria-label^='Cut card S1']")).containsText("sound to here");
        nadia.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Briefing").setExact(false))
                .click();
        assertThat(nadia.locator("[aria-label^='Changed in briefing']")).containsText("opened face of S1");
    }

    @Test
    @Order(7)
    void theCardIsPrintedAndTheKitIsOnTheHousesList() throws IOException {
        imre.stage(4);
        inAside("S1").click();
        Download pdf = imre.page.waitForDownload(() -> imre.page
                .getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("PDF").setExact(true))
                .click());
        assertThat(Files.readAllBytes(pdf.path()))
                .startsWith("%PDF".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
        imre.menu("Feet and inches");
        assertThat(cutCard()).containsText(" in");
        assertThat(cutCard()).not().containsText(" mm from bark");
        // both ends of the hinge, each whole: the thinner alone would be cut too thin at the other
        assertThat(imre.page.getByTestId("stump-figure")).containsText(Pattern.compile("\\d in \\| \\d[\\d /]* in"));
        imre.menu("Metres");
        assertThat(cutCard()).containsText(" mm");
        imre.page.navigate(server.local() + "/house");
        imre.tab("Saws and kit");
        assertThat(imre.region("Saws and kit")).containsText("110.0 kN breaking");
        assertThat(imre.region("Saws and kit").getByText("Take off the list")).hasCount(0);
        assertThat(browsers.errors()).isEmpty();
    }

    /** Set by the owner for the house, said wherever somebody reads: on the card, in the figure, on the phone. */
    @Test
    @Order(8)
    void theHouseSaysTheWordsOfItsRegion() {
        JobPage ottoline = new JobPage(browsers.leader()).signIn(server.local(), "Ottoline Fenn");
        ottoline.page.navigate(server.local() + "/house");
        assertThat(ottoline.page.locator("main")).containsText("usual 2.0, practice rule");
        ottoline.fill("Gust at which work stops", "40");
        ottoline.button("Save the house rules");
        assertThat(ottoline.page.getByRole(AriaRole.ALERT).first()).containsText("20");
        ottoline.shot("house");
        ottoline.fill("Gust at which work stops", "9.5");
        ottoline.page.getByLabel("face, for the notch").check();
        ottoline.page.getByLabel("holding wood, for the hinge").check();
        ottoline.button("Save the house rules");
        assertThat(ottoline.page.getByText("Saved.")).isVisible();
        assertThat(ottoline.page.getByRole(AriaRole.ALERT)).hasCount(0);
        ottoline.page.reload();
        // what is exchanged for what is said as it stands, also where the words are exchanged already
        assertThat(ottoline.page.getByLabel("face, for the notch")).isChecked();
        assertThat(ottoline.page.getByLabel("holding wood, for the hinge")).isChecked();
        ottoline.tab("Species");
        assertThat(ottoline.region("Species")).containsText("poplar");
        ottoline.button("Our figures for beech");
        ottoline.button("Compute with these");
        assertThat(ottoline.page.getByText("what you weighed, tested or read, and where"))
                .isVisible();
        ottoline.fill("What they rest on", "weighed twelve logs at our yard");
        ottoline.fill("Green wood, usual", "1180");
        ottoline.button("Compute with these");
        assertThat(ottoline.page.getByText("must lie between the lightest and the heaviest"))
                .isVisible();
        ottoline.fill("Green wood, usual", "1050");
        ottoline.button("Compute with these");
        assertThat(ottoline.region("Species")).containsText("Our figures: weighed twelve logs at our yard");
        ottoline.tab("Templates");
        assertThat(ottoline.region("Templates")).containsText("straight, wedges");
        ottoline.fill("Called", "dead larch, line");
        ottoline.button("Add to the list");
        assertThat(ottoline.region("Templates")).containsText("dead larch, line");
        ottoline.page.context().close();
        imre.page.navigate(server.local());
        imre.open("Withy Lock");
        imre.stage(4);
        inAside("S1").click();
        assertThat(cutCard()).containsText("face depth");
        assertThat(cutCard()).not().containsText(Pattern.compile("\\b(notch|hinge)", Pattern.CASE_INSENSITIVE));
        assertThat(imre.page.getByTestId("stump-figure")).containsText("holding wood");
        nadia.reload();
        nadia.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Cut").setExact(true))
                .click();
        assertThat(nadia.locator("section[aria-label^='Cut card S1']")).containsText("face depth");
        assertThat(nadia.getByTestId("stump-figure")).containsText("holding wood");
        imre.shot("cuts-regional");
    }
}

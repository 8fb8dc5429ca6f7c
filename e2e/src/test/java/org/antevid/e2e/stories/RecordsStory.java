package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.antevid.e2e.pages.JobPage;
import org.antevid.e2e.pages.Looked;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** What else happened, what follows from it for the next tree, and the logbook as a table. */
class RecordsStory extends DemoStory {
    private static final int WIDE = 800;
    private static final int HIGH = 600;

    @Test
    @Order(1)
    void theBoardSaysWhatComesBack() {
        Locator back = imre.page.getByLabel("What comes back");
        assertThat(back).containsText("Tanner's Reach S6");
        assertThat(back).containsText("Wedges and hammer in reach");
        back.getByRole(AriaRole.LINK).last().click();
        assertThat(imre.page.locator("main")).containsText("10 of 10");
        assertThat(imre.page.locator("main h1")).isVisible();
        Looked.at(imre.page, "drill-of-the-day");
        imre.page.goBack();
    }

    @Test
    @Order(2)
    void aNearMissIsReadAndAnotherToldInFourTapsAndASentence() {
        closed("Fallow Ride");
        imre.stage(9);
        Locator happened = imre.region("What else happened");
        assertThat(happened).containsText("could have been 4 a death, at S4: walker came round the bend");
        tap(happened, "Tell a near miss or damage");
        Locator form = imre.page.getByLabel("Tell a near miss or damage");
        tap(form, "damage");
        tap(form, "1 a scratch");
        tap(form, "S2");
        form.getByLabel("What was hit").fill("track marker");
        form.getByLabel("What happened").fill("top of S2 took the marker down");
        assertThat(form).not().containsText("Missing");
        Looked.at(imre.page, "records-damage");
        tap(form, "Tell it");
        assertThat(happened).containsText("hit: track marker. top of S2 took the marker down");
        assertThat(happened).not().containsText("Imre");
    }

    @Test
    @Order(3)
    void aWeightIsComparedAndAskedBackWhereItCanHardlyBe() {
        closed("Quern Mill Yard");
        imre.stage(9);
        Locator happened = imre.region("What else happened");
        assertThat(happened).containsText("22 % heavier than the 502 kg reckoned");
        tap(happened, "Write down a weight");
        Locator form = imre.page.getByLabel("Write down a weight");
        tap(form, "S4");
        tap(form, "logs");
        tap(form, "load cell");
        form.getByLabel("From", new Locator.GetByLabelOptions().setExact(true)).fill("0.3");
        form.getByLabel("To", new Locator.GetByLabelOptions().setExact(true)).fill("3.3");
        form.getByLabel("Weight", new Locator.GetByLabelOptions().setExact(true))
                .fill("1900");
        tap(form, "Compare with the reckoning");
        assertThat(form.getByRole(AriaRole.ALERT)).containsText("1.9 t weighed where 335 kg was reckoned");
        form.getByLabel("Weight", new Locator.GetByLabelOptions().setExact(true))
                .fill("400");
        Looked.at(imre.page, "records-weight");
        tap(form, "Compare with the reckoning");
        assertThat(happened).containsText("400 kg ± 8 kg, S4, logs 0.3 m to 3.3 m, load cell");
    }

    @Test
    @Order(4)
    void theNextLimeIsHeavierUntilTheLeaderSaysNo() {
        imre.page.navigate(server.local());
        imre.open("Withy Lock");
        imre.stage(3);
        aside().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("S6"))
                .first()
                .click();
        Locator heavier = imre.page.getByLabel(Pattern.compile("weights of lime, logs"));
        assertThat(heavier).containsText("of what is reckoned");
        assertThat(heavier).containsText("In use: what is wider, oftener or heavier holds at once.");
        Looked.at(imre.page, "lay-measured-before");
        tap(heavier, "Do not use it");
        assertThat(heavier).containsText("Not in use by a leader's word");
        assertThat(heavier).containsText("Imre Halloway: not used, at 2 measurements");
        tap(heavier, "Use it");
        assertThat(heavier).containsText("In use: what is wider");
    }

    @Test
    @Order(5)
    void theLogbookGoesOutAsATableAndComesBackUnchanged() throws Exception {
        Page owner = new JobPage(browsers.leader()).signIn(server.local(), "Ottoline Fenn").page;
        owner.navigate(server.local() + "/logbook");
        Locator files = owner.getByLabel("As a table");
        assertThat(files).isVisible();
        // what is above it grows as its answers come
        owner.waitForTimeout(600);
        Download falls = owner.waitForDownload(
                () -> files.getByText("Write the falls out").click());
        Path table = data.resolve("falls.csv");
        falls.saveAs(table);
        assertThat(Files.readAllLines(table)).hasSize(19);
        owner.locator("input[type=file]").setInputFiles(table);
        assertThat(files.getByRole(AriaRole.STATUS)).containsText("18 read: 0 new, 18 known already");
        Files.writeString(table, Files.readString(table).replace("distance_m", "distance_ft"));
        owner.locator("input[type=file]").setInputFiles(table);
        assertThat(files.getByRole(AriaRole.ALERT)).containsText("mixes metres and feet");
        Looked.at(owner, "logbook-files");
        Download shared = owner.waitForDownload(
                () -> files.getByText("Write a file to give away").click());
        Path given = data.resolve("shared.csv");
        shared.saveAs(given);
        assertThat(Files.readString(given))
                .doesNotContain("Nadia")
                .doesNotContain("Fallow")
                .contains("open_face");
    }

    /** The hinge is touched on a photo with a rule in it; what it says is shown with its error before it is sent. */
    @Test
    @Order(6)
    void aStumpIsReadOffAPhotoAndStandsBesideThePlannedOne() throws Exception {
        closed("Tanner's Reach");
        imre.stage(9);
        aside().getByText("S6 is down: tell where it lies").click();
        Locator fall = imre.region("Fall of S6");
        number(fall, "Bearing to the tip").fill("99");
        number(fall, "Distance to the tip").fill("12");
        tap(fall, "tape");
        tap(fall, "it went as guided");
        tap(fall, "More of the stump, photo");
        assertThat(fall).containsText("Its length first, then the photo.");
        number(fall, "What is known, long").fill("300");
        number(fall, "What is known, long").press("Tab");
        fall.locator("input[type=file]").setInputFiles(new FilePayload("stump.png", "image/png", stump()));
        touch(List.of(
                at(250, 560),
                at(550, 560),
                at(400, 520),
                at(400, 60),
                at(240, 230),
                at(240, 290),
                at(560, 230),
                at(560, 270)));
        assertThat(fall)
                .containsText(Pattern.compile("left (59|60|61)\\smm, right (39|40|41)\\smm, across 3(19|20|21)\\smm"));
        fall.getByRole(AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("right end of the hinge"))
                .click();
        imre.page.locator(".ant-select-item-option").getByText("short fibres").click();
        tap(fall, "torn");
        number(fall, "Rolled or slid, right +").fill("0.8");
        Looked.at(imre.page, "stump-form");
        tap(fall, "Compare with the plan");
        Locator stumps = imre.region("Stump of S6, planned and found");
        assertThat(stumps).containsText("stump found, off a photo");
        assertThat(stumps).containsText("right end of the hinge: short fibres");
        assertThat(stumps).containsText("off a photo, each length ±");
        Looked.at(imre.page, "stump-found");
        assertThat(aside().getByLabel("From the go of S6 on")).containsText("GO for fell S6");
    }

    /**
     * Proposed by the leader, approved by the owner alone; in force everywhere, told where the owner sets the rules.
     */
    @Test
    @Order(7)
    void aLessonMakesAHouseRuleStricter() {
        tap(aside(), "Propose a lesson of the whole job");
        Locator learn = imre.page.getByLabel("A lesson of the whole job");
        learn.getByLabel("In own words").fill("stop earlier by the water");
        learn.getByText("a house rule", new Locator.GetByTextOptions().setExact(true))
                .click();
        learn.getByRole(AriaRole.COMBOBOX).click();
        imre.page
                .locator(".ant-select-item-option")
                .getByText("Gust at which work stops")
                .click();
        number(learn, "From now on at most").fill("12");
        tap(learn, "Propose it");
        assertThat(learn.getByRole(AriaRole.ALERT))
                .containsText("a lesson only makes a rule stricter: 10.0 m/s is in force");
        number(learn, "From now on at most").fill("8");
        Looked.at(imre.page, "learn-house-rule");
        tap(learn, "Propose it");
        Page owner = new JobPage(browsers.leader()).signIn(server.local(), "Ottoline Fenn").page;
        owner.navigate(server.local() + "/logbook");
        Locator lesson =
                owner.locator("li").filter(new Locator.FilterOptions().setHasText("stop earlier by the water"));
        assertThat(lesson).containsText("Gust at which work stops: 8.0 m/s");
        tap(lesson, "Approve");
        assertThat(lesson).containsText("stands");
        owner.navigate(server.local() + "/house");
        assertThat(owner.locator("main")).containsText("in force: 8.0 m/s, made stricter by a lesson");
        Looked.at(owner, "house-learned");
        assertThat(browsers.errors()).as("uncaught errors in the pages").isEmpty();
    }

    private static Locator number(Locator in, String label) {
        return in.getByLabel(label, new Locator.GetByLabelOptions().setExact(true))
                .first();
    }

    private static double[] at(int x, int y) {
        return new double[] {x / (double) WIDE, y / (double) HIGH};
    }

    private void touch(List<double[]> places) {
        for (double[] p : places) {
            BoundingBox box = imre.page.getByRole(AriaRole.APPLICATION).last().boundingBox();
            imre.page.mouse().click(box.x + p[0] * box.width, box.y + p[1] * box.height);
        }
    }

    /** One millimetre a dot: a rule below, the notch up. */
    private static byte[] stump() throws Exception {
        BufferedImage photo = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = photo.createGraphics();
        g.setColor(new Color(90, 110, 70));
        g.fillRect(0, 0, WIDE, HIGH);
        g.setColor(new Color(222, 200, 160));
        g.fillOval(200, 100, 400, 400);
        g.setColor(new Color(150, 110, 70));
        g.fillPolygon(new int[] {240, 560, 560, 240}, new int[] {230, 230, 270, 290}, 4);
        g.setColor(Color.WHITE);
        g.fillRect(250, 555, 300, 10);
        g.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(photo, "png", png);
        return png.toByteArray();
    }

    private void closed(String job) {
        imre.page.navigate(server.local());
        imre.page
                .getByText("Closed", new Page.GetByTextOptions().setExact(true))
                .click();
        imre.open(job);
    }

    private static void tap(Locator in, String button) {
        in.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(button).setExact(true))
                .first()
                .click();
    }
}

package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.antevid.e2e.pages.JobPage;
import org.antevid.e2e.pages.Looked;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** What else happened, what follows from it for the next tree, and the logbook as a table. */
class RecordsStory extends DemoStory {
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
        assertThat(browsers.errors()).as("uncaught errors in the pages").isEmpty();
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

package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.antevid.e2e.Server;
import org.antevid.e2e.pages.Cautions;
import org.antevid.e2e.pages.CrewPhone;
import org.antevid.e2e.pages.JobPage;
import org.antevid.e2e.pages.Keys;
import org.antevid.e2e.pages.Looked;
import org.antevid.e2e.pages.Ordinary;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/**
 * The leader holds the saw and one phone: he plans an ordinary tree, signs, runs it from the phone; a crew phone
 * sleeps, wakes without a server, and its HOLD arrives.
 */
class LeaderCutsStory extends DemoStory {
    private static final String PASSPHRASE = "three short one long";
    private Page his;
    private Page sefa;
    private Page oren;
    private String job;

    @Override
    Server serve(Server stopped) {
        return stopped.startDemoProcess();
    }

    @Test
    @Order(1)
    void anOrdinaryOakIsPlannedWithImreAtTheSaw() {
        job = Ordinary.oak(imre.page, "Alder Row", "Imre Halloway", "Sefa Marsh");
        losesOne("**/api/people", false);
        losesOne("**/api/jobs/" + job + "/members", true);
        imre.page.navigate(server.local() + "/jobs/" + job + "/crew");
        imre.choose("Person to put on the job", "Oren Pike");
        imre.button("Put on the job");
        assertThat(imre.region("People")).containsText("Oren Pike");
        assertThat(imre.region("People")).containsText(server.wordOf("Sefa Marsh"));
        imre.shot("crew-people");
        imre.stage(7);
        imre.button("Issue briefing 1");
        assertThat(imre.region("Signatures")).containsText("Imre Halloway");
        assertThat(imre.region("Signatures")).containsText("0 of 2");
    }

    /** The network changes while one request is under way: it was never sent, or it was done and nobody heard. */
    private void losesOne(String path, boolean done) {
        imre.page.route(
                path,
                route -> {
                    if (done) {
                        route.fetch();
                    }
                    route.abort("connectionaborted");
                },
                new Page.RouteOptions().setTimes(1));
    }

    @Test
    @Order(2)
    void heSetsAPinOnHisPhoneAndSigns() {
        his = browsers.phone();
        JobPage signIn = new JobPage(his);
        signIn.signIn(server.onTheNetwork(), "Imre Halloway");
        his.navigate(server.onTheNetwork() + "/crew/" + job);
        his.getByLabel("Passphrase").fill(PASSPHRASE);
        his.getByLabel("New PIN").fill("1234");
        his.getByText("Set the PIN").click();
        assertThat(his.getByRole(AriaRole.ALERT).first()).containsText("among the first");
        his.getByLabel("New PIN").fill("6174");
        his.getByText("Set the PIN").click();
        CrewPhone.sign(his, "6174");
        String code = imre.page
                .evaluate("async () => (await (await fetch('/api/jobs/" + job + "')).json()).code")
                .toString();
        sefa = CrewPhone.join(browsers.phone(), server, code, "Sefa Marsh", server.wordOf("Sefa Marsh"), "1357");
        oren = CrewPhone.join(browsers.phone(), server, code, "Oren Pike", server.wordOf("Oren Pike"), "8642");
        CrewPhone.sign(sefa, "1357");
        assertThat(imre.region("Signatures")).containsText("2 of 2");
    }

    private static LocatorAssertions.ContainsTextOptions later() {
        return new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);
    }

    private static void tab(Page phone, String name) {
        phone.locator(".tabs a")
                .filter(new Locator.FilterOptions().setHasText(name))
                .click();
    }

    private static Locator word(Page phone) {
        return phone.locator(".now strong");
    }

    private void allReady() {
        for (Page p : List.of(his, sefa)) {
            tab(p, "Run");
            p.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("I am ready"))
                    .click();
            assertThat(p.getByText("Not ready now")).isVisible();
        }
        Cautions.readAll(his);
    }

    @Test
    @Order(3)
    void heGivesHisGoFromThePhoneAndWhoHasNoPartStaysOut() {
        allReady();
        assertThat(word(his)).hasText("Wait");
        his.getByText("Stop signal tried, answered by all").click();
        his.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("GO").setExact(true))
                .click();
        assertThat(word(his)).hasText("Go");
        assertThat(word(sefa)).hasText("Go");
        tab(oren, "Run");
        assertThat(word(oren)).hasText("Stay out");
        assertThat(oren.locator(".now")).containsText(Pattern.compile("Stay outside the ring of \\d+\\sm"));
        assertThat(oren.locator(".now")).containsText("Wait at: the gate");
        Looked.at(his, "phone-leader");
    }

    @Test
    @Order(4)
    void whatEndsTheGoIsSaidOnEveryPhoneWithinASecondAndLogged() {
        sefa.getByText("Not ready now").click();
        assertThat(word(his)).hasText("Stand fast");
        assertThat(his.locator(".now")).containsText("Sefa Marsh is not ready");
        imre.stage(8);
        assertThat(imre.page.locator("aside")).containsText("STAND FAST");
        assertThat(imre.region("Log")).containsText("STAND FAST: Sefa Marsh is not ready");
        imre.shot("stand-fast");
        allReady();
        his.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("GO").setExact(true))
                .click();
        assertThat(word(sefa)).hasText("Go");
    }

    /** The server answers a HOLD with one refusal after the other; the phone keeps it through all of them. */
    @Test
    @Order(5)
    void aHoldIsKeptThroughEveryOtherAnswer() {
        int[] answers = {409, 401, 403, 500, 429};
        int[] asked = {0};
        oren.route("**/run/holds", route -> {
            if (route.request().method().equals("POST") && asked[0] < answers.length) {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(answers[asked[0]++])
                        .setContentType("application/problem+json")
                        .setBody("{\"detail\":\"no\",\"errors\":[]}"));
            } else {
                route.resume();
            }
        });
        oren.locator("button.thumb").click();
        assertThat(word(oren)).hasText("Stop");
        assertThat(oren.locator("section[aria-label=Hold]")).containsText("kept on this phone and not sent yet");
        assertThat(imre.page.locator(".banner")).containsText("HOLD, Oren Pike", later());
        assertThat(asked[0]).isEqualTo(answers.length);
        assertThat(word(his)).hasText("Stop");
        oren.unroute("**/run/holds");
        imre.button("Lift the hold");
        imre.button("looked at together");
        assertThat(imre.page.locator(".banner")).hasCount(0);
        assertThat(word(his)).hasText("Wait");
    }

    /**
     * Frozen, it keeps every connection open and answers nothing; what is pressed meanwhile is sent again and again. At
     * the desk all of it is done without a mouse.
     */
    @Test
    @Order(6)
    void theServerFreezesForFifteenSecondsAndTheLeadersHoldIsShownAtOnceAndOneAfter() {
        allReady();
        imre.stage(8);
        Keys.reach(imre.page, "GO").press("Enter");
        assertThat(word(sefa)).hasText("Go");
        Locator cuts = imre.region("Cuts and checks");
        Keys.reach(imre.page, cuts.getByRole(AriaRole.BUTTON).first().textContent())
                .press("Space");
        assertThat(cuts).containsText("1 of ");
        server.freeze();
        imre.page.locator("body").press("h");
        assertThat(imre.page.locator(".banner")).containsText("kept here, not sent yet");
        sefa.waitForTimeout(11_500);
        assertThat(sefa.getByRole(AriaRole.ALERT).first()).containsText("No link, this may be old");
        assertThat(imre.page.locator("header .link")).containsText("no link, this may be old");
        Looked.at(sefa, "phone-no-link");
        sefa.waitForTimeout(3_500);
        server.thaw();
        assertThat(imre.page.locator("header .link")).containsText("live", later());
        assertThat(imre.page.locator(".banner")).containsText("HOLD, Imre Halloway");
        assertThat(word(sefa)).hasText("Stop", new LocatorAssertions.HasTextOptions().setTimeout(30_000));
        assertThat(imre.page.evaluate("async () => (await (await fetch('/api/jobs/" + job
                        + "/run/holds')).json()).filter(h => !h.lifted).map(h => h.presses.length)"))
                .as("one hold, pressed once")
                .isEqualTo(List.of(1));
        Keys.reach(imre.page, "Lift the hold").press("Enter");
        Keys.reach(imre.page, "looked at together").press("Enter");
    }

    @Test
    @Order(7)
    void aPhoneWakesWithoutAServerPressesHoldAndItArrivesWithItsTime() {
        assertThat(imre.page.locator(".banner")).hasCount(0);
        server.kill();
        imre.page.locator("body").press("h");
        assertThat(imre.page.locator(".banner")).containsText("kept here, not sent yet");
        sefa.locator("button.thumb").click();
        assertThat(word(sefa)).hasText("Stop");
        assertThat(sefa.locator("ul[aria-label='Sent, seen, stopped']")).containsText("not sent yet");
        sefa.waitForTimeout(5500);
        server.start("run");
        assertThat(sefa.locator("ul[aria-label='Sent, seen, stopped']")).containsText("seen:", later());
        assertThat(imre.page.locator("header .link")).containsText("live", later());
        assertThat(imre.page.locator(".banner")).containsText("Sefa Marsh");
        assertThat(imre.page.locator(".banner")).containsText("Imre Halloway");
        assertThat(imre.region("Log"))
                .containsText(Pattern.compile("HOLD, pressed (\\d+\\smin )?\\d+\\ss before it arrived"));
        assertThat(word(his)).hasText("Stop");
        imre.shot("hold-late");
        Map<?, ?> late = (Map<?, ?>) imre.page.evaluate(
                "async () => { const h = (await (await fetch('/api/jobs/" + job + "/run/holds')).json())[0];"
                        + " const p = h.presses.find(x => x.who === 'Sefa Marsh'); return {ms: "
                        + "Date.parse(p.arrivedAt) - Date.parse(p.at)}; }");
        assertThat(Duration.ofMillis(((Number) late.get("ms")).longValue())).isGreaterThan(Duration.ofSeconds(5));
    }

    /** The server has been started anew: nobody is signed out, and a go asks once more who gives it. */
    @Test
    @Order(8)
    void theStepIsDoneWithItsOpenTicksSaid() {
        imre.button("Lift the hold");
        imre.button("what was seen is cleared");
        allReady();
        his.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("GO").setExact(true))
                .click();
        his.getByLabel("PIN or passphrase").fill("6174");
        his.getByText("Go on").click();
        assertThat(word(his)).hasText("Go");
        his.getByText("Step done").click();
        assertThat(his.getByRole(AriaRole.DIALOG)).containsText("are not ticked off");
        assertThat(his.evaluate("document.elementFromPoint(195, 800).closest('button').className")
                        .toString())
                .as("HOLD is within reach above the dialog")
                .contains("thumb");
        Looked.at(his, "phone-done-open");
        his.getByText("not needed as it went").click();
        assertThat(word(his)).hasText("Done");
        imre.stage(8);
        assertThat(imre.region("Log")).containsText("cuts and checks not ticked off: not needed as it went");
    }

    /** Beside the felled oak a birch lies, tied to an ash that stays: first the tie, then what follows from it. */
    @Test
    @Order(9)
    void aBirchTiedToAKeptAshGetsAStepThatSeversItAndTheCrewSeesWithWhat() {
        Ordinary.tiedBirch(imre.page, job);
        imre.stage(5);
        assertThat(imre.region("Seen of S3")).containsText("tape and bearing");
        imre.tab("Order");
        Locator missing = imre.region("Not yet among the steps of the crew");
        assertThat(missing).containsText("sever S3 from S2, from outside");
        imre.shot("tied-order");
        missing.getByRole(AriaRole.BUTTON).click();
        assertThat(missing).hasCount(0);
        imre.stage(7);
        imre.button("Issue briefing 2");
        assertThat(imre.region("Signatures")).containsText("0 of 2");
        tab(sefa, "Briefing");
        assertThat(sefa.locator("section[aria-label^='Step 2']")).containsText("sever S3 from S2");
        assertThat(sefa.locator("section[aria-label^='Step 2']")).containsText("With: saw");
        Looked.at(sefa, "phone-sever");
        CrewPhone.sign(sefa, "1357");
        CrewPhone.sign(his, "6174");
        assertThat(imre.region("Signatures")).containsText("2 of 2");
    }

    /** Done though nothing moved; what ties it still is asked on the phone, and one tap says that it is free. */
    @Test
    @Order(10)
    void theTieIsSeveredAndOnlyThenTheBirchIsCutUp() {
        allReady();
        his.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("GO").setExact(true))
                .click();
        assertThat(word(sefa)).hasText("Go");
        Looked.at(his, "phone-sever-go");
        done("did not move");
        assertThat(his.getByRole(AriaRole.STATUS).first()).containsText("What ties it still?");
        Looked.at(his, "phone-severed");
        his.getByText("Free of S2").click();
        assertThat(his.getByText("What ties it still?")).hasCount(0);
        new JobPage(his).tab("Order");
        Locator missing = his.locator("[aria-label='Not yet among the steps of the crew']");
        assertThat(missing).containsText("crosscut S3");
        missing.getByRole(AriaRole.BUTTON).click();
        assertThat(missing).hasCount(0);
        imre.stage(7);
        imre.button("Issue briefing 3");
        CrewPhone.sign(sefa, "1357");
        his.navigate(server.onTheNetwork() + "/crew/" + job);
        CrewPhone.sign(his, "6174");
        allReady();
        his.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("GO").setExact(true))
                .click();
        assertThat(word(sefa)).hasText("Go");
        imre.stage(8);
        Keys.reach(imre.page, "Step done").press("Enter");
        Keys.reach(imre.page, "did not move").press("ArrowDown");
        Keys.reach(imre.page, "Keep it").press("Enter");
        imre.stage(5);
        assertThat(aside()).not().containsText("S3");
        assertThat(browsers.errors()).as("uncaught errors in the pages").isEmpty();
    }

    private void done(String did) {
        his.getByText("Step done").click();
        Locator told = his.getByRole(AriaRole.DIALOG);
        told.getByText(did).click();
        Looked.at(his, "phone-told");
        told.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep it"))
                .click();
    }
}

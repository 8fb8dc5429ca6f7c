package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.antevid.e2e.pages.Ordinary;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/**
 * A lookout, a cutter and the leader read the language that nobody reads: all that comes from the catalogue stands in
 * brackets, so that what is left outside of them is either a name, a number with its unit, or a word that no other
 * language can reach.
 */
class PseudoStory extends DemoStory {
    private static final Pattern BRACKETED = Pattern.compile("⟦[^⟦⟧]*⟧");
    /** Addresses, and the hash of a briefing. */
    private static final Pattern NO_WORDS = Pattern.compile("https?://\\S+|\\b[0-9a-f]{12}\\b");

    private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");
    /** Units, keys of the plan, the names of the languages, which are said in themselves. */
    private static final Set<String> SAME_EVERYWHERE = Set.of(
            "mm", "cm", "km", "kg", "kN", "ft", "in", "lb", "mph", "min", "English", "Español", "Antevid", "GO", "PDF",
            "SVG");

    /** All that is read on the page: texts, and the names of what has none. */
    private static final String READ = """
            () => {
              const all = [];
              const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
              while (walk.nextNode()) {
                const parent = walk.currentNode.parentElement;
                if (parent.closest('script, style, [hidden]')) continue;
                all.push(walk.currentNode.textContent);
              }
              document.querySelectorAll('[aria-label]:not(.anticon), [placeholder], [title], img[alt]').forEach((e) => {
                ['aria-label', 'placeholder', 'title', 'alt'].forEach((a) => e.hasAttribute(a) && all.push(e.getAttribute(a)));
              });
              return all;
            }""";

    private String job;
    private Page phone;

    /** @param names of people, stems and places, which no catalogue holds; the longest first */
    private static Set<String> fixed(Page page, List<String> names) {
        Set<String> left = new TreeSet<>();
        for (Object text : (List<?>) page.evaluate(READ)) {
            String rest = NO_WORDS.matcher(text.toString()).replaceAll(" ");
            for (String before = ""; !before.equals(rest); ) {
                before = rest;
                rest = BRACKETED.matcher(rest).replaceAll(" ");
            }
            for (String name : names) {
                rest = rest.replace(name, " ");
            }
            if (WORD.matcher(rest).results().anyMatch(w -> !SAME_EVERYWHERE.contains(w.group()))) {
                left.add(rest.strip());
            }
        }
        return left;
    }

    private List<String> names() {
        Object all = imre.page.evaluate(
                "async () => { const j = await (await fetch('/api/jobs/" + job
                        + "')).json(); const p = await (await fetch('/api/people')).json();"
                        + " const k = await (await fetch('/api/house/kit')).json();"
                        + " return [j.name, j.place, j.code, ...p.map((x) => x.name), ...k.map((x) => x.name), ...p.map((x) => x.name.split(' ')[0])]; }");
        return Stream.concat(
                        ((List<?>) all).stream().map(Object::toString),
                        Stream.of("the gate", "quercus", "S1", "E1", "E2"))
                .sorted(Comparator.comparing(String::length).reversed())
                .toList();
    }

    private void nothingFixed(String where) {
        List<String> names = names();
        for (int i = 0; i < 16 && !fixed(phone, names).isEmpty(); i++) {
            phone.waitForTimeout(500);
        }
        assertThat(fixed(phone, names)).as(where).isEmpty();
    }

    @Test
    @Order(1)
    void thePageToJoinIsFromTheCatalogue() {
        job = Ordinary.oak(imre.page, "Alder Row", "Nadia Quill", "Sefa Marsh");
        imre.page.navigate(server.local() + "/jobs/" + job + "/brief");
        imre.button("Issue briefing 1");
        join("Sefa Marsh");
    }

    private void join(String name) {
        String code = imre.page
                .evaluate("async () => (await (await fetch('/api/jobs/" + job + "')).json()).code")
                .toString();
        phone = browsers.phone();
        phone.navigate(server.onTheNetwork() + "/join/" + code);
        phone.evaluate("() => { localStorage.setItem('antevid.language', 'PSEUDO'); "
                + "sessionStorage.setItem('antevid.manner.pending', 'yes'); }");
        phone.reload();
        assertThat(phone.locator("h1")).containsText("⟦");
        nothingFixed("join");
        phone.getByText(name).click();
        phone.locator("button[type=submit]").click();
        nothingFixed("join, a name chosen, and what is still needed");
        phone.getByLabel("⟦The word").fill(server.wordOf(name));
        phone.getByLabel("PIN").fill("1357");
        phone.locator("button[type=submit]").click();
        assertThat(phone.locator("button.thumb")).containsText("⟦");
    }

    @Test
    @Order(2)
    void everyPageOfTheCrewIsFromTheCatalogue() {
        everyPage();
    }

    private void everyPage() {
        int pages = phone.locator(".tabs a").count();
        for (int i = 0; i < pages; i++) {
            phone.locator(".tabs a").nth(i).click();
            phone.waitForTimeout(500);
            nothingFixed("page " + i);
        }
    }

    /** Where somebody says what they see: a fault with all that is asked of it, a height on a photo. */
    @Test
    @Order(3)
    void whatIsSeenAndMeasuredIsAskedFromTheCatalogue() {
        phone.locator(".tabs a").last().click();
        phone.getByText("S1").first().click();
        Locator offered = phone.locator("main .c").nth(1).locator("button");
        offered.nth(0).click();
        nothingFixed("kinds of fault");
        phone.locator("main .chips").nth(1).locator("button").first().click();
        nothingFixed("a fault");
        phone.locator("main .c").last().locator("button").click();
        offered.nth(1).click();
        nothingFixed("kinds of measurement");
        int kinds = phone.locator("main .chips").nth(1).locator("button").count();
        for (int i = 0; i < kinds; i++) {
            phone.locator("main .chips").nth(1).locator("button").nth(i).click();
            nothingFixed("measurement " + i);
            phone.locator("main .chips").nth(1).locator("button").first().click();
        }
        phone.locator("main .c").last().locator("button").click();
        offered.nth(2).click();
        nothingFixed("a photo");
    }

    @Test
    @Order(4)
    void soIsAllThatACutterReads() {
        join("Nadia Quill");
        everyPage();
    }

    /** The leader's desk: every stage with all its parts, the trees, the house. */
    @Test
    @Order(5)
    void soIsAllThatTheLeaderReadsAtTheDesk() {
        Page crew = phone;
        phone = imre.page;
        phone.evaluate("() => { localStorage.setItem('antevid.language', 'PSEUDO'); "
                + "sessionStorage.setItem('antevid.manner.pending', 'yes'); }");
        phone.navigate(server.local() + "/jobs/" + job + "/place");
        for (String stage : List.of("place", "stems", "lay", "cuts", "tangle", "crew", "brief", "run", "review")) {
            phone.locator("nav.rail a[href$='/" + stage + "']").click();
            everyTab(stage);
        }
        phone.navigate(server.local() + "/jobs/" + job + "/trees");
        nothingFixed("trees");
        phone.navigate(server.local() + "/jobs/" + job + "/trees/new");
        nothingFixed("a new tree");
        phone.navigate(server.local() + "/");
        assertThat(phone.locator("h1").first()).containsText("⟦");
        phone = crew;
    }

    private void everyTab(String stage) {
        assertThat(phone.locator("aside, main").getByText("⟦").first()).isVisible();
        nothingFixed(stage);
        Locator tabs = phone.getByRole(AriaRole.TAB);
        for (int i = 0; i < tabs.count(); i++) {
            tabs.nth(i).click();
            nothingFixed(stage + ", part " + i);
        }
    }

    @Test
    @Order(6)
    void aHoldAndItsReceiptsAreFromTheCatalogue() {
        phone.locator("button.thumb").click();
        nothingFixed("held");
    }
}

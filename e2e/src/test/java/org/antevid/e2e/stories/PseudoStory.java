package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

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
 * A lookout reads the language that nobody reads: all that comes from the catalogue stands in brackets, so that what is
 * left outside of them is either a name, a number with its unit, or a word that no other language can reach.
 */
class PseudoStory extends DemoStory {
    private static final Pattern BRACKETED = Pattern.compile("⟦[^⟦⟧]*⟧");
    private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");
    /** Units, keys of the plan, the names of the languages, which are said in themselves. */
    private static final Set<String> SAME_EVERYWHERE =
            Set.of("mm", "cm", "km", "kg", "kN", "ft", "in", "lb", "mph", "min", "English", "Español", "Antevid", "GO");

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
              document.querySelectorAll('[aria-label], [placeholder], [title], img[alt]').forEach((e) => {
                ['aria-label', 'placeholder', 'title', 'alt'].forEach((a) => e.hasAttribute(a) && all.push(e.getAttribute(a)));
              });
              return all;
            }""";

    private String job;
    private Page sefa;

    /** @param names of people, stems and places, which no catalogue holds; the longest first */
    private static Set<String> fixed(Page page, List<String> names) {
        Set<String> left = new TreeSet<>();
        for (Object text : (List<?>) page.evaluate(READ)) {
            String rest = text.toString();
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
                        + " return [j.name, j.place, j.code, ...p.map((x) => x.name), ...p.map((x) => x.name.split(' ')[0])]; }");
        return Stream.concat(((List<?>) all).stream().map(Object::toString), Stream.of("the gate", "S1", "E1", "E2"))
                .sorted(Comparator.comparing(String::length).reversed())
                .toList();
    }

    private void nothingFixed(String where) {
        List<String> names = names();
        for (int i = 0; i < 16 && !fixed(sefa, names).isEmpty(); i++) {
            sefa.waitForTimeout(500);
        }
        assertThat(fixed(sefa, names)).as(where).isEmpty();
    }

    @Test
    @Order(1)
    void thePageToJoinIsFromTheCatalogue() {
        job = Ordinary.oak(imre.page, "Alder Row", "Imre Halloway", "Sefa Marsh");
        imre.page.navigate(server.local() + "/jobs/" + job + "/brief");
        imre.button("Issue briefing 1");
        String code = imre.page
                .evaluate("async () => (await (await fetch('/api/jobs/" + job + "')).json()).code")
                .toString();
        sefa = browsers.phone();
        sefa.navigate(server.onTheNetwork() + "/join/" + code);
        sefa.evaluate("() => { localStorage.setItem('antevid.language', 'PSEUDO'); "
                + "sessionStorage.setItem('antevid.manner.pending', 'yes'); }");
        sefa.reload();
        assertThat(sefa.locator("h1")).containsText("⟦");
        nothingFixed("join");
        sefa.getByText("Sefa Marsh").click();
        nothingFixed("join, a name chosen");
        sefa.getByLabel("⟦The word").fill(server.wordOf("Sefa Marsh"));
        sefa.getByLabel("PIN").fill("1357");
        sefa.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("⟦Join⟧"))
                .click();
        assertThat(sefa.locator("button.thumb")).containsText("⟦");
    }

    @Test
    @Order(2)
    void everyPageOfTheCrewIsFromTheCatalogue() {
        int pages = sefa.locator(".tabs a").count();
        for (int i = 0; i < pages; i++) {
            sefa.locator(".tabs a").nth(i).click();
            sefa.waitForTimeout(500);
            nothingFixed("page " + i);
        }
    }

    @Test
    @Order(3)
    void aHoldAndItsReceiptsAreFromTheCatalogue() {
        sefa.locator("button.thumb").click();
        nothingFixed("held");
    }
}

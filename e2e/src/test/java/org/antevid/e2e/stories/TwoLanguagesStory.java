package org.antevid.e2e.stories;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.antevid.e2e.pages.Looked;
import org.antevid.e2e.pages.Ordinary;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/**
 * A crew of two languages: the lookout reads Spanish and feet on her phone, the leader reads English and metres on his
 * desk, and both read the same plan.
 */
class TwoLanguagesStory extends DemoStory {
    private Page sefa;

    private static void tab(Page phone, int nth) {
        phone.locator(".tabs a").nth(nth).click();
    }

    private static void press(Page phone, String words) {
        phone.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(words).setExact(true))
                .first()
                .click();
    }

    @Test
    @Order(1)
    void sheJoinsInSpanishAndItGoesWithHer() {
        String job = Ordinary.oak(imre.page, "Alder Row", "Imre Halloway", "Sefa Marsh");
        imre.page.navigate(server.local() + "/jobs/" + job + "/brief");
        imre.button("Issue briefing 1");
        String code = imre.page
                .evaluate("async () => (await (await fetch('/api/jobs/" + job + "')).json()).code")
                .toString();
        sefa = browsers.phone();
        sefa.navigate(server.onTheNetwork() + "/join/" + code);
        press(sefa, "Español");
        assertThat(sefa.locator("h1")).hasText("Entrar a un trabajo");
        press(sefa, "Sefa Marsh");
        sefa.getByLabel("La palabra que le lee su jefe").fill(server.wordOf("Sefa Marsh"));
        sefa.getByLabel("PIN").fill("1357");
        press(sefa, "Entrar");
        assertThat(sefa.locator("button.thumb")).containsText("ALTO");
        sefa.reload();
        assertThat(sefa.locator("button.thumb")).containsText("ALTO");
        assertThat(sefa.locator("section[aria-label^='Paso 1']")).containsText("Mi tarea: vigía");
        assertThat(sefa.locator(".phone")).containsText("Doy ALTO cuando");
        assertThat(sefa.locator(".phone")).containsText("alguien o algún animal entra en la zona de exclusión");
        assertThat(sefa.locator("section[aria-label='Repetir'] h2").first()).containsText("Repetir 1 de 3");
        Looked.at(sefa, "phone-spanish");
        assertThat(imre.region("Signatures")).containsText("0 of 2");
    }

    @Test
    @Order(2)
    void whatStandsAgainstAGoIsSaidInSpanishAndInFeet() {
        tab(sefa, 1);
        assertThat(sefa.locator(".now")).containsText("Ahora, paso 1 de 1: talar S1");
        assertThat(sefa.locator(".now strong")).hasText("Espere");
        press(sefa, "ft");
        tab(sefa, 0);
        Locator ring = sefa.locator("section:has(> [role=group]) [role=group]");
        ring.locator(".chips button").first().click();
        assertThat(ring).containsText("Repetir 2 de 3");
        ring.locator(".chips button").first().click();
        assertThat(ring).containsText("¿A qué distancia de S1");
        assertThat(ring).containsText(" ft");
        press(sefa, "English");
        assertThat(sefa.locator("button.thumb")).containsText("HOLD");
        assertThat(ring).containsText("How far from S1");
    }
}

package org.antevid.e2e.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** What is to be read before a go, where it stands against it: at the desk and on the leader's phone. */
public final class Cautions {
    private static final int AT_MOST = 30;

    private Cautions() {}

    /** Reads one after the other; each goes before the next is looked for. */
    public static void readAll(Page page) {
        Locator open = page.locator("p")
                .filter(new Locator.FilterOptions().setHas(page.getByText("I have read it")))
                .locator("span")
                .filter(new Locator.FilterOptions().setHasText("•"));
        for (int n = 0; n < AT_MOST && open.count() > 0; n++) {
            String words = open.first().innerText();
            Locator one = page.locator("p").filter(new Locator.FilterOptions().setHasText(words));
            one.first().getByText("I have read it").click();
            assertThat(one).hasCount(0);
        }
    }
}

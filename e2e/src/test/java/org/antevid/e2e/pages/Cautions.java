package org.antevid.e2e.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import java.util.List;

/** What is to be read before a go, where it stands against it: at the desk and on the leader's phone. */
public final class Cautions {
    private static final int AT_MOST = 30;
    private static final double A_MOMENT_MS = 5_000;

    private Cautions() {}

    /**
     * Reads one after the other, once the run is on the screen; each goes before the next is looked for. One that goes
     * or is said otherwise while it is being tapped (somebody else has just done what it asks for) is looked for anew.
     */
    public static void readAll(Page page) {
        assertThat(page.locator(".next, .go").first()).isVisible();
        for (int n = 0; n < AT_MOST && readFirst(page); n++) {}
        assertThat(open(page)).hasCount(0);
    }

    /**
     * Reads until that is there which comes when nothing is left to be read. A screen that shows what was so a moment
     * ago has nothing to read either: it is waited for.
     */
    public static void readUntil(Page page, Locator there) {
        for (int n = 0; n < AT_MOST; n++) {
            there.or(open(page)).first().waitFor();
            if (!readFirst(page)) {
                break;
            }
        }
        assertThat(there.first()).isVisible();
    }

    private static Locator open(Page page) {
        return page.locator("p")
                .filter(new Locator.FilterOptions().setHas(page.getByText("I have read it")))
                .locator("span")
                .filter(new Locator.FilterOptions().setHasText("•"));
    }

    /** @return whether there was one */
    private static boolean readFirst(Page page) {
        List<String> words = open(page).allInnerTexts();
        if (words.isEmpty()) {
            return false;
        }
        Locator one = page.locator("p").filter(new Locator.FilterOptions().setHasText(words.get(0)));
        if (tapped(one.first().getByText("I have read it"))) {
            assertThat(one).hasCount(0);
        }
        return true;
    }

    private static boolean tapped(Locator read) {
        try {
            read.click(new Locator.ClickOptions().setTimeout(A_MOMENT_MS));
            return true;
        } catch (TimeoutError gone) {
            if (read.count() > 0) {
                throw gone;
            }
            return false;
        }
    }
}

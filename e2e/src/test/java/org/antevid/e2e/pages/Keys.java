package org.antevid.e2e.pages;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Page;
import java.util.LinkedHashSet;
import java.util.Set;

/** Somebody at a keyboard without a mouse. */
public final class Keys {
    private static final int MOST = 250;
    private static final String SAID_AT_FOCUS = """
        () => {
          const at = document.activeElement?.closest('button, a, input, textarea, [role=tab]');
          const label = at && at.closest('label');
          return at ? [at.getAttribute('aria-label'), at.textContent, label && label.textContent].join(' ') : '';
        }""";

    private Keys() {}

    /** Goes on with Tab until what has the focus says this; the keyboard is then at it. */
    public static Keyboard reach(Page page, String says) {
        Set<String> met = new LinkedHashSet<>();
        for (int i = 0; i < MOST; i++) {
            page.keyboard().press("Tab");
            page.waitForTimeout(10);
            String at = page.evaluate(SAID_AT_FOCUS).toString();
            if (at.contains(says)) {
                return page.keyboard();
            }
            met.add(at);
        }
        throw new AssertionError("no way by Tab to " + says + ", only to " + met);
    }
}

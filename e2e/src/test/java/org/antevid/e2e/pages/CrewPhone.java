package org.antevid.e2e.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import org.antevid.e2e.Server;

/** The phone of somebody of the crew. */
public final class CrewPhone {
    private CrewPhone() {}

    /** Joins for the first time: the leader has read out the word. */
    public static Page join(Page phone, Server server, String code, String name, String word, String pin) {
        phone.navigate(server.onTheNetwork() + "/join/" + code);
        phone.getByText(name).click();
        phone.getByLabel("Word").fill(word);
        phone.getByLabel("PIN").fill(pin);
        phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Join"))
                .click();
        assertThat(phone.locator(".phone .top")).containsText(name.split(" ", -1)[0]);
        return phone;
    }

    /** Reads back until every answer matches the plan, as a refusal leads back to the question it is about. */
    public static void sign(Page phone, String pin) {
        phone.locator(".tabs a").first().click();
        assertThat(phone.locator("section[aria-label='Read back']")).isVisible();
        Map<String, Integer> tried = new HashMap<>();
        boolean signed = false;
        while (!signed) {
            answer(phone, question -> {
                int choice = tried.merge(question, 1, Integer::sum) - 1;
                return asked(phone).locator(".chips button").nth(choice);
            });
            // a slow page must not be taken for a refusal
            signed = phone.waitForResponse(
                            r -> r.request().method().equals("POST") && r.url().contains("/sign"),
                            () -> enter(phone, pin))
                    .ok();
            if (!signed) {
                assertThat(asked(phone)).isVisible();
            }
        }
        assertThat(phone.locator(".phone")).containsText("I read back and signed");
    }

    /** Answers what is asked, one question a screen, until the PIN is. */
    public static void answer(Page phone, Function<String, Locator> right) {
        assertThat(asked(phone).or(pin(phone))).isVisible();
        while (asked(phone).count() > 0) {
            String question = asked(phone).getAttribute("aria-label");
            right.apply(question).click();
            assertThat(phone.getByRole(
                            AriaRole.GROUP,
                            new Page.GetByRoleOptions().setName(question).setExact(true)))
                    .isHidden();
        }
    }

    /** The question that is on the screen. */
    public static Locator asked(Page phone) {
        return phone.locator("section[aria-label='Read back'] [role=group]");
    }

    /** Signs with what was answered. */
    public static void enter(Page phone, String pin) {
        pin(phone).fill(pin);
        phone.getByText("I read it back: sign").click();
    }

    private static Locator pin(Page phone) {
        return phone.getByLabel("PIN", new Page.GetByLabelOptions().setExact(true));
    }
}

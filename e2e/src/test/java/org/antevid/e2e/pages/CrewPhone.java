package org.antevid.e2e.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
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

    /** Reads back until every answer matches the plan, as the card's marks say which does not yet. */
    public static void sign(Page phone, String pin) {
        phone.locator(".tabs a").first().click();
        Locator part = phone.locator("section[aria-label='Read back']");
        assertThat(part).isVisible();
        int[] choice = new int[part.locator("[role=group]").count()];
        for (int tries = 0; tries < 8 && part.count() > 0; tries++) {
            for (int i = 0; i < choice.length; i++) {
                part.locator("[role=group]")
                        .nth(i)
                        .locator(".chips button")
                        .nth(choice[i])
                        .click();
            }
            phone.getByLabel("PIN", new Page.GetByLabelOptions().setExact(true)).fill(pin);
            // a slow page must not be taken for a refusal: the card may go while its chips are pressed
            Response answer = phone.waitForResponse(
                    r -> r.request().method().equals("POST") && r.url().contains("/sign"),
                    () -> phone.getByText("I read it back: sign").click());
            if (answer.ok()) {
                break;
            }
            phone.waitForTimeout(700);
            for (int i = 0; i < choice.length; i++) {
                choice[i] +=
                        part.locator("[role=group]").nth(i).locator(".refused").count();
            }
        }
        assertThat(phone.locator(".phone")).containsText("I read back and signed");
    }
}

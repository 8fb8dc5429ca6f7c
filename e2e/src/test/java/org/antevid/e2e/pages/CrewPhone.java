package org.antevid.e2e.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.antevid.e2e.Server;

/** The phone of somebody of the crew. */
public final class CrewPhone {
    private CrewPhone() {
    }

    /** Joins for the first time: the leader has read out the word. */
    public static Page join(Page phone, Server server, String code, String name, String word, String pin) {
        phone.navigate(server.onTheNetwork() + "/join/" + code);
        phone.getByText(name).click();
        phone.getByLabel("Word").fill(word);
        phone.locator("label input[type=password]").first().fill(pin);
        phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Join")).click();
        assertThat(phone.locator(".phone .top")).containsText(name.split(" ")[0]);
        return phone;
    }
}

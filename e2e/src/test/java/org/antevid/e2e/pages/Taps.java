package org.antevid.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;

/** Does what a person does on the leader's screen and counts every tap and every entry. */
public final class Taps {
    private final JobPage on;
    private int count;

    public Taps(JobPage on) {
        this.on = on;
    }

    public int count() {
        return count;
    }

    public Taps button(String name) {
        count++;
        on.page
                .getByRole(
                        AriaRole.BUTTON,
                        new com.microsoft.playwright.Page.GetByRoleOptions()
                                .setName(name)
                                .setExact(true))
                .first()
                .click();
        return this;
    }

    public Taps tab(String name) {
        count++;
        on.tab(name);
        return this;
    }

    public Taps stage(int number) {
        count++;
        on.stage(number);
        return this;
    }

    public Taps entry(String label, String value) {
        count++;
        on.fill(label, value);
        return this;
    }

    /** Opens a drop-down and picks: two taps. */
    public Taps choose(String label, String option) {
        count += 2;
        on.choose(label, option);
        return this;
    }

    public Taps plan(double eastM, double northM) {
        count++;
        on.tapPlan(eastM, northM);
        return this;
    }

    public Taps on(Locator locator) {
        count++;
        locator.click();
        return this;
    }
}

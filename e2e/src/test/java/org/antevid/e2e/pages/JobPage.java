package org.antevid.e2e.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Arrays;
import java.util.List;

/** What a person does on the leader's screen. */
public final class JobPage {
    private static final String PASSPHRASE = "three short one long";
    private static final int MOST_LOOKS = 20;
    private static final int LOOK_MS = 50;
    public final Page page;

    public JobPage(Page page) {
        this.page = page;
    }

    public JobPage signIn(String address, String name) {
        page.navigate(address + "/sign-in");
        page.getByLabel("Name").fill(name);
        page.getByLabel("Passphrase").fill(PASSPHRASE);
        button("Sign in");
        assertThat(page.locator("nav.topbar")).containsText(name);
        return this;
    }

    public void open(String job) {
        // a card also names the jobs it remembers lessons from
        page.locator("a.card")
                .filter(new Locator.FilterOptions()
                        .setHas(page.locator("h1", new Page.LocatorOptions().setHasText(job))))
                .first()
                .click();
        assertThat(page.getByTestId("site-plan")).isVisible();
    }

    public void stage(int number) {
        page.locator("nav.rail a").nth(number - 1).click();
    }

    public void button(String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
    }

    /** Gives the go; where the story took its time, the server asks once more who gives it. */
    public void go() {
        page.locator(".next").click();
        Locator going = page.locator(".next").filter(new Locator.FilterOptions().setHasText("Step done"));
        Locator asked = page.getByLabel("PIN or passphrase");
        asked.or(going).first().waitFor();
        if (asked.isVisible()) {
            asked.fill(PASSPHRASE);
            button("Go on");
        }
        assertThat(going).isVisible();
    }

    /** Chooses from the menu in the head of the page. */
    public void menu(String item) {
        page.getByText("☰ Menu").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item))
                .click();
    }

    /** Chooses a part of the stage's panel. */
    public void tab(String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    public Locator region(String name) {
        return page.locator("[aria-label=\"" + name + "\"]").first();
    }

    public void fill(String label, String value) {
        Locator field = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
        field.fill(value);
        field.blur();
    }

    /** Picks an entry of a drop-down; a long list is narrowed by typing. */
    public void choose(String label, String option) {
        Locator box = page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
        box.click();
        Locator entry = page.locator(".ant-select-dropdown:visible .ant-select-item-option")
                .filter(new Locator.FilterOptions().setHasText(option))
                .first();
        page.waitForTimeout(150);
        if (!entry.isVisible() && box.isEditable()) {
            box.fill(option);
        }
        entry.click();
    }

    /** Taps the plan at a place in metres. */
    public void tapPlan(double eastM, double northM) {
        double[] at = settled(eastM, northM);
        page.mouse().click(at[0], at[1]);
        page.waitForTimeout(500);
    }

    /** The plan makes room for what is asked and moves as it does: it is tapped when it stands still. */
    private double[] settled(double eastM, double northM) {
        double[] before = pixel(eastM, northM);
        for (int i = 0; i < MOST_LOOKS; i++) {
            page.waitForTimeout(LOOK_MS);
            double[] now = pixel(eastM, northM);
            if (Arrays.equals(now, before)) {
                return now;
            }
            before = now;
        }
        return before;
    }

    /** @return where a place lies on the screen */
    public double[] pixel(double eastM, double northM) {
        Locator map = page.getByTestId("site-plan");
        List<?> p = (List<?>) map.evaluate(
                "(el, c) => { const [x, y] = el.olMap.getPixelFromCoordinate(c);"
                        + " const box = el.getBoundingClientRect(); return [box.x + x, box.y + y]; }",
                List.of(eastM, northM));
        return new double[] {((Number) p.get(0)).doubleValue(), ((Number) p.get(1)).doubleValue()};
    }

    public Locator stops() {
        return page.locator(".finding[data-severity=STOP]");
    }

    public void openPoints() {
        page.locator(".strip button.up").click();
    }

    public void refused(String words) {
        assertThat(page.getByRole(AriaRole.ALERT)
                        .filter(new Locator.FilterOptions().setHasText(words))
                        .first())
                .isVisible();
    }

    /** How it ended: kept in any case, for who has to find out why. */
    public void ended(String story) {
        Looked.picture(page, story + "-last");
    }

    public JobPage shot(String name) {
        Looked.at(page, name);
        return this;
    }
}

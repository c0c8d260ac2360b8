package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static honeststack.app.browser.Cook.button;
import static honeststack.app.browser.Cook.count;
import static honeststack.app.browser.Cook.keep;
import static honeststack.app.browser.Cook.link;
import static honeststack.app.browser.Cook.row;
import static honeststack.app.browser.Cook.saved;
import static honeststack.app.browser.Cook.start;
import static honeststack.app.browser.Cook.type;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import honeststack.app.RunningApplication;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Versions, side by side, goals, the trail, undo. */
@ExtendWith(RunningApplication.class)
class JudgingBrowserTest {
  @RegisterExtension final Browser browser = new Browser();

  private static Page weirCakes(Browser browser) {
    Page page = start(browser, "Weir cakes");
    type(page, "Bowl", "200 g plain flour", "300 g whole milk", "30 g sunflower oil");
    count(page, "Came out", "8");
    count(page, "Pieces in a serving", "2");
    saved(page);
    return page;
  }

  /** A set of goals may ask for nothing but what a plate is free from. */
  @Test
  void aPromiseIsAGoal() {
    Page page = weirCakes(browser);
    Page goals = page.context().newPage();
    goals.navigate(RunningApplication.address() + "/goals");
    Locator anew =
        goals.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New goal set"));
    anew.getByLabel("Name of the goals").fill("For the weir keeper");
    anew.getByLabel("What the plate has to be free from").fill("milk");
    goals.keyboard().press("Enter");
    anew.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add")).click();
    assertThat(
            goals.getByRole(
                AriaRole.FORM, new Page.GetByRoleOptions().setName("For the weir keeper")))
        .containsText("no milk");
    goals.close();
    page.reload();
    page.getByLabel("Goals").last().click();
    page.locator(".ant-select-item-option").getByText("For the weir keeper").click();
    Locator verdicts = page.locator(".verdicts");
    assertThat(verdicts).containsText("no milk");
    assertThat(verdicts).containsText("missed for milk, whole");
    page.getByLabel("Bowl, line 2").fill("300 g water");
    assertThat(verdicts).containsText("met");
    assertThat(verdicts).not().containsText("missed");
  }

  @Test
  void aChangedVersionIsKeptComparedAndExplained() {
    Page page = weirCakes(browser);
    keep(page, "plain");
    page.getByLabel("Bowl, line 1").fill("260 g plain flour");
    saved(page);
    keep(page, "more flour");
    page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Kept versions"))
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("2"))
        .click();
    assertThat(page.getByText("wheat flour, white, all-purpose 200 → 260 g")).isVisible();
    link(page, "Beside the version before it").click();

    // 60 g of flour at 3.64 kcal/g in two of eight pieces: 54.6 kcal.
    Locator energy = row(page, "energy kcal");
    assertThat(energy.getByRole(AriaRole.CELL).nth(1)).containsText("+55");
    assertThat(energy.getByRole(AriaRole.CELL).nth(1)).containsText("a real difference");
    assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("60 g more")))
        .hasAttribute("aria-label", Pattern.compile(".*all-purpose: 60 g more \\+54\\.6.*"));
    page.getByText("each cooked anew").click();
    assertThat(page.getByText("on two mornings?")).isVisible();
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Goals")).click();
    Axe.check(page);
    page.getByTitle("A light plate").last().click();
    Locator goal = row(page, "goal: energy at most 420 kcal");
    assertThat(goal).containsText(Pattern.compile("met|too close|missed"));
    assertThat(goal).containsText("kcal for a goal of at most 420 kcal");
    Axe.check(page);
  }

  @Test
  void twentyEditsAreUndoneAndRedone() {
    Page page = start(browser, "Undone cakes");
    for (int i = 1; i <= 20; i++) {
      type(page, "Bowl", i + " g sugar");
    }
    Locator lines = page.getByLabel(Pattern.compile("Bowl, line \\d+"));
    assertThat(lines).hasCount(20);
    page.getByLabel("Bowl: new line").fill("not entered");
    page.keyboard().press("Control+z");
    assertThat(lines).hasCount(20);
    page.getByLabel("Bowl: new line").fill("");
    for (int i = 0; i < 20; i++) {
      page.keyboard().press("Control+z");
    }
    assertThat(lines).hasCount(0);
    for (int i = 0; i < 20; i++) {
      page.keyboard().press("Control+Shift+Z");
    }
    assertThat(lines).hasCount(20);
    assertThat(page.getByLabel("Bowl, line 20")).hasValue("20 g sugar");
  }

  /** Not once does the pointer move. */
  @Test
  void everythingByKeyboard() {
    Page page = browser.open("/");
    page.getByLabel("Name of a new recipe").focus();
    page.keyboard().type("Keyed cakes");
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Recipe name")).hasValue("Keyed cakes");
    page.keyboard().press("Alt+n");
    assertThat(page.getByLabel("Bowl: new line")).isFocused();
    for (String line : new String[] {"200 g flour", "2 eggs", "300 ml milk"}) {
      page.keyboard().type(line);
      page.keyboard().press("Enter");
    }
    page.keyboard().press("ArrowUp");
    page.keyboard().press("Alt+ArrowUp");
    assertThat(page.getByLabel("Bowl, line 2")).hasValue("300 ml milk");
    Locator pieces =
        page.getByRole(AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("Came out"));
    for (int i = 0;
        i < 60 && !pieces.evaluate("e => e === document.activeElement").equals(true);
        i++) {
      page.keyboard().press("Tab");
    }
    assertThat(pieces).isFocused();
    page.keyboard().type("9");
    assertThat(row(page, "energy kcal").getByRole(AriaRole.CELL).first())
        .containsText(Pattern.compile("\\d{3}"));
    saved(page);
    page.keyboard().press("Control+s");
    assertThat(page.getByLabel("Why keep it")).isFocused();
    page.keyboard().type("by hand");
    page.keyboard().press("Enter");
    assertThat(
            page.getByRole(
                AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Kept versions")))
        .containsText("1");
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    button(page, "Keys").focus();
    page.keyboard().press("?");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Ctrl+Shift+Z");
  }

  @Test
  void aFigureOpensToItsTrail() {
    Page page = weirCakes(browser);
    row(page, "energy kcal").getByRole(AriaRole.CELL).first().getByRole(AriaRole.BUTTON).click();
    Locator trail = page.getByRole(AriaRole.DIALOG);
    // 728 + 183 + 265.2 kcal in all the batter.
    assertThat(trail).containsText("All the batter, 1176 kcal, × 2 of 8 pieces = 294 kcal.");
    assertThat(trail).containsText("no. 20081");
    assertThat(trail).containsText("uneven pieces");
    page.waitForTimeout(400);
    Axe.check(page);
  }

  @Test
  void anOlderVersionIsWorkedOnFromAndThatCanBeUndone() {
    Page page = weirCakes(browser);
    keep(page, "first");
    page.getByLabel("Bowl, line 1").fill("500 g plain flour");
    saved(page);
    link(page, "1").click();
    link(page, "Work on from here").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("not kept");
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("500 g plain flour");
    button(page, "Keep it first, then go on").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("200 g plain flour");
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    saved(page);
    page.reload();
    button(page, "Undo").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("500 g plain flour");
  }

  @Test
  void goalsAreMadeAndEdited() {
    Page page = browser.open("/goals");
    Locator form =
        page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New goal set"));
    form.getByLabel("Name of the goals").fill("Before the hike");
    form.getByLabel("protein, at least").fill("25");
    form.getByLabel("protein, at most").fill("20");
    form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add")).click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("lower limit 25");
    form.getByLabel("protein, at most").fill("40");
    form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add")).click();
    Locator made =
        page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Before the hike"));
    made.getByLabel("protein, at least").fill("22");
    Locator save = made.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Save"));
    save.click();
    assertThat(save).isDisabled();
    page.reload();
    assertThat(made.getByLabel("protein, at least")).hasValue("22");
    Axe.check(page);
    made.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove")).click();
    page.getByRole(AriaRole.TOOLTIP)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove"))
        .click();
    assertThat(made).isHidden();
  }

  /** Two of eight pieces, the EU's way: fibre counts 2 instead of 4 kcal/g; 1.35 g of it here. */
  @Test
  void theSchoolIsChosenOnceAndHoldsSideBySide() {
    Page page = weirCakes(browser);
    keep(page, "plain");
    page.getByLabel("Bowl, line 2").fill("300 g water");
    saved(page);
    keep(page, "without milk");
    page.getByLabel("How energy is counted").selectOption("EU");
    page.getByLabel("What counts as carbohydrate").selectOption("AVAILABLE");
    assertThat(row(page, "energy the EU's way kcal")).isVisible();
    assertThat(page.locator(".findings")).containsText("without fibre");
    page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Kept versions"))
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("2"))
        .click();
    assertThat(row(page, "energy the EU's way kcal")).isVisible();
    link(page, "Beside the version before it").click();
    assertThat(row(page, "carbohydrate without fibre g")).isVisible();
    assertThat(page.locator(".in-short")).containsText("energy the EU's way");
    page.getByLabel("How energy is counted").selectOption("TABLES");
    assertThat(row(page, "energy kcal")).isVisible();
  }
}

package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static honeststack.app.browser.Cook.button;
import static honeststack.app.browser.Cook.count;
import static honeststack.app.browser.Cook.paste;
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

/** What a cook does while measuring. */
@ExtendWith(RunningApplication.class)
class MeasuringBrowserTest {
  @RegisterExtension final Browser browser = new Browser();

  @Test
  void aPastedRecipeIsLookedOverBeforeAnythingIsAdded() {
    Page page = start(browser, "Beck cakes");
    paste(
        page,
        "200 g plain flour\n2 eggs\n250 ml milk of choice\n1. Whisk it all.\n"
            + "For the topping:\n2 tbsp honey\n1 cup moss");
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(sheet).containsText("Keep the step of the work");
    assertThat(sheet).containsText("No food in the larder is called “moss”.");
    Axe.check(page);
    sheet.getByLabel("Take 1 cup moss").uncheck();
    sheet.getByText("milk, whole").click();
    assertThat(sheet).containsText("258 g");
    sheet.getByLabel("Line found 1").fill("100 g plain flour");
    assertThat(sheet).containsText("100 g");
    button(page, "Add 4 lines").click();
    assertThat(page.getByLabel("Bowl, line 2")).hasValue("2 eggs");
    assertThat(page.getByLabel("Toppings, line 1")).hasValue("2 tbsp honey");
    assertThat(page.getByText("Batter 458 g")).isVisible();
  }

  /** Three seconds are taken for 0.75 g, until three of them were weighed: 1.1, 1.2, 1.3 g. */
  @Test
  void aSpraysSecondsAreWeighedAndTaken() {
    Page page = start(browser, "Scree cakes");
    page.getByLabel("Fat in the pan").fill("a 3-second spray of oil");
    assertThat(page.getByText("0.8 g", new Page.GetByTextOptions().setExact(true))).isVisible();
    for (int weighing = 1; weighing <= 3; weighing++) {
      page.getByLabel("It weighed").fill("1." + weighing + " g");
      page.getByLabel("It weighed").press("Enter");
      assertThat(page.getByText("from " + weighing + " weighing")).isVisible();
    }
    assertThat(page.getByText("1.2 g", new Page.GetByTextOptions().setExact(true))).isVisible();
  }

  /**
   * 200 g of flour are 728 kcal, 100 g of eggs 143; 20 g of flour more 73, none of the eggs 143.
   */
  @Test
  void aLineIsChangedWhileCookingAndAnotherLeftOut() {
    Page page = start(browser, "Ghyll cakes");
    type(page, "Bowl", "200 g plain flour", "2 large eggs", "zest and juice of 1 lemon");
    assertThat(page.getByLabel("Bowl, line 4")).hasValue("juice of 1 lemon");
    button(page, "Remove: juice of 1 lemon").click();
    button(page, "Remove: zest of 1 lemon").click();
    count(page, "Came out", "10");
    Locator piece = row(page, "energy kcal").getByRole(AriaRole.CELL).nth(1);
    assertThat(piece).containsText("87");
    button(page, "More for: 200 g plain flour").click();
    page.getByLabel("While cooking").fill("+20 g");
    page.getByLabel("While cooking").press("Enter");
    assertThat(page.getByText("200 g + 20 g")).isVisible();
    assertThat(piece).containsText("94");
    button(page, "More for: 2 large eggs").click();
    button(page, "Leave it out").click();
    assertThat(page.getByText("left out this time")).isVisible();
    assertThat(piece).containsText("80");
    Axe.check(page);
    saved(page);
    page.reload();
    assertThat(page.getByText("left out this time")).isVisible();
    button(page, "In cups and spoons").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("cup");
    page.goBack();
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("200 g plain flour");
    button(page, "In cups and spoons").click();
    button(page, "Write it so").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue(Pattern.compile(".* cups? plain flour"));
    button(page, "Undo").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("200 g plain flour");
  }

  @Test
  void whatIsNotMeasuredIsSaidBesideTheTally() {
    Page page = start(browser, "Scar cakes");
    type(page, "Bowl", "200 g plain flour", "chocolate chips, as much as you like");
    assertThat(page.getByText("Not in the numbers yet: chocolate chips")).isVisible();
    button(page, "More or less of it").click();
    page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("times")).fill("1 1/2");
    button(page, "Show what it would be").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("300 g plain flour");
    button(page, "Write it so").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("300 g plain flour");
    Axe.check(page);
  }

  @Test
  void theScaleIsTakenIntoTheLineThatIsTyped() {
    Page page = start(browser, "Fell cakes");
    button(page, "Kitchen scale").click();
    button(page, "Tare").click(); // it drifts for as long as it is not tared
    Locator on = page.getByLabel("On the simulated scale");
    on.fill("150");
    Locator shown = page.getByLabel("Scale reading");
    assertThat(page.getByText("stands still")).isVisible();
    assertThat(shown).hasText(Pattern.compile("1(49|50|51) g"));
    assertThat(page.getByText("stands still")).isVisible();
    page.getByLabel("Bowl: new line").fill("rye flour");
    page.getByLabel("Bowl: new line").press("Alt+w");
    assertThat(page.getByLabel("Bowl, line 1"))
        .hasValue(Pattern.compile("1(49|50|51) g rye flour"));
    assertThat(shown).hasText(Pattern.compile("-?[0-2] g"));
    Axe.check(page);
    button(page, "Pull its plug").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not answer");
    button(page, "Plug it in").click();
    assertThat(page.getByRole(AriaRole.ALERT)).isHidden();
    on.fill("0");
  }

  @Test
  void theTableOfDoubtIsChangedAndReset() {
    Page page = browser.open("/measuring");
    page.getByText("How far measuring is off").click();
    Locator cell = page.getByLabel("ladle or scoop of no known size, about a quarter cup: shared");
    cell.fill("20");
    cell.press("Enter");
    assertThat(button(page, "back to 15 %, 8 %")).isVisible();
    Axe.check(page);
    button(page, "All as shipped").click();
    assertThat(button(page, "back to 15 %, 8 %")).isHidden();
  }
}

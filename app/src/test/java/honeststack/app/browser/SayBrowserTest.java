package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static honeststack.app.browser.Cook.button;
import static honeststack.app.browser.Cook.start;
import static honeststack.app.browser.Cook.type;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import honeststack.app.RunningApplication;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A cook who tells, rather than types line by line. */
@ExtendWith(RunningApplication.class)
class SayBrowserTest {
  @RegisterExtension final Browser browser = new Browser();

  /**
   * Half a litre of oat drink; 8 to 10 pieces are 9 until counted, a quarter of them for each of 4
   * people.
   */
  @Test
  void aWholeRecipeIsTold() {
    Page page = start(browser, "Told cakes");
    page.setViewportSize(390, 844);
    button(page, "Say it all").click();
    page.getByLabel("The whole recipe, in your words")
        .fill(
            "I whisk 250 g flour with half a litre of oat milk and 4 eggs, no sugar."
                + " Rest it for 20 minutes. Fry in 1 tbsp butter."
                + " That makes eight to ten crêpes for 4 people, two spoons of honey on top.");
    button(page, "Read it").click();
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(sheet.getByLabel("Line found 2")).hasValue("half a litre of oat milk");
    assertThat(sheet).containsText("8–10 come out");
    assertThat(sheet.locator(".said-excluded").last()).hasText("sugar");
    assertThat((Integer) page.evaluate("document.scrollingElement.scrollWidth")).isEqualTo(390);
    Axe.check(page);
    sheet.locator(".said-food").nth(2).click();
    assertThat(sheet.getByLabel("Line found 3")).isFocused();
    button(page, "Add 5 lines").click();
    page.setViewportSize(1280, 800);
    assertThat(page.getByLabel("Bowl, line 3")).hasValue("4 eggs");
    assertThat(page.getByLabel("Fat in the pan")).hasValue("1 tbsp butter");
    assertThat(page.getByLabel("Toppings, line 1")).hasValue("two spoons of honey");
    assertThat(page.getByLabel("Came out", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("8");
    assertThat(page.locator(".griddle")).containsText("8 or 10");
    assertThat(page.getByLabel("A serving otherwise")).hasValue("serves 4");
    assertThat(page.locator(".method li").first()).containsText("Rest it for 20 minutes");
    button(page, "Undo").click();
    assertThat(page.getByLabel("Bowl, line 1")).isHidden();
  }

  /** What adds up is said, and is one press away from counting once. */
  @Test
  void aFoodThatCountsTwiceIsSaid() {
    Page page = start(browser, "Twice cakes");
    button(page, "Say it all").click();
    page.getByLabel("The whole recipe, in your words")
        .fill("200 g rye flour, 2 eggs, 300 ml milk. It looked thin, so 50 g more rye flour.");
    button(page, "Read it").click();
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(sheet).containsText("Counted in line 1 as well");
    assertThat(button(page, "Add 4 lines")).isVisible();
    button(page, "count it once?").click();
    button(page, "Add 3 lines").click();
    assertThat(page.getByLabel("Bowl, line 3")).hasValue("300 ml milk");
    assertThat(page.getByLabel("Bowl, line 4")).isHidden();
  }

  /** Several foods in one line are several lines, wherever they are typed, and one step to undo. */
  @Test
  void aLineThatMeansSeveralIsTakenApart() {
    Page page = start(browser, "Split cakes");
    type(page, "Bowl", "1 tsp nutmeg, ½ tsp cloves and ¼ tsp allspice");
    assertThat(page.getByLabel("Bowl, line 3")).hasValue("¼ tsp allspice");
    // However long the reading takes, it belongs to the step that it reads.
    page.route("**/api/lines", SayBrowserTest::late);
    type(page, "Toppings", "1 tbsp honey and 50 g walnuts");
    assertThat(page.getByLabel("Toppings, line 2")).hasValue("50 g walnuts");
    page.unroute("**/api/lines");
    button(page, "Undo").click();
    assertThat(page.getByLabel("Toppings, line 1")).isHidden();
    // Written into a line that stands, it is refused, and taken apart when asked.
    page.getByLabel("Bowl, line 1").fill("2 eggs and 1 cup milk");
    button(page, "Take it apart").click();
    assertThat(page.getByLabel("Bowl, line 3")).hasValue("2 eggs");
  }

  private static void late(Route route) {
    try {
      Thread.sleep(1600);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
    route.resume();
  }

  @Test
  void aChoiceIsOnePressAway() {
    Page page = start(browser, "Choice cakes");
    type(page, "Bowl", "2 tbsp butter or rapeseed oil");
    assertThat(page.getByText("butter, unsalted").first()).isVisible();
    button(page, "2 tbsp rapeseed oil").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("2 tbsp rapeseed oil");
  }

  @Test
  void foodsAreOfferedWhileALineIsTyped() {
    Page page = start(browser, "Offered cakes");
    Locator entry = page.getByLabel("Bowl: new line");
    entry.pressSequentially("1 cup rye");
    assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("rye flour");
    entry.press("ArrowDown");
    entry.press("Enter");
    assertThat(entry).hasValue(Pattern.compile("1 cup rye flour.*"));
    entry.press("Enter");
    assertThat(page.getByText("not in the numbers")).isHidden();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue(Pattern.compile("1 cup rye flour.*"));
  }
}

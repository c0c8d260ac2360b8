package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static honeststack.app.browser.Cook.button;
import static honeststack.app.browser.Cook.count;
import static honeststack.app.browser.Cook.link;
import static honeststack.app.browser.Cook.saved;
import static honeststack.app.browser.Cook.start;
import static honeststack.app.browser.Cook.type;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import honeststack.app.RunningApplication;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What a cook and an educator do with pieces, plates and figures. */
@ExtendWith(RunningApplication.class)
class GriddleBrowserTest {
  @RegisterExtension final Browser browser = new Browser();

  private static Page cakes(Browser browser, String name) {
    Page page = start(browser, name);
    type(page, "Bowl", "200 g flour", "300 g milk", "100 g egg");
    return page;
  }

  /** "7 or 8", noted one by one, kept for later, weighed: each is there after a reload. */
  @Test
  void piecesAreCountedNotedAndWeighed() {
    Page page = cakes(browser, "Counted cakes");
    count(page, "Came out", "7");
    button(page, "or 8?").click();
    assertThat(page.locator(".griddle")).containsText("7 or 8; exactly 7?");
    page.getByText("Weighed, lost, noted piece by piece").click();
    page.getByLabel("Cooked, they weigh").fill("156 g");
    count(page, "So many of them", "3");
    assertThat(page.locator(".yield-words")).containsText("52 g");
    assertThat(page.locator(".yield-words")).containsText("weighed");
    page.getByLabel("Spilled").fill("a puddle");
    assertThat(page.locator(".griddle")).containsText("“a puddle”");
    page.getByLabel("Spilled").fill("20 g");
    count(page, "Kept for later", "2");
    button(page, "Another fat").click();
    page.getByLabel("Another fat").last().fill("5 g butter");
    button(page, "Note each piece").click();
    page.getByLabel("Piece 2", new Page.GetByLabelOptions().setExact(true)).last().fill("large");
    saved(page);
    page.reload();
    assertThat(page.locator(".griddle")).containsText("7 or 8");
    assertThat(page.getByLabel("Spilled")).hasValue("20 g");
    assertThat(page.locator("input[aria-label='Another fat']")).hasValue("5 g butter");
    assertThat(page.locator("input[aria-label='Piece 2']")).hasValue("large");
    Axe.check(page);
  }

  /** Sixty pieces are drawn, and nothing is wider than a phone. */
  @Test
  void manyPiecesOnAPhone() {
    Page page = cakes(browser, "Sixty cakes");
    page.setViewportSize(390, 844);
    count(page, "Came out", "60");
    assertThat(page.locator(".disc:not(.add)")).hasCount(60);
    assertThat((Integer) page.evaluate("document.scrollingElement.scrollWidth")).isEqualTo(390);
    count(page, "Came out", "3");
    assertThat(page.locator(".disc:not(.add)")).hasCount(3);
  }

  /** Servings beside each other, under toppings that are kept as a set. */
  @Test
  void servingsStandBesideEachOther() {
    Page page = cakes(browser, "Shared cakes");
    count(page, "Came out", "10");
    type(page, "Toppings", "20 g honey");
    button(page, "Keep these as a set").click();
    page.getByLabel("Name of the set").fill("Honey alone");
    page.getByLabel("Name of the set").press("Enter");
    assertThat(button(page, "Honey alone").first()).isVisible();
    button(page, "Another serving beside it").click();
    page.getByLabel("Serving 2: whose").fill("child");
    page.getByLabel("Serving 2: how much").fill("half of it");
    Locator servings = page.getByLabel("Other servings");
    assertThat(servings).containsText("child");
    assertThat(servings).containsText("5 pieces");
    page.getByLabel("Serving 2: how much").fill("a mountain");
    assertThat(page.locator(".helpings")).containsText("“a mountain” is no serving");
    button(page, "or a weight, or a share?").click();
    page.getByLabel("A serving otherwise").fill("serves 5");
    assertThat(page.locator(".tally").first()).containsText(Pattern.compile("\\d"));
    page.getByLabel("A serving otherwise").fill("heaps");
    assertThat(page.locator(".plate")).containsText("“heaps” is no serving");
  }

  /** Any figure is one click away and remembered; the last column is chosen. */
  @Test
  void otherFiguresAreRemembered() {
    Page page = cakes(browser, "Salty cakes");
    count(page, "Came out", "10");
    page.getByLabel("The last column").selectOption("100 g cooked");
    page.getByLabel("Another figure").fill("net");
    page.keyboard().press("Enter");
    assertThat(page.locator(".tally").first()).containsText("net carbohydrate");
    page.reload();
    assertThat(page.locator(".tally").first()).containsText("net carbohydrate");
    assertThat(page.getByLabel("The last column")).hasValue("PER_100G_COOKED");
    page.locator(".promises summary").click();
    assertThat(page.locator(".promises")).containsText("no egg: no, for egg, whole");
    Axe.check(page);
    link(page, "why figures differ").click();
    assertThat(page.locator("main")).containsText("general factors");
    Axe.check(page);
  }

  /** A goal that is missed names what would meet it, and one click serves it. */
  @Test
  void theSmallestChangeIsServed() {
    Page page = cakes(browser, "Heavy cakes");
    count(page, "Came out", "10");
    count(page, "Pieces in a serving", "8");
    saved(page);
    Page goals = page.context().newPage();
    goals.navigate(RunningApplication.address() + "/goals");
    Locator copy = button(goals, "Copy: of a US day");
    copy.click();
    assertThat(copy).isDisabled();
    goals.close();
    page.reload();
    page.getByLabel("Goals").last().click();
    page.locator(".ant-select-item-option").getByText("25 % of a US day").click();
    Locator serve = page.locator(".verdicts").getByText(Pattern.compile("^Serve "));
    serve.first().click();
    assertThat(page.locator(".verdicts li").first()).containsText("met");
  }

  @Test
  void aClaimIsHeldAgainstARecipe() {
    Page page = cakes(browser, "Claimed cakes");
    count(page, "Came out", "10");
    saved(page);
    link(page, "Claims").click();
    page.getByLabel("energy, kcal").fill("50");
    page.getByLabel("protein, g").fill("20");
    page.getByLabel("carbohydrate, g").fill("30");
    page.getByLabel("fat, g", new Page.GetByLabelOptions().setExact(true)).fill("10");
    assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.STATUS).first())
        .containsText("contradicts itself");
    page.getByLabel("Of which recipe").click();
    page.locator(".ant-select-item-option").getByText("of Claimed cakes").click();
    assertThat(page.locator("main")).containsText("Not possible as measured");
    assertThat(page.locator("main")).containsText("the same batter made");
    Axe.check(page);
  }
}

package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static honeststack.app.browser.Cook.button;
import static honeststack.app.browser.Cook.count;
import static honeststack.app.browser.Cook.keep;
import static honeststack.app.browser.Cook.saved;
import static honeststack.app.browser.Cook.start;
import static honeststack.app.browser.Cook.type;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import honeststack.app.RunningApplication;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What a cook does. */
@ExtendWith(RunningApplication.class)
class BenchBrowserTest {
  @RegisterExtension final Browser browser = new Browser();

  /** Energy of the whole: 200·3.64 + 300·0.61 + 100·1.43 + 30·8.84 = 1319.2 kcal in eight. */
  @Test
  void aCookTypesARecipeReadsItsFiguresKeepsItAndFindsItAgain() {
    Page page = start(browser, "Millpond cakes");
    type(
        page,
        "Bowl",
        "200 g plain flour",
        "300 g whole milk",
        "2 large eggs",
        "30 g sunflower oil");
    count(page, "Came out", "8");
    count(page, "Pieces in a serving", "2");
    type(page, "Toppings", "1 tbsp maple syrup");

    Locator energy =
        page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("energy kcal"));
    // Two of eight, and 20 g of syrup with 52 kcal.
    assertThat(energy.getByRole(AriaRole.CELL).nth(0)).containsText("382");
    assertThat(energy.getByRole(AriaRole.CELL).nth(1)).containsText("165");
    assertThat(energy.getByRole(AriaRole.CELL).nth(2)).containsText("209");
    assertThat(page.getByText("No pan fat is in the numbers.")).isVisible();
    page.getByLabel("Fat in the pan").fill("1 tbsp butter");
    assertThat(page.getByText("No pan fat is in the numbers.")).isHidden();

    button(page, "protein g").click();
    assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("wheat flour")))
        .hasAttribute("aria-label", Pattern.compile(".* g, \\d+ % of the serving"));
    Axe.check(page);

    keep(page, "the first try");
    assertThat(
            page.getByRole(
                AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Kept versions")))
        .containsText("1");
    saved(page);

    page.reload();
    assertThat(page.getByLabel("Bowl, line 3")).hasValue("2 large eggs");
    assertThat(page.getByLabel("Fat in the pan")).hasValue("1 tbsp butter");

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shelf")).click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("the first try")).click();
    assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Millpond cakes, version 1");
    Axe.check(page);
  }

  @Test
  void aNonsenseLineIsRefusedWithHelp() {
    Page page = start(browser, "Odd cakes");
    type(page, "Bowl", "100 g sugar", "2 cups bukweat flour");
    assertThat(page.getByText("No food in the larder is called “bukweat flour”.")).isVisible();
    assertThat(page.getByText("not in the numbers", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    Axe.check(page);
    button(page, "buckwheat flour, whole-groat").click();
    assertThat(page.getByText("No food in the larder is called")).isHidden();
    assertThat(page.locator(".bowl .reading").last())
        .containsText("2 cups US, filled how? · buckwheat flour, whole-groat");
  }

  @Test
  void linesMoveAndGoByKey() {
    Page page = start(browser, "Moved cakes");
    type(page, "Bowl", "1 egg", "100 g sugar", "5 g salt");
    page.getByLabel("Bowl, line 3").press("Alt+ArrowUp");
    assertThat(page.getByLabel("Bowl, line 2")).hasValue("5 g salt");
    assertThat(page.getByLabel("Bowl, line 2")).isFocused();
    button(page, "Remove: 1 egg").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("5 g salt");
    assertThat(page.getByText("Batter 105 g")).isVisible();
  }

  @Test
  void theOtherSideOfAConflictIsShown() {
    Page mine = start(browser, "Shared cakes");
    type(mine, "Bowl", "1 egg");
    saved(mine);
    Page theirs = browser.open(mine.url().replaceFirst("^https?://[^/]+", ""));
    type(theirs, "Bowl", "100 g sugar");
    saved(theirs);
    type(mine, "Bowl", "5 g salt");
    assertThat(mine.getByRole(AriaRole.DIALOG)).containsText("Saved elsewhere in the meantime");
    assertThat(mine.getByRole(AriaRole.DIALOG)).containsText("100 g sugar");
    button(mine, "Take what was saved").click();
    assertThat(mine.getByLabel("Bowl, line 2")).hasValue("100 g sugar");
  }

  @Test
  void theShelfIsInOrder() {
    Page page = browser.open("/");
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sweet-potato")))
        .isVisible();
    Axe.check(page);
  }

  @Test
  void aFoodIsLookedUpInTheLarder() {
    Page page = browser.open("/larder");
    page.getByLabel("Look for a food").fill("corgette");
    button(page, "zucchini, raw").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("94.79");
    assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("no. 11477");
    Axe.check(page);
  }

  /** The edit outlives the page, and is sent again when the database is back. */
  @Test
  void whatCouldNotBeSavedStaysAndIsSentAgain() {
    Page page = start(browser, "Tarn cakes");
    saved(page);
    String draft = "**/api/recipes/*/draft";
    page.route(
        draft,
        route ->
            route.fulfill(
                new Route.FulfillOptions()
                    .setStatus(503)
                    .setContentType("application/problem+json")
                    .setBody("{\"detail\":\"The database is away.\"}")));
    type(page, "Bowl", "200 g rye flour");
    assertThat(page.locator(".save-state")).containsText("The database is away.");
    assertThat(page.getByText("Batter 200 g")).isVisible();
    page.reload();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("200 g rye flour");
    page.unroute(draft);
    saved(page);
    page.reload();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("200 g rye flour");
  }

  /** The application did what was asked, but its answer never came: no conflict, nothing twice. */
  @Test
  void anAnswerThatWasLostIsNoConflict() {
    Page page = start(browser, "Lost answers");
    saved(page);
    AtomicInteger losing = new AtomicInteger(4);
    page.route(
        Pattern.compile("/api/recipes/[^/]+/(draft|versions)"),
        route -> {
          boolean write = !route.request().method().equals("GET");
          if (write && losing.getAndDecrement() > 0) {
            route.fetch();
            route.abort();
          } else {
            route.resume();
          }
        });
    type(page, "Bowl", "200 g plain flour", "2 large eggs");
    assertThat(page.locator(".save-state")).containsText("not saved");
    type(page, "Bowl", "300 g whole milk");
    saved(page);
    losing.set(1);
    keep(page, "kept once");
    assertThat(page.getByLabel("Bowl, line 3")).hasValue("300 g whole milk");
    Locator kept =
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Kept versions"));
    assertThat(kept.getByRole(AriaRole.LINK)).hasCount(1);
    page.reload();
    assertThat(page.getByLabel("Bowl, line 3")).hasValue("300 g whole milk");
  }
}

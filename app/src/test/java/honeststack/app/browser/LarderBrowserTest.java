package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static honeststack.app.browser.Cook.button;
import static honeststack.app.browser.Cook.count;
import static honeststack.app.browser.Cook.keep;
import static honeststack.app.browser.Cook.row;
import static honeststack.app.browser.Cook.start;
import static honeststack.app.browser.Cook.type;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import honeststack.app.RunningApplication;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What one does in the larder, and with preparations. */
@ExtendWith(RunningApplication.class)
class LarderBrowserTest {
  @RegisterExtension final Browser browser = new Browser();

  /** The label's scoop of 30 g: 120 kcal, so 400 in 100 g; 50 g of it in ten cakes give 20 each. */
  @Test
  void aLabelIsTypedCheckedKeptAndMeasured() {
    Page page = browser.open("/larder");
    button(page, "Add a food").click();
    page.getByLabel("Name of the food").fill("Beacon Mill oat protein, an invented label of sixty");
    page.getByText("United States").click();
    page.getByLabel("printed for").fill("30");
    page.getByLabel("calories, kcal").fill("250");
    page.getByLabel("total fat, g").fill("1.5");
    page.getByLabel("total carbohydrate, g").fill("3");
    page.getByLabel("protein, g").fill("24");
    assertThat(page.getByText("Contradicts itself: It prints 250 kcal")).isVisible();
    Axe.check(page);
    button(page, "Put it in the larder").click();
    assertThat(button(page, "Keep it all the same")).isVisible();
    page.getByLabel("calories, kcal").fill("120");
    assertThat(page.getByText("Contradicts itself")).isHidden();
    button(page, "Put it in the larder").click();
    Locator card =
        page.getByRole(
            AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Beacon Mill oat protein"));
    assertThat(card).containsText("400");
    assertThat(card).containsText("No kept version holds this food yet.");
    Axe.check(page);

    Page bench = start(browser, "Beacon cakes");
    type(bench, "Bowl", "50 g Beacon Mill oat protein, an invented label of sixty");
    count(bench, "Came out", "10");
    assertThat(row(bench, "energy kcal").getByRole(AriaRole.CELL).nth(1)).containsText("20");
  }

  @Test
  void theLarderIsNarrowedAndAFileIsRefusedLineByLine() {
    Page page = browser.open("/larder");
    page.getByLabel("Look for a food").fill("superfine sugar");
    assertThat(page.getByLabel("Foods", new Page.GetByLabelOptions().setExact(true)))
        .containsText("sugar, white");
    page.getByLabel("Look for a food").fill("");
    page.getByText("only doubtful rows").click();
    page.getByLabel("Look for a food").fill("skyr");
    assertThat(page.getByText("skyr, plain").first()).isVisible();
    page.getByLabel("Look for a food").fill("rye flour");
    assertThat(page.getByText("rye flour, light").first()).isVisible();
    assertThat(page.getByText("rye flour, medium")).isHidden();
    page.getByLabel("CSV file of foods")
        .setInputFiles(
            new FilePayload(
                "foods.csv",
                "text/csv",
                "id,name,role,ENERC\nbeacon,beacon,FLOUR,lots\n".getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("line 2: “lots” in the column “ENERC”")).isVisible();
    assertThat(page.getByText("Nothing was taken in:")).isVisible();
    Axe.check(page);
  }

  /** 200 g of rhubarb and 100 g of sugar, 42 + 387 kcal, cooked to 250 g: 172 kcal in 100 g. */
  @Test
  void aPreparationIsMadeKeptAndUsed() {
    Page page = start(browser, "Beacon compote");
    type(page, "Bowl", "200 g rhubarb", "100 g sugar");
    page.getByLabel("What it makes").click();
    page.getByText("a preparation", new Page.GetByTextOptions().setExact(true)).last().click();
    page.getByLabel("All of it weighs").fill("250 g");
    page.getByLabel("One cup of it weighs").fill("240 g");
    assertThat(row(page, "energy kcal").getByRole(AriaRole.CELL).nth(1)).containsText("172");
    Axe.check(page);
    keep(page, "thick enough");

    Page cakes = start(browser, "Cakes with compote");
    type(cakes, "Bowl", "100 g plain flour", "1/2 cup beacon compote");
    assertThat(cakes.locator(".reading").last()).containsText("½ cup US · Beacon compote");
    assertThat(cakes.getByText("Batter 220 g")).isVisible();
    keep(cakes, "with it");
    page.reload();
    assertThat(page.getByText("Cakes with compote, version 1")).isVisible();
  }

  /** Amaranth has 371 kcal in 100 g: USDA SR 20001. */
  @Test
  void anOwnFoodIsTakenOutAndAChangedOneGoesBack() {
    Page page = browser.open("/larder");
    button(page, "Add a food").click();
    page.getByLabel("Name of the food").fill("Cairn Mill crumbs, invented");
    button(page, "Put it in the larder").click();
    Locator card = page.locator(".food-card");
    assertThat(card).containsText("Cairn Mill crumbs");
    button(page, "Take it out").click();
    assertThat(page.getByText("Kept versions stay as they are.")).isVisible();
    button(page, "Take it out").last().click();
    assertThat(page.getByText("Cairn Mill crumbs")).hasCount(0);

    page.getByLabel("Look for a food").fill("amaranth flour");
    page.getByText("amaranth flour").first().click();
    button(page, "Change it").click();
    page.getByLabel("energy, kcal").fill("369");
    button(page, "Save as the next revision").click();
    assertThat(card).containsText("369");
    button(page, "Back to what ships").click();
    button(page, "Back to what ships").last().click();
    assertThat(card).containsText("371");
    assertThat(button(page, "Back to what ships")).isHidden();
  }
}

package honeststack.app.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.ScreenshotOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import honeststack.app.RunningApplication;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Draws docs/screenshots from the demo; run by {@code ./honest-stack screenshots}. */
@Tag("screenshots")
@ExtendWith(RunningApplication.class)
class ScreenshotsTest {
  private static final int SETTLE_MS = 800;

  @RegisterExtension final Browser browser = new Browser();

  private static void draw(Page page, String name) {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.waitForTimeout(SETTLE_MS);
    page.screenshot(new ScreenshotOptions().setPath(Path.of("../docs/screenshots", name + ".png")));
  }

  private static void follow(Page page, String name) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name)).first().click();
  }

  @Test
  void shelf() {
    draw(browser.open("/"), "shelf");
  }

  @Test
  void bench() {
    Page page = browser.open("/");
    follow(page, "Rye and pear griddle cakes");
    draw(page, "bench");
  }

  @Test
  void phone() {
    Page page = browser.open("/");
    page.setViewportSize(390, 844);
    follow(page, "Rye and pear griddle cakes");
    draw(page, "phone");
  }

  @Test
  void goals() {
    draw(browser.open("/goals"), "goals");
  }

  @Test
  void larder() {
    draw(browser.open("/larder?food=rye-flour-medium"), "larder");
  }

  @Test
  void trail() {
    Page page = browser.open("/");
    follow(page, "Rye and pear griddle cakes");
    page.locator(".tally td.main button").first().click();
    draw(page, "trail");
  }

  @Test
  void sideBySide() {
    Page page = browser.open("/");
    follow(page, "More protein: more quark, whites, skim milk");
    follow(page, "Beside the version before it");
    draw(page, "side-by-side");
    page.getByText("What caused it").scrollIntoViewIfNeeded();
    page.mouse().wheel(0, Browser.HEIGHT);
    draw(page, "causes");
  }

  @Test
  void preparation() {
    Page page = browser.open("/");
    follow(page, "Rhubarb compote");
    draw(page, "preparation");
  }

  @Test
  void measuring() {
    draw(browser.open("/measuring"), "measuring");
  }

  @Test
  void label() {
    Page page = browser.open("/larder");
    Cook.button(page, "Add a food").click();
    page.getByLabel("Name of the food").fill("Larkspur Mill porridge powder (invented label)");
    page.getByLabel("printed for").fill("40");
    page.getByLabel("energy, kcal").fill("148");
    page.getByLabel("fat, g", new Page.GetByLabelOptions().setExact(true)).fill("2,8");
    page.getByLabel("carbohydrate, g", new Page.GetByLabelOptions().setExact(true)).fill("23");
    page.getByLabel("fibre, g").fill("4");
    page.getByLabel("protein, g").fill("5.2");
    page.getByLabel("salt, g").fill("0.02");
    draw(page, "label");
  }

  @Test
  void review() {
    Page page = browser.open("/");
    follow(page, "Barley and quark rounds");
    Cook.paste(
        page,
        "For the walkers I whisk 250 g of barley flour with half a litre of kefir and 4 eggs, no"
            + " sugar. It should run like double cream, so 30 ml more kefir.\n"
            + "Rest it for 20 minutes. Fry in 2 tbsp butter or rapeseed oil. On top a handful of"
            + " berries and two spoons of honey. That makes eight to ten, for 4 people, and I keep"
            + " 3 back.");
    page.getByRole(AriaRole.DIALOG).waitFor();
    draw(page, "review");
  }

  @Test
  void version() {
    Page page = browser.open("/");
    follow(page, "Half the oil, skim milk");
    draw(page, "version");
  }

  /** Twelve walkers, two griddles. */
  @Test
  void plan() {
    Page page = browser.open("/");
    follow(page, "Rye and pear griddle cakes");
    follow(page, "Plan it");
    page.getByLabel("Eaters").fill("12");
    Cook.button(page, "One more pan").click();
    draw(page, "plan");
  }

  @Test
  void mornings() {
    Page page = browser.open("/");
    follow(page, "The same, weighed");
    page.locator(".runs").scrollIntoViewIfNeeded();
    draw(page, "mornings");
  }

  @Test
  void stove() {
    Page page = browser.open("/");
    follow(page, "Rye and pear griddle cakes");
    follow(page, "Cook it");
    Cook.button(page, "Begin").click();
    for (int i = 0; i < 3; i++) {
      page.locator(".step-now button.first").first().click();
    }
    Cook.button(page, "Timer 10 min").click();
    Cook.button(page, "One more").click();
    Cook.button(page, "a round of 3").click();
    page.evaluate("window.scrollTo(0, 0)");
    draw(page, "stove");
  }

  @Test
  void keeping() {
    draw(browser.open("/keeping"), "keeping");
  }

  @Test
  void schools() {
    draw(browser.open("/schools"), "schools");
  }

  @Test
  void claims() {
    Page page = browser.open("/claims");
    page.getByLabel("energy, kcal").fill("95");
    page.getByLabel("protein, g").fill("10");
    page.getByLabel("carbohydrate, g").fill("20");
    page.getByLabel("Of which recipe").press("Enter");
    page.getByText("of Barley and quark rounds").click();
    page.getByLabel("For what").press("Enter");
    page.getByText("for one piece without toppings").click();
    draw(page, "claims");
  }
}

package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static honeststack.app.browser.Cook.button;
import static honeststack.app.browser.Cook.keep;
import static honeststack.app.browser.Cook.link;
import static honeststack.app.browser.Cook.saved;
import static honeststack.app.browser.Cook.start;
import static honeststack.app.browser.Cook.type;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import honeststack.app.RunningApplication;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A morning from the portion to the freezer, with one thumb. */
@ExtendWith(RunningApplication.class)
class StoveBrowserTest {
  @RegisterExtension final Browser browser = new Browser();

  @Test
  void aMorningFromThePortionToTheFreezer() {
    Page page = start(browser, "Morning cakes");
    type(page, "Bowl", "200 g flour", "300 g milk", "100 g egg");
    page.getByLabel("Into one piece goes").fill("60 g");
    page.keyboard().press("Escape");
    assertThat(page.locator(".yield-words")).containsText("10.0");
    assertThat(page.locator(".discs.foretold .disc:not(.add)")).hasCount(10);
    Locator step = page.getByLabel("Next step");
    for (String text :
        new String[] {"Whisk 3 minutes", "Rest 20 minutes", "Fry 2 minutes a side"}) {
      step.fill(text);
      step.press("Enter");
    }
    assertThat(page.locator(".method li").nth(1)).containsText("rests · 20 min");
    saved(page);
    keep(page, "for the stove");

    link(page, "Plan it").click();
    assertThat(page.locator(".answer-first")).containsText("10 pieces in 4 rounds");
    page.getByLabel("Eaters").fill("12");
    page.getByLabel("Eaters").press("Tab");
    assertThat(page.locator(".answer-first")).containsText("12 pieces in 4 rounds");
    Axe.check(page);
    page.goBack();

    page.setViewportSize(390, 844);
    link(page, "Cook it").first().click();
    page.getByLabel("Who cooks").fill("warden");
    button(page, "Begin").click();
    button(page, "Done").click();
    assertThat(page.locator(".step-now .large").first()).hasText("Rest 20 minutes");
    button(page, "Timer 20 min").click();
    assertThat(page.locator(".timer b")).hasText(Pattern.compile("(20:00|19:5\\d)"));
    assertThat((Integer) page.evaluate("document.scrollingElement.scrollWidth")).isEqualTo(390);
    Axe.check(page);

    // The network goes away, the page is closed and opened: nothing told is lost.
    page.route("**/api/runs/**", route -> route.abort());
    for (int i = 0; i < 3; i++) {
      button(page, "One more").click();
    }
    button(page, "a small one").click();
    button(page, "Undo: one piece, small").click();
    assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("kept here");
    page.reload();
    assertThat(page.locator(".counted")).containsText("3 pancakes");
    assertThat(page.locator(".timer b")).hasText(Pattern.compile("19:\\d\\d"));
    page.unroute("**/api/runs/**");
    assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("all of it is written down");
    page.getByLabel("A bit more or less").last().fill("2 tbsp milk");
    page.getByLabel("A bit more or less").last().press("Enter");
    button(page, "Finished").click();
    button(page, "To the version").click();
    page.setViewportSize(1280, 800);
    Locator runs = page.locator(".runs");
    assertThat(runs).containsText("warden");
    assertThat(runs).containsText("milk, whole added");
    button(page, "Keep as made").click();
    assertThat(link(page, "as it was made")).isVisible();
    Axe.check(page);

    link(page, "Keeping").click();
    page.getByLabel("Of which version").fill("Morning cakes");
    page.getByTitle("Morning cakes, version 1").click();
    button(page, "Put away").last().click();
    Locator row =
        page.locator(".stock-table tr", new Page.LocatorOptions().setHasText("Morning cakes"));
    assertThat(row).containsText("4 of 4 pieces");
    row.getByText("One eaten").click();
    assertThat(row).containsText("3 of 4 pieces");
    row.getByText("Eaten with …").click();
    Locator eating = page.getByRole(AriaRole.DIALOG);
    eating.getByLabel("Reheated or eaten with, a line each").fill("10 g butter\n5 g snorbel");
    assertThat(eating).containsText("≥");
    assertThat(eating).containsText("butter, unsalted, 10.0 g");
    Axe.check(page);
    eating.getByLabel("Reheated or eaten with, a line each").fill("10 g butter");
    assertThat(eating).not().containsText("≥");
    eating
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Eaten"))
        .last()
        .click();
    assertThat(row).containsText("2 of 4 pieces");
    page.getByText("Eaten lately").click();
    assertThat(page.locator("main")).containsText("with 10 g butter");
    row.getByText("Label").click();
    assertThat(page.locator(".stock-label")).containsText("Use by");
    Axe.check(page);
  }

  /** Two mornings that were picked stand side by side as they were made, each cooked anew. */
  @Test
  void pickedMorningsStandSideBySide() {
    Page page = start(browser, "Twice cooked cakes");
    type(page, "Bowl", "200 g flour", "300 g milk", "100 g egg");
    page.getByLabel("Into one piece goes").fill("60 g");
    page.keyboard().press("Escape");
    saved(page);
    keep(page, "to cook twice");
    link(page, "Cook it").first().click();
    for (int morning = 0; morning < 2; morning++) {
      button(page, "Begin").click();
      for (int piece = 0; piece < 8 + morning; piece++) {
        button(page, "One more").click();
      }
      button(page, "Finished").click();
      button(page, "To the version").click();
      if (morning == 0) {
        link(page, "Cook it").first().click();
      }
    }
    Locator picks = page.locator(".runs").getByRole(AriaRole.CHECKBOX);
    assertThat(picks).hasCount(2);
    picks.first().check();
    assertThat(button(page, "Picked mornings side by side")).isDisabled();
    picks.last().check();
    button(page, "Picked mornings side by side").click();
    assertThat(page.locator(".sides-table th .letter")).hasCount(2);
    assertThat(page.getByText("on two mornings?")).isVisible();
  }

  /** A timer that is over rings by the clock, also where the page slept meanwhile. */
  @Test
  void aTimerThatIsOverRings() {
    Page page = start(browser, "Ringing cakes");
    type(page, "Bowl", "200 g flour");
    saved(page);
    keep(page, "to ring");
    page.clock().install();
    link(page, "Cook it").first().click();
    button(page, "Begin").click();
    page.getByLabel("Minutes of the timer", new Page.GetByLabelOptions().setExact(true)).fill("2");
    button(page, "Timer 2 min").click();
    page.clock().fastForward(115_000);
    assertThat(page.locator(".timer.rings")).hasCount(0);
    page.clock().fastForward(10_000);
    assertThat(page.locator(".timer.rings")).containsText("is over");
    button(page, "Silence").click();
    assertThat(page.locator(".timer")).hasCount(0);
  }
}

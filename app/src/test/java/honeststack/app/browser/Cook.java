package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** What a cook does again and again, by role and label. */
final class Cook {
  private Cook() {}

  static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  static Locator row(Page page, String name) {
    return page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(name)).first();
  }

  static void type(Page page, String list, String... lines) {
    Locator entry = page.getByLabel(list + ": new line");
    for (String line : lines) {
      entry.fill(line);
      entry.press("Enter");
    }
  }

  static void count(Page page, String label, String number) {
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(number);
  }

  static Page start(Browser browser, String name) {
    Page page = browser.open("/");
    page.getByLabel("Name of a new recipe").fill(name);
    button(page, "Start it").click();
    assertThat(page.getByLabel("Recipe name")).hasValue(name);
    return page;
  }

  static void saved(Page page) {
    assertThat(page.locator(".save-state")).hasText("saved");
  }

  static void keep(Page page, String reason) {
    button(page, "Keep this version").click();
    page.getByLabel("Why keep it").fill(reason);
    button(page, "Keep").last().click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
  }

  /** Pastes into the bowl, as from another program. */
  static void paste(Page page, String text) {
    page.getByLabel("Bowl: new line").focus();
    page.evaluate(
        "text => { const data = new DataTransfer(); data.setData('text', text);"
            + " document.activeElement.dispatchEvent(new ClipboardEvent('paste',"
            + " { clipboardData: data, bubbles: true, cancelable: true })); }",
        text);
  }
}

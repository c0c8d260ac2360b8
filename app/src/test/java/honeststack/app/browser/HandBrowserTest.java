package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static honeststack.app.browser.Cook.button;
import static honeststack.app.browser.Cook.count;
import static honeststack.app.browser.Cook.keep;
import static honeststack.app.browser.Cook.link;
import static honeststack.app.browser.Cook.saved;
import static honeststack.app.browser.Cook.start;
import static honeststack.app.browser.Cook.type;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import honeststack.app.RunningApplication;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;

/** How it lies in the hand, and what goes out and comes in. */
@ExtendWith(RunningApplication.class)
class HandBrowserTest {
  private static final int MOST_TAPS = 40;
  private static final int TALLEST_ROW = 56;

  @RegisterExtension final Browser browser = new Browser();

  private int taps;

  private void tap(Locator where) {
    taps++;
    where.click();
  }

  private static int width(Page page) {
    return (Integer) page.evaluate("document.scrollingElement.scrollWidth");
  }

  private static String name(String words) {
    return words + " " + UUID.randomUUID().toString().substring(0, 8);
  }

  @Test
  void aWholeRecipeIsMadeOnAPhone() {
    Page page = browser.open("/");
    page.setViewportSize(390, 844);
    assertThat(page.locator("header.masthead").boundingBox().height).isLessThan(60);
    tap(page.getByLabel("Name of a new recipe"));
    page.keyboard().type(name("Phone cakes"));
    tap(button(page, "Start it"));
    tap(page.getByLabel("Bowl: new line"));
    List<String> bowl =
        List.of(
            "200 g rye flour",
            "1 tsp baking powder",
            "2 eggs",
            "300 ml milk",
            "a pinch of salt",
            "2 tbsp sugar",
            "1 tsp cinnamon",
            "100 g quark",
            "30 g butter",
            "1 pear");
    for (String line : bowl) {
      page.keyboard().type(line);
      page.keyboard().press("Enter");
    }
    assertThat(page.getByLabel("Bowl, line 10")).hasValue("1 pear");
    page.getByLabel("Bowl: new line").blur();
    for (Locator row : page.locator(".bowl .lines li").all()) {
      assertThat(row.boundingBox().height).isLessThanOrEqualTo(TALLEST_ROW);
    }
    tap(button(page, "Open: 2 eggs"));
    tap(button(page, "Leave it out"));
    assertThat(page.getByText("left out this time")).isVisible();
    tap(button(page, "Put it in again"));
    tap(page.getByLabel("Came out", new Page.GetByLabelOptions().setExact(true)));
    page.keyboard().type("9");
    tap(page.getByLabel("Toppings: new line"));
    page.keyboard().type("1 tbsp honey");
    page.keyboard().press("Enter");
    tap(page.locator(".tally-strip"));
    assertThat(page.locator("#tally-title")).isInViewport();
    assertThat(width(page)).isEqualTo(390);
    Axe.check(page);
    saved(page);
    tap(button(page, "Keep this version"));
    assertThat(page.getByLabel("Why keep it")).isFocused();
    page.keyboard().type("made on a phone");
    page.goBack();
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    assertThat(page).hasURL(Pattern.compile(".*/bench/.*"));
    tap(button(page, "Keep this version"));
    assertThat(page.getByLabel("Why keep it")).isFocused();
    page.keyboard().type("made on a phone");
    page.keyboard().press("Enter");
    assertThat(page.locator(".kept-row")).containsText("1");
    assertThat(taps).isLessThanOrEqualTo(MOST_TAPS);
  }

  @Test
  void whatWasTypedAndDoneSurvivesAReload() {
    Page page = start(browser, name("Lasting cakes"));
    type(page, "Bowl", "200 g plain flour", "2 eggs");
    page.getByLabel("Bowl, line 1").fill("250 g plain flour");
    saved(page);
    page.getByLabel("Bowl: new line").fill("half typed");
    page.reload();
    assertThat(page.getByLabel("Bowl: new line")).hasValue("half typed");
    page.getByLabel("Bowl: new line").fill("");
    button(page, "Undo").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("200 g plain flour");
    button(page, "Redo").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("250 g plain flour");
  }

  @Test
  void aLineIsDraggedToItsPlace() {
    Page page = start(browser, name("Dragged cakes"));
    type(page, "Bowl", "200 g plain flour", "2 eggs", "300 g milk");
    Locator rows = page.locator(".bowl .lines li");
    rows.nth(2).hover();
    var from = rows.nth(2).locator(".grip").boundingBox();
    var to = rows.nth(0).boundingBox();
    page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
    page.mouse().down();
    Mouse.MoveOptions slowly = new Mouse.MoveOptions().setSteps(12);
    page.mouse().move(to.x + 20, to.y + 30, slowly);
    page.mouse().move(to.x + 20, to.y + 2, slowly);
    page.mouse().up();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("300 g milk");
    button(page, "Undo").click();
    assertThat(page.getByLabel("Bowl, line 1")).hasValue("200 g plain flour");
  }

  /** What stands on the page stands on paper, and no button does. */
  @Test
  void aVersionIsPrinted() throws IOException {
    Page page = start(browser, name("Printed cakes"));
    type(page, "Bowl", "200 g plain flour", "2 eggs");
    count(page, "Came out", "8");
    keep(page, "to print");
    link(page, "1").click();
    assertThat(page.getByText("Work on from here")).isVisible();
    try (PDDocument paper = Loader.loadPDF(page.pdf())) {
      String text = new PDFTextStripper().getText(paper);
      assertThat(text).contains("200 g plain flour").contains("energy").contains("to print");
      assertThat(text).doesNotContain("Work on from here").doesNotContain("Larder");
    }
  }

  @Test
  void aRecipeComesFromAPageAndGoesToAFile() throws IOException {
    Page page = browser.open("/");
    button(page, "From a file").click();
    String name = name("Dropped cakes");
    String data =
        "<html><script type=\"application/ld+json\">{\"@type\":\"Recipe\",\"name\":\""
            + name
            + "\",\"recipeYield\":\"6\",\"recipeIngredient\":[\"150 g rolled oats\",\"2 eggs\"]}"
            + "</script></html>";
    page.locator(".bring-in input[type=file]")
        .setInputFiles(
            new FilePayload("cakes.html", "text/html", data.getBytes(StandardCharsets.UTF_8)));
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(sheet.getByLabel("Line found 1")).hasValue("150 g rolled oats");
    button(page, "Add 2 lines").click();
    assertThat(page.getByLabel("Bowl, line 2")).hasValue("2 eggs");
    saved(page);
    keep(page, "as it came");

    link(page, "Shelf").click();
    button(page, "More of " + name).click();
    Download file =
        page.waitForDownload(() -> page.getByText("Save it as a file, with all versions").click());
    byte[] own = Files.readAllBytes(file.path());
    button(page, "More of " + name).click();
    page.locator(".ant-dropdown:not(.ant-dropdown-hidden)").getByText("Put it in the bin").click();
    assertThat(link(page, name)).isHidden();
    page.getByRole(AriaRole.MAIN);
    button(page, "From a file").click();
    page.locator(".bring-in input[type=file]")
        .setInputFiles(new FilePayload("own.json", "application/json", own));
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("1 kept version");
    button(page, "Put it on the shelf").click();
    assertThat(link(page, name)).isVisible();
    assertThat(page.getByText("as it came").first()).isVisible();
  }

  @Test
  void theBinGivesBackAndTheBackupHoldsAll() {
    Page page = browser.open("/goals");
    Locator form =
        page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New goal set"));
    String name = name("Thrown goals");
    form.getByLabel("Name of the goals").fill(name);
    form.getByLabel("protein, at least").fill("12");
    form.getByText("Add").click();
    Locator set = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName(name));
    set.getByText("Remove").click();
    page.locator(".ant-popconfirm").getByText("Remove").last().click();
    assertThat(set).isHidden();
    link(page, "Bin and backup").click();
    button(page, "Put back " + name).click();
    assertThat(button(page, "Put back " + name)).isHidden();
    Download backup = page.waitForDownload(() -> link(page, "Save a backup").click());
    page.locator(".ant-upload input[type=file]").setInputFiles(backup.path());
    assertThat(page.locator(".archive-review")).containsText("are on the shelf already");
    Axe.check(page);
    button(page, "Add what is missing").click();
    assertThat(page.getByText("0 recipes and 0 other things were put back")).isVisible();
  }

  @Test
  void theShelfIsSearchedByItsWords() {
    String name = name("Found cakes");
    Page page = start(browser, name);
    type(page, "Bowl", "200 g plain flour");
    saved(page);
    link(page, "Shelf").click();
    button(page, "More of " + name).click();
    page.locator(".ant-dropdown:not(.ant-dropdown-hidden)")
        .getByText("Words to find it by")
        .click();
    String word = "word" + UUID.randomUUID().toString().substring(0, 6);
    page.getByLabel("Words to find it by").fill("saturday, " + word);
    button(page, "Keep them").click();
    page.getByLabel("Find a recipe").fill(word);
    assertThat(page.locator(".recipes > li")).hasCount(1);
    assertThat(link(page, name)).isVisible();
    Axe.check(page);
  }
}

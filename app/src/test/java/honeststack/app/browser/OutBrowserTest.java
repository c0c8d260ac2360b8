package honeststack.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static honeststack.app.browser.Cook.count;
import static honeststack.app.browser.Cook.keep;
import static honeststack.app.browser.Cook.link;
import static honeststack.app.browser.Cook.saved;
import static honeststack.app.browser.Cook.start;
import static honeststack.app.browser.Cook.type;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.EmulateMediaOptions;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import honeststack.app.RunningApplication;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Pictures, tables, bands and schemes, as they are met on the pages. */
@ExtendWith(RunningApplication.class)
class OutBrowserTest {
  @RegisterExtension final Browser browser = new Browser();

  private static String name(String words) {
    return words + " " + UUID.randomUUID().toString().substring(0, 8);
  }

  private Page cakes(String words) {
    Page page = start(browser, name(words));
    type(page, "Bowl", "200 g plain flour", "2 eggs", "300 g milk");
    count(page, "Came out", "8");
    saved(page);
    return page;
  }

  /** Nothing serious in axe's eyes on any page, by day or by night. */
  @Test
  void everyPageCanBeReadInBothSchemes() {
    Page page = cakes("Bright cakes");
    String bench = page.url();
    keep(page, "to look at");
    link(page, "1").click();
    assertThat(page.getByText("Work on from here")).isVisible();
    List<String> pages =
        List.of(
            "/",
            bench,
            page.url(),
            "/larder",
            "/measuring",
            "/keeping",
            "/claims",
            "/schools",
            "/safe");
    for (ColorScheme scheme : new ColorScheme[] {ColorScheme.LIGHT, ColorScheme.DARK}) {
      page.emulateMedia(new EmulateMediaOptions().setColorScheme(scheme));
      for (String path : pages) {
        page.navigate(path);
        assertThat(page.getByRole(AriaRole.HEADING, new GetByRoleOptions().setLevel(1)).first())
            .isVisible();
        page.waitForTimeout(300);
        Axe.check(page);
        assertThat(page.title()).endsWith("Honest Stack");
      }
    }
  }

  @Test
  void aPictureIsSavedAsSvgAndAsPng() throws IOException {
    Page page = cakes("Drawn cakes");
    Locator stack = page.locator("figure.stack").first();
    Download svg =
        page.waitForDownload(
            () ->
                stack
                    .getByRole(AriaRole.BUTTON)
                    .filter(new Locator.FilterOptions().setHasText("SVG"))
                    .click());
    String drawing = Files.readString(svg.path());
    var parsed = Jsoup.parse(drawing, Parser.xmlParser());
    assertThat(parsed.select("svg").attr("xmlns")).isEqualTo("http://www.w3.org/2000/svg");
    assertThat(parsed.select("rect")).isNotEmpty();
    assertThat(parsed.select("[class]")).as("it stands without the page's style").isEmpty();
    Download png =
        page.waitForDownload(
            () ->
                stack
                    .getByRole(AriaRole.BUTTON)
                    .filter(new Locator.FilterOptions().setHasText("PNG"))
                    .click());
    byte[] picture = Files.readAllBytes(png.path());
    // The signature of PNG (ISO/IEC 15948, 5.2).
    assertThat(picture).startsWith(0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A);
    assertThat(picture.length).isGreaterThan(2000);
  }

  /** What does not belong to what is typed looks so, and says so. */
  @Test
  void figuresThatAreNotOfWhatIsTypedSaySo() {
    Page page = cakes("Cut off cakes");
    assertThat(page.locator(".stale-note")).isHidden();
    page.route("**/api/figures*", route -> route.abort());
    page.getByLabel("Bowl, line 1").fill("400 g plain flour");
    assertThat(page.locator(".stale-note")).containsText("of what was typed before");
    assertThat(page.locator(".tally-station.stale")).isVisible();
    page.unroute("**/api/figures*");
    page.getByLabel("Bowl, line 1").fill("401 g plain flour");
    assertThat(page.locator(".stale-note")).isHidden();
  }

  @Test
  void theEndsOfABandAreMovedByKeys() {
    Page page = browser.open("/goals");
    Locator form = page.getByRole(AriaRole.FORM, new GetByRoleOptions().setName("New goal set"));
    form.getByLabel("protein, at least").fill("30");
    Locator end = form.getByLabel("protein: drag the lower end");
    end.focus();
    page.keyboard().press("ArrowRight");
    assertThat(form.getByLabel("protein, at least")).hasValue("30.6");
    page.keyboard().press("Home");
    assertThat(form.getByLabel("protein, at least")).hasValue("");
  }

  @Test
  void aCupIsShownFilledInEachWay() {
    Page page = browser.open("/measuring");
    Locator picture = page.locator(".cups svg");
    assertThat(picture).containsText("spooned");
    assertThat(picture).containsText("125 g");
    page.getByLabel("What is in the cup").fill("zorbleberries");
    assertThat(page.locator(".cups")).containsText("No food in the larder is called");
    page.getByLabel("What is in the cup").fill("brown sugar");
    assertThat(picture).containsText("packed");
    assertThat(picture).containsText("220 g");
  }

  private static byte[] table(String name) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Map<String, String> files =
        Map.of(
            "food.csv",
            "fdc_id,data_type,description\n777001,sr_legacy_food,\"" + name + "\"\n",
            "nutrient.csv",
            "id,name,unit_name,nutrient_nbr\n1008,Energy,KCAL,208\n",
            "food_nutrient.csv",
            "id,fdc_id,nutrient_id,amount\n1,777001,1008,321\n");
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, String> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
      }
    }
    return out.toByteArray();
  }

  @Test
  void aFoodTableIsBroughtIn() throws IOException {
    Page page = browser.open("/larder");
    String name = name("Tabled meal");
    page.getByLabel("Food table", new Page.GetByLabelOptions().setExact(true))
        .setInputFiles(new FilePayload("table.zip", "application/zip", table(name)));
    assertThat(page.locator(".table-in")).containsText("1 added");
    page.getByPlaceholder("Look for a food").fill(name);
    assertThat(page.getByText(name + " (FDC 777001)").first()).isVisible();
    page.getByLabel("Food table", new Page.GetByLabelOptions().setExact(true))
        .setInputFiles(
            new FilePayload("x.csv", "text/csv", "a,b".getBytes(StandardCharsets.UTF_8)));
    assertThat(page.locator(".exchange")).containsText("no food table that is known");
  }

  @Test
  void onlyWhatDiffersIsShownSideBySide() {
    Page page = cakes("Beside cakes");
    keep(page, "plain");
    page.getByLabel("Bowl, line 1").fill("240 g plain flour");
    saved(page);
    keep(page, "more flour");
    link(page, "Side by side").last().click();
    assertThat(page.locator(".in-short")).containsText("more energy than A");
    assertThat(page.locator(".line-table tbody tr")).not().hasCount(1);
    page.getByText("only what differs").click();
    assertThat(page.locator(".line-table tbody tr")).hasCount(1);
    assertThat(page.locator(".line-table tbody tr")).containsText("240 g");
    assertThat(link(page, "On one page (PDF)")).isVisible();
  }
}

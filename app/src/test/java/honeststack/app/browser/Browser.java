package honeststack.app.browser;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import honeststack.app.RunningApplication;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** One Chromium for the whole run, a fresh context for each test. */
final class Browser implements BeforeEachCallback, AfterEachCallback {
  static final int WIDTH = 1280;
  static final int HEIGHT = 800;

  /** What is awaited comes within a second; a machine with other work may take far longer. */
  private static final int PATIENCE_MS = 30_000;

  private static com.microsoft.playwright.Browser browser;

  private BrowserContext context;

  private static com.microsoft.playwright.Browser chromium() {
    if (browser == null) {
      PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
      Playwright playwright = Playwright.create();
      browser =
          playwright
              .chromium()
              .launch(
                  new LaunchOptions()
                      .setExecutablePath(Path.of("/usr/bin/chromium"))
                      .setArgs(
                          List.of(
                              "--no-sandbox",
                              "--disable-gpu",
                              "--disable-quic",
                              "--no-first-run",
                              "--disable-background-networking",
                              "--disable-component-update",
                              "--disable-sync")));
      Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
    }
    return browser;
  }

  @Override
  public void beforeEach(ExtensionContext extension) {
    context =
        chromium()
            .newContext(
                new NewContextOptions()
                    .setBaseURL(RunningApplication.address())
                    .setLocale("en-GB")
                    .setReducedMotion(ReducedMotion.REDUCE)
                    .setViewportSize(WIDTH, HEIGHT));
    context.setDefaultTimeout(PATIENCE_MS);
  }

  @Override
  public void afterEach(ExtensionContext extension) {
    context.close();
  }

  Page open(String path) {
    Page page = context.newPage();
    page.navigate(path);
    return page;
  }
}

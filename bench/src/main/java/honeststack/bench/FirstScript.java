package honeststack.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;

/** How much script the first page loads. */
final class FirstScript {
  private static final Path PAGES = Path.of("web/dist");
  private static final Pattern SCRIPT = Pattern.compile("(?:src|href)=\"(/assets/[^\"]+\\.js)\"");

  private FirstScript() {}

  static void print() throws IOException {
    double bytes = 0;
    var scripts = SCRIPT.matcher(Files.readString(PAGES.resolve("index.html")));
    while (scripts.find()) {
      ByteArrayOutputStream packed = new ByteArrayOutputStream();
      try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
        Files.copy(PAGES.resolve(scripts.group(1).substring(1)), gzip);
      }
      bytes += packed.size();
    }
    System.out.printf("the first page's scripts: %.0f kB gzip (goal: at most 300)%n", bytes / 1000);
  }
}

package honeststack.app.paper;

import com.openhtmltopdf.extend.FSStream;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** XHTML to PDF, with the product's own type, tagged for reading aloud. Nothing is fetched. */
@Component
class SheetWriter {
  /** Pictures look for their type in the style sheet, and nowhere else. */
  private static final String FOR_PICTURES = "shipped:sheet.ttf";

  private static final String STYLE = read("paper/sheet.css");

  private static String read(String path) {
    try {
      return new ClassPathResource(path).getContentAsString(StandardCharsets.UTF_8);
    } catch (IOException missing) {
      throw new UncheckedIOException(missing);
    }
  }

  private static InputStream font(String name) {
    try {
      return new ClassPathResource("paper/" + name).getInputStream();
    } catch (IOException missing) {
      throw new UncheckedIOException(missing);
    }
  }

  /** The one thing that a sheet can ask for by its address. */
  private static final class Shipped implements FSStream {
    @Override
    public InputStream getStream() {
      return font("sheet.ttf");
    }

    @Override
    public Reader getReader() {
      return new InputStreamReader(getStream(), StandardCharsets.UTF_8);
    }
  }

  SheetWriter() {
    // It says by name which fonts a PDF could have used and did not.
    XRLog.setLoggingEnabled(false);
  }

  byte[] upright(String title, String body) {
    return pdf(title, body, "A4");
  }

  byte[] small(String title, String body) {
    return pdf(title, body, "148mm 105mm; margin: 8mm");
  }

  byte[] wide(String title, String body) {
    return pdf(title, "<div class=\"wide\">" + body + "</div>", "A4 landscape");
  }

  private byte[] pdf(String title, String body, String size) {
    String html =
        "<!DOCTYPE html><html lang=\"en\"><head><title>"
            + Html.escaped(title)
            + "</title><meta name=\"subject\" content=\"Honest Stack\"/><style>"
            + STYLE
            + "@font-face { font-family: Sheet; src: url("
            + FOR_PICTURES
            + "); }"
            + "@page { size: "
            + size
            + "; }"
            + "</style></head><body>"
            + body
            + "</body></html>";
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfRendererBuilder builder = new PdfRendererBuilder();
    builder.useFastMode();
    builder.usePdfUaAccessibility(true);
    builder.useSVGDrawer(new BatikSVGDrawer());
    builder.useUriResolver((base, uri) -> FOR_PICTURES.equals(uri) ? uri : null);
    builder.useProtocolsStreamImplementation(uri -> new Shipped(), "shipped");
    builder.useFont(
        () -> font("sheet.ttf"), "Sheet", 400, PdfRendererBuilder.FontStyle.NORMAL, true);
    builder.useFont(
        () -> font("sheet-bold.ttf"), "Sheet", 700, PdfRendererBuilder.FontStyle.NORMAL, true);
    // Signs that our own type lacks, such as ≥ and ⅓, come from the one that PDFBox ships.
    builder.useFont(
        () ->
            PDFont.class.getResourceAsStream(
                "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf"),
        "Further");
    builder.withHtmlContent(html, null);
    builder.withProducer("Honest Stack");
    builder.toStream(out);
    try {
      builder.run();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
    return out.toByteArray();
  }
}

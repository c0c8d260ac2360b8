package honeststack.app.paper;

import java.util.List;
import org.springframework.web.util.HtmlUtils;

/** Well-formed XHTML, piece by piece. */
final class Html {
  private final StringBuilder text = new StringBuilder();

  static String escaped(String words) {
    // Numbers instead of names: XML knows only five names.
    return HtmlUtils.htmlEscapeDecimal(words);
  }

  Html raw(String xhtml) {
    text.append(xhtml);
    return this;
  }

  /** An element with a text; nothing for a blank one. */
  Html element(String name, String words) {
    if (!words.isBlank()) {
      text.append('<').append(name).append('>').append(escaped(words));
      text.append("</").append(name.split(" ")[0]).append('>');
    }
    return this;
  }

  Html list(String name, List<String> items) {
    if (!items.isEmpty()) {
      text.append('<').append(name).append('>');
      items.forEach(item -> element("li", item));
      text.append("</").append(name.split(" ")[0]).append('>');
    }
    return this;
  }

  /** A table; the first row is its head, the first cell of each other row names it. */
  Html table(List<List<String>> rows) {
    text.append("<table><thead><tr>");
    rows.get(0).forEach(cell -> element("th scope=\"col\"", cell.isBlank() ? "\u00a0" : cell));
    text.append("</tr></thead><tbody>");
    for (List<String> row : rows.subList(1, rows.size())) {
      text.append("<tr>");
      element("th scope=\"row\"", row.get(0));
      row.subList(1, row.size())
          .forEach(cell -> element("td class=\"range\"", cell.isBlank() ? "\u00a0" : cell));
      text.append("</tr>");
    }
    text.append("</tbody></table>");
    return this;
  }

  @Override
  public String toString() {
    return text.toString();
  }
}

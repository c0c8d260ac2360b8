package honeststack.app.paper;

import honeststack.core.claim.Panel;
import honeststack.core.claim.Panel.Row;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.List;

/** A label to teach with, as a table and as SVG. */
final class PanelDrawing {
  static final String TITLE =
      "What a label would state, rounded as the law has it: for teaching, not a legal label.";

  private static final int WIDTH = 420;
  private static final int LINE = 22;
  private static final int EDGE = 14;

  private PanelDrawing() {}

  static List<List<String>> rows(Panel panel) {
    List<List<String>> rows = new ArrayList<>();
    List<String> heads = new ArrayList<>(List.of(""));
    heads.addAll(panel.amounts());
    heads.add("of a day’s reference");
    rows.add(heads);
    for (Row row : panel.rows()) {
      List<String> cells = new ArrayList<>();
      cells.add((row.within() ? "– " : "") + row.words());
      cells.addAll(row.values());
      cells.add(row.share());
      rows.add(cells);
    }
    return rows;
  }

  static String svg(Panel panel) {
    List<List<String>> rows = rows(panel);
    int height = 2 * EDGE + LINE * (rows.size() + 2);
    StringBuilder svg =
        new StringBuilder(
            Say.of(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\""
                    + " viewBox=\"0 0 %d %d\" font-family=\"sans-serif\" font-size=\"13\""
                    + " fill=\"#000\"><rect x=\"1\" y=\"1\" width=\"%d\" height=\"%d\""
                    + " fill=\"#fff\" stroke=\"#000\" stroke-width=\"2\"/>",
                WIDTH, height, WIDTH, height, WIDTH - 2, height - 2));
    int y = EDGE;
    for (int i = 0; i < rows.size(); i++) {
      y += LINE;
      List<String> row = rows.get(i);
      text(svg, EDGE, y, "start", row.get(0), i);
      int columns = row.size() - 1;
      for (int c = 1; c <= columns; c++) {
        int x = WIDTH - EDGE - (columns - c) * (columns == 2 ? 130 : 105);
        text(svg, x, y, "end", row.get(c), i);
      }
      svg.append(
          Say.of(
              "<path d=\"M%d %dH%d\" stroke=\"#999\" stroke-width=\"0.6\"/>",
              EDGE, y + 6, WIDTH - EDGE));
    }
    text(svg, EDGE, y + LINE + 4, "start", "Rounded as the law has it: for teaching,", 0);
    text(svg, EDGE, y + 2 * LINE, "start", "not a legal label.", 0);
    return svg.append("</svg>").toString();
  }

  private static void text(StringBuilder svg, int x, int y, String anchor, String words, int row) {
    svg.append(
        Say.of(
            "<text x=\"%d\" y=\"%d\" text-anchor=\"%s\"%s>%s</text>",
            x, y, anchor, row == 0 ? " font-size=\"11\"" : "", Html.escaped(words)));
  }
}

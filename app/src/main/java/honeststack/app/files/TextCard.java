package honeststack.app.files;

import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresAnswer.FigureAnswer;
import honeststack.core.figures.Basis;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.List;

/** A recipe as plain text, to be pasted anywhere; it can be read back as it is. */
final class TextCard {
  private TextCard() {}

  static String write(JsonLd.Content content) {
    List<String> lines = new ArrayList<>();
    lines.add(content.name());
    if (!content.yield().isBlank()) {
      lines.add("Makes " + content.yield());
    }
    lines.add("");
    lines.add("Ingredients");
    lines.addAll(JsonLd.ingredients(content.draft()));
    List<String> method = content.draft().method();
    if (method != null && !method.isEmpty()) {
      lines.add("");
      lines.add("Method");
      for (int i = 0; i < method.size(); i++) {
        lines.add(i + 1 + ". " + method.get(i));
      }
    }
    if (!content.serving().isBlank()) {
      lines.add("");
      lines.add("Nutrition");
      lines.add("Serving: " + content.serving());
      figures(content.figures(), lines);
    }
    return String.join("\n", lines) + "\n";
  }

  private static void figures(FiguresAnswer answer, List<String> lines) {
    for (FiguresAnswer.BasisAnswer basis : answer.bases()) {
      for (int i = 0; basis.basis() == Basis.AS_SERVED && i < basis.figures().size(); i++) {
        FigureAnswer figure = basis.figures().get(i);
        String range =
            figure.bound() == null ? Say.of(" (%.1f to %.1f)", figure.low(), figure.high()) : "";
        FiguresAnswer.MeasurandAnswer of = answer.measurands().get(i);
        lines.add(of.words() + ": " + JsonLd.words(figure, of.unit()) + range);
      }
    }
    if (!answer.without().isEmpty()) {
      lines.add("Not in the numbers: " + Say.listed(answer.without()));
    }
    lines.add(JsonLd.CAUTION);
  }
}

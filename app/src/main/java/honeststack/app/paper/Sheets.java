package honeststack.app.paper;

import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresAnswer.JudgementAnswer;
import honeststack.app.figures.FiguresAnswer.LineAnswer;
import honeststack.app.figures.FiguresAnswer.PromiseAnswer;
import honeststack.app.figures.FiguresAnswer.TrailAnswer;
import honeststack.app.figures.FiguresService;
import honeststack.app.figures.Shown;
import honeststack.app.kept.KeptService;
import honeststack.app.kept.KeptService.Kept;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.core.claim.Panel;
import honeststack.core.claim.Rounding;
import honeststack.core.figures.Basis;
import honeststack.core.promise.Promises.Standing;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** What stands on each sheet. */
@Service
class Sheets {
  private static final double STACK = 240;
  private static final int MOST_SOURCES = 5;
  private final KeptService kept;
  private final FiguresService figures;
  private final SheetWriter writer;

  Sheets(KeptService kept, FiguresService figures, SheetWriter writer) {
    this.kept = kept;
    this.figures = figures;
    this.writer = writer;
  }

  private FiguresAnswer answer(Kept version, Shown shown) {
    return figures.answer(
        version.reading(), Optional.ofNullable(version.draft().goalSetId()), shown);
  }

  /** One page to cook from, with what is in a serving. */
  byte[] card(String versionId, Shown shown) {
    Kept version = kept.kept(versionId);
    FiguresAnswer answer = answer(version, shown);
    Html page = head(version);
    page.raw("<table class=\"beside\"><tr><td>");
    work(page, version.draft(), answer);
    page.raw("</td><td>");
    page.element("h2", "In a serving").raw(table(answer));
    holds(page, answer);
    page.raw("</td></tr></table>");
    cautions(page, answer);
    return writer.upright(version.label(), page.toString());
  }

  private static Html head(Kept version) {
    return new Html().element("h1", version.label()).element("p class=\"quiet\"", version.reason());
  }

  private static void work(Html page, Draft draft, FiguresAnswer answer) {
    Map<String, LineAnswer> readings =
        answer.lines().stream().collect(Collectors.toMap(LineAnswer::id, Function.identity()));
    page.element("h2", "Bowl").list("ul", lines(draft.bowl(), readings));
    if (draft.kind() != Draft.Kind.PREPARATION) {
      page.element("h2", "Griddle");
      page.element("p", cameOut(draft, answer));
      List<DraftLine> fats = new ArrayList<>(List.of(draft.griddle().panFat()));
      if (draft.griddle().making() != null && draft.griddle().making().moreFat() != null) {
        fats.addAll(draft.griddle().making().moreFat());
      }
      page.list("ul", lines(fats, readings));
      page.element("h2", "Plate");
      if (draft.plate().pieces() != null) {
        page.element("p", number(draft.plate().pieces()) + " pieces in a serving");
      }
      page.list("ul", lines(draft.plate().toppings(), readings));
    }
    if (draft.method() != null && !draft.method().isEmpty()) {
      page.element("h2", "The work").list("ol", draft.method());
    }
  }

  private static String cameOut(Draft draft, FiguresAnswer answer) {
    String kind = draft.kind() == Draft.Kind.WAFFLE ? " waffles" : " pancakes";
    if (draft.griddle().pieces() != null) {
      return draft.griddle().pieces() + kind + " came out.";
    }
    return answer.yield() == null
        ? "Nobody counted the pieces."
        : Say.of("About %.0f%s, foretold.", answer.yield().pieces().value(), kind);
  }

  private static List<String> lines(List<DraftLine> lines, Map<String, LineAnswer> readings) {
    return lines.stream()
        .filter(line -> !line.text().isBlank())
        .map(line -> line.text().strip() + weight(readings.get(line.id())))
        .toList();
  }

  private static String weight(LineAnswer line) {
    if (line == null) {
      return "";
    }
    return line.grams() == null
        ? " (not in the numbers)"
        : " — " + Written.range(line.grams()) + " g";
  }

  private static String number(double value) {
    return value == Math.rint(value) ? Say.of("%.0f", value) : Say.of("%.1f", value);
  }

  private static String table(FiguresAnswer answer) {
    List<FiguresAnswer.BasisAnswer> shown =
        answer.bases().stream()
            .filter(basis -> basis.basis() == Basis.AS_SERVED || basis.basis() == Basis.PER_PIECE)
            .toList();
    if (shown.isEmpty()) {
      return new Html().element("p", "No serving is said, so it has no figures.").toString();
    }
    List<List<String>> rows = new ArrayList<>();
    List<String> heads = new ArrayList<>(List.of(""));
    shown.forEach(basis -> heads.add(basis.basis() == Basis.AS_SERVED ? "as served" : "per piece"));
    rows.add(heads);
    for (int i = 0; i < answer.measurands().size(); i++) {
      List<String> row = new ArrayList<>();
      row.add(answer.measurands().get(i).words() + ", " + answer.measurands().get(i).unit());
      for (FiguresAnswer.BasisAnswer basis : shown) {
        row.add(Written.words(basis.figures().get(i)));
      }
      rows.add(row);
    }
    Html table = new Html().table(rows);
    if (!answer.without().isEmpty()) {
      table.element("p", "Not in the numbers: " + String.join("; ", answer.without()) + ".");
    }
    return table
        .element(
            "p class=\"quiet\"",
            "In brackets the range: value ± 2 standard uncertainties. " + Written.schools(answer))
        .toString();
  }

  private static void holds(Html page, FiguresAnswer answer) {
    page.element("h2", "What it holds");
    page.element(
        "p",
        answer.allergens().contains().isEmpty()
            ? "No allergen is known of its foods."
            : "Contains " + String.join(", ", answer.allergens().contains()) + ".");
    List<String> yes =
        answer.promises().stream()
            .filter(promise -> promise.standing() == Standing.YES)
            .map(FiguresAnswer.PromiseAnswer::words)
            .toList();
    page.element("p", yes.isEmpty() ? "" : "Can be said of it: " + String.join(", ", yes) + ".");
  }

  private static void cautions(Html page, FiguresAnswer answer) {
    page.element("h2", "Mind");
    if (answer.cautions() != null) {
      page.list("ul", answer.cautions().stream().map(c -> c.words() + " " + c.basis()).toList());
    }
    page.element("p class=\"quiet\"", Written.CAUTION);
  }

  /**
   * For a class: questions to guess first, then the figures and where they come from.
   *
   * @param shown with what is pictured; energy if that is not said
   */
  byte[] handout(String versionId, Shown shown) {
    Kept version = kept.kept(versionId);
    FiguresAnswer answer = answer(version, shown);
    if (answer.parts().isEmpty()) {
      throw Problem.conflict("Nothing is served yet, so there is nothing to hand out.");
    }
    Html page = head(version);
    work(page, version.draft(), answer);
    page.element("h2", "Guess first").list("ol", questions(answer));
    page.raw("<div class=\"again\">");
    for (int i = 0; i < (shown.pictured() == null ? 1 : answer.pictured().size()); i++) {
      page.element("h2", "One serving, drawn by its " + words(answer, answer.pictured().get(i)));
      page.raw(stack(version, answer, i, 1));
    }
    page.element("h2", "In a serving").raw(table(answer));
    sources(page, version, answer.measurands().get(0).tag());
    goals(page, answer);
    holds(page, answer);
    cautions(page, answer);
    return writer.upright(version.label(), page.raw("</div>").toString());
  }

  private static String words(FiguresAnswer answer, String tag) {
    return answer.measurands().stream()
        .filter(one -> one.tag().equals(tag))
        .map(FiguresAnswer.MeasurandAnswer::words)
        .collect(Collectors.joining());
  }

  private static List<String> questions(FiguresAnswer answer) {
    List<String> questions = new ArrayList<>();
    questions.add("How much energy is in a serving, in kcal? Within which range are you sure?");
    questions.add("Which line brings most of the energy, and which most of the protein?");
    questions.add("Which line was measured worst, so that it makes the range wide?");
    questions.add("What would change if one piece more were served, or the toppings left out?");
    if (!answer.without().isEmpty()) {
      questions.add(
          "What could “" + answer.without().get(0) + "” add, which is not in the numbers?");
    }
    return questions;
  }

  private static String stack(Kept version, FiguresAnswer answer, int pictured, double scale) {
    double pieces = version.draft().plate().pieces() == null ? 1 : version.draft().plate().pieces();
    return StackDrawing.of(answer, pictured, pieces, STACK, scale);
  }

  private void sources(Html page, Kept version, String energy) {
    TrailAnswer trail = figures.trail(version.reading(), Basis.AS_SERVED, energy);
    page.element("h2", "What makes the range of energy");
    page.list(
        "ul",
        trail.budget().stream()
            .limit(MOST_SOURCES)
            .map(share -> Say.of("%s: %.0f %% of it", share.words(), 100 * share.share()))
            .toList());
    if (trail.next() != null) {
      page.element("p", "To know it better, " + trail.next().words() + ".");
    }
    page.element("h2", "Where the values come from");
    Map<String, Set<String>> foods = new LinkedHashMap<>();
    trail
        .parts()
        .forEach(
            part ->
                foods
                    .computeIfAbsent(part.provenance().source(), source -> new LinkedHashSet<>())
                    .add(part.food()));
    List<String> sources = new ArrayList<>();
    foods.forEach((source, of) -> sources.add(source + ": " + Say.listed(of)));
    page.list("ul class=\"quiet\"", sources);
  }

  private static void goals(Html page, FiguresAnswer answer) {
    List<String> goals =
        Stream.concat(
                answer.judgements().stream().map(Sheets::goal),
                answer.promises().stream().filter(PromiseAnswer::wanted).map(Written::promise))
            .toList();
    if (!goals.isEmpty()) {
      page.element("h2", "Goals").list("ul", goals);
    }
  }

  private static String goal(JudgementAnswer goal) {
    String limits =
        (goal.lower() == null ? "" : "at least " + number(goal.lower()) + " ")
            + (goal.upper() == null ? "" : "at most " + number(goal.upper()) + " ");
    return (goal.wish() ? "Nice to have: " : "")
        + goal.measurand().words()
        + " "
        + limits
        + goal.measurand().unit()
        + ": "
        + goal.words()
        + ". "
        + goal.reason();
  }

  /**
   * A label of a serving, to teach with.
   *
   * @throws ProblemException if there is no serving
   */
  Panel panel(String versionId, Rounding manner) {
    if (manner == Rounding.AS_WRITTEN) {
      throw Problem.badInput(
          "manner", "AS_WRITTEN", "No law says how.", "UNITED_STATES or EUROPEAN_UNION");
    }
    Panel panel = Panel.of(kept.kept(versionId).reading(), manner);
    if (panel.rows().isEmpty()) {
      throw Problem.conflict("There is no serving yet, so there is nothing to state.");
    }
    return panel;
  }

  byte[] panelSheet(String versionId, Rounding manner) {
    Html page = head(kept.kept(versionId));
    page.element("p", PanelDrawing.TITLE);
    page.raw("<div class=\"panel\">")
        .table(PanelDrawing.rows(panel(versionId, manner)))
        .raw("</div>")
        .element("p class=\"quiet\"", Written.CAUTION);
    return writer.upright(kept.kept(versionId).label(), page.toString());
  }
}

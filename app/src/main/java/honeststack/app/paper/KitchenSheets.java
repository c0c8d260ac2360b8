package honeststack.app.paper;

import honeststack.app.kept.KeptService;
import honeststack.app.kept.KeptService.Kept;
import honeststack.app.runs.RunAnswers.EventForm;
import honeststack.app.runs.RunAnswers.RunAnswer;
import honeststack.app.runs.RunAnswers.RunFigure;
import honeststack.app.runs.RunService;
import honeststack.app.stock.StockAnswers.StockAnswer;
import honeststack.app.stock.StockAnswers.StockFigure;
import honeststack.app.stock.StockService;
import honeststack.core.estimate.Estimate;
import honeststack.core.keeping.Keeping.Form;
import honeststack.core.morning.Event;
import honeststack.core.morning.Morning;
import honeststack.core.wording.Say;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Sheets of what was cooked and put away. Days and times are those of this machine. */
@Service
class KitchenSheets {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.UK);
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

  private final RunService runs;
  private final KeptService kept;
  private final StockService stock;
  private final SheetWriter writer;

  KitchenSheets(RunService runs, KeptService kept, StockService stock, SheetWriter writer) {
    this.runs = runs;
    this.kept = kept;
    this.stock = stock;
    this.writer = writer;
  }

  private static String at(Instant instant, DateTimeFormatter how) {
    return how.format(instant.atZone(ZoneId.systemDefault()));
  }

  /** What was told of a morning, and what came of it. */
  byte[] morning(String runId) {
    RunAnswer run = runs.run(runId);
    Kept version = kept.kept(run.versionId());
    String by = run.cook().isBlank() ? "" : ", by " + run.cook();
    Html page = new Html().element("h1", version.label());
    page.element("p class=\"quiet\"", "Cooked on " + at(run.startedAt(), DAY) + by);
    page.element("h2", "What came of it").table(outcome(run));
    if (!run.figures().isEmpty()) {
      page.element("h2", "In a serving");
      List<List<String>> rows = new ArrayList<>();
      rows.add(List.of("figure", "best (from–to)"));
      run.figures().forEach(one -> rows.add(figure(one)));
      page.table(rows);
    }
    if (!run.changed().isEmpty()) {
      page.element("h2", "Otherwise than written").list("ul", run.changed());
    }
    page.element("h2", "What was told").list("ul", told(run, version));
    return writer.upright(version.label(), page.toString());
  }

  private static List<List<String>> outcome(RunAnswer run) {
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of("of it", "that morning"));
    row(rows, "pieces", run.pieces(), "%.0f");
    row(rows, "foretold", run.predicted(), "%.1f");
    row(rows, "thrown away", run.discarded() == 0 ? null : run.discarded(), "%.0f");
    row(rows, "a cooked piece weighs", run.cookedPiece(), "%.0f g");
    row(rows, "cooked over raw", run.yieldFactor(), "%.2f");
    row(rows, "minutes at the griddle", run.cookingMinutes(), "%.0f");
    row(rows, "marks, up to five", run.marks(), "%.1f");
    if (run.judged() != null) {
      rows.add(List.of("judged", run.judged()));
    }
    return rows;
  }

  private static void row(List<List<String>> rows, String words, Number value, String how) {
    if (value != null) {
      rows.add(List.of(words, Say.of(how, value.doubleValue())));
    }
  }

  private static List<String> figure(RunFigure one) {
    double far = Estimate.COVERAGE * one.u();
    return List.of(
        one.words() + ", " + one.unit(),
        Written.figure(one.value(), Math.max(0, one.value() - far), one.value() + far));
  }

  private static List<String> told(RunAnswer run, Kept version) {
    Map<String, String> lines = new HashMap<>();
    version.draft().bowl().forEach(line -> lines.put(line.id(), line.text()));
    List<Event> events = run.events().stream().map(EventForm::event).toList();
    return Morning.of(events).counting().stream()
        .map(event -> at(Instant.ofEpochMilli(event.at()), TIME) + " " + words(event, lines))
        .toList();
  }

  private static String words(Event event, Map<String, String> lines) {
    String text = event.text();
    String amount = Double.isNaN(event.amount()) ? "" : Say.of("%.0f", event.amount());
    return switch (event.kind()) {
      case SETUP -> ("begun " + text).strip();
      case STEP_DONE -> "done: " + text;
      case ROUND -> "a round of " + amount;
      case PIECE -> text.isEmpty() ? "one piece" : "one piece, " + text;
      case DISCARDED -> amount + " thrown away";
      case ADJUSTED ->
          lines.containsKey(event.about())
              ? text + ": " + lines.get(event.about())
              : text + " went in";
      case HEAT -> "heat: " + text;
      case TIMER -> "timer " + text + ", " + Say.of("%.1f", event.amount()) + " min";
      case LEFT -> "left in the bowl: " + text;
      case SPILLED -> "spilled: " + text;
      case TASTED -> "tasted: " + text;
      case COOKED -> "cooked, " + (event.amount() > 0 ? amount + " weigh " : "all weigh ") + text;
      case NOTE, JUDGED -> text;
      case FINISHED -> "finished";
      case UNDONE -> "undone";
    };
  }

  /** A label for the box: what, how many, until when. */
  byte[] label(String stockId) {
    StockAnswer put = stock.one(stockId);
    boolean batter = put.form() == Form.BATTER;
    Html page = new Html().element("h1", put.name());
    String many =
        Say.of(batter ? "%.0f g of batter" : "%.1f pieces", put.rest()).replace(".0 ", " ");
    page.element("p", many + ", made " + at(put.madeAt(), DAY));
    page.element("h2", "Use by " + DAY.format(put.useBy())).element("p", put.rule());
    String holds =
        put.figures().stream().map(KitchenSheets::held).collect(Collectors.joining(", "));
    page.element("p", (batter ? "100 g hold " : "A piece holds ") + holds);
    if (!put.note().isBlank()) {
      page.element("p", put.note());
    }
    page.element("p class=\"quiet\"", "Reheat through. A planning figure, not a nutrition label.");
    return writer.small(put.name(), page.toString());
  }

  private static String held(StockFigure one) {
    String value = Say.of(one.value() < 10 ? "%.1f " : "%.0f ", one.value());
    return one.tag().equals("ENERC") ? value + one.unit() : value + one.unit() + " " + one.words();
  }
}

package honeststack.app.adjust;

import honeststack.app.figures.Draft;
import honeststack.app.figures.Draft.DraftAdjustment;
import honeststack.app.figures.Draft.DraftGriddle;
import honeststack.app.figures.Draft.DraftLine;
import honeststack.app.figures.Draft.DraftPlate;
import honeststack.app.figures.FiguresAnswer.LineAnswer;
import honeststack.app.figures.FiguresService;
import honeststack.app.http.BadInputException;
import honeststack.core.adjust.LineWriter;
import honeststack.core.adjust.LineWriter.Rewritten;
import honeststack.core.adjust.Paste;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.measure.LineReader;
import honeststack.core.measure.MassText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.NumberText;
import honeststack.core.measure.RefusedException;
import honeststack.core.measure.Unit;
import honeststack.core.serving.Figures.Station;
import honeststack.core.serving.Recipe;
import honeststack.core.serving.RecipeReading;
import honeststack.core.serving.RecipeReading.Understood;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;

/** Writes drafts anew. Holds no state of any draft. */
@Service
class AdjustService {
  private static final double WORTH_SAYING = 0.01;
  private static final double LEAST_FACTOR = 0.01;
  private static final double MOST_FACTOR = 1000;

  private final FiguresService figures;

  AdjustService(FiguresService figures) {
    this.figures = figures;
  }

  private LineWriter writer(MeasuringSystem system) {
    return new LineWriter(figures.lineReader(), figures.weights(system, SourceBook.firstOrder()));
  }

  /**
   * A pasted line to review.
   *
   * @param place where it would go
   * @param reading what is understood of it; absent for headings and steps
   */
  record ProposedLine(
      Paste.Kind kind,
      String text,
      LineReader.Place place,
      boolean shared,
      @Nullable LineAnswer reading) {}

  List<ProposedLine> lines(String text, MeasuringSystem system) {
    List<Paste.Proposed> proposed = new Paste(figures.lineReader(), writer(system)).lines(text);
    List<DraftLine> lines = new ArrayList<>();
    for (Paste.Proposed line : proposed) {
      String written = line.text().length() > 300 ? line.text().substring(0, 300) : line.text();
      boolean counts = line.kind() == Paste.Kind.LINE;
      lines.add(new DraftLine(UUID.randomUUID().toString(), counts ? written : "", null));
    }
    Map<String, LineAnswer> readings = new HashMap<>();
    figures
        .answer(bowl(system, lines), Optional.empty())
        .lines()
        .forEach(line -> readings.put(line.id(), line));
    List<ProposedLine> answer = new ArrayList<>();
    for (int i = 0; i < proposed.size(); i++) {
      Paste.Proposed line = proposed.get(i);
      answer.add(
          new ProposedLine(
              line.kind(),
              line.text(),
              line.place(),
              line.shared(),
              readings.get(lines.get(i).id())));
    }
    return answer;
  }

  private static Draft bowl(MeasuringSystem system, List<DraftLine> lines) {
    DraftLine none = new DraftLine("none", "", null);
    return new Draft(
        Draft.Kind.PANCAKE,
        system,
        lines,
        new DraftGriddle(null, 0, Recipe.Portioning.LADLE, "", none, ""),
        new DraftPlate(null, List.of()),
        null);
  }

  /**
   * A draft written anew.
   *
   * @param factor how many times as much; 1 where only units changed
   * @param notes what a cook must know of it, in sentences
   * @param eggs factors that make the eggs whole
   */
  record Adjusted(Draft draft, double factor, List<String> notes, List<EggOffer> eggs) {}

  /** A factor that makes the eggs whole, in words. */
  record EggOffer(double factor, String words) {}

  /** What all amounts are written in. */
  enum To {
    GRAMS,
    KITCHEN
  }

  Adjusted convert(Draft draft, To to) {
    LineWriter writer = writer(draft.system());
    List<String> notes = new ArrayList<>();
    Rewriter rewriter =
        (text, food) ->
            to == To.GRAMS ? writer.inGrams(text, food) : writer.inKitchenMeasures(text, food);
    Draft written =
        new Draft(
            draft.kind(),
            draft.system(),
            lines(draft.bowl(), rewriter, notes),
            griddle(draft.griddle(), draft.griddle().pieces(), rewriter, text -> text, notes),
            new DraftPlate(
                draft.plate().pieces(), lines(draft.plate().toppings(), rewriter, notes)),
            draft.goalSetId(),
            draft.preparation());
    return new Adjusted(written, 1, notes, List.of());
  }

  /**
   * How much is wanted; one of these.
   *
   * @param factor times as much, as text: "1 1/2"
   * @param pieces so many pieces of the same size, as text
   * @param batter so much batter, a weight
   * @param piece so heavy a raw piece, a weight; together with {@code pieces}
   */
  record Wanted(String factor, String pieces, String batter, String piece) {}

  Adjusted scale(Draft draft, Wanted wanted) {
    RecipeReading reading = figures.read(draft, SourceBook.firstOrder());
    double factor = factor(draft, reading, wanted);
    LineWriter writer = writer(draft.system());
    List<String> notes = new ArrayList<>();
    Rewriter rewriter = (text, food) -> writer.scaled(text, food, factor);
    List<DraftLine> toppings = new ArrayList<>();
    for (DraftLine line : draft.plate().toppings()) {
      toppings.add(Boolean.TRUE.equals(line.shared()) ? line(line, rewriter, notes) : line);
    }
    Integer pieces =
        draft.griddle().pieces() == null
            ? null
            : (Integer)
                (int) Math.max(1, Math.min(1000, Math.round(draft.griddle().pieces() * factor)));
    if (!wanted.piece().isBlank()) {
      pieces = (int) number("pieces", wanted.pieces());
    }
    Draft written =
        new Draft(
            draft.kind(),
            draft.system(),
            lines(draft.bowl(), rewriter, notes),
            griddle(draft.griddle(), pieces, rewriter, text -> mass(text, factor), notes),
            new DraftPlate(draft.plate().pieces(), toppings),
            draft.goalSetId(),
            draft.preparation());
    return new Adjusted(written, factor, notes, eggs(reading, factor));
  }

  private double factor(Draft draft, RecipeReading reading, Wanted wanted) {
    double batter = reading.made().batter().mass().value();
    double factor;
    if (!wanted.factor().isBlank()) {
      factor = number("factor", wanted.factor().replaceFirst("^[×x]\\s*", ""));
    } else if (!wanted.piece().isBlank()) {
      factor = weight("piece", wanted.piece()) * number("pieces", wanted.pieces()) / batter;
    } else if (!wanted.pieces().isBlank()) {
      Integer came = draft.griddle().pieces();
      if (came == null) {
        throw new BadInputException(
            "pieces",
            wanted.pieces(),
            "Nobody said yet how many pieces this recipe makes.",
            "how many came out, at the griddle; or a piece's weight too");
      }
      factor = number("pieces", wanted.pieces()) / came;
    } else {
      factor = weight("batter", wanted.batter()) / batter;
    }
    if (!(factor >= LEAST_FACTOR && factor <= MOST_FACTOR)) {
      throw new BadInputException(
          "factor",
          NumberText.plain(Double.isFinite(factor) ? factor : 0),
          "That would be %.3g times the recipe.".formatted(factor),
          "1/100 to 1000 times, of a recipe with something in the bowl");
    }
    return factor;
  }

  private static double number(String field, String text) {
    try {
      return NumberText.read(text);
    } catch (RefusedException refused) {
      throw new BadInputException(
          field, text, refused.refusal().problem(), refused.refusal().accepted());
    }
  }

  private static double weight(String field, String text) {
    try {
      Measure mass = MassText.read(text);
      return mass.amount() * mass.unit().grams();
    } catch (RefusedException refused) {
      throw new BadInputException(
          field, text, refused.refusal().problem(), refused.refusal().accepted());
    }
  }

  private static String mass(String text, double factor) {
    if (text.isBlank()) {
      return text;
    }
    try {
      Measure mass = MassText.read(text);
      return NumberText.plain(Math.round(mass.amount() * factor * 10) / 10.0)
          + " "
          + mass.unit().symbol();
    } catch (RefusedException notAWeight) {
      return text;
    }
  }

  /** Eggs that would be broken by the factor, with the nearest factors that keep them whole. */
  private static List<EggOffer> eggs(RecipeReading reading, double factor) {
    List<EggOffer> offers = new ArrayList<>();
    for (Understood line : reading.understood(Station.BOWL)) {
      double eggs = line.amount().first().amount();
      boolean counted = line.food().role() == Role.EGG && line.amount().unit() == Unit.COUNT;
      double wanted = eggs * factor;
      if (!counted || Math.abs(wanted - Math.rint(wanted)) < 1e-6) {
        continue;
      }
      for (double whole : new double[] {Math.floor(wanted), Math.ceil(wanted)}) {
        if (whole >= 1) {
          double other = whole / eggs;
          offers.add(
              new EggOffer(
                  other,
                  "%.0f × %s: everything × %s instead of × %s"
                      .formatted(
                          whole,
                          line.food().name(),
                          NumberText.kitchen(other),
                          NumberText.kitchen(factor))));
        }
      }
    }
    return offers;
  }

  /** Writes one text anew. */
  private interface Rewriter {
    Rewritten rewrite(String text, Optional<Food> picked);
  }

  private List<DraftLine> lines(List<DraftLine> lines, Rewriter rewriter, List<String> notes) {
    return lines.stream().map(line -> line(line, rewriter, notes)).toList();
  }

  private DraftLine line(DraftLine line, Rewriter rewriter, List<String> notes) {
    if (line.text().isBlank()) {
      return line;
    }
    try {
      Optional<Food> picked = Optional.ofNullable(line.foodId()).flatMap(figures::food);
      Rewritten written = rewriter.rewrite(line.text(), picked);
      if (Math.abs(written.rounding()) > WORTH_SAYING) {
        notes.add(
            "“%s” became “%s”: rounding makes it %.0f %% %s."
                .formatted(
                    line.text(),
                    written.text(),
                    100 * Math.abs(written.rounding()),
                    written.rounding() > 0 ? "more" : "less"));
      }
      List<DraftAdjustment> adjustments = new ArrayList<>();
      if (line.adjustments() != null) {
        line.adjustments().forEach(a -> adjustments.add(adjustment(a, rewriter, picked, line)));
      }
      return new DraftLine(
          line.id(),
          written.text(),
          line.foodId(),
          line.strained(),
          line.off(),
          line.shared(),
          line.adjustments() == null ? null : adjustments);
    } catch (RefusedException refused) {
      notes.add("“" + line.text() + "” stays as it is: " + refused.refusal().problem());
      return line;
    }
  }

  private DraftAdjustment adjustment(
      DraftAdjustment adjustment, Rewriter rewriter, Optional<Food> picked, DraftLine line) {
    String text = adjustment.text().strip();
    String sign = text.startsWith("-") || text.startsWith("−") ? "-" : "+";
    Food food = picked.orElseGet(() -> figures.lineReader().read(line.text()).food());
    String bare = text.replaceFirst("^[+−-]\\s*", "");
    return new DraftAdjustment(
        adjustment.at(), sign + rewriter.rewrite(bare, Optional.of(food)).text());
  }

  private DraftGriddle griddle(
      DraftGriddle griddle,
      Integer pieces,
      Rewriter rewriter,
      UnaryOperator<String> masses,
      List<String> notes) {
    int most = pieces == null ? griddle.discarded() : pieces;
    return new DraftGriddle(
        pieces,
        Math.min(griddle.discarded(), most),
        griddle.portioning(),
        masses.apply(griddle.left()),
        line(griddle.panFat(), rewriter, notes),
        masses.apply(griddle.panFatLeft()));
  }
}

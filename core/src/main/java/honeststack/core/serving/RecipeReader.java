package honeststack.core.serving;

import static honeststack.core.measure.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.batter.Preparations;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Foods;
import honeststack.core.measure.DoubtTable;
import honeststack.core.measure.DoubtTable.Way;
import honeststack.core.measure.LineReader;
import honeststack.core.measure.MassText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.OwnWeights;
import honeststack.core.measure.Refusal;
import honeststack.core.measure.RefusedException;
import honeststack.core.measure.ShareText;
import honeststack.core.measure.Weights;
import honeststack.core.serving.Figures.Station;
import honeststack.core.serving.Recipe.AtTheGriddle;
import honeststack.core.serving.Recipe.Line;
import honeststack.core.serving.Recipe.OnThePlate;
import honeststack.core.serving.RecipeReading.FieldProblem;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads a whole recipe into grams. What cannot be read is said, and stays out of the numbers. */
public final class RecipeReader {
  private static final int MOST_PIECES = 1000;

  private final Foods foods;
  private final Preparations preparations;
  private final DoubtTable doubt;
  private final OwnWeights own;
  private final LineReader reader;

  public RecipeReader(Foods foods, DoubtTable doubt) {
    this(foods, Preparations.NONE, doubt);
  }

  /**
   * @param larder where a name is looked up that is not a preparation's
   */
  public RecipeReader(Foods larder, Preparations preparations, DoubtTable doubt) {
    this(larder, preparations, doubt, OwnWeights.NONE);
  }

  /**
   * @param own the cook's own weighings
   */
  public RecipeReader(Foods larder, Preparations preparations, DoubtTable doubt, OwnWeights own) {
    this.own = own;
    this.foods = preparations.before(larder);
    this.preparations = preparations;
    this.doubt = doubt;
    this.reader = new LineReader(foods);
  }

  /** Never throws for what the recipe says; see {@link RecipeReading}. */
  public RecipeReading read(Recipe recipe, SourceBook book) {
    return new Pass(recipe, new Weights(doubt, own, recipe.system(), book), book).read();
  }

  /** One reading of one recipe. */
  private final class Pass {
    private final Recipe recipe;
    private final Weights weights;
    private final SourceBook book;
    private final LinePass lines;
    private final List<FieldProblem> problems = new ArrayList<>();
    private final List<String> findings = new ArrayList<>();
    private final List<String> without = new ArrayList<>();

    Pass(Recipe recipe, Weights weights, SourceBook book) {
      this.lines = new LinePass(recipe, foods, reader, preparations, weights, book);
      this.recipe = recipe;
      this.weights = weights;
      this.book = book;
    }

    RecipeReading read() {
      LinePass.Measured bowl = lines.measured(recipe.bowl(), Station.BOWL);
      Batter batter = new Batter(bowl.foods(), bowl.gaps());
      Optional<Griddle> griddle = griddle(recipe.griddle(), batter);
      LinePass.Measured toppings = lines.measured(recipe.plate().toppings(), Station.PLATE);
      Optional<Plate> plate = plate(recipe.plate(), griddle, toppings);
      Optional<Finished> finished = recipe.finish().flatMap(finish -> finished(finish, batter));
      return new RecipeReading(
          new Made(batter, griddle, plate, finished),
          lines.readings(),
          List.copyOf(problems),
          Stream.concat(lines.findings().stream(), findings.stream()).toList(),
          Stream.concat(lines.without().stream(), without.stream()).toList());
    }

    /** What stayed of each line, its pan fat, and what all of it weighs in the end. */
    private Optional<Finished> finished(Recipe.Finish finish, Batter batter) {
      Map<String, Line> stated = new HashMap<>();
      recipe.bowl().forEach(line -> stated.put(line.id(), line));
      List<MeasuredFood> parts = new ArrayList<>();
      batter.lines().forEach(part -> parts.add(strained(stated.get(part.id()), part)));
      recipe
          .griddle()
          .panFat()
          .filter(line -> !line.isBlank())
          .flatMap(lines::pan)
          .ifPresent(fat -> parts.add(panFat(fat, recipe.griddle().panFatLeft()).taken()));
      Estimate.Sum sum = new Estimate.Sum();
      parts.forEach(part -> sum.add(part.mass(), 1));
      Estimate all = sum.total();
      if (all.value() <= 0) {
        return Optional.empty();
      }
      Estimate weight =
          mass("finish.weight", finish.weight(), "the finished preparation").orElse(all);
      if (weight.value() <= 0) {
        refuse(
            "finish.weight",
            finish.weight(),
            "“" + finish.weight().strip() + "” cannot be all of it.",
            "more than 0 g");
        weight = all;
      }
      mass("finish.cupWeighs", finish.cupWeighs(), "a cup of it")
          .filter(cup -> cup.value() <= 0)
          .ifPresent(
              cup ->
                  refuse(
                      "finish.cupWeighs",
                      finish.cupWeighs(),
                      "A cup of it cannot weigh nothing.",
                      "more than 0 g"));
      if (weight.value() > all.value() + 2 * Math.hypot(weight.u(), all.u())) {
        findings.add(
            "It weighs %.0f g in the end, but only %.0f g stayed of what went in."
                .formatted(weight.value(), all.value()));
      }
      return Optional.of(new Finished(parts, weight));
    }

    private MeasuredFood strained(Line line, MeasuredFood part) {
      if (line == null || line.strained().isBlank()) {
        return part;
      }
      try {
        double share = ShareText.read(line.strained());
        Estimate stayed =
            book.input(
                1 - share,
                share == 0 || share == 1 ? 0 : doubt.of(Way.STRAINED).perUse(),
                Source.perUse(
                    "use:" + line.id() + ":strained",
                    "how much of the " + part.food().name() + " was strained out"));
        return part.weighing(part.mass().times(stayed));
      } catch (RefusedException refused) {
        problems.add(new FieldProblem("strained:" + line.id(), refused.refusal()));
        return part;
      }
    }

    private Optional<Griddle> griddle(AtTheGriddle stated, Batter batter) {
      Estimate left =
          mass("griddle.left", stated.left(), "the batter left in the bowl").orElse(Estimate.ZERO);
      if (left.value() > 0 && left.value() >= batter.mass().value()) {
        refuse(
            "griddle.left",
            stated.left(),
            "“%s” left in the bowl, but the batter weighs %.0f g."
                .formatted(stated.left().strip(), batter.mass().value()),
            "less than the batter");
        left = Estimate.ZERO;
      }
      Optional<Line> said =
          stated.panFat().filter(line -> !line.isBlank() && recipe.finish().isEmpty());
      Optional<MeasuredFood> in = said.flatMap(lines::pan);
      boolean counts = said.isPresent() && !said.get().off();
      Optional<PanFat> panFat = in.map(fat -> panFat(fat, stated.panFatLeft()));
      if (stated.pieces().isEmpty()) {
        return Optional.empty();
      }
      if (!counts) {
        findings.add("No pan fat is in the numbers.");
        without.add("pan fat");
      }
      int pieces = stated.pieces().get();
      if (pieces < 1 || pieces > MOST_PIECES) {
        refuse(
            "griddle.pieces",
            String.valueOf(pieces),
            "“" + pieces + "” pieces cannot have come out.",
            "a whole number from 1 to " + MOST_PIECES);
        return Optional.empty();
      }
      int discarded = stated.discarded();
      if (discarded < 0 || discarded > pieces) {
        refuse(
            "griddle.discarded",
            String.valueOf(discarded),
            "“" + discarded + "” thrown away of " + pieces + " pieces.",
            "a whole number from 0 to " + pieces);
        discarded = 0;
      }
      return Optional.of(
          new Griddle(
              pieces,
              discarded,
              doubt.of(stated.portioning().way()).perUse(),
              left,
              panFat,
              counts && in.isEmpty(),
              Griddle.UNEVEN_PIECES));
    }

    private PanFat panFat(MeasuredFood in, String leftText) {
      Optional<Estimate> weighed = mass("griddle.panFatLeft", leftText, "what stayed in the pan");
      if (weighed.isEmpty()) {
        return PanFat.leftNotMeasured(in, in.id() + ":left", book);
      }
      Estimate left = weighed.get();
      if (left.value() > in.mass().value()) {
        refuse(
            "griddle.panFatLeft",
            leftText,
            "“%s” stayed in the pan, but only %.1f g went in."
                .formatted(leftText.strip(), in.mass().value()),
            "no more than went in");
        return PanFat.leftNotMeasured(in, in.id() + ":left", book);
      }
      return PanFat.of(in, left);
    }

    private Optional<Plate> plate(
        OnThePlate stated, Optional<Griddle> griddle, LinePass.Measured toppings) {
      if (stated.pieces().isEmpty()) {
        return Optional.empty();
      }
      double pieces = stated.pieces().get();
      if (!(pieces > 0 && pieces <= MOST_PIECES)) {
        refuse(
            "plate.pieces",
            String.valueOf(pieces),
            "“" + pieces + "” pieces cannot be a serving.",
            "a number over 0, up to " + MOST_PIECES + "; half a piece is 0.5");
        return Optional.empty();
      }
      griddle
          .filter(g -> pieces > g.kept())
          .ifPresent(
              g ->
                  findings.add(
                      "A serving is %s pieces, but only %d were kept."
                          .formatted(plain(pieces), g.kept())));
      return Optional.of(
          new Plate(pieces, served(toppings.foods(), pieces, griddle), toppings.gaps()));
    }

    /** A bowl of a topping for all is divided over the servings that the pieces kept make. */
    private List<MeasuredFood> served(
        List<MeasuredFood> toppings, double pieces, Optional<Griddle> griddle) {
      Set<String> shared =
          recipe.plate().toppings().stream()
              .filter(Line::shared)
              .map(Line::id)
              .collect(Collectors.toSet());
      int kept = griddle.map(Griddle::kept).orElse(0);
      if (shared.isEmpty() || kept == 0) {
        return toppings;
      }
      double share = Math.min(1, pieces / kept);
      return toppings.stream()
          .map(t -> shared.contains(t.id()) ? t.weighing(t.mass().times(share)) : t)
          .toList();
    }

    private static String plain(double pieces) {
      return pieces == Math.rint(pieces) ? String.valueOf((long) pieces) : String.valueOf(pieces);
    }

    /** A weight stated on its own; empty if it is blank or was refused. */
    private Optional<Estimate> mass(String field, String text, String what) {
      if (text.isBlank()) {
        return Optional.empty();
      }
      try {
        Measure measure = MassText.read(text);
        return Optional.of(weights.weighed(measure, what, field));
      } catch (RefusedException refused) {
        problems.add(new FieldProblem(field, refused.refusal()));
        return Optional.empty();
      }
    }

    private void refuse(String field, String offending, String problem, String accepted) {
      problems.add(new FieldProblem(field, new Refusal(BAD_AMOUNT, offending, problem, accepted)));
    }
  }
}

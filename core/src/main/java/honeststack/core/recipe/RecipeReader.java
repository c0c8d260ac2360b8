package honeststack.core.recipe;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.Part;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.line.MassText;
import honeststack.core.line.ShareText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.Weights;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe.AtTheGriddle;
import honeststack.core.recipe.Recipe.Line;
import honeststack.core.recipe.Recipe.OnThePlate;
import honeststack.core.recipe.RecipeReading.FieldProblem;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Portions;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One reading of one recipe into grams. What cannot be read is said, and stays out of the numbers.
 */
final class RecipeReader {
  private static final double LEAST_PIECES = 0.01;
  private static final int MOST_PIECES = 1000;

  /** A pan that nothing goes into: said, so nothing is missing. */
  private static final Pattern NO_FAT =
      Pattern.compile(
          "\\s*(?:none|nothing|dry|(?:in )?a? ?dry pan|non-?stick(?: pan)?|no (?:fat|oil|butter)"
              + "(?: at all)?|without(?: any)? fat)[.!]?\\s*",
          Pattern.CASE_INSENSITIVE);

  private final Kitchen kitchen;
  private final Recipe recipe;
  private final SourceBook book = new SourceBook();
  private final Weights weights;
  private final LinePass lines;
  private final List<FieldProblem> problems = new ArrayList<>();
  private final List<String> findings = new ArrayList<>();
  private final List<String> without = new ArrayList<>();

  RecipeReader(Kitchen kitchen, Recipe recipe) {
    this.kitchen = kitchen;
    this.recipe = recipe;
    this.weights = kitchen.weights(recipe.system(), book);
    this.lines = new LinePass(kitchen, recipe, weights, book);
  }

  RecipeReading read() {
    List<MeasuredFood> batter = lines.measured(recipe.bowl(), Station.BOWL);
    Estimate mass = RecipeReading.mass(batter);
    Optional<PanFat> panFat = panFat(recipe.griddle());
    Estimate left = left(recipe.griddle(), mass);
    Optional<Portions> portions = portions(recipe.griddle(), mass, left);
    Optional<Griddle> griddle = portions.map(p -> griddle(recipe.griddle(), p, left));
    List<MeasuredFood> toppings = lines.measured(recipe.plate().toppings(), Station.PLATE);
    Optional<Plate> plate = plate(recipe.plate(), griddle, portions, toppings);
    Optional<Finished> finished =
        recipe.finish().flatMap(finish -> finished(finish, batter, panFat));
    book.freeze();
    return new RecipeReading(
        book,
        said(griddle, plate, panFat),
        batter,
        panFat,
        griddle,
        plate,
        finished,
        lines.gaps(),
        Steps.of(kitchen.tables(), lines.readings(), griddle, panFat, book),
        new RecipeReading.Said(
            problems,
            Stream.concat(lines.findings().stream(), findings.stream()).toList(),
            Stream.concat(lines.without().stream(), without.stream()).toList()));
  }

  /** The lines, with what can only be said once all of them are read. */
  private List<LineReading> said(
      Optional<Griddle> griddle, Optional<Plate> plate, Optional<PanFat> panFat) {
    List<LineReading> said = new ArrayList<>(lines.readings().size());
    for (LineReading line : lines.readings()) {
      if (line instanceof NotMeasured open) {
        said.add(open.saying(Sentences.would(open, kitchen.tables().usual(), griddle, plate)));
      } else if (line instanceof Understood read
          && line.station() == Station.PAN
          && panFat.filter(PanFat::assumed).isPresent()) {
        said.add(read.assuming(Sentences.staysInThePan(panFat.get())));
      } else {
        said.add(line);
      }
    }
    return said;
  }

  /** What stayed of each line, its pan fat, and what all of it weighs in the end. */
  private Optional<Finished> finished(
      Recipe.Finish finish, List<MeasuredFood> batter, Optional<PanFat> panFat) {
    Map<String, Line> stated = new HashMap<>();
    recipe.bowl().forEach(line -> stated.put(line.id(), line));
    List<MeasuredFood> parts = new ArrayList<>();
    batter.forEach(part -> parts.add(strained(stated.get(part.id()), part)));
    panFat.ifPresent(fat -> parts.add(fat.taken()));
    Estimate all = RecipeReading.mass(parts);
    if (all.value() <= 0) {
      return Optional.empty();
    }
    Estimate weight =
        mass("finish.weight", finish.weight(), "the finished preparation", Field.FINISHED_WEIGHT)
            .orElse(all);
    if (weight.value() <= 0) {
      refuse(
          "finish.weight",
          finish.weight(),
          Say.quoted(finish.weight()) + " cannot be all of it.",
          "more than 0 g");
      weight = all;
    }
    checkCup(finish);
    if (weight.value() > all.value() + 2 * Math.hypot(weight.u(), all.u())) {
      findings.add(
          Say.of(
              "It weighs %.0f g in the end, but only %.0f g stayed of what went in.",
              weight.value(), all.value()));
    }
    return Optional.of(new Finished(parts, weight));
  }

  private void checkCup(Recipe.Finish finish) {
    if (finish.cupWeighs().isBlank()) {
      return;
    }
    try {
      Measure cup = MassText.read(finish.cupWeighs());
      if (cup.amount() <= 0) {
        refuse(
            "finish.cupWeighs",
            finish.cupWeighs(),
            "A cup of it cannot weigh nothing.",
            "more than 0 g");
      }
    } catch (RefusedException refused) {
      problems.add(new FieldProblem("finish.cupWeighs", refused.refusal()));
    }
  }

  private MeasuredFood strained(Line line, MeasuredFood part) {
    if (line == null || line.strained().isBlank()) {
      return part;
    }
    try {
      double share = ShareText.read(line.strained());
      boolean known = share == 0 || share == 1;
      Source source =
          Source.of(
              Use.of(line.id()).part(Part.WHOLE.aspect(Aspect.STRAINED)),
              "how much of the " + part.food().name() + " was strained out");
      double off = kitchen.tables().uncertainties().of(Way.STRAINED).perUse();
      return part.weighing(part.mass().times(book.input(1 - share, known ? 0 : off, source)));
    } catch (RefusedException refused) {
      problems.add(new FieldProblem("strained:" + line.id(), refused.refusal()));
      return part;
    }
  }

  private Optional<PanFat> panFat(AtTheGriddle stated) {
    boolean none =
        stated.panFat().filter(line -> NO_FAT.matcher(line.text()).matches()).isPresent();
    if (none) {
      return Optional.empty();
    }
    Optional<Line> said = stated.panFat().filter(line -> !line.isBlank());
    Optional<PanFat> fat = said.flatMap(lines::pan).map(in -> panFat(in, stated.panFatLeft()));
    boolean counts = said.isPresent() && !said.get().off();
    if (!counts && stated.pieces().isPresent() && recipe.finish().isEmpty()) {
      findings.add("No pan fat is in the numbers.");
      without.add("pan fat");
    }
    fat.filter(PanFat::assumed)
        .filter(taken -> stated.pieces().isPresent() || recipe.finish().isPresent())
        .ifPresent(
            taken ->
                findings.add(
                    "In the pan: "
                        + taken.in().food().name()
                        + ". "
                        + Sentences.staysInThePan(taken)));
    return fat;
  }

  private PanFat panFat(MeasuredFood in, String leftText) {
    Optional<Estimate> weighed =
        mass("griddle.panFatLeft", leftText, "what stayed in the pan", Field.PAN_FAT_LEFT);
    if (weighed.isEmpty()) {
      return PanFat.leftNotMeasured(in, book);
    }
    Estimate left = weighed.get();
    if (left.value() > in.mass().value()) {
      refuse(
          "griddle.panFatLeft",
          leftText,
          Say.of(
              "%s stayed in the pan, but only %.1f g went in.",
              Say.quoted(leftText), in.mass().value()),
          "no more than went in");
      return PanFat.leftNotMeasured(in, book);
    }
    return PanFat.of(in, left);
  }

  /** What was left in the bowl; nothing if it cannot be. */
  private Estimate left(AtTheGriddle stated, Estimate batter) {
    Estimate left =
        mass("griddle.left", stated.left(), "the batter left in the bowl", Field.BATTER_LEFT)
            .orElse(Estimate.ZERO);
    if (left.value() > 0 && left.value() >= batter.value()) {
      refuse(
          "griddle.left",
          stated.left(),
          Say.of(
              "%s left in the bowl, but the batter weighs %.0f g.",
              Say.quoted(stated.left()), batter.value()),
          "less than the batter");
      return Estimate.ZERO;
    }
    return left;
  }

  private Optional<Portions> portions(AtTheGriddle stated, Estimate batter, Estimate left) {
    if (stated.pieces().isEmpty()) {
      return Optional.empty();
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
    return Optional.of(new Portions(batter, left, pieces, variation(stated), book));
  }

  private double variation(AtTheGriddle stated) {
    return kitchen.tables().uncertainties().of(stated.portioning().way()).perUse();
  }

  private Griddle griddle(AtTheGriddle stated, Portions portions, Estimate left) {
    int pieces = stated.pieces().orElseThrow();
    int discarded = stated.discarded();
    if (discarded < 0 || discarded > pieces) {
      refuse(
          "griddle.discarded",
          String.valueOf(discarded),
          "“" + discarded + "” thrown away of " + pieces + " pieces.",
          "a whole number from 0 to " + pieces);
      discarded = 0;
    }
    return new Griddle(pieces, discarded, variation(stated), left, portions.of(1));
  }

  private Optional<Plate> plate(
      OnThePlate stated,
      Optional<Griddle> griddle,
      Optional<Portions> portions,
      List<MeasuredFood> toppings) {
    if (stated.pieces().isEmpty()) {
      return Optional.empty();
    }
    double pieces = stated.pieces().get();
    if (!(pieces >= LEAST_PIECES && pieces <= MOST_PIECES)) {
      refuse(
          "plate.pieces",
          String.valueOf(pieces),
          "“" + pieces + "” pieces cannot be a serving.",
          LEAST_PIECES + " to " + MOST_PIECES + "; half a piece is 0.5");
      return Optional.empty();
    }
    griddle
        .filter(g -> pieces > g.kept())
        .ifPresent(
            g ->
                findings.add(
                    Say.of(
                        "A serving is %s pieces, but only %d were kept.",
                        Numbers.count(pieces), g.kept())));
    return Optional.of(
        new Plate(pieces, served(toppings, pieces, griddle), portions.map(p -> p.of(pieces))));
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

  /** A weight stated on its own; empty if it is blank or was refused. */
  private Optional<Estimate> mass(String field, String text, String what, Field place) {
    if (text.isBlank()) {
      return Optional.empty();
    }
    try {
      return Optional.of(weights.weighed(MassText.read(text), what, Use.of(place)));
    } catch (RefusedException refused) {
      problems.add(new FieldProblem(field, refused.refusal()));
      return Optional.empty();
    }
  }

  private void refuse(String field, String offending, String problem, String accepted) {
    problems.add(new FieldProblem(field, new Refusal(BAD_AMOUNT, offending, problem, accepted)));
  }
}

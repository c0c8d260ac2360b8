package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Role;
import honeststack.core.line.PortionText;
import honeststack.core.line.PortionText.Filled;
import honeststack.core.line.PortionText.Portioned;
import honeststack.core.line.PortionText.Poured;
import honeststack.core.line.PortionText.Weighed;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.OwnWeights.Own;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Uncertainties.Doubt;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.Unit;
import honeststack.core.measure.UsualAmounts.Usual;
import honeststack.core.measure.Weights;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import honeststack.core.yield.Density;
import honeststack.core.yield.Portion;
import honeststack.core.yield.Round;
import honeststack.core.yield.Tool;
import honeststack.core.yield.Tools;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A batter by volume, and what of it goes into one piece. */
final class BatterReader {
  private static final Pattern WHIPPED =
      Pattern.compile(
          "\\b(?:whipped|stiff|stiffly|peaks?|to snow|beaten white|snow)\\b",
          Pattern.CASE_INSENSITIVE);

  private static final String BATTER = "batter";

  private final Tools tools;
  private final Tables tables;
  private final Recipe recipe;
  private final Weights weights;
  private final SourceBook book;
  private final Estimate mass;
  private final List<MeasuredFood> foods;
  private Optional<Estimate> volume = Optional.empty();

  BatterReader(
      Tables tables,
      Tools tools,
      Recipe recipe,
      Weights weights,
      SourceBook book,
      List<MeasuredFood> batter,
      Estimate mass) {
    this.tables = tables;
    this.tools = tools;
    this.recipe = recipe;
    this.weights = weights;
    this.book = book;
    this.mass = mass;
    this.foods = batter;
  }

  /** mL of all of it, its air included; empty while there is none, and until it is needed. */
  Optional<Estimate> volume() {
    return volume;
  }

  private Optional<Estimate> needVolume() {
    if (volume.isEmpty() && mass.value() > 0) {
      volume = Optional.of(volume(foods));
    }
    return volume;
  }

  private Estimate volume(List<MeasuredFood> batter) {
    Estimate.Sum sum = new Estimate.Sum();
    for (MeasuredFood food : batter) {
      double grams = food.mass().value();
      if (grams > 0) {
        double millilitres = Density.millilitres(grams, c -> OptionalDouble.of(food.value(c)));
        sum.add(food.mass(), millilitres / grams);
      }
    }
    Source dense =
        Source.of(new HouseholdWeight(BATTER, "DENSITY"), "how dense the batter is, without air");
    double air = tables.factors().of(air(batter));
    Source airy = Source.of(Use.of(Field.AIR), "how much air is in the batter");
    double perUse = tables.uncertainties().of(Way.BATTER_AIR).perUse();
    Estimate swollen = book.input(1 / (1 - air), perUse / (1 - air) / (1 - air), airy);
    return sum.total()
        .times(book.input(1, tables.uncertainties().of(Way.BATTER_DENSITY).shared(), dense))
        .times(swollen);
  }

  private Factor air(List<MeasuredFood> batter) {
    Set<String> eggs =
        batter.stream()
            .filter(food -> food.food().role() == Role.EGG)
            .map(MeasuredFood::id)
            .collect(Collectors.toSet());
    boolean whipped =
        !eggs.isEmpty()
            && recipe.bowl().stream()
                .filter(line -> !line.off() && eggs.contains(line.id()))
                .anyMatch(line -> WHIPPED.matcher(line.text()).find());
    if (whipped) {
      return Factor.AIR_WHIPPED;
    }
    boolean leavened = batter.stream().anyMatch(food -> food.food().role() == Role.LEAVENING);
    return leavened ? Factor.AIR_LEAVENED : Factor.AIR_PLAIN;
  }

  /**
   * What goes into one piece.
   *
   * @param text a tool's name, or an amount
   * @throws RefusedException if it is neither
   */
  Portion portion(String text) {
    Optional<Tool> tool = tools.named(text);
    if (tool.isEmpty()) {
      return amount(PortionText.read(text), text.strip(), Field.PORTION);
    }
    Portion fill =
        tool.get()
            .weighed()
            .map(own -> weighed(tool.get(), own))
            .orElseGet(
                () ->
                    amount(PortionText.read(tool.get().fill()), tool.get().name(), Field.PORTION));
    double part = 1 / tool.get().pieces();
    return new Portion(fill.grams().times(part), fill.millilitres().times(part), tool.get().name());
  }

  private Portion weighed(Tool tool, Own own) {
    double step = tables.usual().of(Usual.SCALE_STEP);
    Doubt doubt = own.doubt(step, tables.uncertainties().of(Way.WEIGHED).shared());
    Source shared =
        Source.of(
            new HouseholdWeight(BATTER, "TOOL " + tool.name()),
            Say.of("what your %s holds, from %d weighings", tool.name(), own.weighings()));
    Estimate grams = doubted(own.grams(), doubt, shared, Field.PORTION);
    return ofGrams(grams, tool.name());
  }

  /**
   * So much batter.
   *
   * @throws RefusedException if it is a number of pieces, which is no amount
   */
  Portion amount(Portioned said, String words, Field place) {
    if (said instanceof Weighed weighed) {
      return ofGrams(weights.weighed(weighed.measure(), "batter", Use.of(place)), words);
    }
    if (said instanceof Filled filled) {
      Unit unit = filled.measure().unit();
      double millilitres = filled.measure().amount() * unit.millilitres(weights.system());
      return ofMillilitres(millilitres, way(unit), 1, words, place);
    }
    if (said instanceof Poured poured) {
      double thickness = poured.thickness().orElse(Round.POURED);
      double wider = poured.thickness().isPresent() ? 1 : 2;
      double millilitres = new Round(poured.diameter(), thickness).millilitres();
      return ofMillilitres(millilitres, Way.PORTION_POURED, wider, words, place);
    }
    throw new RefusedException(
        Refusal.Reason.BAD_AMOUNT,
        words,
        "“" + words + "” does not say how much goes into one.",
        PortionText.ACCEPTED);
  }

  private static Way way(Unit unit) {
    return switch (unit.kind()) {
      case LADLE -> Way.LADLE;
      case VAGUE -> Way.PORTION_POURED;
      case MASS, MARKED, VOLUME, SPOON, COUNT, SPRAY -> Way.PORTION_FILLED;
    };
  }

  private Portion ofGrams(Estimate grams, String words) {
    Estimate millilitres = needVolume().map(v -> grams.times(v).dividedBy(mass)).orElse(grams);
    return new Portion(grams, millilitres, words);
  }

  private Portion ofMillilitres(
      double millilitres, Way way, double wider, String words, Field place) {
    Doubt row = tables.uncertainties().of(way);
    Doubt doubt = new Doubt(row.shared() * wider, row.perUse() * wider);
    Source shared =
        Source.of(new HouseholdWeight(BATTER, way.name()), "how much batter “" + words + "” holds");
    Estimate room = doubted(millilitres, doubt, shared, place);
    Estimate grams = needVolume().map(v -> room.times(mass).dividedBy(v)).orElse(room);
    return new Portion(grams, room, words);
  }

  private Estimate doubted(double value, Doubt doubt, Source shared, Field place) {
    Source use = Source.of(Use.of(place), "how full it was filled with batter");
    return book.input(value, value * doubt.shared(), shared)
        .times(book.input(1, doubt.perUse(), use));
  }
}

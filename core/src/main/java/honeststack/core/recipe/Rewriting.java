package honeststack.core.recipe;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.LineWriter;
import honeststack.core.line.LineWriter.Rewritten;
import honeststack.core.line.MassText;
import honeststack.core.line.NumberText;
import honeststack.core.line.PortionText;
import honeststack.core.measure.Measure;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe.Adjustment;
import honeststack.core.recipe.Recipe.AtTheGriddle;
import honeststack.core.recipe.Recipe.Line;
import honeststack.core.recipe.Recipe.Making;
import honeststack.core.recipe.Recipe.OnThePlate;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Writes a whole recipe anew: more or less of it, in grams, in kitchen measures. */
public final class Rewriting {
  private static final double WORTH_SAYING = 0.01;
  private static final double LEAST_FACTOR = 0.01;
  private static final double MOST_FACTOR = 1000;
  private static final int MOST_PIECES = 1000;

  private final Kitchen kitchen;
  private final Recipe recipe;
  private final LineWriter writer;
  private final List<String> notes = new ArrayList<>();

  private Rewriting(Kitchen kitchen, Recipe recipe) {
    this.kitchen = kitchen;
    this.recipe = recipe;
    this.writer =
        new LineWriter(kitchen.lines(), kitchen.weights(recipe.system(), new SourceBook()));
  }

  /**
   * A recipe written anew.
   *
   * @param recipe the same lines in the same order, with other texts
   * @param factor how many times as much; 1 where only units changed
   * @param notes what a cook must know of it, in sentences
   * @param eggs factors that make the eggs whole
   */
  public record Written(Recipe recipe, double factor, List<String> notes, List<EggOffer> eggs) {}

  /** A factor that makes the eggs whole, in words. */
  public record EggOffer(double factor, String words) {}

  /** What all amounts are written in. */
  public enum To {
    GRAMS,
    KITCHEN
  }

  /**
   * How much is wanted; one of these, or a piece together with pieces. Blank ones are not asked
   * for.
   *
   * @param factor times as much: "1 1/2"
   * @param pieces so many pieces of the same size
   * @param batter so much batter, a weight
   * @param piece so heavy a raw piece, a weight
   */
  public record Wanted(String factor, String pieces, String batter, String piece) {}

  /** Something wanted that cannot be. */
  public static final class NotWantedException extends RuntimeException {
    private final String field;
    private final transient RefusedException refused;

    NotWantedException(String field, RefusedException refused) {
      super(refused.getMessage(), refused);
      this.field = field;
      this.refused = refused;
    }

    /** Which of {@link Wanted}. */
    public String field() {
      return field;
    }

    public RefusedException refused() {
      return refused;
    }
  }

  private interface Rewriter {
    Rewritten rewrite(String text, Optional<Food> picked);
  }

  /** The same recipe in other units. */
  public static Written convert(Kitchen kitchen, Recipe recipe, To to) {
    Rewriting anew = new Rewriting(kitchen, recipe);
    Rewriter rewriter =
        switch (to) {
          case GRAMS -> anew.writer::inGrams;
          case KITCHEN -> anew.writer::inKitchenMeasures;
        };
    Recipe written = anew.written(rewriter, recipe.griddle().pieces(), text -> text, line -> true);
    return new Written(written, 1, anew.notes, List.of());
  }

  /**
   * More or less of a recipe.
   *
   * @throws NotWantedException if what is wanted cannot be read, or cannot be
   */
  public static Written scale(Kitchen kitchen, Recipe recipe, Wanted wanted) {
    Rewriting anew = new Rewriting(kitchen, recipe);
    RecipeReading reading = kitchen.read(recipe);
    double factor = anew.factor(reading, wanted);
    Optional<Integer> pieces =
        recipe
            .griddle()
            .pieces()
            .map(n -> (int) Math.max(1, Math.min(MOST_PIECES, Math.round(n * factor))));
    if (!wanted.piece().isBlank()) {
      pieces = Optional.of((int) number("pieces", wanted.pieces()));
    }
    Recipe written =
        anew.written(
            (text, food) -> anew.writer.scaled(text, food, factor),
            pieces,
            text -> mass(text, factor),
            Line::shared);
    return new Written(written, factor, anew.notes, eggs(reading, factor));
  }

  private interface Which {
    boolean isRewritten(Line topping);
  }

  private Recipe written(
      Rewriter rewriter, Optional<Integer> pieces, UnaryOperator<String> masses, Which which) {
    AtTheGriddle stated = recipe.griddle();
    List<Line> bowl = recipe.bowl().stream().map(line -> line(line, rewriter)).toList();
    Making making = stated.making();
    AtTheGriddle griddle =
        new AtTheGriddle(
            pieces,
            Math.min(stated.discarded(), pieces.orElse(stated.discarded())),
            stated.portioning(),
            masses.apply(stated.left()),
            stated.panFat().map(line -> line(line, rewriter)),
            masses.apply(stated.panFatLeft()),
            new Making(
                making.portion(),
                pieces.equals(stated.pieces()) ? making.most() : Optional.empty(),
                masses.apply(making.spilled()),
                masses.apply(making.tasted()),
                pieces.equals(stated.pieces()) ? making.cooked() : Recipe.Cooked.NOT_WEIGHED,
                making.doneness(),
                making.moreFat().stream().map(line -> line(line, rewriter)).toList(),
                making.rounds(),
                pieces.equals(stated.pieces()) ? making.each() : List.of(),
                pieces.equals(stated.pieces()) ? making.later() : 0,
                making.heated(),
                making.habit()));
    List<Line> toppings =
        recipe.plate().toppings().stream()
            .map(line -> which.isRewritten(line) ? line(line, rewriter) : line)
            .toList();
    return new Recipe(
        recipe.system(),
        bowl,
        griddle,
        new OnThePlate(
            recipe.plate().pieces(), toppings, recipe.plate().amount(), recipe.plate().others()),
        recipe.finish(),
        recipe.self());
  }

  private Line line(Line line, Rewriter rewriter) {
    if (line.isBlank()) {
      return line;
    }
    try {
      Optional<Food> picked = line.picked().flatMap(kitchen.foods()::byId);
      Rewritten written = rewriter.rewrite(line.text(), picked);
      if (Math.abs(written.rounding()) > WORTH_SAYING) {
        notes.add(
            Say.of(
                "“%s” became “%s”: rounding makes it %.0f %% %s.",
                line.text(),
                written.text(),
                100 * Math.abs(written.rounding()),
                written.rounding() > 0 ? "more" : "less"));
      }
      List<Adjustment> adjustments =
          line.adjustments().stream().map(a -> adjustment(a, rewriter, picked, line)).toList();
      return new Line(
          line.id(),
          written.text(),
          line.picked(),
          line.strained(),
          line.off(),
          line.shared(),
          adjustments);
    } catch (RefusedException refused) {
      notes.add("“" + line.text() + "” stays as it is: " + refused.refusal().problem());
      return line;
    }
  }

  private Adjustment adjustment(
      Adjustment adjustment, Rewriter rewriter, Optional<Food> picked, Line line) {
    Food food = picked.orElseGet(() -> kitchen.lines().read(line.text()).food());
    String sign = adjustment.isTaken() ? "-" : "+";
    return new Adjustment(sign + rewriter.rewrite(adjustment.bare(), Optional.of(food)).text());
  }

  private double factor(RecipeReading reading, Wanted wanted) {
    double batter = reading.batterMass().value();
    double factor;
    if (!wanted.factor().isBlank()) {
      factor = number("factor", wanted.factor().replaceFirst("^[×x]\\s*", ""));
    } else if (!wanted.piece().isBlank()) {
      factor = weight("piece", wanted.piece()) * number("pieces", wanted.pieces()) / batter;
    } else if (!wanted.pieces().isBlank()) {
      factor = number("pieces", wanted.pieces()) / cameOut(wanted);
    } else {
      factor = weight("batter", wanted.batter()) / batter;
    }
    if (!(factor >= LEAST_FACTOR && factor <= MOST_FACTOR)) {
      String times = Numbers.plain(Double.isFinite(factor) ? factor : 0);
      throw refused(
          "factor",
          times,
          "That would be " + times + " times the recipe.",
          "1/100 to 1000 times, of a recipe with something in the bowl");
    }
    return factor;
  }

  private int cameOut(Wanted wanted) {
    return recipe
        .griddle()
        .pieces()
        .orElseThrow(
            () ->
                refused(
                    "pieces",
                    wanted.pieces(),
                    "Nobody said yet how many pieces this recipe makes.",
                    "how many came out, at the griddle; or a piece's weight too"));
  }

  private static NotWantedException refused(
      String field, String offending, String problem, String accepted) {
    return new NotWantedException(
        field, new RefusedException(BAD_AMOUNT, offending, problem, accepted));
  }

  private static double number(String field, String text) {
    try {
      return NumberText.readTimes(text);
    } catch (RefusedException refused) {
      throw new NotWantedException(field, refused);
    }
  }

  private static double weight(String field, String text) {
    try {
      Measure mass = MassText.read(text);
      return mass.amount() * mass.unit().grams();
    } catch (RefusedException refused) {
      throw new NotWantedException(field, refused);
    }
  }

  /** A weight, a measure or pieces on their own, so many times; what is none of these stays. */
  private static String mass(String text, double factor) {
    if (text.isBlank()) {
      return text;
    }
    try {
      PortionText.Portioned said = PortionText.read(text);
      if (said instanceof PortionText.Weighed weighed) {
        return times(weighed.measure(), factor, 10);
      }
      if (said instanceof PortionText.Filled filled) {
        return times(filled.measure(), factor, 100);
      }
      return said instanceof PortionText.Pieces pieces
          ? Numbers.plain(Math.round(pieces.count() * factor * 10) / 10.0) + " pieces"
          : text;
    } catch (RefusedException notAnAmount) {
      return text;
    }
  }

  private static String times(Measure measure, double factor, double parts) {
    return Numbers.plain(Math.round(measure.amount() * factor * parts) / parts)
        + " "
        + measure.unit().symbol();
  }

  /** Eggs that would be broken by the factor, with the nearest factors that keep them whole. */
  private static List<EggOffer> eggs(RecipeReading reading, double factor) {
    List<EggOffer> offers = new ArrayList<>();
    for (Understood line : reading.understood(Station.BOWL)) {
      double eggs = line.said().count();
      double wanted = eggs * factor;
      boolean counted = line.food().role() == Role.EGG && eggs > 0;
      if (!counted || Math.abs(wanted - Math.rint(wanted)) < 1e-6) {
        continue;
      }
      for (double whole : new double[] {Math.floor(wanted), Math.ceil(wanted)}) {
        if (whole >= 1) {
          String words =
              Say.of(
                  "%.0f × %s: everything × %s instead of × %s",
                  whole,
                  line.food().name(),
                  Numbers.kitchen(whole / eggs),
                  Numbers.kitchen(factor));
          offers.add(new EggOffer(whole / eggs, words));
        }
      }
    }
    return offers;
  }
}

package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.Part;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.line.MassText;
import honeststack.core.line.ShareText;
import honeststack.core.measure.Factors;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.recipe.Recipe.Line;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How a preparation ends: what was strained out, and what all of it weighs. */
final class FinishReader {
  private final Tables tables;
  private final Recipe recipe;
  private final Fields fields;
  private final SourceBook book;

  FinishReader(Tables tables, Recipe recipe, Fields fields, SourceBook book) {
    this.tables = tables;
    this.recipe = recipe;
    this.fields = fields;
    this.book = book;
  }

  /** What stayed of each line, its pan fat, and what all of it weighs in the end. */
  Optional<Finished> read(Recipe.Finish finish, List<MeasuredFood> batter, List<PanFat> panFats) {
    Map<String, Line> stated = new HashMap<>();
    recipe.bowl().forEach(line -> stated.put(line.id(), line));
    List<MeasuredFood> parts = new ArrayList<>();
    batter.forEach(part -> parts.add(strained(stated.get(part.id()), part)));
    panFats.forEach(fat -> parts.add(fat.taken()));
    Estimate all = RecipeReading.mass(parts);
    if (all.value() <= 0) {
      return Optional.empty();
    }
    Estimate weight =
        fields
            .mass(
                "finish.weight", finish.weight(), "the finished preparation", Field.FINISHED_WEIGHT)
            .orElse(all);
    if (weight.value() <= 0) {
      fields.refuse(
          "finish.weight",
          finish.weight(),
          Say.quoted(finish.weight()) + " cannot be all of it.",
          "more than 0 g");
      weight = all;
    }
    checkCup(finish);
    if (weight.value() > all.value() + 2 * Math.hypot(weight.u(), all.u())) {
      fields.found(
          Say.of(
              "It weighs %.0f g in the end, but only %.0f g stayed of what went in.",
              weight.value(), all.value()));
    }
    return Optional.of(new Finished(parts, weight));
  }

  /** What of a ground plant goes through the cloth is not what stays in it. */
  private MeasuredFood sieved(MeasuredFood rest, double passing) {
    Factors factors = tables.factors();
    Straining straining =
        new Straining(
            Math.min(1, factors.of(Factor.FIBRE_THROUGH)),
            Math.min(1, factors.of(Factor.SOLUBLES_THROUGH)));
    Optional<Food> through =
        rest.parts().isEmpty() && Straining.isOf(rest.food())
            ? straining.through(rest.food(), passing)
            : Optional.empty();
    if (through.isEmpty()) {
      fields.found(
          Say.of(
              "What is strained out of the %s is taken to be like the rest of it.",
              rest.food().name()));
      return rest;
    }
    fields.found(
        Say.of(
            "Of the fibre of the %s, %.0f %% are taken to go through the cloth; of its sugar and"
                + " salt, %.0f %%.",
            rest.food().name(), 100 * straining.fibre(), 100 * straining.solubles()));
    return new MeasuredFood(rest.id(), through.get(), rest.mass());
  }

  private void checkCup(Recipe.Finish finish) {
    if (finish.cupWeighs().isBlank()) {
      return;
    }
    try {
      Measure cup = MassText.read(finish.cupWeighs());
      if (cup.amount() <= 0) {
        fields.refuse(
            "finish.cupWeighs",
            finish.cupWeighs(),
            "A cup of it cannot weigh nothing.",
            "more than 0 g");
      }
    } catch (RefusedException refused) {
      fields.refuse("finish.cupWeighs", refused.refusal());
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
      double off = tables.uncertainties().of(Way.STRAINED).perUse();
      MeasuredFood rest =
          part.weighing(part.mass().times(book.input(1 - share, known ? 0 : off, source)));
      return known ? rest : sieved(rest, 1 - share);
    } catch (RefusedException refused) {
      fields.refuse("strained:" + line.id(), refused.refusal());
      return part;
    }
  }
}

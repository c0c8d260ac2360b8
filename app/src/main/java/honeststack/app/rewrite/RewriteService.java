package honeststack.app.rewrite;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.app.figures.FiguresAnswer.LineAnswer;
import honeststack.app.figures.FiguresService;
import honeststack.app.figures.Shown;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.problem.Problem;
import honeststack.core.line.LineRewording;
import honeststack.core.line.Place;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.Rewriting;
import honeststack.core.recipe.Rewriting.EggOffer;
import honeststack.core.recipe.Rewriting.NotWantedException;
import honeststack.core.recipe.Rewriting.To;
import honeststack.core.recipe.Rewriting.Wanted;
import honeststack.core.recipe.Rewriting.Written;
import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Told;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Writes drafts anew. Holds no state of any draft. */
@Service
class RewriteService {
  private static final int LONGEST_LINE = 300;

  private final KitchenNow kitchens;
  private final FiguresService figures;

  RewriteService(KitchenNow kitchens, FiguresService figures) {
    this.kitchens = kitchens;
    this.figures = figures;
  }

  /**
   * What a text says, to review.
   *
   * @param pieces that come out; absent if it does not say
   * @param serves people
   * @param excluded what the text leaves out, as written
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record ToldAnswer(
      List<ProposedLine> lines,
      List<Mark> marks,
      @Nullable Told.Count pieces,
      @Nullable Told.Count serves,
      List<Told.Step> steps,
      List<String> excluded) {}

  /**
   * A line to review.
   *
   * @param start where the text names it
   * @param place where it would go
   * @param understood false for a number or a food of which nothing was made
   * @param also the line before it, from 0, that measures the same food for the same place; absent
   *     for none
   * @param reading what is understood of it
   */
  record ProposedLine(
      String text,
      int start,
      int end,
      Place place,
      boolean shared,
      boolean understood,
      @Nullable Integer also,
      @Nullable LineAnswer reading) {}

  ToldAnswer told(String text, MeasuringSystem system) {
    Kitchen kitchen = kitchens.now();
    Told told = kitchen.telling(system).read(text);
    List<DraftLine> lines = new ArrayList<>();
    for (Told.Line line : told.lines()) {
      lines.add(new DraftLine(UUID.randomUUID().toString(), cut(line.text()), null));
    }
    Map<String, LineAnswer> readings = new HashMap<>();
    figures
        .answer(kitchen.read(bowl(system, lines).recipe()), Optional.empty(), Shown.TALLY)
        .lines()
        .forEach(line -> readings.put(line.id(), line));
    List<ProposedLine> answer = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      Told.Line line = told.lines().get(i);
      answer.add(
          new ProposedLine(
              cut(line.text()),
              line.start(),
              line.end(),
              line.place(),
              line.shared(),
              line.understood(),
              line.also().orElse(null),
              readings.get(lines.get(i).id())));
    }
    return new ToldAnswer(
        answer,
        told.marks(),
        told.pieces().orElse(null),
        told.serves().orElse(null),
        told.steps(),
        told.excluded());
  }

  private static String cut(String text) {
    return text.length() > LONGEST_LINE ? text.substring(0, LONGEST_LINE) : text;
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

  Adjusted convert(Draft draft, To to) {
    return adjusted(draft, Rewriting.convert(kitchens.now(), draft.recipe(), to));
  }

  Adjusted scale(Draft draft, Wanted wanted) {
    try {
      return adjusted(draft, Rewriting.scale(kitchens.now(), draft.recipe(), wanted));
    } catch (NotWantedException not) {
      throw Problem.badInput(not.field(), not.refused().refusal().offending(), not.refused());
    }
  }

  private static Adjusted adjusted(Draft draft, Written written) {
    return new Adjusted(
        draft.written(written.recipe()), written.factor(), written.notes(), written.eggs());
  }

  /** A line with grams for its amount. */
  String weighed(String text, @Nullable String foodId, double grams) {
    Kitchen kitchen = kitchens.now();
    return new LineRewording(kitchen.lines())
        .weighed(text, Optional.ofNullable(foodId).flatMap(kitchen.foods()::byId), grams);
  }

  /** A line that says how its cup was filled. */
  String packed(String text, String packing) {
    return LineRewording.packed(text, packing);
  }
}

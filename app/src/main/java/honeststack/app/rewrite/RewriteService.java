package honeststack.app.rewrite;

import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.app.figures.FiguresAnswer.LineAnswer;
import honeststack.app.figures.FiguresService;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.problem.Problem;
import honeststack.core.estimate.SourceBook;
import honeststack.core.line.LineRewording;
import honeststack.core.line.LineWriter;
import honeststack.core.line.Paste;
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
   * A pasted line to review.
   *
   * @param place where it would go
   * @param reading what is understood of it; absent for headings and steps
   */
  record ProposedLine(
      Paste.Kind kind, String text, Place place, boolean shared, @Nullable LineAnswer reading) {}

  List<ProposedLine> lines(String text, MeasuringSystem system) {
    Kitchen kitchen = kitchens.now();
    LineWriter writer = new LineWriter(kitchen.lines(), kitchen.weights(system, new SourceBook()));
    List<Paste.Proposed> proposed = new Paste(kitchen.lines(), writer).lines(text);
    List<DraftLine> lines = new ArrayList<>();
    for (Paste.Proposed line : proposed) {
      boolean counts = line.kind() == Paste.Kind.LINE;
      lines.add(new DraftLine(UUID.randomUUID().toString(), counts ? cut(line.text()) : "", null));
    }
    Map<String, LineAnswer> readings = new HashMap<>();
    figures
        .answer(kitchen.read(bowl(system, lines).recipe()), Optional.empty())
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

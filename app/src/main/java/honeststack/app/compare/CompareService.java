package honeststack.app.compare;

import honeststack.app.compare.CompareAnswer.Against;
import honeststack.app.compare.CompareAnswer.CauseAnswer;
import honeststack.app.compare.CompareAnswer.CompareRequest;
import honeststack.app.compare.CompareAnswer.DifferenceAnswer;
import honeststack.app.compare.CompareAnswer.Item;
import honeststack.app.compare.CompareAnswer.Side;
import honeststack.app.compare.CompareAnswer.SideBySide;
import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresService;
import honeststack.app.figures.Shown;
import honeststack.app.kept.KeptService;
import honeststack.app.kept.KeptService.Kept;
import honeststack.app.problem.Problem;
import honeststack.app.shelf.ShelfService;
import honeststack.app.shelf.ShelfService.Bench;
import honeststack.core.compare.Alignment;
import honeststack.core.compare.Changes;
import honeststack.core.compare.Comparison;
import honeststack.core.compare.Difference;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Puts two to six versions side by side. */
@Service
public class CompareService {
  private final ShelfService shelf;
  private final KeptService kept;
  private final FiguresService figures;

  CompareService(ShelfService shelf, KeptService kept, FiguresService figures) {
    this.kept = kept;
    this.shelf = shelf;
    this.figures = figures;
  }

  /** All sides, each later one held against the first. */
  public SideBySide compare(CompareRequest request) {
    List<Kept> sides = request.items().stream().map(this::side).toList();
    sides.forEach(CompareService::check);
    Optional<String> goals = Optional.ofNullable(request.goalSetId());
    Shown asked = request.shown() == null ? Shown.TALLY : request.shown();
    List<Measurand> shown = asked.measurands();
    List<Figures> all = sides.stream().map(side -> Figures.of(side.reading(), shown)).toList();
    RecipeReading first = sides.get(0).reading();
    List<Against> against = new ArrayList<>();
    for (int i = 1; i < sides.size(); i++) {
      List<DifferenceAnswer> differences =
          Comparison.of(all.get(0), all.get(i), request.mode()).stream()
              .map(CompareService::difference)
              .toList();
      against.add(new Against(i, Changes.between(first, sides.get(i).reading()), differences));
    }
    return new SideBySide(
        sides.stream().map(side -> answer(side, goals, asked)).toList(),
        Alignment.of(sides.stream().map(Kept::reading).toList()).stream()
            .map(LineRows::row)
            .toList(),
        against);
  }

  private static void check(Kept side) {
    RecipeReading reading = side.reading();
    if (!reading.isServed() || reading.batter().isEmpty()) {
      throw Problem.conflict(
          "“"
              + side.label()
              + "” cannot be compared yet: it needs something in the bowl, how many pieces came out,"
              + " and how many make a serving.");
    }
  }

  private Side answer(Kept side, Optional<String> goals, Shown shown) {
    return new Side(
        side.label(),
        side.reason(),
        side.draft().kind(),
        side.reading().plate().orElseThrow().pieces(),
        figures.answer(side.reading(), goals, shown));
  }

  private Kept side(Item item) {
    if (item.versionId() != null) {
      Kept version = kept.kept(item.versionId());
      return item.recomputed()
          ? now(
              version.label() + ", recomputed",
              "with the foods and weights of now",
              version.draft(),
              Optional.empty())
          : version;
    }
    if (item.recipeId() != null) {
      Bench bench = shelf.bench(item.recipeId());
      return now(
          bench.name() + ", on the bench",
          "as it stands now",
          bench.draft(),
          Optional.of(item.recipeId()));
    }
    if (item.draft() != null) {
      return now("The draft", "as it was sent", item.draft(), Optional.empty());
    }
    throw Problem.badInput(
        "items", "", "A side names nothing to compare.", "a versionId, a recipeId or a draft");
  }

  private Kept now(String label, String note, Draft draft, Optional<String> recipeId) {
    return new Kept(label, note, draft, figures.read(draft, recipeId));
  }

  private static DifferenceAnswer difference(Difference difference) {
    return new DifferenceAnswer(
        difference.basis(),
        difference.measurand().tag(),
        difference.value(),
        difference.u(),
        difference.low(),
        difference.high(),
        difference.bound(),
        difference.isReal(),
        difference.words(),
        difference.causes().stream()
            .map(c -> new CauseAnswer(c.kind(), c.words(), c.effect()))
            .toList());
  }
}

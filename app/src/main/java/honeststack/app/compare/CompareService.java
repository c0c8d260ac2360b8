package honeststack.app.compare;

import honeststack.app.compare.CompareAnswer.Against;
import honeststack.app.compare.CompareAnswer.CauseAnswer;
import honeststack.app.compare.CompareAnswer.CompareRequest;
import honeststack.app.compare.CompareAnswer.DifferenceAnswer;
import honeststack.app.compare.CompareAnswer.Item;
import honeststack.app.compare.CompareAnswer.Side;
import honeststack.app.compare.CompareAnswer.SideBySide;
import honeststack.app.figures.Draft;
import honeststack.app.figures.FiguresService;
import honeststack.app.http.BadInputException;
import honeststack.app.http.ConflictException;
import honeststack.app.recipes.KeptVersions;
import honeststack.app.recipes.KeptVersions.Pinned;
import honeststack.app.recipes.RecipeService;
import honeststack.app.recipes.RecipeService.Bench;
import honeststack.core.compare.Alignment;
import honeststack.core.compare.Changes;
import honeststack.core.compare.Comparison;
import honeststack.core.compare.Difference;
import honeststack.core.compare.Mode;
import honeststack.core.estimate.SourceBook;
import honeststack.core.serving.Made;
import honeststack.core.serving.RecipeReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Puts two to four versions side by side. */
@Service
class CompareService {
  private final RecipeService recipes;
  private final KeptVersions kept;
  private final FiguresService figures;

  CompareService(RecipeService recipes, KeptVersions kept, FiguresService figures) {
    this.kept = kept;
    this.recipes = recipes;
    this.figures = figures;
  }

  SideBySide compare(CompareRequest request) {
    List<Pinned> sides = request.items().stream().map(this::side).toList();
    for (Pinned side : sides) {
      Made made = side.reading().made();
      if (made.griddle().isEmpty() || made.plate().isEmpty() || made.batter().lines().isEmpty()) {
        throw new ConflictException(
            "“"
                + side.label()
                + "” cannot be compared yet: it needs something in the bowl, how many pieces came out,"
                + " and how many make a serving.");
      }
    }
    Optional<String> goals = Optional.ofNullable(request.goalSetId());
    RecipeReading first = sides.get(0).reading();
    List<Against> against = new ArrayList<>();
    for (int i = 1; i < sides.size(); i++) {
      RecipeReading other = sides.get(i).reading();
      against.add(
          new Against(i, Changes.between(first, other), differences(first, other, request.mode())));
    }
    return new SideBySide(
        sides.stream().map(side -> answer(side, goals)).toList(),
        Alignment.of(sides.stream().map(Pinned::reading).toList()).stream()
            .map(LineRows::row)
            .toList(),
        against);
  }

  private Side answer(Pinned side, Optional<String> goals) {
    return new Side(
        side.label(),
        side.reason(),
        side.draft().kind(),
        side.draft().plate().pieces(),
        figures.answer(side.reading(), side.book(), goals));
  }

  private Pinned side(Item item) {
    if (item.versionId() != null) {
      Pinned version = kept.pinned(item.versionId());
      return item.recomputed()
          ? now(
              version.label() + ", recomputed",
              "with the foods and weights of now",
              version.draft())
          : version;
    }
    if (item.recipeId() != null) {
      Bench bench = recipes.bench(item.recipeId());
      return now(bench.name() + ", on the bench", "as it stands now", bench.draft());
    }
    if (item.draft() != null) {
      return now("The draft", "as it was sent", item.draft());
    }
    throw new BadInputException(
        "items", "", "A side names nothing to compare.", "a versionId, a recipeId or a draft");
  }

  private Pinned now(String label, String note, Draft draft) {
    SourceBook book = SourceBook.firstOrder();
    return new Pinned(label, note, draft, figures.read(draft, book), book);
  }

  private static List<DifferenceAnswer> differences(RecipeReading a, RecipeReading b, Mode mode) {
    return Comparison.of(a.made(), b.made(), mode, FiguresService.TALLY).stream()
        .map(CompareService::difference)
        .toList();
  }

  private static DifferenceAnswer difference(Difference difference) {
    return new DifferenceAnswer(
        difference.basis(),
        difference.component(),
        difference.value().value(),
        difference.value().u(),
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

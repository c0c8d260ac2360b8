package honeststack.app.figures;

import honeststack.app.goals.GoalService;
import honeststack.app.larder.Larder;
import honeststack.app.measuring.DoubtService;
import honeststack.core.batter.Preparation;
import honeststack.core.batter.Preparations;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.food.Composition.TableDoubt;
import honeststack.core.food.Food;
import honeststack.core.goal.Goal;
import honeststack.core.measure.LineReader;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Weights;
import honeststack.core.serving.Figures;
import honeststack.core.serving.Made;
import honeststack.core.serving.RecipeReader;
import honeststack.core.serving.RecipeReading;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Answers a draft with all its figures. Holds no state of any draft. */
@Service
public class FiguresService {
  /** The components that the tally shows, in its order. */
  public static final List<Component> TALLY =
      List.of(Component.ENERC, Component.PROCNT, Component.CHOCDF, Component.FIBTG, Component.FAT);

  private final Larder larder;
  private final Preparations preparations;
  private final DoubtService doubts;
  private final GoalService goals;

  FiguresService(Larder larder, Preparations preparations, DoubtService doubts, GoalService goals) {
    this.larder = larder;
    this.preparations = preparations;
    this.doubts = doubts;
    this.goals = goals;
  }

  /** Reads lines, the kitchen's preparations before the larder's foods. */
  public LineReader lineReader() {
    return new LineReader(preparations.before(larder));
  }

  /** What amounts weigh now, by the table of doubt and the cook's own weighings. */
  public Weights weights(MeasuringSystem system, SourceBook book) {
    return new Weights(doubts.table(), doubts.ownWeights(), system, book);
  }

  /** How far values of food tables are taken to be off now. */
  public TableDoubt tableDoubt() {
    return doubts.table().ofTables();
  }

  /** A food or a preparation. */
  public Optional<Food> food(String id) {
    return preparations.before(larder).byId(id);
  }

  private RecipeReader reader() {
    return new RecipeReader(larder, preparations, doubts.table(), doubts.ownWeights());
  }

  /** A draft's lines in grams. */
  public RecipeReading read(Draft draft, SourceBook book) {
    return reader().read(draft.recipe(), book);
  }

  /**
   * A draft's lines in grams.
   *
   * @param recipeId the recipe that it is the draft of; it must not be put into itself
   */
  public RecipeReading read(Draft draft, String recipeId, SourceBook book) {
    return reader().read(draft.recipe(Optional.of(Preparation.foodId(recipeId))), book);
  }

  /** A draft's figures, with the reading of its lines, judged by its own goals. */
  public FiguresAnswer answer(Draft draft, Optional<String> recipeId) {
    SourceBook book = SourceBook.firstOrder();
    RecipeReading reading =
        recipeId.map(id -> read(draft, id, book)).orElseGet(() -> read(draft, book));
    return answer(reading, book, Optional.ofNullable(draft.goalSetId()));
  }

  /**
   * What was made earlier, under the words of its draft, which is read again for them only; masses
   * and foods are those of {@code made}.
   */
  public RecipeReading reading(Made made, Draft draft) {
    return read(draft, SourceBook.firstOrder()).withPinned(made);
  }

  /**
   * The figures of a reading.
   *
   * @param book the book of the reading
   * @param goalSetId the goals that it is judged by; those of an unknown set are none
   */
  public FiguresAnswer answer(RecipeReading reading, SourceBook book, Optional<String> goalSetId) {
    Figures figures = Figures.of(reading.made(), TALLY, book);
    List<Goal> judgedBy = goalSetId.map(goals::limits).orElse(List.of());
    return new AnswerWriter(book, doubts.table()).write(reading, figures, TALLY, judgedBy);
  }
}

package honeststack.app.figures;

import honeststack.app.larder.Larder;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.measure.DoubtTable;
import honeststack.core.serving.Figures;
import honeststack.core.serving.Made;
import honeststack.core.serving.RecipeReader;
import honeststack.core.serving.RecipeReading;
import java.util.List;
import org.springframework.stereotype.Service;

/** Answers a draft with all its figures. Holds no state of any draft. */
@Service
public class FiguresService {
  /** The components that the tally shows, in its order. */
  public static final List<Component> TALLY =
      List.of(Component.ENERC, Component.PROCNT, Component.CHOCDF, Component.FIBTG, Component.FAT);

  private final RecipeReader reader;

  FiguresService(Larder larder, DoubtTable doubt) {
    this.reader = new RecipeReader(larder, doubt);
  }

  /** A draft's lines in grams. */
  public RecipeReading read(Draft draft, SourceBook book) {
    return reader.read(draft.recipe(), book);
  }

  /** A draft's figures, with the reading of its lines. */
  public FiguresAnswer answer(Draft draft) {
    SourceBook book = SourceBook.firstOrder();
    RecipeReading reading = read(draft, book);
    return answer(reading.made(), reading, book);
  }

  /**
   * The figures of what was made earlier. Its draft is read again for the words of its lines only;
   * masses and foods are those of {@code made}.
   *
   * @param book the book of {@code made}
   */
  public FiguresAnswer answer(Made made, Draft draft, SourceBook book) {
    RecipeReading now = read(draft, SourceBook.firstOrder());
    return answer(made, now.withPinned(made), book);
  }

  private static FiguresAnswer answer(Made made, RecipeReading reading, SourceBook book) {
    Figures figures = Figures.of(made, TALLY, book);
    return new AnswerWriter(book).write(reading, figures, TALLY);
  }
}

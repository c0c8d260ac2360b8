package honeststack.app.stock;

import honeststack.app.figures.FiguresAnswer.CautionAnswer;
import honeststack.app.kept.KeptService;
import honeststack.app.kept.KeptService.Kept;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.ledger.Ledger;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.stock.StockAnswers.AddedAnswer;
import honeststack.app.stock.StockAnswers.EatenAnswer;
import honeststack.app.stock.StockAnswers.EatingAnswer;
import honeststack.app.stock.StockAnswers.NewStock;
import honeststack.app.stock.StockAnswers.NewTaking;
import honeststack.app.stock.StockAnswers.StockAnswer;
import honeststack.app.stock.StockAnswers.StockFigure;
import honeststack.app.stock.StockAnswers.StocksAnswer;
import honeststack.app.stock.StockAnswers.Taken;
import honeststack.app.stock.StockStore.Eaten;
import honeststack.app.stock.StockStore.Stored;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.School;
import honeststack.core.keeping.Caution;
import honeststack.core.keeping.Keeping;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.wording.Say;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** What was made and put away: how much is left, what it holds, until when it is good. */
@Service
public class StockService {
  private static final double CRUMB = 1e-9;
  private static final int LATELY = 30;

  private final StockStore store;
  private final KeptService kept;
  private final KitchenNow kitchens;
  private final Ledger ledger;
  private final JsonMapper json;
  private final Clock clock;

  StockService(
      StockStore store,
      KeptService kept,
      KitchenNow kitchens,
      Ledger ledger,
      JsonMapper json,
      Clock clock) {
    this.kitchens = kitchens;
    this.store = store;
    this.kept = kept;
    this.ledger = ledger;
    this.json = json;
    this.clock = clock;
  }

  StocksAnswer all() {
    List<StockAnswer> items =
        store.all().stream()
            .filter(stock -> stock.amount() - stock.taken() > CRUMB)
            .map(this::answer)
            .sorted(Comparator.comparing(StockAnswer::useBy))
            .toList();
    List<EatenAnswer> eaten = store.eaten(LATELY).stream().map(this::eaten).toList();
    return new StocksAnswer(
        items, eaten, Caution.ofKeeping().stream().map(CautionAnswer::of).toList());
  }

  /** Something that was put away. */
  public StockAnswer one(String id) {
    return answer(store.find(id).orElseThrow(() -> Problem.notFound("stock", id)));
  }

  private EatenAnswer eaten(Eaten one) {
    return new EatenAnswer(
        one.id(),
        one.name(),
        one.form(),
        one.amount(),
        one.added().lines().toList(),
        one.at(),
        Arrays.asList(json.readValue(one.figures(), StockFigure[].class)));
  }

  private StockAnswer answer(Stored stock) {
    Keeping keeping = Keeping.of(stock.form(), stock.place(), stock.rawEgg());
    LocalDate made = LocalDate.ofInstant(stock.madeAt(), ZoneId.systemDefault());
    LocalDate useBy = made.plusDays(keeping.days());
    return new StockAnswer(
        stock.id(),
        stock.versionId(),
        stock.name(),
        stock.form(),
        stock.place(),
        stock.amount(),
        Math.max(0, stock.amount() - stock.taken()),
        stock.madeAt(),
        useBy,
        keeping.words(),
        LocalDate.now(clock.withZone(ZoneId.systemDefault())).isAfter(useBy),
        stock.note(),
        Arrays.asList(json.readValue(stock.figures(), StockFigure[].class)));
  }

  /** Puts cooked pieces of a version into the freezer. */
  public void freeze(String versionId, int pieces, Instant madeAt, String note) {
    put(new NewStock(versionId, Keeping.Form.PIECES, Keeping.Place.FREEZER, pieces, madeAt, note));
  }

  /**
   * Puts something away; its figures are those of its version.
   *
   * @throws ProblemException if the version has no figures for it
   */
  StockAnswer put(NewStock put) {
    Kept version = kept.kept(put.versionId());
    RecipeReading reading = version.reading();
    Basis basis = put.form() == Keeping.Form.PIECES ? Basis.PER_PIECE : Basis.PER_100G_RAW;
    List<StockFigure> figures =
        Figures.of(reading, School.USUAL.tally()).on(basis).stream()
            .map(
                f ->
                    new StockFigure(
                        f.measurand().tag(),
                        f.measurand().words(),
                        f.measurand().unit(),
                        f.value(),
                        f.low(),
                        f.high()))
            .toList();
    if (figures.isEmpty()) {
      throw Problem.conflict(
          "“" + version.label() + "” does not say what one piece holds: count its pieces first.");
    }
    Stored stock =
        new Stored(
            UUID.randomUUID().toString(),
            put.versionId(),
            version.label(),
            put.form(),
            put.place(),
            put.amount(),
            put.madeAt(),
            json.writeValueAsString(figures),
            Caution.hasRawEgg(reading),
            put.note().strip(),
            0);
    ledger.write(() -> store.add(stock));
    return answer(stock);
  }

  /**
   * What so much of something holds, with what is added to it.
   *
   * @throws ProblemException if there is no such stock
   */
  EatingAnswer holds(String id, NewTaking taking) {
    Stored stock = store.find(id).orElseThrow(() -> Problem.notFound("stock", id));
    return held(stock, taking);
  }

  private EatingAnswer held(Stored stock, NewTaking taking) {
    Additions additions = Additions.read(kitchens.now(), system(stock), taking.lines());
    double times = stock.form() == Keeping.Form.PIECES ? taking.amount() : taking.amount() / 100;
    List<StockFigure> figures =
        Arrays.stream(json.readValue(stock.figures(), StockFigure[].class))
            .map(figure -> additions.with(figure, times))
            .toList();
    return new EatingAnswer(taking.amount(), additions.answers(), figures);
  }

  /** What its spoons hold; that of the recipe, while its version is there. */
  private MeasuringSystem system(Stored stock) {
    return stock.versionId() == null
        ? MeasuringSystem.METRIC
        : kept.kept(stock.versionId()).draft().system();
  }

  private String eaten(Stored stock, NewTaking taking) {
    EatingAnswer held = held(stock, taking);
    for (AddedAnswer line : held.added()) {
      if (line.problem() != null) {
        throw Problem.badInput(
            "added", line.text(), line.problem(), "an amount and a food: 1 tsp butter");
      }
    }
    return json.writeValueAsString(held.figures());
  }

  /**
   * Takes some out.
   *
   * @throws ProblemException if there is not so much, or what is added cannot be read
   */
  StockAnswer take(String id, NewTaking taking) {
    return ledger.write(
        () -> {
          Stored before = store.locked(id).orElseThrow(() -> Problem.notFound("stock", id));
          double rest = before.amount() - before.taken();
          if (taking.amount() > rest + CRUMB) {
            throw Problem.badInput(
                "amount",
                String.valueOf(taking.amount()),
                Say.of("“%s” cannot be taken out: there are %s.", taking.amount(), rest),
                Say.of("up to %s", rest));
          }
          String figures = taking.kind() == Taken.EATEN ? eaten(before, taking) : null;
          store.take(UUID.randomUUID().toString(), id, taking, figures, clock.instant());
          return answer(store.locked(id).orElseThrow());
        });
  }
}

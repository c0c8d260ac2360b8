package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.Part;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.line.HelpingText;
import honeststack.core.line.HelpingText.Chosen;
import honeststack.core.line.HelpingText.Cooked;
import honeststack.core.line.HelpingText.Pieces;
import honeststack.core.line.HelpingText.Share;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.Weights;
import honeststack.core.recipe.Recipe.Line;
import honeststack.core.recipe.Recipe.OnThePlate;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** What is put before one person, and before others. */
final class PlateReader {
  private static final double LEAST_PIECES = 0.01;

  private final Tables tables;
  private final Weights weights;
  private final Function<List<Line>, Aside> aside;
  private final Fields fields;
  private final SourceBook book;
  private final Optional<Griddle> griddle;
  private final GriddleReader stove;

  /**
   * @param aside measures toppings that are no lines of the recipe
   */
  PlateReader(
      Tables tables,
      Weights weights,
      Function<List<Line>, Aside> aside,
      Fields fields,
      SourceBook book,
      Optional<Griddle> griddle,
      GriddleReader stove) {
    this.tables = tables;
    this.weights = weights;
    this.aside = aside;
    this.fields = fields;
    this.book = book;
    this.griddle = griddle;
    this.stove = stove;
  }

  /** The plate that the recipe is about. */
  Optional<Plate> read(OnThePlate stated, List<MeasuredFood> toppings) {
    if (!stated.amount().isBlank()) {
      return plate("plate.amount", stated.amount(), toppings, stated.toppings());
    }
    if (stated.pieces().isEmpty()) {
      return Optional.empty();
    }
    double pieces = stated.pieces().get();
    if (!(pieces >= LEAST_PIECES && pieces <= GriddleReader.MOST_PIECES)) {
      fields.refuse(
          "plate.pieces",
          String.valueOf(pieces),
          "“" + pieces + "” pieces cannot be a serving.",
          LEAST_PIECES + " to " + GriddleReader.MOST_PIECES + "; half a piece is 0.5");
      return Optional.empty();
    }
    griddle.filter(g -> pieces > g.kept()).ifPresent(g -> fields.found(tooMany(pieces, g)));
    return Optional.of(
        plate(
            Estimate.exact(pieces),
            stove.portions().map(p -> p.of(pieces)),
            toppings,
            stated.toppings()));
  }

  private static String tooMany(double pieces, Griddle griddle) {
    return Say.of(
        "A serving is %s pieces, but only %d were kept.", Numbers.count(pieces), griddle.kept());
  }

  /** Further kinds of serving; those that cannot be read are refused and left out. */
  List<Helping> others(OnThePlate stated, List<MeasuredFood> toppings) {
    List<Helping> helpings = new ArrayList<>();
    for (int i = 0; i < stated.others().size(); i++) {
      Recipe.Helping other = stated.others().get(i);
      Optional<Aside> own = other.toppings().map(aside);
      List<MeasuredFood> on = own.map(Aside::measured).orElse(toppings);
      List<Line> said = other.toppings().orElse(stated.toppings());
      if (!other.amount().isBlank()) {
        String field = "plate.others." + i;
        plate(field, other.amount(), on, said)
            .map(plate -> new Helping(other.name(), plate, own.map(Aside::missing)))
            .ifPresent(helpings::add);
      }
    }
    return helpings;
  }

  private Optional<Plate> plate(
      String field, String amount, List<MeasuredFood> toppings, List<Line> said) {
    try {
      HelpingText.Helping helping = HelpingText.read(amount);
      if (helping instanceof Chosen chosen) {
        return chosen(field, amount, chosen, toppings, said);
      }
      Optional<Estimate> pieces = pieces(helping, field);
      if (pieces.isEmpty()) {
        return helping instanceof Pieces k
            ? Optional.of(plate(Estimate.exact(k.count()), Optional.empty(), toppings, said))
            : Optional.empty();
      }
      double k = pieces.get().value();
      griddle.filter(g -> k > g.kept() * (1 + 1e-9)).ifPresent(g -> fields.found(tooMany(k, g)));
      return Optional.of(
          plate(pieces.get(), stove.portions().map(p -> p.of(pieces.get())), toppings, said));
    } catch (RefusedException refused) {
      fields.refuse(field, refused.refusal());
      return Optional.empty();
    }
  }

  /** How many pieces a helping is; empty while that cannot be told. */
  private Optional<Estimate> pieces(HelpingText.Helping helping, String field) {
    if (helping instanceof Pieces k) {
      return Optional.of(Estimate.exact(k.count()));
    }
    if (helping instanceof Share share) {
      return griddle.map(g -> kept(g).times(share.share()));
    }
    Cooked cooked = (Cooked) helping;
    Use use = new Use("", Field.SERVING, Part.WHOLE);
    Estimate weight = weights.weighed(cooked.weight(), "the serving", use);
    if (weight.value() <= 0) {
      fields.refuse(field, "0", "A serving cannot weigh nothing.", HelpingText.ACCEPTED);
      return Optional.empty();
    }
    return griddle.flatMap(Griddle::cookedPiece).map(weight::dividedBy);
  }

  /** Pieces that can be served, as exactly as they are known. */
  private static Estimate kept(Griddle griddle) {
    return griddle.counted().minus(Estimate.exact(griddle.discarded()));
  }

  private Optional<Plate> chosen(
      String field, String text, Chosen chosen, List<MeasuredFood> toppings, List<Line> said) {
    int noted = stove.noted().size();
    boolean known = chosen.pieces().stream().allMatch(at -> at >= 1 && at <= noted);
    if (!known) {
      fields.refuse(
          field,
          text.strip(),
          Say.of("“%s” names pieces of which nothing was noted.", text.strip()),
          noted == 0
              ? "pieces noted one by one at the griddle"
              : Say.of("numbers from #1 to #%d", noted));
      return Optional.empty();
    }
    int k = chosen.pieces().size();
    double part = stove.noted().part(chosen.pieces());
    Optional<Estimate> share =
        stove
            .portions()
            .map(p -> stove.noted().isWeighed() ? p.inPieces().times(part) : p.chosen(part, k));
    return Optional.of(plate(Estimate.exact(k), share, toppings, said));
  }

  private Plate plate(
      Estimate pieces, Optional<Estimate> share, List<MeasuredFood> toppings, List<Line> said) {
    double k = pieces.value();
    Optional<Estimate> pan =
        griddle.map(g -> pieces.sources() == 0 ? g.panShare(k) : g.panShare().times(pieces));
    return new Plate(k, served(toppings, said, k), share, pan);
  }

  /** A bowl of a topping for all is divided over the servings that the pieces kept make. */
  private List<MeasuredFood> served(List<MeasuredFood> toppings, List<Line> said, double pieces) {
    Map<String, Line> stated = new HashMap<>();
    said.forEach(line -> stated.put(line.id(), line));
    int kept = griddle.map(Griddle::kept).orElse(0);
    if (kept == 0) {
      return toppings;
    }
    double share = Math.min(1, pieces / kept);
    return toppings.stream()
        .map(t -> stated.get(t.id()).shared() ? t.weighing(sharedOut(t, share)) : t)
        .toList();
  }

  /** One of 1/share servings out of a bowl for all: as unequal as cakes are. */
  private Estimate sharedOut(MeasuredFood bowl, double share) {
    double cv = tables.uncertainties().of(Way.SHARED_OUT).perUse();
    Source source =
        Source.of(
            Use.of(bowl.id()).part(Part.WHOLE.aspect(Aspect.SHARED_OUT)),
            "how unequally the " + bowl.food().name() + " was shared out");
    double uneven = share < 1 ? cv * Math.sqrt(1 - share) : 0;
    return bowl.mass().times(share).times(book.input(1, uneven, source));
  }
}

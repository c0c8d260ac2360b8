package honeststack.app.figures;

import honeststack.app.figures.FiguresAnswer.LineAnswer;
import honeststack.app.figures.FiguresAnswer.Range;
import honeststack.app.figures.FiguresAnswer.State;
import honeststack.core.food.Allergen;
import honeststack.core.food.Food;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Offer;
import honeststack.core.recipe.LineReading.Remarks;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Station;
import honeststack.core.wording.Refusal;
import java.util.List;
import java.util.stream.Stream;

/** Writes lines down as the bench shows them. */
final class LineAnswers {
  private LineAnswers() {}

  static LineAnswer of(LineReading line) {
    if (line instanceof Understood read) {
      return of(read);
    }
    return line instanceof NotMeasured open ? of(open) : of((NotUnderstood) line);
  }

  private static LineAnswer of(Understood read) {
    Row row = new Row(read.id(), read.station(), null);
    row.food(read.food(), read.general());
    row.remarks(read.remarks());
    row.amount = read.words();
    row.packing = read.said().packing();
    row.grams = AnswerWriter.range(read.mass());
    row.filled = ifSo(read.said().filled());
    row.packable = ifSo(read.said().packable());
    String text = read.remarks().text();
    String rest = read.remarks().rest();
    int from = rest.isEmpty() ? -1 : text.lastIndexOf(rest);
    if (from >= 0) {
      row.from = from;
      row.to = from + rest.length();
    }
    return row.answer();
  }

  private static LineAnswer of(NotMeasured open) {
    Row row = new Row(open.id(), open.station(), State.NOT_MEASURED);
    row.food(open.food(), open.general());
    row.remarks(open.remarks());
    row.would = open.would();
    return row.answer();
  }

  private static LineAnswer of(NotUnderstood refused) {
    Row row = new Row(refused.id(), refused.station(), State.REFUSED);
    row.off = ifSo(refused.off());
    row.problem = refused.refusal().problem();
    row.accepted = refused.refusal().accepted();
    row.nearest = refused.nearest();
    row.several = ifSo(refused.refusal().reason() == Refusal.Reason.SEVERAL_FOODS);
    return row.answer();
  }

  /** An answer while it is written; what is not set is absent. */
  private static final class Row {
    private final String id;
    private final Station station;
    private final State state;
    private Boolean off;
    private String amount;
    private String packing;
    private String foodId;
    private String food;
    private Boolean general;
    private Range grams;
    private List<String> allergens;
    private Boolean optional;
    private List<String> unused;
    private List<String> alternatives;
    private List<String> notes;
    private Integer from;
    private Integer to;
    private Boolean filled;
    private Boolean packable;
    private String would;
    private String problem;
    private String accepted;
    private List<Offer> nearest;
    private Boolean several;

    Row(String id, Station station, State state) {
      this.id = id;
      this.station = station;
      this.state = state;
    }

    void food(Food taken, boolean byGeneralName) {
      foodId = taken.id();
      food = taken.name();
      general = ifSo(byGeneralName);
      allergens = LineAnswers.allergens(taken);
    }

    void remarks(Remarks remarks) {
      off = ifSo(remarks.off());
      optional = ifSo(remarks.optional());
      unused = remarks.unused();
      alternatives = remarks.alternatives();
      notes = LineAnswers.notes(remarks);
    }

    LineAnswer answer() {
      return new LineAnswer(
          id,
          station,
          state,
          off,
          amount,
          packing,
          foodId,
          food,
          general,
          grams,
          allergens,
          optional,
          unused,
          alternatives,
          notes,
          from,
          to,
          filled,
          packable,
          would,
          problem,
          accepted,
          nearest,
          several);
    }
  }

  static List<String> notes(Remarks remarks) {
    return Stream.of(remarks.check(), remarks.assumed()).filter(note -> !note.isEmpty()).toList();
  }

  private static List<String> allergens(Food food) {
    return food.allergens().stream().sorted().map(Allergen::words).toList();
  }

  private static Boolean ifSo(boolean is) {
    return is ? true : null;
  }
}

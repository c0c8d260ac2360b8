package honeststack.app.figures;

import honeststack.app.figures.FiguresAnswer.LineAnswer;
import honeststack.app.figures.FiguresAnswer.State;
import honeststack.core.food.Allergen;
import honeststack.core.food.Food;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Remarks;
import honeststack.core.recipe.LineReading.Understood;
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
    Remarks remarks = read.remarks();
    int from = remarks.rest().isEmpty() ? -1 : remarks.text().lastIndexOf(remarks.rest());
    return new LineAnswer(
        read.id(),
        read.station(),
        State.UNDERSTOOD,
        ifSo(remarks.off()),
        read.words(),
        read.said().packing(),
        read.food().id(),
        read.food().name(),
        ifSo(read.general()),
        AnswerWriter.range(read.mass()),
        allergens(read.food()),
        ifSo(remarks.optional()),
        remarks.unused(),
        notes(remarks),
        from < 0 ? null : (Integer) from,
        from < 0 ? null : (Integer) (from + remarks.rest().length()),
        ifSo(read.said().filled()),
        ifSo(read.said().packable()),
        null,
        null,
        null,
        null);
  }

  private static LineAnswer of(NotMeasured open) {
    Remarks remarks = open.remarks();
    return new LineAnswer(
        open.id(),
        open.station(),
        State.NOT_MEASURED,
        ifSo(remarks.off()),
        null,
        null,
        open.food().id(),
        open.food().name(),
        ifSo(open.general()),
        null,
        allergens(open.food()),
        ifSo(remarks.optional()),
        remarks.unused(),
        notes(remarks),
        null,
        null,
        null,
        null,
        open.would(),
        null,
        null,
        null);
  }

  private static LineAnswer of(NotUnderstood refused) {
    return new LineAnswer(
        refused.id(),
        refused.station(),
        State.REFUSED,
        ifSo(refused.off()),
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        refused.refusal().problem(),
        refused.refusal().accepted(),
        refused.nearest());
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

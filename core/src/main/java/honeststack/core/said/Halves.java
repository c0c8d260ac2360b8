package honeststack.core.said;

import honeststack.core.line.AmountParser;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Numbers;
import java.util.List;

/**
 * One amount of two foods: "½ pint of half milk, half water", "200 ml milk and water, half and
 * half".
 */
final class Halves {
  private static final int FAR = 4;

  private final Clause clause;
  private final List<Mention> mentions;

  private Halves(Clause clause, List<Mention> mentions) {
    this.clause = clause;
    this.mentions = mentions;
  }

  static void in(Clause clause, List<Mention> mentions) {
    Halves halves = new Halves(clause, mentions);
    for (int i = 0; i + 1 < mentions.size(); i++) {
      Mention first = mentions.get(i);
      Mention second = mentions.get(i + 1);
      if (halves.isHalf(first) && halves.isHalf(second)) {
        Mention before = i > 0 ? mentions.get(i - 1) : null;
        halves.share(halves.whole(first.from, before), first, second);
      }
      boolean open = first.isMeasured() && !second.isMeasured() && second.food != null;
      if (open && halves.isJoined(first, second) && halves.isHalfAndHalf(second.to)) {
        second.amount = first.amount;
        halves.split(first.amount, first, second);
      }
    }
  }

  private boolean isHalf(Mention mention) {
    return mention.amount != null
        && mention.food != null
        && mention.amount.isCount()
        && mention.amount.text().equalsIgnoreCase("half");
  }

  /** The amount that they are halves of; null for none. */
  private Element whole(int from, Mention before) {
    boolean kinds = before != null && before.amount != null && isKind(before, from);
    if (kinds) {
      before.food.part = Part.NOTE;
      return before.amount; // "200 g flour, half white, half wholemeal"
    }
    for (int i = from - 1; i >= 0 && i >= from - FAR; i--) {
      if (clause.get(i).isAmount() && !clause.get(i).isCount()) {
        return clause.get(i);
      }
      if (clause.get(i).isFood()) {
        return null;
      }
    }
    return null;
  }

  /** The halves are kinds of the food before. */
  private boolean isKind(Mention before, int from) {
    Element half = clause.get(from + 1);
    return before.food != null
        && half.instead != null
        && before.food.low().endsWith(half.instead.replaceAll(".* ", ""));
  }

  private void share(Element whole, Mention first, Mention second) {
    if (whole != null) {
      mentions.removeIf(m -> m.amount == whole);
      split(whole, first, second);
    }
  }

  private static void split(Element whole, Mention first, Mention second) {
    AmountParser.Front front = whole.amount.orElseThrow();
    Measure measure = front.terms().get(0).measure();
    if (front.terms().size() == 1 && measure.unit() != Unit.COUNT) {
      String half = Numbers.plain(measure.amount() / 2) + " " + measure.unit().symbol();
      for (Mention mention : List.of(first, second)) {
        mention.amountText = half;
        mention.restated = true;
      }
      whole.part = Part.AMOUNT;
    }
  }

  private boolean isJoined(Mention first, Mention second) {
    for (int i = first.to; i < second.from; i++) {
      if (!clause.get(i).text().matches("(?i)and|[&+,]")) {
        return false;
      }
    }
    return true;
  }

  private boolean isHalfAndHalf(int from) {
    StringBuilder words = new StringBuilder();
    for (int i = from; i < clause.size() && i < from + FAR + 2; i++) {
      words.append(clause.get(i).text()).append(' ');
    }
    boolean said =
        words
            .toString()
            .matches("(?i),? ?(mixed |mix )?(half[ -](and|n|&)[ -]half|50[/ -]50|equal parts).*");
    if (said) {
      for (int i = from; i < clause.size() && i < from + FAR + 2; i++) {
        clause.get(i).part = Part.NOTE;
      }
      mentions.removeIf(m -> m.from >= from && m.from < from + FAR + 2);
    }
    return said;
  }
}

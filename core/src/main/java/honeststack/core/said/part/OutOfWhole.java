package honeststack.core.said.part;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import java.util.List;

/**
 * What of a packet is used: "200 g of the 400 g tin of pumpkin", "200 g yogurt from a 500 g pot".
 * The packet's own weight is none of the recipe's.
 */
public final class OutOfWhole {
  private static final Sought SHARE_OF = Sought.of(" (?:of )?(?:the|my|our|a|that|this)$| of$");

  private OutOfWhole() {}

  public static void in(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isStrong(i) && isPacket(clause.get(i))) {
        share(clause, i);
      }
      if (isOnePacket(clause, i)) {
        weighed(clause, i);
      } else if (isMeasure(clause, i)) {
        before(clause, i);
        behind(clause, i);
      }
    }
  }

  /** "half the 250 g pack of butter", "a quarter of the 2 kg bag of flour". */
  private static void share(Clause clause, int packet) {
    Element whole = clause.get(packet);
    int some = clause.isWord(packet - 1, "the", "my", "a") ? packet - 2 : packet - 1;
    String said = SHARE_OF.replaced(clause.low(some), of -> "");
    boolean weight = whole.amount.orElseThrow().container() && whole.measure().unit() != Unit.COUNT;
    double part = weight ? PartlyOther.part(said, whole, List.of()) : 0;
    if (part > 0) {
      clause.join(some, packet + 1, whole, PartlyOther.written(whole, part));
    }
  }

  private static boolean isOnePacket(Clause clause, int i) {
    return clause.isStrong(i)
        && clause.get(i).measure().unit() == Unit.COUNT
        && clause.get(i).measure().amount() == 1
        && !clause.get(i).measure().size().isEmpty();
  }

  /** "pumpkin: one tin, 400 g", "cake mix 1 bag 200 g": what it weighs counts. */
  private static void weighed(Clause clause, int i) {
    int food = clause.isMark(i - 1, ":", "-", "–", ",") ? i - 2 : i - 1;
    int weight = clause.isMark(i + 1, ",", "-", "–", "=") ? i + 2 : i + 1;
    if (clause.isFood(food) && isMeasure(clause, weight) && BareCounts.isEnd(clause, weight + 1)) {
      clause.take(i, weight, Part.NOTE);
    }
  }

  /** "200 g of the 400 g tin of pumpkin". */
  private static void before(Clause clause, int i) {
    int the = i + 2;
    boolean of = clause.isWord(i + 1, "of", "from");
    int whole = isArticle(clause, the) ? the + 1 : the;
    int food = clause.isWord(whole + 1, "of") ? whole + 2 : whole + 1;
    boolean packet = clause.isStrong(whole) && isPacket(clause.get(whole));
    boolean rest = clause.low(i - 1).endsWith("all but");
    if (of && packet && !rest && clause.isFood(food) && isLess(clause, i, whole)) {
      clause.join(i, food, clause.get(i), clause.get(i).text());
    }
  }

  /** "200 g yogurt from a 500 g pot". */
  private static void behind(Clause clause, int i) {
    int food = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
    int from = food + 1;
    boolean out = clause.isWord(from, "from", "off") || clause.low(from).equals("out of");
    out |= clause.isWord(from, "out") && clause.isWord(from + 1, "of");
    int the = clause.isWord(from, "out") ? from + 2 : from + 1;
    int whole = isArticle(clause, the) ? the + 1 : the;
    if (out
        && clause.isFood(food)
        && isMeasure(clause, whole)
        && !clause.isFood(whole + 1)
        && isLess(clause, i, whole)) {
      clause.take(from, whole + 1, Part.NOTE);
    }
  }

  private static boolean isPacket(Element amount) {
    return amount.amount.orElseThrow().container()
        || amount.measure().unit() == Unit.COUNT && !amount.measure().size().isEmpty();
  }

  private static boolean isArticle(Clause clause, int i) {
    return clause.isWord(i, "the", "a", "an", "my", "our", "this", "that", "one");
  }

  private static boolean isMeasure(Clause clause, int i) {
    Unit.Kind kind = clause.isStrong(i) ? clause.get(i).measure().unit().kind() : null;
    return kind == Unit.Kind.MASS || kind != null && kind.isVolume();
  }

  private static boolean isLess(Clause clause, int some, int whole) {
    return clause.get(some).isPartOf(clause.get(whole));
  }
}

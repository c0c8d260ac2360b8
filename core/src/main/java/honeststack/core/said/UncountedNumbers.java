package honeststack.core.said;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.corrected.Retracted;
import honeststack.core.said.each.PerCue;
import honeststack.core.said.pairing.Sums;
import honeststack.core.said.part.Further;
import honeststack.core.said.part.HeldBack;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;

/** Numbers that count no food, and what is some of a food named elsewhere. */
final class UncountedNumbers {
  private static final Sought PART =
      Sought.of("(?:the other |one |a |the )?(?:half|third|quarter)|½|⅓|¼");

  private static final Sought OF_PIECES =
      Sought.of("(?:.*\\b)?(?:for|in|into|to) the (?:last|first|next)");

  private static final String[] CURRENCY = {"£", "$", "€", "¥", "₹"};

  private static final int FAR = 4;

  private static final Sought OF_BATTER =
      Sought.of(
          "(?:of )?(?:(?:the|it|this|that) )?(?:batter|mix|mixture|it (?:gets|got|stays|is|was|i|we))\\b"
              + "|(?:gets|got|stays?|stayed|is left|was left|left|plain)\\b");

  private static final Sought IN_PACK =
      Sought.of("in the (?:bag|tub|packet|box|tin|carton|bottle|pack|block|container|sack)\\b");

  private static final Sought OF_THOSE = Sought.of("of (?:them|those|these)\\b");

  private static final Sought OF_BOX = Sought.of("(?:box|carton|tray|pack|crate) of");

  private UncountedNumbers() {}

  static void in(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      Element element = clause.get(i);
      boolean good =
          element.isAmount()
              && element.isWeak()
              && clause.isWord(i + 1, "good", "full", "mere", "generous", "scant", "solid", "whole")
              && clause.isStrong(i + 2);
      boolean head = element.low().equals("a head") && clause.isFood(i - 1);
      if (head && !clause.isWord(i + 1, "of") && !clause.isFood(i + 1)) {
        element.part = Part.NOTE; // "one egg a head"
      }
      boolean each = element.isWord("one") && clause.is(i + 1, Sort.EACH) && clause.isFood(i - 2);
      if (each && clause.isMark(i - 1, ",", "-", "–") && !clause.isStrong(i - 3)) {
        element.corrects = true; // "poached eggs, one each"
      } else if (good) {
        element.part = Part.NOTE; // "flour, a good 200 g"
      } else if (element.isAmount() && isOnThem(clause, i)) {
        element.part = Part.NOTE; // "jam on six of them, 15 g each"
      } else if (element.isAmount() && isOfPack(clause, i)) {
        element.part = Part.NOTE; // "it was 250 in the bag"
      } else if (element.isAmount() && element.isCount() && isPoured(clause, i)) {
        element.part = Part.UNKNOWN;
      } else if (element.isAmount() && isOfBatter(clause, i)) {
        element.part = Part.METHOD;
      } else if (element.is(Sort.UNIT_OTHER) && element.to - element.from > 1) {
        element.part = Part.METHOD;
      } else if (element.is(Sort.PART_OF) && element.isFree()) {
        int amount = clause.ahead(i + 1, 6, Element::isAmount);
        boolean which = amount >= 0 && element.low().equals("of which");
        boolean needed = element.low().equals("of which") && clause.isStrong(i + 2);
        if (needed && clause.low(i + 1).matches("(you |i |we )?(need|use|used|take|want)")) {
          Retracted.instead(clause, i, i + 2); // "1 can pumpkin, of which you need 120 g"
        } else if (which) {
          clause.get(amount).part = Part.METHOD;
        } else if (amount >= 0 && element.is(Sort.HOLD)) {
          HeldBack.take(clause, i, amount);
        }
      } else if (element.isAmount() && element.isCount() && isPrice(clause, i)) {
        element.part = Part.METHOD; // "200 g flour £0.20"
      } else if (element.text().equalsIgnoreCase("at a time")) {
        int amount = clause.isFood(i - 1) ? clause.isWord(i - 2, "of") ? i - 3 : i - 2 : -1;
        if (clause.isAmount(amount)) {
          clause.take(amount, i, Part.METHOD);
        }
      } else if (element.isWord("keep", "keeping", "hold", "put", "set", "leave")) {
        int amount = clause.ahead(i + 1, 2, Element::isAmount);
        int food = amount < 0 ? -1 : clause.ahead(amount + 1, 4, Element::isFood);
        if (food > 0 && clause.isWord(food + 1, "back", "aside", "apart")) {
          HeldBack.take(clause, i, amount);
        }
      } else if (clause.isFood(i) && clause.is(i + 1, Sort.BATTER) && clause.isWord(i - 1, "the")) {
        element.part = Part.METHOD; // "stir into the oat mixture"
      } else if (isOnlySome(clause, i)) {
        clause.take(i, i + 4, Part.UNKNOWN, e -> e.isAmount() || e.isFood());
      } else if (isRestOf(clause, i)) {
        element.part = Part.UNKNOWN;
      } else if (Further.isPart(clause, i)) {
        element.part = Part.METHOD;
      } else if (PerCue.isOfSoMany(clause, i)) {
        clause.get(i + 1).part = Part.NOTE;
      } else if (element.isAmount() && (isOfEachPiece(clause, i) || Sums.isOfMeasured(clause, i))) {
        clause.take(i, i + 2, Part.METHOD);
      } else if (element.isAmount()) {
        int of = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
        boolean batter = clause.is(of, Sort.BATTER) || clause.is(of + 1, Sort.BATTER);
        boolean poured = // "heat the butter and pour in a ladleful"
            element.measure().unit().kind() == Unit.Kind.LADLE
                && BareCounts.isEnd(clause, i + 1)
                && clause.low(i - 1).matches("(?:pour|drop|tip|spoon|swirl)(?: in)?");
        poured |= // "use a ladle", "I use a ladle for each"
            element.measure().unit().kind() == Unit.Kind.LADLE
                && clause.isWord(i - 1, "use", "using", "used", "with")
                && !clause.hasFood()
                && (BareCounts.isEnd(clause, i + 1)
                    || clause.is(i + 1, Sort.PER, Sort.EACH)
                    || clause.isWord(i + 1, "for", "per", "each", "to"));
        boolean stirred = // "three cups of the mix to two of water": out of a packet
            clause.low(of).endsWith("mix") && clause.ahead(of + 1, 3, Element::isAmount) >= 0;
        if ((batter && !stirred || poured) && !clause.isFood(of)) {
          element.part = Part.METHOD;
        }
      }
    }
  }

  /** "50 g butter …, pour forty into the batter": some of what was measured, or not. */
  private static boolean isPoured(Clause clause, int i) {
    return clause.isWord(i - 1, "pour", "poured", "tip", "tipped")
        && clause.low(i + 1).matches("in(?:to)?(?: the (?:batter|bowl|mix))?");
  }

  /** "half the batter gets …", "one half plain, the other with …". */
  private static boolean isOfBatter(Clause clause, int i) {
    String behind = clause.words(i + 1, i + 1 + FAR);
    boolean pieces = // "for the last three I add …"
        clause.isWord(i + 1, "i", "we", "you", "that", ",")
            && OF_PIECES.isAll(clause.words(i - 3, i));
    return clause.get(i).isCount() && pieces
        || clause.get(i).isCount()
            && PART.isAll(clause.low(i))
            && (OF_BATTER.begins(behind)
                || clause.is(i + 1, Sort.EACH) && !clause.hasFood()
                || clause.isWord(i + 1, "with") && clause.get(i).low().startsWith("one "));
  }

  /** So many of the pieces. */
  private static boolean isOnThem(Clause clause, int i) {
    return clause.get(i).isCount()
        && clause.isWord(i - 1, "on", "over", "onto", "inside")
        && OF_THOSE.begins(clause.words(i + 1, i + FAR));
  }

  /** What the packet holds, where something is measured before it. */
  private static boolean isOfPack(Clause clause, int i) {
    boolean behind = clause.isStrong(i) && IN_PACK.begins(clause.words(i + 1, i + FAR));
    boolean box = clause.get(i).isCount() && OF_BOX.isAll(clause.words(i - 2, i));
    return (behind || box)
        && !clause.isFood(i - 1)
        && clause.elements.subList(0, i).stream().anyMatch(Element::isFood);
  }

  private static boolean isPrice(Clause clause, int i) {
    boolean behind = clause.isMark(i + 1, CURRENCY) && !clause.isAmount(i + 2);
    return clause.isMark(i - 1, CURRENCY) || behind;
  }

  /** "the rest of the 100 g": of what it is the rest nobody said before. */
  private static boolean isRestOf(Clause clause, int i) {
    return clause.isStrong(i)
        && clause.words(i - 3, i).endsWith("rest of the")
        && clause.ahead(i + 1, 2, Element::isFood) < 0;
  }

  /** "all the whites but only two of the yolks": of eggs told before. */
  private static boolean isOnlySome(Clause clause, int i) {
    return clause.isStrong(i)
        && clause.isWord(i - 1, "only")
        && clause.words(i + 1, i + 3).equals("of the")
        && clause.isWord(i + 3, "yolks", "whites", "yolk", "white");
  }

  /** "300 ml milk, about 90 g a piece": of what is baked, as no food is counted before it. */
  private static boolean isOfEachPiece(Clause clause, int i) {
    boolean each =
        clause.isStrong(i)
            && !clause.get(i).isCount()
            && (clause.is(i + 1, Sort.PER) || clause.low(i + 1).startsWith("a piece"))
            && (!clause.has(i + 2) || clause.isMark(i + 2, ".", ",", "!"));
    int food = i - 1;
    while (each && food > 0 && !clause.isFood(food) && !clause.isStrong(food)) {
      food--;
    }
    int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    return each
        && clause.isFood(food)
        && clause.isStrong(amount)
        && !clause.isWord(i - 1, "at", "of", "@") // "2 scoops of whey at 25 g each"
        && (clause.get(amount).measure().unit().kind() == Unit.Kind.MASS
            || clause.get(amount).measure().unit().kind() == Unit.Kind.MARKED);
  }
}

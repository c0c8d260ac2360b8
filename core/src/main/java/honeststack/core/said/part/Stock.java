package honeststack.core.said.part;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;

/**
 * What was there, and what of it was taken: "there are 10 eggs in the fridge, I take 2", "bought 1
 * kg of flour, used 200 g of it". Only what was taken counts.
 */
public final class Stock {
  private static final int FAR = 12;

  /** Before what is there; a sign for the food. */
  private static final Sought THERE =
      Sought.of(
          "(?:.* )?(?:there (?:are|is|was|were)|(?:i|we)(?:'ve| have| had)? (?:got |still have )?|holds?|contains?|comes in"
              + "|(?:bought|open|opened|unpacked|got|had bought|broke into|started)(?: a new| a fresh| another| a| my| the)?)");

  private static final String PLACE =
      "(?: left)?(?: (?:in|on|from) (?:the|my|our) (?:fridge|cupboard|pantry|house|freezer|larder|shop|market|cellar|basket|bowl|shelf|tin|carton|bag|box))?";

  /** Between the food and how much of it was taken. */
  private static final Sought TAKEN =
      Sought.of(
          PLACE
              + "(?: ?(?:,|;|–|—|-|and|but|of which|so|then))+ ?(?:(?:i|we|you) )?(?:only |just )?"
              + "(?:take|took|taken|use|used|need|poured in|poured|put in|measured? out|weigh(?:ed)? out|weighed"
              + "|scooped out|tipped in|want)(?: out| about| only| just)*");

  private static final Sought LEFT =
      Sought.of(
          "\\b(?:had|have|got|found) (?:only |just )?# (?:of )?(?<food>@ )"
              + "(?:left(?: over)?|in the (?:house|fridge)|going spare|to use up|that needed using) ");

  private final Clause clause;

  private Stock(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Stock stock = new Stock(clause);
    stock.left();
    for (int i = 1; i + 2 < clause.size(); i++) {
      int food = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
      if (clause.isStrong(i) && clause.isFood(food)) {
        stock.at(i, food);
      }
    }
  }

  /** "I had 2 eggs left so here goes: 2 eggs, 150 g flour": they are told again. */
  private void left() {
    Shape.in(clause, 2, LEFT)
        .filter(found -> isToldAgain(found.at("food")))
        .ifPresent(found -> found.take(Part.NOTE));
  }

  private boolean isToldAgain(int food) {
    for (int i = food + 2; i < clause.size(); i++) {
      boolean again = clause.isFood(i) && clause.get(i).isSameFood(clause.get(food));
      if (again && clause.isStrong(clause.isWord(i - 1, "of") ? i - 2 : i - 1)) {
        return true;
      }
    }
    return false;
  }

  private void at(int all, int food) {
    int taken = food + 1;
    while (taken < food + FAR && clause.has(taken) && !clause.isStrong(taken)) {
      if (clause.isFood(taken)) {
        return;
      }
      taken++;
    }
    int behind = clause.isWord(taken + 1, "of") ? taken + 2 : taken + 1;
    boolean it = behind == taken + 2 && clause.isWord(behind, "it", "them", "that", "those");
    boolean other = clause.isFood(behind) && !clause.get(behind).isSameFood(clause.get(food));
    boolean told =
        clause.isStrong(taken)
            && !other
            && clause.get(taken).isPartOf(clause.get(all))
            && TAKEN.isAll(" " + clause.words(food + 1, taken))
            && THERE.isAll(clause.words(0, all));
    if (told) {
      clause.take(all, clause.isFood(behind) ? food + 1 : all + 1, Part.NOTE);
      clause.take(food + 1, taken, Part.NOTE);
      clause.take(taken + 1, it ? behind + 1 : taken + 1, Part.NOTE);
      boolean share = clause.get(taken).isCount() && clause.get(taken).measure().amount() < 1;
      if (share && !clause.get(all).isCount()) { // "I'd bought 200 g and we used half"
        double some = clause.get(taken).measure().amount() * clause.get(all).measure().amount();
        clause.get(taken).instead = PartlyOther.written(clause.get(all), some);
      } else {
        clause.get(taken).takeUnit(clause.get(all));
      }
      clause.get(taken).corrects = !clause.isFood(behind);
    }
  }
}

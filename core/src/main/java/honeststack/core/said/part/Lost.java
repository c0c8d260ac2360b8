package honeststack.core.said.part;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.regex.MatchResult;

/**
 * Eggs that never got into the bowl: "3 eggs, one of them was off", "but one fell on the floor".
 */
public final class Lost {
  private static final String NUMBER = "(one|two|three|1|2|3)";

  static final String GONE =
      "(?:(?:was|were|is|went|had gone) (?:off|bad|rotten|broken|cracked|smashed|no good|addled)"
          + "|fell|broke|smashed|rolled|ended up on|landed on|got (?:dropped|broken|smashed)|was dropped"
          + "|(?:i|we|the \\w+|my \\w+) (?:ate|had|boiled|dropped|took|got|broke|gave away|stole))\\b";

  private static final Sought ONE =
      Sought.of(
          "(?:^|[,;–—(-] ?|\\bbut |\\band |\\bthough )"
              + "(?:"
              + NUMBER
              + "(?: of (?:them|which|those))?(?: egg| eggs)? "
              + GONE
              + "|(?:minus |less |(?:i|we|the \\w+|my \\w+) (?:ate|boiled|dropped|took|got|broke|stole) )"
              + "(?:one|two|three|1|2|3)\\b)|\\bminus (?:one|two)\\b");

  /** "one of the 3 eggs was off": before their number. */
  private static final Sought OF = Sought.of("(?:^|.* )" + NUMBER + " of (?:the|my|our)");

  private static final Sought WAS = Sought.of(GONE + ".*");

  private Lost() {}

  public static void in(Clause clause) {
    for (int i = 0; i + 1 < clause.size(); i++) {
      boolean eggs =
          clause.isStrong(i)
              && clause.get(i).isCount()
              && clause.isFood(i + 1)
              && clause.get(i + 1).isRole(Role.EGG)
              && clause.get(i).measure().amount() > 1;
      if (eggs) {
        at(clause, i);
      }
    }
  }

  private static void at(Clause clause, int eggs) {
    boolean before =
        OF.isAll(clause.words(0, eggs)) && WAS.isAll(clause.words(eggs + 2, clause.size()));
    List<MatchResult> behind = ONE.all(clause.words(eggs + 2, clause.size()));
    if (!before && behind.isEmpty()) {
      return;
    }
    int number = before ? eggs : eggs + 2;
    int step = before ? -1 : 1;
    while (clause.has(number + step) && (number == eggs || !clause.get(number).isAmount())) {
      number += step;
    }
    if (!clause.get(number).isAmount() || number == eggs || !clause.get(number).isCount()) {
      return;
    }
    double lost = clause.get(number).measure().amount();
    Element gone = clause.get(number);
    double left = clause.get(eggs).measure().amount() - lost;
    boolean told = // "… so 2 eggs": the number of those that are left counts
        clause.elements.subList(eggs + 2, clause.size()).stream()
            .anyMatch(
                e ->
                    e != gone
                        && e.isAmount()
                        && !e.isWeak()
                        && e.isCount()
                        && e.measure().amount() == left);
    if (left <= 0) {
      return;
    }
    Element all = clause.get(eggs);
    gone.part = Part.NOTE;
    if (told) {
      clause.take(eggs, eggs + 2, Part.NOTE);
    } else {
      clause.elements.set(eggs, all.spanning(all.from, all.to, Numbers.plain(left)));
    }
  }
}

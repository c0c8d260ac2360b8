package honeststack.core.said.corrected;

import honeststack.core.food.Food;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A list that is said once more, because it was wrong: "300 g flour, 2 eggs … no, 200 g and 3". */
public final class Relisted {
  private static final int FEWEST = 2;

  private static final Sought SWAPPED =
      Sought.of(
          "(?:the )?(?:other way (?:a?round|about)|wrong way (?:a?round|about)|vice versa)\\b");

  private Relisted() {}

  /** In one sentence: what stands before the words that take it back, and again behind them. */
  public static void in(Clause clause) {
    int all = clause.mentions.size();
    for (int i = 1; i < clause.size(); i++) {
      if (clause.is(i, Sort.CORRECT)) {
        int cue = i;
        List<Mention> before = clause.mentions.stream().filter(m -> m.to <= cue).toList();
        List<Mention> behind = clause.mentions.stream().filter(m -> m.from > cue).toList();
        clause.mentions.removeAll(repeated(before, behind));
      }
    }
    if (clause.mentions.size() == all) {
      exchanged(clause, clause);
    }
  }

  /** In the sentence behind it. */
  static void by(Clause before, Clause clause) {
    if (clause.is(0, Sort.CORRECT)) {
      before.mentions.removeAll(repeated(before.mentions, clause.mentions));
    }
    exchanged(before, clause);
  }

  /** Those that give way; none if only one food is said again. */
  private static List<Mention> repeated(List<Mention> before, List<Mention> behind) {
    List<Mention> repeated = new ArrayList<>();
    for (Mention old : before) {
      boolean again = behind.stream().anyMatch(m -> isSame(old, m));
      if (again) {
        repeated.add(old);
      }
    }
    if (repeated.size() < FEWEST || repeated.size() < behind.size()) {
      return List.of();
    }
    repeated.forEach(old -> old.mark(Part.EXCLUDED));
    return repeated;
  }

  private static boolean isSame(Mention a, Mention b) {
    Optional<String> one = a.known().map(Food::id);
    return a.isMeasured()
        && b.isMeasured()
        && one.isPresent()
        && one.equals(b.known().map(Food::id));
  }

  /** "200 g milk, 300 ml flour, no, the other way round". */
  private static void exchanged(Clause before, Clause clause) {
    List<Mention> said = before.mentions.stream().filter(Mention::isMeasured).toList();
    boolean told = said.size() == 2 && SWAPPED.isIn(clause.words(0, clause.size()));
    boolean nothing = before == clause || clause.mentions.isEmpty();
    if (told && nothing) {
      Mention one = said.get(0);
      Mention two = said.get(1);
      String amount = one.amountText;
      one.amountText = two.amountText;
      two.amountText = amount;
      one.restated = true;
      two.restated = true;
    }
  }
}

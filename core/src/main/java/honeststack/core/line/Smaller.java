package honeststack.core.line;

import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import java.util.List;
import java.util.Set;

/** A smaller measure that goes on the one before it: "1 lb 2 oz", "1 l 200 ml", "1 cup 2 tbsp". */
final class Smaller {
  private static final Set<Unit> BIG = Set.of(Unit.POUND, Unit.KILOGRAM, Unit.LITRE);

  /** Of which the next may as well be another food's: "flour 1 cup 2 tbsp sugar". */
  private static final Set<Unit> FILLED = Set.of(Unit.CUP, Unit.PINT, Unit.QUART, Unit.TABLESPOON);

  private static final String[] BEFORE = {
    "and", "add", "with", "in", "plus", "then", "of", "about", "use"
  };

  private Smaller() {}

  static boolean mayFollow(Unit unit) {
    return BIG.contains(unit) || FILLED.contains(unit);
  }

  /**
   * @param from place of the amount's first token
   */
  static boolean is(List<Token> tokens, int from, Unit unit, Found next) {
    Unit smaller = next.measure().unit();
    if (BIG.contains(unit)) {
      return smaller != unit && smaller.kind() == unit.kind();
    }
    boolean spoon = smaller.kind() == Unit.Kind.SPOON && unit.kind() != Unit.Kind.SPOON;
    boolean less =
        spoon
            || unit == Unit.TABLESPOON && smaller == Unit.TEASPOON
            || unit != Unit.TABLESPOON && smaller == Unit.FLUID_OUNCE;
    return less && isFront(tokens, from) && isNamed(tokens, next.next());
  }

  /**
   * Whether an "and" may add one measure to another. "100 g and 100 g", "2 tsp and 30 g" are of two
   * foods, or one corrects the other; "half a cup and a third", "a cup and 2 tbsp" are a sum.
   */
  static boolean mayAdd(Measure one, Measure other) {
    Unit.Kind first = one.unit().kind();
    Unit.Kind second = other.unit().kind();
    boolean mixed =
        first == Unit.Kind.MASS && second.isVolume()
            || first.isVolume() && second == Unit.Kind.MASS
            || first == Unit.Kind.SPOON && second.isVolume() && second != Unit.Kind.SPOON;
    boolean whole = one.amount() % 1 == 0 && other.amount() % 1 == 0;
    boolean again = one.unit() == other.unit() && whole && one.unit() != Unit.COUNT;
    return !mixed && !again;
  }

  /** No name stands before the amount. */
  private static boolean isFront(List<Token> tokens, int from) {
    Token before = from == 0 ? null : tokens.get(from - 1);
    return before == null
        || before.kind() == Token.Kind.MARK && !before.isMark(":", "=")
        || before.isWord(BEFORE);
  }

  /** A word for what is measured follows. */
  private static boolean isNamed(List<Token> tokens, int i) {
    int name = i < tokens.size() && tokens.get(i).isWord("of") ? i + 1 : i;
    return name < tokens.size() && tokens.get(name).kind() == Token.Kind.WORD;
  }
}

package honeststack.core.line;

import honeststack.core.food.Packing;
import honeststack.core.measure.Containers;
import honeststack.core.measure.Measure.Heap;
import honeststack.core.measure.Unit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Units that stand without a number, where one is meant: "pinch of salt", "tin of corn". */
final class Unnumbered {
  /** Whose names are also what is done. */
  private static final Set<Unit> VERBS =
      EnumSet.of(
          Unit.DRIZZLE,
          Unit.SPRINKLE,
          Unit.SQUEEZE,
          Unit.DROP,
          Unit.SPOON,
          Unit.SMEAR,
          Unit.DUSTING,
          Unit.DOLLOP,
          Unit.SPLASH);

  /** Before what is done. */
  private static final String[] NO_NAMES = {
    "and", "to", "then", "or", "the", "a", "it", "them", "with", "in", "of", "you", "i", "we"
  };

  /** Which are no verb either. */
  private static final Set<String> LISTED =
      Set.of("bunch", "sachet", "packet", "tin", "jar", "sprig", "clove", "carton", "tub");

  private final List<Token> tokens;

  Unnumbered(List<Token> tokens) {
    this.tokens = tokens;
  }

  /** Whether the unit found at a token is an amount and no other word. */
  boolean is(int from, Found found) {
    return isAlone(found) || isBare(from, found) || isLast(from, found);
  }

  /** Without a number: "pinch of salt", "teaspoon of salt", "pinch salt", but not "drizzle oil". */
  private boolean isAlone(Found found) {
    boolean of = word(found.next(), "of");
    return switch (found.measure().unit().kind()) {
      case VAGUE -> of || !VERBS.contains(found.measure().unit());
      case SPOON, VOLUME, LADLE -> of;
      case MASS, MARKED, SPRAY, COUNT -> false;
    };
  }

  /** "salt pinch, water splash": behind a name, with nothing more to come. */
  private boolean isLast(int from, Found found) {
    boolean end = found.next() == tokens.size() || tokens.get(found.next()).isMark(",", ";", ".");
    boolean name =
        from > 0
            && tokens.get(from - 1).kind() == Token.Kind.WORD
            && !tokens.get(from - 1).isWord(NO_NAMES);
    Unit unit = found.measure().unit();
    return end && name && (unit == Unit.SPLASH || unit == Unit.DRIZZLE || unit == Unit.SQUEEZE);
  }

  /** "tsp sugar, half tsp soda": among others. */
  private boolean isBare(int from, Found found) {
    Unit.Kind kind = found.measure().unit().kind();
    boolean splash = found.measure().unit() == Unit.SPLASH;
    boolean unit = kind == Unit.Kind.SPOON || kind == Unit.Kind.VOLUME || splash;
    boolean word = tokens.get(from).text().length() > 2 && found.next() == from + 1;
    boolean begins = from == 0 || tokens.get(from - 1).isMark(",", ";", "/", "+", "&", "•", ":");
    boolean food =
        found.next() < tokens.size() && tokens.get(found.next()).kind() == Token.Kind.WORD;
    return unit
        && word
        && begins
        && food
        && !word(found.next(), "the", "it", "them", "over", "out");
  }

  /** "tin of coconut milk": one. */
  Optional<Found> container(int from) {
    String word = from < tokens.size() ? tokens.get(from).low() : "";
    String part = Containers.counted(word);
    boolean one = !part.isEmpty() && part.equals(word) && LineWords.SINGLE.contains(part);
    boolean begins = from == 0 || tokens.get(from - 1).isMark(",", ";", "•", "/");
    boolean listed = // "3 onions, bunch coriander"
        begins
            && LISTED.contains(part)
            && from + 1 < tokens.size()
            && tokens.get(from + 1).kind() == Token.Kind.WORD
            && !word(from + 1, NO_NAMES)
            && !word(from + 1, "foil");
    return one && (listed || word(from + 1, "of"))
        ? Optional.of(
            new Found(
                new Quantity(1, 0, 0, 0).measure(Unit.COUNT, Packing.NOT_SAID, Heap.LEVEL, part),
                Containers.isContainer(part),
                from + 1))
        : Optional.empty();
  }

  private boolean word(int i, String... words) {
    return i < tokens.size() && tokens.get(i).isWord(words);
  }
}

package honeststack.core.said.part;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Some of what was measured that never got into the bowl: "300 ml milk, of which 50 ml went into my
 * tea", "I spilled 50 ml of the milk", "30 g oil in the pan, poured 10 g off". The rest counts.
 */
public final class Spent {
  private static final int FAR = 2;

  private static final Remembered DRINK =
      Remembered.whole("tea|coffee|cocoa|hot chocolate|porridge|cereal|muesli|latte|cappuccino");

  private static final String WHO =
      "(?:(?:i|we|he|she|they|you|my|our|the|a|some|then|also|only|accidentally|unfortunately"
          + "|sadly|cat|dog|dogs|kids?|children|baby|toddler|son|daughter|husband|wife|mum|dad|gran|birds|hens"
          + "|neighbours?|boys?|girls?) )*";

  /** Done with it by somebody. */
  private static final String DID =
      "(?:drank|had drunk|ate|had eaten|spilled|spilt|dropped|wasted|lost|threw away|gave away|gave|fed"
          + "|stole|nicked|pinched|(?<=\\b(?:cat|dog|dogs|kids|children|baby|toddler|son|daughter|husband|wife) )(?:had|got)|swiped|kept|knocked over|poured (?:off|away|out)|drained(?: off)?"
          + "|tipped (?:away|out|off)|boiled|left(?: over)?)";

  private static final String WAS = "(?:(?:is|was|were|are|got|has been|had been) )?(?:about )?";

  /** What became of it. */
  private static final String GONE =
      WAS
          + "(?:spilled|spilt|eaten|drunk|wasted|lost|dropped|thrown away|given away|drained(?: off| away)?"
          + "|poured (?:off|away)|stolen|left(?: over| behind)?|left in|over|stuck|stayed|remained|stayed behind"
          + "|went (?:off|bad|missing|astray|to waste)|ended up|landed|evaporated|boiled (?:off|away)"
          + "|went (?:in|into|to|on|onto|down|over) (?:(?:my|the|our|a) )?(?:@|cup|cat|dog|floor|sink|drain|bin|kids|baby|tray|hob"
          + "|table|counter|porridge|cereal|birds|hens|worktop)"
          + "|(?:was |were )?for (?:(?:my|the|our|a) )?(?:@|cat|dog|kids|baby|board|worktop|birds|hens))(?= |$)";

  private static final String PART =
      "(?:about |around |roughly |some |maybe )?(?:the )?(?<part># )(?!(?:of )?@ )";

  private static final String OF_IT = "(?:of (?:it|them|that|which|those|this|the @|my @) )?";

  /** Up to the next mark. */
  private static final String ON = "(?:[^#@,;.(]|(?<=(?:my|the|our|a|for|in|into) )@)*";

  private static final String WHOLE = "(?<whole># )(?:of )?(?:my |the )?(?<food>@ )";

  private static final String NAME_FIRST = "(?<food>@ ),? ?(?<whole># )";

  private static final String PLACED =
      "(?:(?:in|into|on|for|from|went) (?:(?:the|my|a) )?(?:pan|jug|bowl|top|frying|frying pan|griddle)? ?(?:went )?)*";

  private static final String LINK =
      "(?:(?:,|;|–|-|\\(|and|but|though|although|except(?: that)?|of which|so|then|only|of it|whereof) )*";

  private static final String USING =
      "(?:i|we) (?:(?:only|just|actually|really|then) )*(?:ended up )?(?:used|using|needed|took|put in|added) ";

  /** Nobody is named, so nothing else may follow. */
  private static final String USED_UP =
      "(?:(?:i|we) )?(?:(?:only|just|actually|really) )*(?:ended up )?(?:used|using|needed) ";

  private static final String END = "(?:of (?:it|that|them) |in the end )*(?=$|[.,;!)])";

  private static final List<Sought> SAID = said();

  /** "20 g less than usual" compares. */
  private static final Sought THAN =
      Sought.of(
          "(?<part># )(?:less|more|fewer) than (?:usual|normal|always|last time|before|the recipe|it says)\\b");

  private static final Sought BEFORE =
      Sought.of(
          "(?:and |but |then |so |though |unfortunately |sadly |oh |, )*"
              + "(?:"
              + (WHO
                  + DID
                  + " "
                  + PART
                  + "(?:of (?:the |that |my |our )?(?:(?<food>@ )|(?:it|them|that) ))?"
                  + "(?:though |however )?")
              + "|"
              + ("(?<part2># )(?:of (?:the |that |my |our )?(?:(?<food2>@ )|(?:it|them|that|those|which) ))?"
                  + "(?:"
                  + GONE
                  + "|"
                  + "(?:i|we|the \\w+|my \\w+) "
                  + DID
                  + ")")
              + ")"
              + "[^#@]*(?:(?:my|the|our) @ )?[ .!]*");

  /** "300 ml milk, I only used 250 ml of it": so much counts. */
  private static final List<Sought> USED =
      List.of(
          Sought.of(WHOLE + LINK + USING + PART + "(?:of (?:it|them|that|which) |in the end )+"),
          Sought.of(
              NAME_FIRST + LINK + USING + PART + "(?:of (?:it|them|that|which) |in the end )+"));

  /** "40 g butter for the pan, only used 25". */
  private static final List<Sought> USED_LESS =
      List.of(
          Sought.of(WHOLE + PLACED + LINK + USED_UP + PART + END),
          Sought.of(NAME_FIRST + PLACED + LINK + USED_UP + PART + END));

  /** "300 ml out of a litre of milk". */
  private static final Sought OUT_OF =
      Sought.of("(?<part># )(?:out of|from) (?:the |my |a )?(?<whole># )(?:of )?(?<food>@ )");

  private Spent() {}

  private static List<Sought> said() {
    List<Sought> said = new ArrayList<>();
    for (String whole : List.of(WHOLE, NAME_FIRST)) {
      String begin = whole + PLACED + LINK;
      said.add(
          Sought.of(
              begin + "(?:minus|less|take away|without|bar|except for) " + PART + OF_IT + ON));
      said.add(Sought.of(begin + PART + OF_IT + GONE + ON));
      said.add(Sought.of(begin + PART + OF_IT + "(?:i|we|the \\w+|my \\w+) " + DID + "\\b" + ON));
      said.add(Sought.of(begin + WHO + DID + " " + PART + OF_IT + ON));
      said.add(
          Sought.of(begin + WHO + "(?:poured|drained|tipped) " + PART + "(?:off|away|out) " + ON));
    }
    said.add(
        Sought.of(
            "\\b(?:of|from|out of) (?:the |my |our )?"
                + WHOLE
                + PLACED
                + ",? ?"
                + WHO
                + DID
                + " "
                + PART
                + ON));
    said.add(
        Sought.of(
            "\\b(?:of|from|out of) (?:the |my |our )?"
                + WHOLE
                + PLACED
                + ",? ?"
                + PART
                + GONE
                + ON));
    return List.copyOf(said);
  }

  public static void in(Clause clause) {
    Optional<Shape> shape = clause.hasFood() ? Shape.of(clause, 1) : Optional.empty();
    if (shape.isEmpty()) {
      return;
    }
    for (Shape.Found than : shape.get().each(THAN)) {
      than.take(Part.NOTE);
    }
    if (Shape.of(clause, 2).isEmpty()) {
      return; // the others compare two
    }
    for (Shape.Found found : shape.get().each(OUT_OF)) {
      outOf(clause, found);
    }
    for (Sought form : USED) {
      for (Shape.Found found : shape.get().each(form)) {
        use(clause, found);
      }
    }
    for (Sought form : USED_LESS) {
      for (Shape.Found found : shape.get().each(form)) {
        if (!clause.get(found.at("whole")).isCount()) {
          use(clause, found);
        }
      }
    }
    for (Sought form : SAID) {
      for (Shape.Found found : shape.get().each(form)) {
        take(clause, found);
      }
    }
  }

  /** "… 50 ml of it for the yeast" is no drink. */
  private static boolean isDrunk(Clause clause, int part, int end, Element whole) {
    return clause.elements.subList(part, end).stream()
        .filter(Element::isFood)
        .allMatch(e -> e.isSameFood(whole) || DRINK.is(e.low()));
  }

  private static void take(Clause clause, Shape.Found found) {
    Element whole = clause.get(found.at("whole"));
    Element part = clause.get(found.at("part"));
    if (!isDrunk(clause, found.at("part"), found.end(), clause.get(found.at("food")))) {
      return;
    }
    String left = left(whole, part);
    if (left.isEmpty() || !whole.isFree() || !part.isFree() || whole.instead != null) {
      return;
    }
    int food = found.at("food");
    note(clause, Math.max(food, found.at("whole")) + 1, found);
    whole.instead = left;
    whole.corrects = food < found.at("whole");
  }

  /** What is said of it, but not where the whole goes. */
  private static void note(Clause clause, int from, Shape.Found found) {
    for (int i = from; i < found.end(); i++) {
      if (!clause.is(i, Sort.PAN, Sort.PLATE, Sort.BOWL) || i > found.at("part")) {
        clause.get(i).part = Part.NOTE;
      }
    }
  }

  private static void use(Clause clause, Shape.Found found) {
    Element whole = clause.get(found.at("whole"));
    Element part = clause.get(found.at("part"));
    Unit.Kind kind = whole.measure().unit().kind();
    boolean bare = // "40 g sugar, only used 25"
        (kind == Unit.Kind.MASS || kind == Unit.Kind.MARKED)
            && part.isCount()
            && part.measure().amount() > 1
            && part.measure().amount() < whole.measure().amount();
    if ((bare || !left(whole, part).isEmpty()) && whole.isFree()) {
      whole.instead = part.textLike(whole);
      whole.corrects = found.at("food") < found.at("whole");
      note(clause, Math.max(found.at("food"), found.at("whole")) + 1, found);
    }
  }

  private static void outOf(Clause clause, Shape.Found found) {
    Element whole = clause.get(found.at("whole"));
    Element part = clause.get(found.at("part"));
    if (!left(whole, part).isEmpty() && whole.isFree() && part.isFree()) {
      String some = part.text();
      for (int i = found.at("part"); i < found.at("whole"); i++) {
        clause.get(i).part = Part.NOTE;
      }
      whole.instead = some;
    }
  }

  /** How much is left; empty where they cannot be compared. */
  private static String left(Element whole, Element part) {
    Unit unit = whole.measure().unit();
    boolean same = part.measure().unit() == unit;
    boolean fine =
        unit.kind() == part.measure().unit().kind()
            && (unit.kind() == Unit.Kind.MASS || unit.kind() == Unit.Kind.MARKED);
    double left =
        same
            ? whole.measure().amount() - part.measure().amount()
            : fine ? Scaled.fine(whole.measure()) - Scaled.fine(part.measure()) : -1;
    Unit in = same ? unit : unit.kind() == Unit.Kind.MASS ? Unit.GRAM : Unit.MILLILITRE;
    return left > 0 && PartlyOther.isPlain(whole) ? Numbers.plain(left) + " " + in.symbol() : "";
  }

  /**
   * Of what was measured in a sentence before: "I spilled 50 ml of the milk."
   *
   * @return whether the sentence says nothing else
   */
  public static boolean by(List<Clause> read, Clause clause) {
    if (read.isEmpty() || !clause.hasAmount()) {
      return false;
    }
    Optional<Shape> shape = Shape.read(clause);
    Optional<Shape.Found> said = shape.flatMap(s -> s.whole(BEFORE));
    if (said.isEmpty()) {
      return false;
    }
    boolean second = said.get().has("part2");
    Element part = clause.get(said.get().at(second ? "part2" : "part"));
    String name = second ? "food2" : "food";
    Optional<Mention> whole =
        said.get().has(name) ? Rescaled.before(read, clause.get(said.get().at(name))) : last(read);
    boolean pieces = part.isCount() && !said.get().has(name);
    if (whole.isPresent()
        && whole.get().food != null
        && !isDrunk(clause, 0, clause.size(), whole.get().food)) {
      return false;
    }
    String left = // "Five small cakes; I ate three.": of what, is another question
        whole
            .filter(m -> m.amount != null && m.amount != part && !pieces)
            .map(m -> left(m.amount, part))
            .orElse("");
    if (left.isEmpty()) {
      return false;
    }
    whole.get().amountText = left;
    whole.get().restated = true;
    clause.passOver();
    return true;
  }

  /** What was measured last. */
  public static Optional<Mention> last(List<Clause> read) {
    for (int i = read.size() - 1; i >= Math.max(0, read.size() - FAR); i--) {
      List<Mention> all = read.get(i).mentions;
      if (!all.isEmpty()) {
        return Optional.of(all.get(all.size() - 1)).filter(Mention::isMeasured);
      }
    }
    return Optional.empty();
  }
}

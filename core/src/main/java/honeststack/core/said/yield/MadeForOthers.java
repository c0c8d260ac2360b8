package honeststack.core.said.yield;

import honeststack.core.said.clause.Batch;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * A recipe for so many, made for another number of eaters: "For 2: 200 g flour, 2 eggs. I made it
 * for 4.", "Serves 4. … Scale to 10."; and what only may be done with it: "Double it for 4."
 */
public final class MadeForOthers {
  private static final String NUMBER =
      "(?:\\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)";

  private static final String IT = "(?: (?:it|this|that|them|these|enough|everything|the recipe))?";

  private static final String LEAD =
      "(?:(?:and|but|so|then|also|now|today|tonight|tomorrow|this time|here|,|\\() ?)*";

  private static final Sought MADE =
      Sought.of(
          LEAD
              + "(?:i'm |i am |we're |we are |i've |we've |i'll |we'll |i |we )?(?:(?:only|just|always|usually|now|have to) )*"
              + "(?:made|make|making|cook|cooked|cooking|did|do|scaled?|mix|mixed|need|needed|want|wanted"
              + "|adapted|rescaled|calculated)"
              + IT
              + "(?: up| down)?(?: (?:today|tonight|this time))? (?:for|to) (?:about )?"
              + NUMBER
              + "\\b.*");

  private static final Sought NOW =
      Sought.of(
          "(?:and |but |so |, |\\()*(?:today|tonight|tomorrow|this time|here|now),?"
              + "(?: (?:it's|it is|i cook|i'm cooking|i need it|i make it|we're|we are|there are|there'll be))?(?: for)? "
              + NUMBER
              + "(?: (?:people|persons|of us|guests|heads|eaters|adults|kids|children))?[ .!)]*");

  /** "There were 4 of us.", and nothing of what was done about it. */
  private static final Sought EATERS =
      Sought.of(
          "(?:and |but |though |so |however |, )*(?:we|there|they)(?:'re| are| were| will be|'ll be| came) "
              + NUMBER
              + "(?: (?:of us|people|persons|guests|at (?:the )?table|today|tonight|though))*[ .!]*");

  /** What may be done: nothing is said of what was. */
  private static final Sought MAY =
      Sought.of(
          "(?:(?:or|but|and|just|then|you can|you could|you may|simply|,) )*"
              + "(?:doubles?|halves?|halve|triples?|quadruples?|multiply(?: (?:it|all|everything))? by "
              + NUMBER
              + ")(?: (?:it|this|that|everything|the lot|all|the amounts?))? (?:for|if|when)\\b.*"
              + "|(?:and |so )?(?:that's|that is|it's|this is) (?:just )?(?:the |my )?(?:[a-z0-9]+ person |original |usual |basic )?(?:recipe|amount|quantity|batch) times "
              + NUMBER
              + "[ .!]*"
              + "|(?:the |my )?(?:original|recipe|book|usual|normal one|usual one)(?:'s)? (?:is|was|has|says|makes)"
              + " (?:half|double|twice|three times)(?: (?:that|this|as much|it))?[ .!]*");

  private static final Remembered HINT =
      Remembered.part("doubl|hal(?:f|ve)|tripl|quadrup|multipl|times");

  private MadeForOthers() {}

  /** Passes over what may be done, between marks. */
  public static void may(Clause clause) {
    if (!clause.says(HINT)) {
      return;
    }
    int from = 0;
    for (int to = 0; to <= clause.size(); to++) {
      if (to == clause.size() || clause.isMark(to, ",", ";", ".", "–", "—", "(")) {
        boolean measured = clause.elements.subList(from, to).stream().anyMatch(Element::isFood);
        if (!measured && MAY.isAll(clause.words(from, to))) {
          clause.take(from, to, Part.METHOD);
        }
        from = to + 1;
      }
    }
  }

  /** Has the recipe count for those whom it was made for. */
  public static void find(List<Clause> read) {
    Optional<Told.Count> first = Optional.empty();
    boolean measured = false;
    for (Clause clause : read) {
      Optional<Told.Count> serves = clause.counts.serves;
      if (first.isPresent() && measured && clause.mentions.isEmpty()) {
        Optional<Told.Count> others = serves.or(() -> number(clause));
        if (others.isPresent()) {
          made(clause, first.get(), others.get());
        }
      }
      first = first.or(() -> serves);
      measured |= clause.mentions.stream().anyMatch(Mention::isMeasured);
    }
  }

  private static void made(Clause clause, Told.Count first, Told.Count others) {
    boolean other = first.low() == first.high() && others.low() == others.high();
    if (!other || first.low() == others.low() || first.low() <= 0 || clause.batch.isPresent()) {
      return;
    }
    String words = clause.words(0, clause.size());
    if (MADE.isAll(words) || NOW.isAll(words)) {
      clause.batch = Optional.of(new Batch(others.low() / first.low(), false));
      clause.counts.serves = Optional.of(others);
      clause.passOverAmounts();
    } else if (EATERS.isAll(words)) {
      clause.counts.serves = Optional.empty(); // as much as was told, or more: who knows
      clause.elements.stream().filter(Element::isAmount).forEach(e -> e.part = Part.UNKNOWN);
    }
  }

  /** "Scale to 10.": a number that counts nothing by itself. */
  private static Optional<Told.Count> number(Clause clause) {
    List<Element> amounts = clause.elements.stream().filter(Element::isAmount).toList();
    boolean one = amounts.size() == 1 && amounts.get(0).isCount();
    boolean free = one && (amounts.get(0).isFree() || amounts.get(0).part == Part.UNKNOWN);
    return free ? Optional.of(BareCounts.range(amounts.get(0))) : Optional.empty();
  }
}

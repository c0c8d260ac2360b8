package honeststack.core.said.name;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.words.Sought;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * What is soaked, washed or ground for a batter was not cooked before: "soak 1 cup rice", "1 cup
 * chickpeas, soaked". Common practice.
 */
public final class Uncooked {
  private static final Sought SOAKED =
      Sought.of("\\b(?:soak(?:ed|ing|s)?|steep(?:ed)?|uncooked|raw)\\b");

  private static final Sought WASHED =
      Sought.of("\\b(?:wash(?:ed)?|rinsed?|ground|milled|grind)\\b");

  private static final Sought COOKED =
      Sought.of("\\b(?:cooked|boiled|leftover|tins?|tinned|cans?|canned|drained|jar)\\b");

  private static final Sought DONE = Sought.of("^(?:soaked|washed) ");

  /** By their everyday names, which mean them cooked where nothing else is said. */
  private static final Map<String, String> RAW =
      Map.of(
          "rice", "raw rice",
          "quinoa", "raw quinoa",
          "chickpeas", "raw chickpeas",
          "chick peas", "raw chickpeas",
          "garbanzo beans", "raw chickpeas",
          "black beans", "raw black beans");

  /** Only of these water makes no difference: beans are rinsed out of a tin. */
  private static final Set<String> GRAINS = Set.of("rice", "quinoa");

  /** With these only raw rice is ground. */
  private static final Set<String> PULSES = Set.of("urad-raw", "toor-raw", "fenugreek-seed");

  private Uncooked() {}

  /** Names them as what they are. */
  public static void find(List<Clause> clauses) {
    boolean pulses = false;
    boolean some = false;
    Set<String> soaked = new HashSet<>();
    for (Clause clause : clauses) {
      for (Mention mention : clause.mentions) {
        some |= isOpen(mention);
        pulses |= mention.known().filter(food -> PULSES.contains(food.id())).isPresent();
      }
    }
    for (Clause clause : some ? clauses : List.<Clause>of()) {
      if (SOAKED.isIn(clause.words(0, clause.size()))) {
        clause.elements.stream().filter(Element::isFood).map(Element::low).forEach(soaked::add);
      }
    }
    for (Clause clause : some ? clauses : List.<Clause>of()) {
      for (Mention mention : clause.mentions) {
        if (isOpen(mention) && isRaw(mention, clause, pulses, soaked)) {
          mention.foodText = RAW.get(name(mention));
          mention.restated = true;
        }
      }
    }
  }

  /** As it is called where nothing was done to it: "soaked rice". */
  private static String name(Mention mention) {
    return DONE.replaced(mention.foodText.toLowerCase(Locale.ROOT), done -> "");
  }

  private static boolean isOpen(Mention mention) {
    return mention.isMeasured() && RAW.containsKey(name(mention));
  }

  private static boolean isRaw(Mention mention, Clause clause, boolean pulses, Set<String> soaked) {
    String said = clause.words(0, clause.size()) + " " + mention.notes;
    boolean grain = GRAINS.contains(name(mention));
    boolean wet = SOAKED.isIn(said) || soaked.contains(name(mention)) || grain && WASHED.isIn(said);
    return (wet || grain && pulses) && !COOKED.isIn(said);
  }
}

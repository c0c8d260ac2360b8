package honeststack.core.said;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import java.util.List;
import java.util.Set;

/**
 * What each eater takes on top, told behind the batter: "Me: 15 g butter. Him: 20 g honey.", "The
 * kids had 20 g honey", "one with 15 g butter, one with 20 g honey".
 */
final class EatersOwn {
  private static final String OTHERS =
      "(?:dad|mum|mom|gran|grandad|(?:the|my|our) (?:kids?|children|son|daughter|wife|husband|boys?|girls?|guests)"
          + "|everyone|everybody)";

  private static final String WHO = "(?:i|we|he|she|they|" + OTHERS + ")";

  private static final Sought SAID =
      Sought.of(
          "(?:(?:and|then|so|,) )*(?:"
              + ("for (?:me|him|her|us|them|dad|mum|mom|the kids|my \\w+) .*")
              + "|(?:me|him|her|dad|mum|mom|the kids|us) ?: .*"
              + "|"
              + WHO
              + " (?:(?:always|usually|only|each|all|both) )*(?:likes?|prefers?|share|shared|wants?|eat|ate) .*"
              + "|"
              + OTHERS
              + " (?:(?:always|usually|only|each|all|both) )*(?:had|have|has|takes?|gets?|got) .*"
              + "|(?:one|two|three|the first|the second|the other|the others|the rest|half)(?: of (?:them|those))?(?: was| were| got| gets| is| are)? (?:with )?# .*"
              + "|between us .*"
              + ")");

  private static final Sought BATTER =
      Sought.of(
          "\\b(?:in it|into|batter|bowl|mix|mixed|pan|left|fry|fried|stir|stirred|dough|use|used|add|added|bought|recipe|allergic|run out|ran out|no)\\b");

  private static final Set<Role> BOWL = Set.of(Role.FLOUR, Role.EGG, Role.LEAVENING, Role.SALT);

  private EatersOwn() {}

  static void find(List<Clause> read) {
    boolean flour = false;
    boolean egg = false;
    for (Clause clause : read) {
      if (flour && egg && isOnTop(clause)) {
        clause.mentions.stream()
            .filter(m -> m.place == Place.NOT_SAID && m.split == null)
            .forEach(m -> m.place = Place.PLATE);
      }
      flour |= clause.mentions.stream().anyMatch(m -> m.role() == Role.FLOUR && m.isMeasured());
      egg |= clause.mentions.stream().anyMatch(m -> m.role() != Role.FLOUR && m.isMeasured());
    }
  }

  private static boolean isOnTop(Clause clause) {
    boolean topping =
        !clause.mentions.isEmpty()
            && clause.mentions.stream()
                .allMatch(
                    m ->
                        m.isMeasured()
                            && !BOWL.contains(m.role())
                            && m.known().filter(EatersOwn::isSpread).isPresent());
    return topping && SAID.isAll(signs(clause)) && !BATTER.isIn(clause.words(0, clause.size()));
  }

  /** What nobody stirs in for one eater alone. */
  private static boolean isSpread(Food food) {
    return food.role() == Role.SUGAR || food.role() == Role.FAT || food.role() == Role.ADD_IN;
  }

  private static String signs(Clause clause) {
    StringBuilder words = new StringBuilder();
    for (Element element : clause.elements) {
      boolean amount = element.isAmount() && !element.isWeak() && !element.isCount();
      words.append(amount ? "#" : element.low()).append(' ');
    }
    return words.toString();
  }
}

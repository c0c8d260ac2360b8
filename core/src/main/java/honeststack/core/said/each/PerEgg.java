package honeststack.core.said.each;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * A batter that goes by its eggs: "For each egg 50 g flour and 75 ml milk. I crack four.", "Per egg
 * 30 g flour; 3 eggs". What is told for one counts as often as there are eggs.
 */
public final class PerEgg {
  private static final Sought EACH =
      Sought.of(
          "(?:.*[:;,.–-] |(?:and|so|i take|i use|it's|we take) )?(?:(?:(?:for|to|with|on) (?:each|every)|per) egg\\b.*|(?:each|every) egg (?:wants|gets|needs|takes|has)\\b.*)"
              + "|(?:and |so )?(?:two|three|four|five|six|\\d{1,2}) eggs ?,? (?:and |with )?(?:for|to|with) (?:each|every one)(?: one| of them)?:? \\d.*");

  private static final Sought CRACK =
      Sought.of(
          "(?:(?:and|so|i|we|today|usually|always|normally|this time|,) )*(?:crack|cracked|use|used|take|took|had|have|break|broke|do|did|put)"
              + "(?: in)? (?:about )?\\w+(?: of (?:them|those)| today| usually)?[ .!]*");

  private PerEgg() {}

  /** "per egg 50 g flour": of flour, not of egg. */
  public static void in(Clause clause) {
    for (int i = 0; i + 1 < clause.size(); i++) {
      boolean each = clause.isWord(i, "per", "each", "every");
      if (each
          && clause.isFood(i + 1)
          && clause.low(i + 1).equals("egg")
          && clause.isStrong(i + 2)) {
        clause.get(i + 1).part = Part.NOTE;
      }
    }
  }

  public static void find(List<Clause> read) {
    for (Clause clause : read) {
      List<Mention> each = clause.mentions.stream().filter(m -> m.role() != Role.EGG).toList();
      if (!each.isEmpty() && EACH.isAll(clause.words(0, clause.size()))) {
        Optional<Double> eggs = counted(read);
        if (eggs.isEmpty()) {
          eggs = cracked(read, clause);
        }
        eggs.ifPresent(n -> each.forEach(m -> m.times *= n));
      }
    }
  }

  /** How many eggs there are, of those that are counted anywhere. */
  private static Optional<Double> counted(List<Clause> read) {
    return read.stream()
        .flatMap(clause -> clause.mentions.stream())
        .filter(m -> m.role() == Role.EGG && m.amount != null && m.amount.isCount())
        .map(m -> m.amount.measure().amount())
        .findFirst();
  }

  /** "I crack four.": of the eggs that are only named. */
  private static Optional<Double> cracked(List<Clause> read, Clause each) {
    Optional<Clause> named = // "I go by eggs."
        read.stream().filter(c -> c.elements.stream().anyMatch(PerEgg::isEgg)).findFirst();
    Optional<Element> name =
        named.flatMap(c -> c.elements.stream().filter(PerEgg::isEgg).findFirst());
    Optional<Element> number =
        read.stream()
            .filter(c -> c != each && c.mentions.isEmpty())
            .filter(c -> CRACK.isAll(c.words(0, c.size())))
            .flatMap(c -> c.elements.stream())
            .filter(e -> e.isAmount() && e.isCount())
            .findFirst();
    if (name.isEmpty() || number.isEmpty()) {
      return Optional.empty();
    }
    Mention eggs = new Mention();
    eggs.food = name.get();
    eggs.food.part = Part.FOOD;
    eggs.foodText = eggs.food.text();
    eggs.amountText = number.get().text();
    eggs.restated = true;
    eggs.from = named.get().elements.indexOf(eggs.food);
    eggs.to = eggs.from + 1;
    number.get().part = Part.AMOUNT;
    named.get().mentions.add(0, eggs);
    return number.map(n -> n.measure().amount());
  }

  private static boolean isEgg(Element element) {
    return element.isFood() && element.low().matches("eggs?");
  }
}

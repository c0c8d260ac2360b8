package honeststack.core.said.span;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Two names side by side that are one food's: "honey roast ham", "egg mayonnaise". Neither is
 * counted in its place; what it is has to be asked. And one food that is said to be made of others:
 * those are counted.
 */
public final class Compounds {
  private static final Sought TOLD = Sought.of("that's|that is|which is|meaning|i mean");

  private static final Sought SEED_EGG =
      Sought.of("\\b(?:flax|chia|linseed)\\w* eggs?\\b", Pattern.CASE_INSENSITIVE);

  private final Clause clause;

  private Compounds(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause, List<Mention> mentions) {
    Compounds compounds = new Compounds(clause);
    mentions.removeIf(
        one -> compounds.isExplained(one, mentions) || compounds.isResult(one, mentions));
    mentions.stream().filter(Compounds::isVanillaSugar).forEach(one -> one.foodText += " sugar");
    mentions.stream()
        .filter(Compounds::isYeastCake)
        .forEach(one -> one.foodText = "fresh " + one.foodText);
    for (int i = mentions.size() - 1; i > 0; i--) {
      Mention first = mentions.get(i - 1);
      Mention second = mentions.get(i);
      if (compounds.isNamed(first, second)) {
        second.foodText = first.foodText + " " + second.foodText;
        second.from = first.from;
        first.food.part = Part.NOTE;
        mentions.remove(i - 1);
      } else if (compounds.isOne(first, second)) {
        first.foodText = first.foodText + compounds.between(first, second) + second.foodText;
        first.to = second.to;
        first.food = null;
        mentions.remove(i);
      }
    }
  }

  /** "1 sachet vanilla": of vanilla alone there are none. */
  private static boolean isVanillaSugar(Mention mention) {
    return mention.foodText.equalsIgnoreCase("vanilla")
        && mention.amount != null
        && mention.amount.measure().size().equals("packet");
  }

  /** "a cake of yeast": dried it comes in none. */
  private static boolean isYeastCake(Mention mention) {
    return mention.foodText.equalsIgnoreCase("yeast")
        && mention.amount != null
        && mention.amount.measure().size().equals("cake");
  }

  /** "1 flax egg = 1 tbsp ground flax + 3 tbsp water": what it is made of stands behind it. */
  private boolean isExplained(Mention one, List<Mention> mentions) {
    boolean told = one.amount != null && isTold(one.to);
    int equals = told ? one.to + 1 : one.to;
    boolean label = one.amount == null && clause.isMark(equals, ":");
    boolean parts =
        one.food != null
            && (told
                || one.amount != null && clause.isMark(equals, "=")
                || label && isSum(equals, mentions))
            && mentions.stream()
                .anyMatch(
                    part ->
                        !isSeedEgg(part)
                            && part.from > equals
                            && part.from <= equals + 2
                            && part.amount != null
                            && part.food != null);
    if (parts) {
      one.mark(Part.NOTE);
    }
    return parts;
  }

  /** "1 tbsp ground flax in 3 tbsp water makes 1 flax egg": the seeds are counted, once. */
  public static void seedEggs(Clause clause) {
    List<Mention> eggs = clause.mentions.stream().filter(Compounds::isSeedEgg).toList();
    for (Mention egg : eggs) {
      Optional<Mention> seeds =
          clause.mentions.stream()
              .filter(m -> !isSeedEgg(m) && m.isMeasured() && m.known().equals(egg.known()))
              .findFirst();
      if (seeds.isPresent()) {
        each(clause, egg, seeds.get());
        clause.mentions.remove(egg);
        egg.mark(Part.NOTE);
      }
    }
  }

  /** "2 flax eggs – 1 tbsp flax and 3 tbsp water each": as much of both for each egg. */
  private static void each(Clause clause, Mention egg, Mention seeds) {
    int next = clause.mentions.indexOf(seeds) + 1;
    Optional<Mention> water =
        Optional.of(next)
            .filter(i -> i < clause.mentions.size())
            .map(clause.mentions::get)
            .filter(m -> m.isMeasured() && m.known().filter(Compounds::isWater).isPresent());
    int last = water.map(m -> m.to).orElse(seeds.to);
    boolean each = clause.is(last, Sort.EACH, Sort.PER);
    for (int i = egg.to; i < seeds.from; i++) {
      each |= clause.is(i, Sort.EACH);
    }
    if (each && egg.amount != null && egg.amount.isCount() && egg.to <= seeds.from) {
      seeds.times *= egg.amount.measure().amount();
      water.ifPresent(m -> m.times *= egg.amount.measure().amount());
    }
  }

  private static boolean isWater(Food food) {
    return food.id().equals("water");
  }

  private static boolean isSeedEgg(Mention mention) {
    return mention.known().isPresent() && SEED_EGG.isIn(mention.foodText);
  }

  /** "1 taza de harina, that's 1 cup masa". */
  private boolean isTold(int comma) {
    return clause.isMark(comma, ",") && clause.has(comma + 1) && TOLD.isAll(clause.low(comma + 1));
  }

  /** "egg: 1 tbsp chia + 3 tbsp water". */
  private boolean isSum(int from, List<Mention> mentions) {
    List<Mention> parts = mentions.stream().filter(m -> m.from > from).toList();
    return parts.size() > 1
        && parts.stream().allMatch(m -> m.amount != null && m.food != null)
        && clause.has(parts.get(0).to)
        && clause.get(parts.get(0).to).text().matches("[+&]|and");
  }

  /** "a tablespoon of vinegar in 250 ml soy milk = buttermilk": what comes of it. */
  private boolean isResult(Mention one, List<Mention> mentions) {
    boolean result =
        one.amount == null
            && one.food != null
            && clause.isMark(one.from - 1, "=")
            && mentions.stream().anyMatch(m -> m.to < one.from && m.amount != null);
    if (result) {
      one.food.part = Part.NOTE;
    }
    return result;
  }

  /** "self-rising cornmeal 1½ cups": both names, then what it measures. */
  private boolean isNamed(Mention first, Mention second) {
    return first.amount == null
        && first.food != null
        && first.others.isEmpty()
        && second.amount != null
        && second.food != null
        && !second.amount.isCount()
        && first.to == place(second.food)
        && place(second.food) == first.from + 1
        && place(second.amount) > place(second.food)
        && !isSeasoning(first)
        && !first.foodText.toLowerCase(Locale.ROOT).matches("eggs?|salt|sugar|milk|flour|water");
  }

  /** Measured in a unit, then both names and nothing else up to a mark. */
  private boolean isOne(Mention first, Mention second) {
    boolean measured =
        first.amount != null
            && !first.amount.isCount()
            && first.food != null
            && first.others.isEmpty()
            && first.notes.isEmpty();
    boolean open = second.amount == null && second.food != null && second.others.isEmpty();
    return measured
        && open
        && first.from < place(first.food)
        && isNear(first.to, second.from)
        && isEnd(second.to)
        && !isSeasoning(second);
  }

  private int place(Element element) {
    for (int i = 0; i < clause.size(); i++) {
      if (clause.get(i) == element) {
        return i;
      }
    }
    return -1;
  }

  /** Nothing between them, or how it was done: "fried", "roast". */
  private boolean isNear(int from, int to) {
    for (int i = from; i < to; i++) {
      if (clause.get(i).kind != Element.Kind.WORD) {
        return false;
      }
    }
    return to - from <= 1;
  }

  private String between(Mention first, Mention second) {
    StringBuilder words = new StringBuilder(" ");
    for (int i = first.to; i < second.from; i++) {
      words.append(clause.get(i).text()).append(' ');
    }
    return words.toString();
  }

  private boolean isEnd(int i) {
    return !clause.has(i) || clause.isMark(i, ".", ",", ";", "!", ")");
  }

  /** "half a teaspoon of salt pepper": said without a pause, and two all the same. */
  private static boolean isSeasoning(Mention mention) {
    return mention
        .known()
        .filter(
            food ->
                food.role() == Role.FLAVOUR
                    || food.role() == Role.SALT
                    || food.role() == Role.LEAVENING)
        .isPresent();
  }
}

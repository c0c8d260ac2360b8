package honeststack.core.said;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.Sentence.Section;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Finds foods that a text only names again: they were measured elsewhere in it. */
final class Again {
  /** A food that is named more often is named again. */
  private static final int MOST_ALIKE = 30;

  private final List<Clause> clauses;

  Again(List<Clause> clauses) {
    this.clauses = clauses;
  }

  private record Said(Clause clause, Mention mention) {}

  void find() {
    List<Said> all = new ArrayList<>();
    for (Clause clause : clauses) {
      clause.mentions.forEach(mention -> all.add(new Said(clause, mention)));
    }
    boolean others = all.stream().anyMatch(s -> section(s) != Section.SHOPPING);
    boolean listed =
        all.stream().anyMatch(s -> section(s) == Section.LIST && s.mention().isMeasured());
    Map<String, List<Said>> alike = new HashMap<>();
    all.forEach(said -> put(alike, said));
    Map<String, List<Said>> kept = new HashMap<>();
    for (Said said : all) {
      boolean again =
          section(said) == Section.NOTES
              || section(said) == Section.NUTRITION
              || section(said) == Section.SHOPPING && others
              || !isLine(said) && isAgain(said, of(alike, said), of(kept, said), listed);
      if (again) {
        said.mention().again = true;
        mark(said);
      } else {
        put(kept, said);
      }
    }
    clauses.forEach(clause -> clause.mentions.removeIf(mention -> mention.again));
  }

  private static Section section(Said said) {
    return said.clause().sentence.section();
  }

  /** A line of a list stands for itself. */
  private static boolean isLine(Said said) {
    Clause clause = said.clause();
    return section(said) == Section.LIST
        && clause.sentence.whole()
        && clause.mentions.size() == 1
        && clause.elements.stream().noneMatch(e -> e.is(Sort.VERB));
  }

  /** By what two names of one food have in common. */
  private static List<String> keys(Mention mention) {
    String words = mention.foodText.toLowerCase(Locale.ROOT);
    List<String> keys = new ArrayList<>();
    keys.add(words.substring(words.lastIndexOf(' ') + 1));
    mention.known().ifPresent(food -> keys.add("=" + food.id()));
    mention.known().filter(f -> f.role() == Role.EGG).ifPresent(egg -> keys.add("=egg"));
    return keys;
  }

  private static void put(Map<String, List<Said>> index, Said said) {
    for (String key : keys(said.mention())) {
      List<Said> alike = index.computeIfAbsent(key, any -> new ArrayList<>());
      if (alike.size() < MOST_ALIKE) {
        alike.add(said);
      }
    }
  }

  private static List<Said> of(Map<String, List<Said>> index, Said said) {
    return keys(said.mention()).stream()
        .flatMap(key -> index.getOrDefault(key, List.of()).stream())
        .toList();
  }

  private static boolean isAgain(Said said, List<Said> all, List<Said> kept, boolean listed) {
    Mention mention = said.mention();
    if (mention.isMeasured()) {
      boolean one =
          isDefinite(said) && mention.amount != null && mention.amount.measure().amount() == 1;
      boolean part = isOfThe(said) && !isMore(said);
      if (part && kept.stream().anyMatch(k -> isMeasuredAlike(mention, k))) {
        return true;
      }
      boolean same = isDefinite(said) && mention.amount != null; // "melt the 50 g of butter"
      if (same && kept.stream().anyMatch(k -> isAlike(mention, k.mention()))) {
        return true;
      }
      if (one && all.stream().anyMatch(o -> o != said && isMeasuredAlike(mention, o))) {
        return true;
      }
      return section(said) == Section.METHOD
          && kept.stream().anyMatch(k -> k.mention().isMeasured() && isSame(mention, k.mention()))
          && listed
          && !isMore(said);
    }
    boolean measured =
        all.stream()
            .anyMatch(
                other ->
                    other.mention().isMeasured()
                        && isSame(mention, other.mention())
                        && (isHere(said, other) || isDefinite(said)));
    return measured || kept.stream().anyMatch(k -> isSame(mention, k.mention()) && isHere(said, k));
  }

  /** As much of the same food. */
  private static boolean isAlike(Mention mention, Mention other) {
    return isSame(mention, other)
        && other.isMeasured()
        && Scaled.single(mention.amountText).isPresent()
        && Scaled.single(mention.amountText).equals(Scaled.single(other.amountText));
  }

  private static boolean isMeasuredAlike(Mention mention, Said other) {
    return other.mention().isMeasured() && isSame(mention, other.mention());
  }

  /** It goes where the other one went, or nothing is said of where it goes. */
  private static boolean isHere(Said said, Said other) {
    Place place = said.mention().place;
    return place == Place.NOT_SAID
        || place == other.mention().place
        || section(said) == Section.METHOD && said.mention().more == null;
  }

  /** "the butter": one that was named before. */
  private static boolean isDefinite(Said said) {
    int before = said.mention().from - 1;
    Clause clause = said.clause();
    return !clause.isWord(before - 1, "after", "before")
            && clause.isWord(before, "the", "this", "that", "remaining", "those")
        || clause.has(before) && clause.get(before).low().endsWith("the");
  }

  /** "200 ml of the milk": some of what was named before. */
  private static boolean isOfThe(Said said) {
    Mention mention = said.mention();
    int food = said.clause().elements.indexOf(mention.food);
    int amount = said.clause().elements.indexOf(mention.amount);
    for (int i = amount + 1; amount >= 0 && i < food; i++) {
      if (said.clause().isWord(i, "the", "that", "this", "those", "your")
          || said.clause().low(i).endsWith("of the")) {
        return true;
      }
    }
    return false;
  }

  private static boolean isMore(Said said) {
    Clause clause = said.clause();
    int from = said.mention().from;
    return clause.isWord(from - 1, "another", "extra", "more")
        || clause.isWord(from - 2, "another", "extra", "more");
  }

  private static boolean isSame(Mention a, Mention b) {
    Optional<Food> first = a.known();
    Optional<Food> second = b.known();
    if (first.isPresent() && first.map(Food::id).equals(second.map(Food::id))) {
      return true;
    }
    String word = a.foodText.toLowerCase(Locale.ROOT);
    String other = b.foodText.toLowerCase(Locale.ROOT);
    boolean eggs =
        first.isPresent()
            && second.isPresent()
            && first.get().role() == Role.EGG
            && second.get().role() == Role.EGG
            && !other.matches(".*\\b(yolk|white)s?\\b.*");
    return a.food != null && (other.endsWith(" " + word) || eggs && !a.isMeasured());
  }

  private static void mark(Said said) {
    Mention mention = said.mention();
    if (mention.amount != null) {
      mention.amount.part = Part.METHOD;
    }
    if (mention.food != null) {
      mention.food.part = Part.METHOD;
    }
  }
}

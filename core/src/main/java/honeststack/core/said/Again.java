package honeststack.core.said;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.Sentence.Section;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Finds foods that a text only names again: they were measured elsewhere in it. */
final class Again {
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
    List<Said> kept = new ArrayList<>();
    for (Said said : all) {
      boolean again =
          section(said) == Section.NOTES
              || section(said) == Section.NUTRITION
              || section(said) == Section.SHOPPING && others
              || isAgain(said, all, kept);
      if (again) {
        said.mention().again = true;
        mark(said);
      } else {
        kept.add(said);
      }
    }
    clauses.forEach(clause -> clause.mentions.removeIf(mention -> mention.again));
  }

  private static Section section(Said said) {
    return said.clause().sentence.section();
  }

  private static boolean isAgain(Said said, List<Said> all, List<Said> kept) {
    Mention mention = said.mention();
    if (mention.isMeasured()) {
      boolean one =
          isDefinite(said) && mention.amount != null && mention.amount.measure().amount() == 1;
      if (one && all.stream().anyMatch(o -> o != said && isMeasuredAlike(mention, o))) {
        return true;
      }
      return section(said) == Section.METHOD
          && kept.stream().anyMatch(k -> k.mention().isMeasured() && isSame(mention, k.mention()))
          && isListed(all)
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

  private static boolean isMeasuredAlike(Mention mention, Said other) {
    return other.mention().isMeasured() && isSame(mention, other.mention());
  }

  private static boolean isListed(List<Said> all) {
    return all.stream().anyMatch(s -> section(s) == Section.LIST && s.mention().isMeasured());
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
    return clause.isWord(before, "the", "this", "that", "remaining", "those")
        || clause.has(before) && clause.get(before).text().toLowerCase(Locale.ROOT).endsWith("the");
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
            && second.get().role() == Role.EGG;
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

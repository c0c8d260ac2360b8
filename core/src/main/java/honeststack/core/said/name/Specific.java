package honeststack.core.said.name;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Which food of a kind is meant, told behind it: "100 g nuts (walnuts)", "cheese – feta", "flour, I
 * use spelt", "milk (oat)".
 */
public final class Specific {
  private static final Sought LEAD =
      Sought.of(
          "(?:(?:i|we) (?:use|used|take|took|like|prefer|have|had)|mine (?:is|are|was)"
              + "|(?:usually|ideally|preferably|today|namely|for example|such as|here|it's|that's)"
              + "|e \\. g(?: \\.)?|e\\.g\\.?|eg)(?: usually)? ?:? ?");

  /** How much of it is fat: "tvorog 9 %". */
  private static final Sought SHARE = Sought.of(" \\d+(?:[.,]\\d+)? ?%.*$");

  /** Before the food, where a mark alone does not say so. */
  private static final Sought MARKS = Sought.of("[,:–—-] ?");

  private final Foods foods;

  public Specific(Foods foods) {
    this.foods = foods;
  }

  /** "nuts (walnuts)", "flour (I use spelt)": whether the brackets say which food is meant. */
  public boolean inBrackets(Clause clause, Mention general, Clause inner) {
    boolean open = general != null && general.food != null;
    if (!open || inner.hasAmount() || inner.elements.isEmpty()) {
      return false;
    }
    String said = inner.words(0, inner.size());
    String name = SHARE.matcher(LEAD.matcher(said).replaceFirst("")).replaceFirst("");
    boolean led = !name.equals(said);
    Optional<Found> named = named(general, name, led);
    named.ifPresent(
        food -> {
          meant(clause, general, food);
          inner.mentions.clear();
          inner.elements.forEach(element -> element.part = Part.NOTE);
        });
    return named.isPresent();
  }

  /** "100 g of cheese, feta", "100 g flour, I use spelt": a food that nothing else is said of. */
  public void behind(Clause clause) {
    for (Mention general : List.copyOf(clause.mentions)) {
      if (general.food == null || !general.isMeasured() || general.to >= clause.size()) {
        continue;
      }
      int food = general.to;
      while (clause.has(food) && food < general.to + 6 && !isName(clause, food)) {
        food++;
      }
      int end = food + 1;
      boolean closed = !clause.has(end) || clause.isMark(end, ".", ",", ";", ")", "!");
      if (!clause.has(food) || !closed) {
        continue;
      }
      String between = clause.words(general.to, food) + " ";
      String rest = MARKS.matcher(between).replaceFirst("");
      String left = LEAD.matcher(rest).replaceFirst("").strip();
      boolean led = !left.equals(rest.strip()) && left.isEmpty();
      boolean next = left.isEmpty() && !rest.equals(between);
      if (led || next) {
        take(clause, general, food, led);
      }
    }
  }

  /** "Syrup on top if we have any, 20 g golden syrup": the kind first, then how much of what. */
  public void ahead(Clause clause) {
    for (Mention general : List.copyOf(clause.mentions)) {
      boolean open = // no label, as in "syrup: maple-flavoured, 2 tbsp"
          general.food != null
              && !general.isMeasured()
              && general.known().isEmpty()
              && !clause.isMark(general.to, ":");
      List<Food> kind = open ? foods.kind(general.foodText.toLowerCase(Locale.ROOT)) : List.of();
      List<Mention> meant =
          clause.mentions.stream()
              .filter(m -> m.from >= general.to && m.isMeasured())
              .filter(m -> m.known().filter(kind::contains).isPresent())
              .toList();
      if (!meant.isEmpty()) {
        general.food.part = Part.NOTE;
        clause.mentions.remove(general);
        meant.stream()
            .filter(m -> m.place == Place.NOT_SAID && !m.placed)
            .forEach(m -> m.place = general.place);
      }
    }
  }

  /** A food, or a word that may be half of its name. */
  private static boolean isName(Clause clause, int i) {
    Element element = clause.get(i);
    return element.isFood()
        || element.kind == Element.Kind.WORD && element.isFree() && !element.isWord("e", "g");
  }

  private void take(Clause clause, Mention general, int i, boolean led) {
    Element said = clause.get(i);
    Mention other = null;
    for (Mention mention : clause.mentions) {
      other = mention.food == said ? mention : other;
    }
    boolean choice = !general.others.isEmpty(); // "butter or oil, it's oil"
    if (choice || other != null && other.isMeasured() || said.isAmount()) {
      return;
    }
    Mention alone = other;
    named(general, said.low(), led)
        .ifPresent(
            food -> {
              meant(clause, general, food);
              clause.mentions.remove(alone);
              clause.take(general.to, i, Part.NOTE);
              said.part = Part.NOTE;
            });
  }

  private static void meant(Clause clause, Mention general, Found found) {
    Element old = general.food;
    Element meant = Element.food(old.tokens, old.from, old.to, Optional.of(found.food()));
    meant.part = Part.FOOD;
    int place = clause.elements.indexOf(old);
    if (place >= 0) {
      clause.elements.set(place, meant);
    }
    general.food = meant;
    general.foodText = found.name();
    general.restated = true;
  }

  private record Found(String name, Foods.Named food) {}

  /** The food of the kind, or with the noun that was said before. */
  private Optional<Found> named(Mention general, String name, boolean led) {
    String low = general.foodText.toLowerCase(Locale.ROOT);
    String whole = name + " " + low.substring(low.lastIndexOf(' ') + 1);
    Optional<Food> known = general.known();
    if (known.isEmpty()) {
      List<Food> kind = foods.kind(low);
      return found(name)
          .or(() -> found(whole))
          .filter(f -> kind.stream().anyMatch(m -> m.role() == f.food().food().role()));
    }
    if (!led) {
      return Optional.empty(); // a line reads "flour (spelt)" itself
    }
    return found(whole)
        .filter(f -> f.food().food().role() == known.get().role())
        .filter(f -> !f.food().food().equals(known.get()));
  }

  private Optional<Found> found(String name) {
    return foods.byName(name).map(food -> new Found(name, food));
  }
}

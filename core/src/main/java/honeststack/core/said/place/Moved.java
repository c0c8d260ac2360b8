package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Measure;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Set;

/**
 * Where all of a listed food goes, told in the method below: "Heat the oil in the pan.", "Scatter
 * the berries over to serve."
 */
public final class Moved {
  private static final Sought SOME_OF =
      Sought.of(
          "\\b(?:some|a (?:little|bit|spoonful|splash)|a little bit|most|(?:what's|what is) left|the rest|the remainder|more) of (?:the|that|this|my|your)$");

  private static final Sought THE =
      Sought.of("\\b(?:the|that|this|my|your|all of the)$|\\bthe (?:[a-z]+ ){1,2}(?:and|,)$");

  private static final String INTO_IT_WORDS =
      "\\b(?:batter|mix|mixture|whisk|stir in|add it|pour|bowl|cool)\\b";

  /** It was only melted there. */
  private static final Sought INTO_IT = Sought.of(INTO_IT_WORDS);

  /** "Heat the oil in the pan.": it is only named there. */
  private static final Sought HEATED =
      Sought.of(
          "(?:^|\\b(?:and|then|,|;) )(?:melt|heat|warm|sizzle)(?: up)?(?: the| that| all the)? (?<food>@) (?:in|on) (?:a|the|your|my)"
              + " (?:\\w+ ){0,2}(?:pan|skillet|griddle|iron|tawa)\\b(?!.*"
              + INTO_IT_WORDS
              + ")");

  private static final Sought INTO_BATTER =
      Sought.of(
          "\\b(?:whisk|stir|mix|pour|add|beat|tip)\\b.*\\b(?:it|this|that|butter|fat|oil)\\b.*\\b(?:in|into|to)\\b|\\b(?:whisk|stir|mix|pour|add|beat) (?:it |this )?in\\b");

  /** It may have gone into the batter with all else. */
  private static final Sought ALL =
      Sought.of(
          "\\b(?:mix|whisk|blend|blitz|combine|stir|beat|process|everything|all (?:the )?ingredients|make (?:the|a) batter)\\b");

  /** Grams or millilitres, about a tablespoon; common practice. */
  private static final double MOST_IN_PAN = 15;

  private static final Set<String> EGG_PARTS = Set.of("egg-yolk", "egg-white");

  private final List<Clause> read;
  private final Mention whole;

  private Moved(List<Clause> read, Mention whole) {
    this.read = read;
    this.whole = whole;
  }

  public static void find(List<Clause> read) {
    for (int i = 0; i + 1 < read.size(); i++) {
      for (Mention mention : List.copyOf(read.get(i).mentions)) {
        if (Allotted.isWhole(mention) && Allotted.isFirst(read, i, mention)) {
          int end = Math.min(read.size(), i + 1 + Allotted.MOST);
          Moved moved = new Moved(read.subList(i + 1, end), mention);
          moved.move();
          moved.parts();
        }
      }
    }
  }

  /** "Heat the oil in the pan.", "Scatter the berries over to serve.": all of it. */
  private void move() {
    boolean fat = whole.role() == Role.FAT;
    for (Clause clause : read) {
      if (fat && isHeated(clause)) {
        whole.place = Place.PAN;
        whole.placed = true;
        return;
      }
      for (Mention mention : List.copyOf(clause.mentions)) {
        boolean again =
            !mention.isMeasured()
                && mention.split == null
                && mention.food != null
                && mention.food.isSameFood(whole.food);
        String before = again ? clause.words(0, clause.elements.indexOf(mention.food)) : "";
        if (again && SOME_OF.isIn(before)) {
          clause.mentions.remove(mention);
          mention.food.part = Part.PLACE;
        } else if (again && (THE.isIn(before) || isOnlyThere(clause))) {
          boolean pan = mention.place == Place.PAN && fat && !INTO_IT.isIn(behind(clause, mention));
          boolean plate = mention.place == Place.PLATE && !SharedLater.WET.contains(whole.role());
          if (pan || plate) {
            clause.mentions.remove(mention);
            mention.food.part = Part.PLACE;
            whole.place = mention.place;
            whole.placed = true;
            return;
          }
        }
      }
    }
  }

  /** The method says of all else where it goes, and names this nowhere else: "Dust with sugar." */
  private boolean isOnlyThere(Clause clause) {
    if (clause.heading() != Place.NOT_SAID || whole.role() == Role.FAT && !isLittle()) {
      return false;
    }
    return read.stream()
        .filter(other -> other != clause)
        .noneMatch(
            other -> names(other) || ALL.isIn(other.words(0, other.size())) && !other.hasFood());
  }

  private boolean names(Clause other) {
    return other.elements.stream().anyMatch(e -> e.isFood() && e.isSameFood(whole.food));
  }

  /** As much as greases a pan, in grams or millilitres. */
  private boolean isLittle() {
    Measure measure = whole.amount.measure();
    return measure.amount() * Allotted.size(measure.unit()) <= MOST_IN_PAN;
  }

  private static String behind(Clause clause, Mention mention) {
    return clause.words(clause.elements.indexOf(mention.food) + 1, clause.size());
  }

  /** "Beat the yolks with the sugar.": they are of the listed eggs. */
  private void parts() {
    boolean eggs = whole.known().filter(food -> food.id().equals("egg")).isPresent();
    for (Clause clause : eggs ? read : List.<Clause>of()) {
      for (Mention mention : List.copyOf(clause.mentions)) {
        boolean part =
            mention.place == Place.NOT_SAID
                && mention.food != null
                && mention.known().filter(food -> EGG_PARTS.contains(food.id())).isPresent();
        int food = part ? clause.elements.indexOf(mention.food) : -1;
        if (food > 0 && THE.isIn(clause.words(0, food))) {
          clause.mentions.remove(mention);
          mention.mark(Part.METHOD);
        }
      }
    }
  }

  private boolean isHeated(Clause clause) {
    boolean heated =
        Shape.read(clause).orElseThrow().find(HEATED).stream()
            .anyMatch(found -> clause.get(found.at("food")).isSameFood(whole.food));
    int next = read.indexOf(clause) + 1;
    return heated
        && (next == read.size()
            || !INTO_BATTER.isIn(read.get(next).words(0, read.get(next).size())));
  }
}

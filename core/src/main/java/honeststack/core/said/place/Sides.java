package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import honeststack.core.said.yield.BatterForEach;
import honeststack.core.wording.WordSet;
import java.util.List;
import java.util.Set;

/**
 * What goes on the plate and is made by itself: "the compote is 300 g berries and 30 g sugar", "for
 * the cream, 200 ml double cream and 10 g icing sugar", "100 g honey and 50 ml juice for the
 * syrup". What it is made of goes where it goes.
 */
public final class Sides {
  private static final Set<String> NOUNS =
      WordSet.of(
          """
          filling fillings compote topping toppings sauce cream syrup glaze icing frosting coulis
          custard curd caramel ganache crumble drizzle salsa chutney relish whip mousse spread dip
          puree purée jam garnish crunch praline
          """);

  /** Right before the noun. */
  private static final Sought LEAD =
      Sought.of(
          "(?:.*\\b)?(?:the|an?|my|our|your|for|some|this|that)(?: (?:quick|simple|warm|cold|little|own|easy|nice|fruit|berry|lemon|sweet"
              + "|thick|thin|hot|nut|whipped|vanilla|chocolate|caramel|raspberry|apple|cheese|savoury|creamy))*");

  /** Between it and what is measured first. */
  private static final Sought BEHIND =
      Sought.of(
          "(?:(?:is|was|are|'s|takes|needs|has|contains|wants|gets|of|from|with|just|only|simply|made|mixed|cooked|out|i|we|you|use|uses|mix|make|take"
              + "|heat|cook|simmer|whip|whisk|melt|stir|beat|together|about|it's|that's|which|goes|go|into|in|mine|:|,|–|—|-|=|\\() ?)*");

  private static final Sought BEFORE =
      Sought.of(
          "(?:.*\\b)?(?:for|into|to|as|makes?|in|becomes?)(?: (?:the|an?|my|our|your))(?: (?:quick|simple|warm|little))*");

  /** With which a sentence begins that says more of it. */
  private static final Sought MORE =
      Sought.of(
          "(?:(?:add|stir|mix|whisk|fold|simmer|cook|heat|melt|sweeten|flavour|season|thicken|loosen|finish|warm|boil|whip|beat|toss|then|plus|also|and|with"
              + "|it gets|it has|it takes|it needs|i add|we add|i sweeten|goes in|in goes|in go)\\b"
              + "(?!.*\\b(?:batter|dough|flour|pancakes?|waffles?|pan|bowl)\\b)|.*\\bin (?:there|it)(?: too| as well)?[ .!]*$).*");

  private final Clause clause;

  /** Where its name stands; -1 for none. */
  private int noun = -1;

  /** What it is made of stands before the name. */
  private boolean last;

  private Sides(Clause clause) {
    this.clause = clause;
  }

  /** Finds its name before amounts and foods are paired; that names no food of its own. */
  public static Sides in(Clause clause) {
    Sides sides = new Sides(clause);
    for (int i = 0; i < clause.size() && sides.noun < 0; i++) {
      if (NOUNS.contains(noun(clause.get(i))) && clause.get(i).isFree()) {
        sides.at(i);
      }
    }
    return sides;
  }

  /** "the cream's". */
  private static String noun(Element element) {
    String low = element.low();
    boolean is = low.endsWith("'s") || low.endsWith("’s");
    return is ? low.substring(0, low.length() - 2) : low.equals("dipping sauce") ? "sauce" : low;
  }

  private void at(int i) {
    boolean measured =
        clause.isStrong(i - 1) || clause.isWord(i - 1, "of") && clause.isStrong(i - 2);
    if (measured) {
      return;
    }
    int first = i + 1;
    while (clause.has(first) && !clause.isStrong(first) && !clause.isFood(first)) {
      first++;
    }
    boolean own = clause.isStrong(first) && clause.isFood(food(first));
    boolean marked = clause.isMark(i + 1, ":", "–", "—", "-") && i == 0;
    boolean is = clause.isWord(i + 1, "is", "was") && !clause.isFood(i);
    boolean bare = i == 0 || i == 1 && clause.get(0).kind == Element.Kind.WORD;
    boolean lead = is && bare || i > 0 && LEAD.isAll(clause.words(0, i));
    boolean bracket = // "Compote (300 g berries and 30 g sugar)"
        i == 0
            && clause.size() == 1
            && clause.asides.stream()
                .anyMatch(aside -> aside.clause().hasAmount() && aside.clause().hasFood());
    if (bracket) {
      take(i, false);
    } else if (own && (marked || lead) && BEHIND.isAll(clause.words(i + 1, first))) {
      take(i, false);
    } else if (i > 0
        && BareCounts.isEnd(clause, i + 1)
        && !clause.has(i + 2)
        && BEFORE.isAll(clause.words(0, i))
        && clause.elements.subList(0, i).stream().anyMatch(Element::isFood)) {
      take(i, true);
    }
  }

  private int food(int amount) {
    return clause.isWord(amount + 1, "of") ? amount + 2 : amount + 1;
  }

  private void take(int at, boolean behind) {
    noun = at;
    last = behind;
    clause.side = true;
    if (clause.isFood(at)) {
      clause.get(at).part = Part.ASIDE;
    }
  }

  /** Puts what it is made of on the plate. */
  public void place() {
    Mention next = null;
    for (int i = clause.mentions.size() - 1; noun >= 0 && i >= 0; i--) {
      Mention mention = clause.mentions.get(i);
      boolean behind = mention.bracketed != null || mention.from > noun;
      boolean meant = last ? isJoined(mention, next) : behind;
      if (meant && mention.place != Place.PAN) {
        mention.place = Place.PLATE;
        mention.placed = true;
        next = mention;
      }
    }
  }

  /** The last one, and what an "and" joins to it. */
  private boolean isJoined(Mention mention, Mention next) {
    return next == null
        || mention.to == next.from - 1 && clause.isWord(mention.to, "and", "plus", "with", "&");
  }

  /** "For the compote: 300 g berries. Add 30 g sugar.": what goes into it in the next sentences. */
  public static void goOn(List<Clause> read) {
    boolean open = false;
    for (Clause clause : read) {
      List<Mention> measured = clause.mentions.stream().filter(Mention::isMeasured).toList();
      boolean more =
          open
              && !clause.side
              && MORE.begins(clause.words(0, clause.size()))
              && measured.stream().allMatch(Sides::mayBe);
      if (more) {
        measured.stream()
            .filter(m -> m.place == Place.NOT_SAID)
            .forEach(m -> m.place = Place.PLATE);
      }
      open = clause.side || isPlate(clause, measured) || open && (more || measured.isEmpty());
    }
  }

  /** Of a heading, or with a name that no food is in: "for the filling I take …". */
  private static boolean isPlate(Clause clause, List<Mention> measured) {
    return !measured.isEmpty()
        && measured.stream().allMatch(m -> m.place == Place.PLATE)
        && (clause.heading() == Place.PLATE
            || clause.elements.stream()
                .flatMap(Element::words)
                .anyMatch(word -> NOUNS.contains(word)));
  }

  /** Nothing of which only batter is made, and no milk or water. */
  private static boolean mayBe(Mention mention) {
    return mention.place != Place.PAN
        && !BatterForEach.is(mention.role())
        && mention.role() != Role.LIQUID;
  }
}

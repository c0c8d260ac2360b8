package honeststack.core.said.part;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * More was made of several foods than is used: "150 ml cream whipped with 10 g icing sugar, half of
 * that goes on", "Compote: 250 g blackberries, 25 g sugar. I use a third of it." A share of all of
 * them counts.
 */
public final class SomeOfMade {
  private static final String SHARE =
      "(?<share>#|half|a half|one half|a third|one third|two thirds|a quarter|one quarter|three quarters"
          + "|a fifth|a sixth|a tenth) ";

  private static final String IT =
      "(?:of )?(?:it|that|this|them|which|the (?:lot|compote|sauce|mix|mixture|cream|whole|caramel|jam|syrup)|@) ";

  private static final String ABOUT = "(?:(?:only|just|about|roughly|maybe|up|today) )*";

  /** Up to the next mark: where it goes. */
  private static final String ON = "(?<on>(?:[^#@,;:.()] ?)*)[.!]? ?";

  /** Said at the end of what is told of the making, or alone behind it. */
  private static final Sought USED =
      Sought.of(
          "(?<before>^|[,;:.–—-] |and |so |but |\\( )(?:(?:and|so|but) )?(?:(?:i|we|you) )?"
              + ABOUT
              + ("(?:use|used|using|take|took|taking|need|needed|spoon|spooned|pour|poured) "
                  + ABOUT
                  + SHARE
                  + "(?:"
                  + IT
                  + ")?"
                  + ON)
              + "$");

  private static final Sought GOES =
      Sought.of(
          "(?<before>^|[,;:.–—-] |and |so |but |\\( )(?:(?:and|so|but) )?"
              + ABOUT
              + SHARE
              + ("(?:" + IT + ")?(?:(?:is|was|gets|got) )?")
              + "(?=(?:all )?(?:used|needed|eaten|for|goes|went|go|gets|on|over|top|with)\\b)"
              + ON
              + "$");

  private static final Sought MAKING =
      Sought.of(
          "\\b(?:whip|whisk|beat|boil|cook|simmer|stew|blend|blitz|mash|pur[ée]e|warm|heat|melt|mix|stir|reduce"
              + "|made|make|compote|sauce|jam|caramel|syrup|cream|glaze|icing|frosting|filling|curd|crumble|streusel"
              + "|topping|drizzle|coulis|ganache|custard|relish|chutney|salsa)");

  /** It goes on top, however it is called, and is no part of the batter. */
  private static final Sought TOPPING =
      Sought.of(
          "^(?:(?:the|my|a|an|for the|i (?:made|make|cook|cooked|boil|boiled|whip|whipped)) )?(?:\\w+ )?"
              + "(?:compote|sauce|jam|caramel|syrup|cream|glaze|icing|frosting|filling|curd|crumble|streusel"
              + "|topping|drizzle|coulis|ganache|custard|relish|chutney|salsa|butter)\\b");

  private static final Sought ON_TOP =
      Sought.of("\\b(?:on|over|top|on top|onto|across|these|them|plates?|serve|serving)\\b");

  private static final Sought OTHERWISE =
      Sought.of("\\b(?:pan|griddle|iron|rest|other|remaining|each|half)\\b");

  /** None of them is without. */
  private static final Remembered HINT =
      Remembered.part("\\b(?:half|third|thirds|quarters?|fifth|sixth|tenth)\\b");

  private static final int FEWEST = 2;

  private SomeOfMade() {}

  /** What it says of the share is nobody else's matter. */
  public static void in(Clause clause) {
    if (clause.hasFood() && clause.says(HINT)) {
      Shape.of(clause, FEWEST)
          .flatMap(SomeOfMade::used)
          .filter(used -> isOfSeveral(clause, used.at("share")) && share(clause, used) > 0)
          .ifPresent(used -> clause.take(used.at("share"), used.end(), Part.METHOD));
    }
  }

  private static boolean isOfSeveral(Clause clause, int share) {
    long foods = clause.elements.subList(0, share).stream().filter(Element::isFood).count();
    return foods >= FEWEST && isMade(clause, share);
  }

  /** Once it is known what was made. */
  public static void find(List<Clause> read) {
    for (int i = 0; i < read.size(); i++) {
      Clause clause = read.get(i);
      for (Clause.Aside aside : clause.asides) {
        if (aside.clause().mentions.isEmpty()) {
          some(clause, aside.clause());
        }
      }
      if (!clause.mentions.isEmpty()) {
        some(clause, clause);
      } else if (i > 0 && isTopping(read.get(i - 1))) {
        some(read.get(i - 1), clause);
      }
    }
  }

  private static boolean isTopping(Clause clause) {
    return clause.heading() == Place.PLATE || TOPPING.isIn(clause.words(0, clause.size()));
  }

  private static void some(Clause made, Clause said) {
    if (!said.says(HINT)) {
      return;
    }
    Optional<Shape.Found> found = Shape.read(said).flatMap(SomeOfMade::used);
    if (found.isEmpty()) {
      return;
    }
    int at = found.get().at("share");
    boolean same = made == said;
    List<Mention> all =
        made.mentions.stream().filter(m -> m.isMeasured() && (!same || m.from < at)).toList();
    if (all.size() < FEWEST || !isMade(made, same ? at : made.size())) {
      return;
    }
    double share = share(said, found.get());
    if (share <= 0 || share >= 1) {
      return;
    }
    boolean top = ON_TOP.isIn(found.get().said().group("on"));
    all.forEach(
        mention -> {
          mention.times *= share;
          mention.place = top ? Place.PLATE : mention.place;
        });
    found.get().note(at);
    said.batch = Optional.empty();
  }

  /** 0 for a number that is no share. */
  private static double share(Clause clause, Shape.Found found) {
    String word = found.said().group("share");
    if (word.equals("#")) {
      Element amount = clause.get(found.at("share"));
      return amount.isCount() && amount.measure().amount() < 1 ? amount.measure().amount() : 0;
    }
    return PartlyOther.share(word.replaceFirst("^(?:an?|one) ", ""), 1);
  }

  private static Optional<Shape.Found> used(Shape shape) {
    return shape
        .find(USED)
        .or(() -> shape.find(GOES))
        .filter(found -> !OTHERWISE.isIn(found.said().group("on")));
  }

  /** Of several foods something is made before the share of it is said. */
  private static boolean isMade(Clause clause, int before) {
    return clause.heading() == Place.PLATE || MAKING.isIn(clause.words(0, before));
  }
}

package honeststack.core.said;

import honeststack.core.food.Role;
import honeststack.core.measure.Unit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Some of a dry mix that was told before: "Mix 500 g flour, 50 g sugar and 20 g baking powder. Of
 * that take 250 g, with 2 eggs.", "… I use half of it with 300 ml milk."
 */
final class Premix {
  private static final int FEWEST = 2;

  private static final String SHARE =
      "(?:about )?(?<share># |half |a half |one half |a third |one third |a quarter |one quarter |two thirds |three quarters )";

  private static final String IT =
      "(?:it|that|this|these|the (?:dry )?(?:mix|mixture|jar|bag|blend|lot|tub|bowl))\\b";

  private static final String LEAD =
      "(?:(?:and|then|so|now|to order|today|for today|this time|each time|in the morning|,) )*(?:(?:i|we|you) )?";

  private static final String TAKE =
      "(?:(?:use|take|used|took|whisk|whisked|mix|stir|need|weigh out|weighed out|measure) )?";

  private static final List<Sought> SAID =
      List.of(
          Sought.of(LEAD + TAKE + SHARE + "(?:g )?of " + IT + ".*"),
          Sought.of(LEAD + "of " + IT + ",? (?:i |we |you )?" + TAKE + SHARE + ".*"));

  private static final Remembered NAME =
      Remembered.whole("(?:the |my |our )?(?:dry |flour |pancake |waffle )*mix");

  private Premix() {}

  static void find(List<Clause> read) {
    read.forEach(Premix::name);
    for (int i = 1; i < read.size(); i++) {
      Clause clause = read.get(i);
      List<Mention> mix = read.get(i - 1).mentions;
      if (isDry(mix) && clause.batch.isEmpty()) {
        Shape shape = Shape.read(clause).orElseThrow();
        for (Sought form : SAID) {
          shape.whole(form).ifPresent(found -> take(mix, clause, found));
        }
      }
    }
  }

  /** "The dry mix: 400 g flour, …": what the list makes is no food of its own. */
  private static void name(Clause clause) {
    boolean list = clause.mentions.stream().anyMatch(m -> m.isMeasured() && m.role() == Role.FLOUR);
    Mention first = clause.mentions.isEmpty() ? null : clause.mentions.get(0);
    boolean mix =
        list
            && !first.isMeasured()
            && first.food != null
            && first.known().isEmpty()
            && NAME.is(first.foodText.toLowerCase(Locale.ROOT))
            && (clause.isMark(first.to, ":", "=", "–", "-") || clause.isWord(first.to, "is", "of"));
    if (mix) {
      first.mark(Part.NOTE);
      clause.mentions.remove(first);
    }
  }

  /** Weighed, and nothing in it that makes it a batter. */
  private static boolean isDry(List<Mention> mix) {
    return mix.size() >= FEWEST
        && mix.stream().anyMatch(m -> m.role() == Role.FLOUR)
        && mix.stream()
            .allMatch(
                m ->
                    m.amount != null
                        && m.isMeasured()
                        && m.role() != Role.EGG
                        && m.known().filter(food -> !food.liquid()).isPresent());
  }

  private static void take(List<Mention> mix, Clause clause, Shape.Found found) {
    Element share = clause.get(found.at("share"));
    Optional<Double> times = times(mix, share, found.said().group("share").strip());
    boolean own = clause.mentions.stream().anyMatch(m -> m.amount == share);
    if (times.isPresent() && !own) {
      mix.forEach(mention -> mention.times *= times.get());
      share.part = Part.METHOD;
    }
  }

  /** A share, or a weight of what all of it weighs. */
  private static Optional<Double> times(List<Mention> mix, Element share, String word) {
    if (!word.equals("#")) {
      return Optional.of(PartlyOther.share(word.replaceFirst("^(?:an?|one) ", ""), 1));
    }
    boolean weighed =
        share.measure().unit().kind() == Unit.Kind.MASS
            && mix.stream().allMatch(m -> m.amount.measure().unit().kind() == Unit.Kind.MASS);
    if (!weighed) {
      return share.isCount() && share.measure().amount() < 1
          ? Optional.of(share.measure().amount())
          : Optional.empty();
    }
    double all = mix.stream().mapToDouble(m -> Scaled.fine(m.amount.measure())).sum();
    double some = Scaled.fine(share.measure());
    return some < all ? Optional.of(some / all) : Optional.empty();
  }
}

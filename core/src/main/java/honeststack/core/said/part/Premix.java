package honeststack.core.said.part;

import honeststack.core.food.Role;
import honeststack.core.line.NumberText;
import honeststack.core.line.Place;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * Some of a dry mix that was told before: "Mix 500 g flour, 50 g sugar and 20 g baking powder. Of
 * that take 250 g, with 2 eggs.", "… I use half of it with 300 ml milk."
 */
public final class Premix {
  private static final int FEWEST = 2;

  /** No mix holds more. */
  private static final int MOST = 20;

  private static final String SHARE =
      "(?:about )?(?<share># |half |a half |one half |a third |one third |a quarter |one quarter |two thirds |three quarters |an eighth |a sixth |a fifth |a tenth )";

  private static final String MIX =
      "(?:(?:the|my|our|this|that) )*(?:(?:big|dry|flour|pancake|waffle|baking|own|home - made|homemade|breakfast) )*(?:mix|mixture|jar|bag|blend|lot|tub|tin|box|container|premix|stock)\\b";

  private static final String IT = "(?:it|that|this|these|them)\\b";

  /** "Half of them were eaten before I sat down": of what was made. */
  private static final String NO_FATE =
      "(?! (?:was|were|is|are|got|had|has|burnt|burned|stuck|broke|came|turned|fell|vanished|disappeared|froze|"
          + "looked|tasted|(?:went|goes|go)(?! (?:in|into|with)\\b))\\b)";

  private static final String LEAD =
      "(?:(?:and|then|so|now|,|:|first) )*(?:(?:to|for|each|every|in|on|when|per|today|this|whenever|if|small|one|a) (?:# (?:of us|people) )?[^#@,]*?(?:, |: )?)?(?:(?:i|we|you) )?";

  private static final String TAKE =
      "(?:(?:use|take|used|took|whisk|whisked|mix|stir|need|weigh|weigh out|weighed out|measure|scoop out|tip) )?";

  private static final List<Sought> SAID =
      List.of(
          Sought.of(LEAD + TAKE + SHARE + "(?:g )?of " + IT + NO_FATE + ".*"),
          Sought.of(
              LEAD + "of (?:" + IT + "|" + MIX + "),? (?:(?:i|we|you) )?" + TAKE + SHARE + ".*"),
          Sought.of(".*?" + SHARE + "(?:g )?(?:(?:of|from|out of) )+" + MIX + ".*"),
          Sought.of(".*?" + SHARE + "of the mix .*"));

  /** A part of so many that it makes: "that is eight batches. One batch gets 1 egg …" */
  private static final Sought LOTS =
      Sought.of(
          "(?<lots># )(?:batches|lots|times|portions|breakfasts|mornings|rounds|goes)\\b|\\b(?<word>two|three|four|five|six|seven|eight|nine|ten|twelve) (?:batches|lots|times|portions|breakfasts|mornings|rounds|goes)\\b");

  private static final Sought ONE_LOT =
      Sought.of("\\b(?:one|each|every|per|a) (?:batch|lot|time|portion|breakfast|morning|go)\\b");

  private static final Remembered NAME =
      Remembered.whole(
          "(?:(?:the|my|our|a|an|big|dry|flour|pancake|waffle|baking|own|breakfast) )*(?:mix|premix|mixture)");

  private static final Sought VESSEL =
      Sought.of("an? (?:\\w+ )?(?:jar|tub|tin|bag|box|container|bucket)");

  private Premix() {}

  public static void find(List<Clause> read) {
    read.forEach(Premix::name);
    List<Mention> mix = new ArrayList<>();
    for (int i = 0; i < read.size(); i++) {
      Clause clause = read.get(i);
      if (i > 0 && isDry(mix) && clause.batch.isEmpty() && take(read.subList(0, i), mix, clause)) {
        read.subList(0, i).forEach(Premix::keep);
        return;
      }
      clause.mentions.stream().filter(m -> m.isMeasured() && !isMix(m)).forEach(mix::add);
      if (mix.size() > MOST) {
        return;
      }
    }
  }

  private static boolean take(List<Clause> read, List<Mention> mix, Clause clause) {
    Optional<Mention> named = clause.mentions.stream().filter(Premix::isMix).findFirst();
    if (named.isPresent() && named.get().amount != null) {
      Optional<Double> times = times(mix, named.get().amount, "#");
      times.ifPresent(
          share -> {
            named.get().mark(Part.METHOD);
            clause.mentions.remove(named.get());
            some(mix, share);
          });
      return times.isPresent();
    }
    Shape shape = Shape.read(clause).orElseThrow();
    for (Sought form : SAID) {
      Optional<Shape.Found> found = shape.whole(form);
      if (found.isPresent() && take(mix, clause, found.get())) {
        return true;
      }
    }
    boolean one = isWet(clause) && ONE_LOT.isIn(clause.words(0, clause.size()));
    double lots = one ? lots(read) : 0;
    if (lots > 1) {
      some(mix, 1 / lots);
      clause.mentions.forEach(mention -> mention.per = null);
    }
    return lots > 1;
  }

  private static boolean isWet(Clause clause) {
    return clause.mentions.stream()
        .anyMatch(
            m ->
                m.isMeasured()
                    && m.known().filter(f -> f.liquid() || f.role() == Role.EGG).isPresent());
  }

  private static double lots(List<Clause> read) {
    for (Clause clause : read) {
      Matcher lots = LOTS.matcher(clause.words(0, clause.size()));
      if (lots.find() && lots.group("word") != null) {
        clause.counts.clear();
        clause.batch = Optional.empty();
        clause.passOverAmounts();
        return NumberText.read(lots.group("word"));
      }
    }
    return 0;
  }

  private static void some(List<Mention> mix, double share) {
    mix.forEach(
        mention -> {
          mention.times *= share;
          mention.place = Place.NOT_SAID;
        });
  }

  /** In what it is kept is no amount, and what the list makes no food of its own. */
  private static void keep(Clause clause) {
    clause.elements.stream()
        .filter(e -> e.isAmount() && (e.isFree() || e.part == Part.UNKNOWN))
        .filter(e -> VESSEL.isAll(e.low()))
        .forEach(e -> e.part = Part.NOTE);
    clause.mentions.stream()
        .filter(m -> isMix(m) && (m.amount == null || m.amount.isWeak()))
        .toList()
        .forEach(
            m -> {
              m.mark(Part.NOTE);
              clause.mentions.remove(m);
            });
  }

  private static boolean isMix(Mention mention) {
    return NAME.is(mention.foodText.toLowerCase(Locale.ROOT));
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
            && isMix(first)
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

  private static boolean take(List<Mention> mix, Clause clause, Shape.Found found) {
    Element share = clause.get(found.at("share"));
    Optional<Double> times = times(mix, share, found.said().group("share").strip());
    boolean own = clause.mentions.stream().anyMatch(m -> m.amount == share);
    if (times.isEmpty() || own) {
      return false;
    }
    some(mix, times.get());
    share.part = Part.METHOD;
    return true;
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

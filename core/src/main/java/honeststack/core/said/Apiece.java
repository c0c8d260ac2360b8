package honeststack.core.said;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Unit;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Amounts that are said for each piece or for each eater: "spread each pancake with 10 g honey", "1
 * tsp oil per waffle", "golden syrup on top, half a tablespoon each".
 */
final class Apiece {
  /** So far behind a food or an amount stands what says that it is for each. */
  private static final int NEAR = 5;

  /** So many elements say what each is. */
  private static final int WORDS = 6;

  private static final String ASIDE =
      "(?: ?(?:of|the|these|those|them|my|our|single|finished|cooked|small|large|big|little|hot"
          + "|\\d+|two|three|four|five|six|seven|eight|nine|ten|twelve))*";

  private static final Pattern CUE =
      Pattern.compile(
          "(?:.* )?(?:each|every|per|apiece|a piece)( .*)?|an?( head)|(?:to|for) an?|(?:each|every)-?one");

  private static final Remembered CUES = Remembered.whole(CUE.pattern());

  private static final Pattern PIECE =
      Pattern.compile(
          ASIDE
              + " ?(?:pan)?(?:cakes?|waffles?|cr[eê]pes?|pieces?|galettes?|blinis?|pikelets?"
              + "|crumpets?|dosas?|cheelas?|chillas?|uttapams?|scones?|flapjacks?|hotcakes?"
              + "|fritters?|latkes?|roti|parathas?)\\b.*");

  private static final Pattern EATER =
      Pattern.compile(
          ASIDE
              + " ?(?:person|head|serving|portion|guest|plate|adult|child|kid|helping|eater|order"
              + "|stack|bowl|cook|camper|guest|pupil|student|body|one of us|of us|of you|of them|mouth)\\b.*");

  private static final Pattern ROUND =
      Pattern.compile(
          ASIDE
              + " ?(?:batch(?:es)?|rounds?|panfuls?|pans?|go|goes|time|turn|load|ironful|fry|frying)\\b"
              + "(?! (?:of day|you eat|we eat)).*");

  private static final Pattern EACH =
      Pattern.compile("(?:.* )?(?:each|apiece|a piece|every)(?: .*)?");

  private static final Set<String> TO_EVERY = Set.of("for every", "to every");

  private static final String[] ROUND_WORDS = {"round", "batch", "panful"};

  private static final Set<Unit> SPOONED = Set.of(Unit.DOLLOP, Unit.DRIZZLE, Unit.DUSTING);

  /** What comes again and again otherwise. */
  private static final Pattern OTHER =
      Pattern.compile(
          " ?(?:side|day|week|morning|egg|cup|bowlful|minute"
              + "|cent|kilo|kg|g|100|litre|packet|tin|layer|way)\\b.*");

  private static final Remembered PEOPLE =
      Remembered.whole(
          "(?:.* )?(?:everybody|everyone|people|guests|kids|children|of us|family)(?: .*)?");

  /** Right behind it what each gets follows. */
  private static final Pattern FORWARD =
      Pattern.compile("with|gets|get|in|takes|take|goes|has|wants|needs|:|,|it's|i put|put|having");

  private final Clause clause;

  private Apiece(Clause clause) {
    this.clause = clause;
  }

  /** "1 tbsp per 3 pancakes". */
  static boolean isOfSoMany(Clause clause, int i) {
    boolean cue = clause.isWord(i, "per", "every") || TO_EVERY.contains(clause.low(i));
    return cue
        && clause.isAmount(i + 1)
        && clause.get(i + 1).isCount()
        && clause.is(i + 2, Sort.PIECES);
  }

  static void in(Clause clause) {
    Apiece apiece = new Apiece(clause);
    for (int i = 0; i < clause.size(); i++) {
      apiece.at(i);
    }
  }

  private void at(int i) {
    Optional<Per> per = per(i);
    if (per.isEmpty() || clause.mentions.isEmpty()) {
      return;
    }
    Mention before = null;
    Mention after = null;
    for (Mention mention : clause.mentions) {
      before = mention.to <= i ? mention : before;
      after = after == null && mention.from > i ? mention : after;
    }
    boolean near = before != null && isNear(before, i);
    boolean forward = after != null && (!near || isForward(i));
    if (forward && (per.get() != Per.EITHER || isSaidSo(i, after))) {
      forward(i, per.get());
    } else if (!forward && near && (per.get() != Per.EITHER || isSaidSo(i, before))) {
      take(i, before, per.get());
    } else {
      around(i, per.get());
    }
  }

  /** "Everybody takes what they like, usually 30 ml each". */
  private boolean isOfPeople(int i) {
    return clause.elements.subList(0, i).stream().anyMatch(e -> PEOPLE.is(e.low()));
  }

  /** What the words from an element on say it is for; empty where they say nothing of the kind. */
  private Optional<Per> per(int i) {
    Element element = clause.get(i);
    boolean weak =
        element.isAmount()
            && element.isWeak()
            && (clause.is(i + 1, Sort.PIECES) || clause.isWord(i + 1, ROUND_WORDS))
            && i > 0
            && (clause.get(i - 1).isFood() || clause.isStrong(i - 1) || clause.is(i - 1, Sort.PAN));
    if (!weak && (element.isFood() || !CUES.is(element.low()))) {
      return Optional.empty();
    }
    boolean cabbage = element.isAmount() && !weak && isOfFood(i + 1); // "a head of cabbage"
    if (cabbage) {
      return Optional.empty();
    }
    Matcher cue = CUE.matcher(element.low());
    String own = weak || !cue.matches() ? "" : own(cue);
    String what = (own + " " + clause.words(i + 1, i + WORDS)).strip();
    if (PIECE.matcher(what).matches()) {
      return Optional.of(Per.PIECE);
    }
    if (EATER.matcher(what).matches()) {
      return Optional.of(Per.EATER);
    }
    if (ROUND.matcher(what).matches()) {
      return Optional.of(Per.ROUND);
    }
    if (isOfPeople(i)) {
      return Optional.of(Per.EATER);
    }
    boolean one = clause.isWord(i, "each") && clause.isWord(i + 1, "one") && i > 0;
    if (one && clause.isWord(i - 1, "into", "in", "on", "onto", "over")) {
      return Optional.of(Per.PIECE); // "press 9 blueberries into each one"
    }
    boolean each = EACH.matcher(element.low()).matches();
    return each && !OTHER.matcher(what).matches() ? Optional.of(Per.EITHER) : Optional.empty();
  }

  private boolean isOfFood(int i) {
    return clause.isWord(i, "of") || clause.has(i) && clause.get(i).isFood();
  }

  /** What a cue itself says it is for: "for each waffle", "a head". */
  private static String own(Matcher cue) {
    return cue.group(1) != null ? cue.group(1) : cue.group(2) != null ? cue.group(2) : "";
  }

  /** Nothing but a place, and idle words, stands between. */
  private boolean isNear(Mention mention, int i) {
    if (i - mention.to > NEAR) {
      return false;
    }
    for (int j = mention.to; j < i; j++) {
      boolean over =
          clause.get(j).kind == Element.Kind.WORD
              || clause.get(j).isAmount()
              || clause.is(j, Sort.IDLE, Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT)
              || clause.isMark(j, ",", ":", "-", "–");
      if (!over) {
        return false;
      }
    }
    return true;
  }

  private boolean isForward(int i) {
    if (clause.is(i, Sort.PLATE_NEXT, Sort.PAN_NEXT) && !clause.is(i, Sort.PLATE, Sort.PAN)) {
      return true;
    }
    for (int j = i + 1; j < Math.min(clause.size(), i + WORDS); j++) {
      if (clause.isStrong(j)) {
        Element amount = clause.get(j);
        return clause.mentions.stream().anyMatch(mention -> mention.amount == amount);
      }
      if (FORWARD.matcher(clause.low(j)).matches()) {
        return !clause.isMark(j, ",") || clause.isStrong(j + 1);
      }
    }
    return false;
  }

  /** "each" alone: of what goes on the plate or into the pan, where no list shares the amount. */
  private boolean isSaidSo(int i, Mention mention) {
    boolean placed = mention.place == Place.PLATE || mention.place == Place.PAN;
    boolean with = clause.isWord(i + 1, "with", "gets", "get");
    boolean fat = clause.mentions.size() == 1 && role(mention) == Role.FAT && isOil(mention);
    boolean egg = role(mention) == Role.EGG && !clause.isWord(i + 1, "for", "in", "of", "to");
    return (placed || with || fat || egg || isSpooned(mention)) && !isShared(mention);
  }

  /** "cream, a dollop each", "a sprig of dill each": nobody puts that into a batter. */
  private static boolean isSpooned(Mention mention) {
    return mention.amount != null
        && (SPOONED.contains(mention.amount.measure().unit())
            || mention.amount.low().contains("sprig")
            || Places.isSpooned(mention.foodText));
  }

  private static Role role(Mention mention) {
    return mention.known().map(Food::role).orElse(Role.ADD_IN);
  }

  /** Nothing else is poured for each. */
  private static boolean isOil(Mention mention) {
    return mention.known().filter(Food::liquid).isPresent();
  }

  private boolean isShared(Mention mention) {
    return clause.mentions.stream()
        .anyMatch(m -> m != mention && m.amount != null && m.amount == mention.amount);
  }

  private void forward(int i, Per per) {
    int end = i + 2;
    while (clause.has(end)
        && !(clause.is(end, Sort.VERB) && clause.isWord(end - 1, "and", "then"))) {
      end++; // "brush each with oil and roll in 6 scallions"
    }
    for (Mention mention : clause.mentions) {
      if (mention.from > i && mention.from < end) {
        take(i, mention, per);
      }
    }
  }

  /** "honey, 10 g each, on top": inside of what is said of the food. */
  private void around(int i, Per per) {
    for (Mention mention : clause.mentions) {
      if (mention.from < i && mention.to > i && (per != Per.EITHER || isSaidSo(i, mention))) {
        take(i, mention, per);
      }
    }
  }

  private void take(int i, Mention mention, Per per) {
    if (clause.get(i).isAmount() && clause.low(i).endsWith(" head")) {
      clause.get(i).part = Part.NOTE; // "100 g a head"
    }
    mention.perPieces = isOfSoMany(clause, i) ? clause.get(i + 1).measure().amount() : 1;
    mention.per = mention.per == null || mention.per == Per.EITHER ? per : mention.per;
    Role role = role(mention);
    boolean batter = role == Role.EGG || role == Role.FLOUR || role == Role.LEAVENING;
    if (batter && mention.per != Per.PIECE && isOnlyPerHead(mention)) {
      mention.per = Per.EATER;
      mention.place = Place.NOT_SAID; // "100 g flour and 1 egg per person"
    }
    boolean open = mention.place == Place.NOT_SAID && !mention.placed;
    if (open && (role == Role.SUGAR || role == Role.ADD_IN || isSpooned(mention))) {
      mention.place = Place.PLATE;
    } else if (open && role == Role.FAT) {
      mention.place = Place.PAN;
    }
  }

  /** Nothing but "per person" puts it on the plate; a fried or a boiled egg lies there anyway. */
  private boolean isOnlyPerHead(Mention mention) {
    boolean cooked = mention.known().filter(food -> food.id().startsWith("egg-")).isPresent();
    return !cooked
        && clause.heading() == Place.NOT_SAID
        && clause.elements.stream()
            .noneMatch(
                e ->
                    e.is(Sort.PLATE, Sort.PLATE_NEXT)
                        && !e.low().matches("(?:per|for each|a|each) .*"));
  }

  /** How often a told amount counts: for pieces or eaters that the text does not count once. */
  static double times(Mention mention, Counted all) {
    Per said = mention.per == Per.EITHER ? either(all) : mention.per;
    if (said == Per.PIECE) {
      return all.pieces.map(n -> middle(n) / mention.perPieces).orElse(1.0);
    }
    if (said == Per.ROUND) {
      return all.rounds.map(Apiece::middle).orElse(1.0);
    }
    if (said == null) {
      return mention.times;
    }
    boolean plate = mention.place == Place.PLATE;
    return plate ? 1 : all.serves.map(Apiece::middle).orElse(1.0);
  }

  private static Per either(Counted all) {
    return all.pieces.isPresent() && all.serves.isEmpty() ? Per.PIECE : Per.EATER;
  }

  /** One bowl of it for all: not an amount for each eater, where the text has more than one. */
  static boolean isForAll(Mention mention, Counted all) {
    Per said = mention.per == Per.EITHER ? either(all) : mention.per;
    boolean more =
        all.serves.isPresent()
            ? all.serves.get().high() > 1
            : all.pieces.isPresent() && all.pieces.get().high() > 1;
    return mention.place == Place.PLATE && said != Per.EATER && more;
  }

  private static double middle(Told.Count count) {
    return (count.low() + count.high()) / 2;
  }
}

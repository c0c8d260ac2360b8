package honeststack.core.said.each;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Eaters;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import java.util.Optional;
import java.util.Set;

/**
 * A sentence of what one eater gets: "a portion is two pancakes with 20 g honey", "per person: 50 g
 * yoghurt". Its foods go on each plate; "per person: 40 g oats, 1 egg" is a batter.
 */
public final class OnePortion {
  /** Nobody eats more of them: they are how many come out. Common practice. */
  private static final double MOST = 5;

  private static final String WHO =
      "(?:(?:(?:for )?(?:an?|one|1|each|every|per|the|my) )?"
          + Eaters.ONE
          + "|everyone|everybody|each)";

  /** Up to what each gets. */
  private static final String LEAD =
      "(?:(?:it |this |that |i |we )?(?:makes?|made|gives?|yields?|serves?|feeds?|got|gets?) [a-z0-9 -]{1,25}[,;–-] )?"
          + "(?:(?:and|so|then|i|we|count|call|as|for|us|here) )*"
          + WHO
          + " (?:(?:is|are|means|gets?|has|have|being|consists of|comes with|contains|holds|adds|eats|puts on|takes|=|:|,|–|-) )+";

  private static final Sought BEGIN = Sought.of(LEAD + ".*");

  /** Without a word between: "per person two with 20 g honey". */
  private static final String BARE_LEAD =
      "(?:(?:and|so|then) )*(?:per|for each|for every|(?:i|we) (?:count|call) (?:as )?(?:a|one)) "
          + Eaters.ONE
          + " ";

  private static final Sought BARE = Sought.of(BARE_LEAD + ".*");

  /** Right before the number of pieces. */
  private static final Sought UP_TO =
      Sought.of("(?:" + LEAD + "|" + BARE_LEAD + ")(?:about |only |just )?");

  private static final Sought EATS =
      Sought.of(
          "(?!.*\\b(?:bowl|jug|pan|blender|tub|mixer)\\b)(?:(?:and|so|then|now|that does \\w+ ,) )*(?:i|we|she|he|they|you|the kids|everyone)(?:'ll|'d| will| usually| always)*"
              + " (?:eat|eats|ate|have|has|had|like|likes|enjoy|enjoys|finish)\\b.* with");

  private static final Sought GLASS =
      Sought.of(
          "(?:and |served |best |i have (?:it|them) )?with (?:a|one) (?:(?:small|big|tall|large|cold) )?(?:glass|mug|cup)\\b");

  /** "2 pancakes, 15 ml maple syrup, 10 g butter: that's my breakfast". */
  private static final Sought PIECES_FIRST =
      Sought.of(
          "(?:(?:my |today's |his |her |our )?(?:breakfast|lunch|brunch|snack|tea|dinner|supper|plate)(?: ?[:=–-] ?| (?:was|is|today|were) )"
              + "|(?:for|on) (?:the )?(?:each|every|one|two|three|four|five|six|\\d) plates?(?: ?[:,] ?| )|(?:the |one |a )plate ?: ?)?"
              + "(?:[1-9]|1[0-2]|a|one|two|three|four|five|six|eight) "
              + "(?:(?:small|large|big|little|plain|warm|hot|shop|bought|frozen|toasted|ready-made|scotch|cold|leftover) )*(?:pancakes?|waffles?|cr[eê]pes?|hotcakes?|pikelets?|blinis?|drop scones?)"
              + "(?: (?:from|out of) (?:the|a) (?:shop|freezer|packet|supermarket|cafe|day before))?(?: ?, ?(?:toasted|warmed|warm|cold|reheated|heated))*"
              + " ?(?:, with|,|\\+|with|and|&|plus) ?(?:\\d+|an?|one|two|three|half|some)\\b.*");

  private static final Sought THERE_ARE =
      Sought.of("\\bthere(?:'s| are| is| were) [^,;]*of them\\b");

  /** "I fry them in butter and there's ten of them": the pancakes. */
  private static final Sought FRIED =
      Sought.of(
          "\\b(?:fry|fried|cook|cooked|bake|baked|make|made|flip|flipped) (?:them|these|'em)\\b");

  private static final Sought OF_THE = Sought.of("each of the [^,;]* gets?\\b");

  private static final Sought FIGURE =
      Sought.of("^.{0,40}\\b(?:has|have|contains|holds|is|=|:) (?:about |only |just )?\\d");

  private static final Remembered NUTRIENT =
      Remembered.whole("sugars?|salt|sodium|fats?|fibre|fiber|starch|protein");

  private static final Set<Role> BATTER = Set.of(Role.FLOUR, Role.EGG, Role.LEAVENING);

  private final Clause clause;

  private OnePortion(Clause clause) {
    this.clause = clause;
  }

  /** Whether a sentence says what one eater gets, and nothing of a batter. */
  public static boolean isIn(Clause clause) {
    return !clause.mentions.isEmpty() && new OnePortion(clause).isPlate();
  }

  /** Puts what each gets on the plate, and what makes a batter in the bowl. */
  public static void in(Clause clause) {
    OnePortion portion = new OnePortion(clause);
    if (clause.mentions.isEmpty()) {
      return;
    }
    portion.eaters();
    if (clause.mentions.size() == 1 && GLASS.begins(clause.words(0, clause.size()))) {
      clause.mentions.get(0).place = Place.PLATE; // what is drunk with it
    }
    portion.eaten();
    portion.served();
    if (!isBegun(clause)) {
      return;
    }
    boolean plate = portion.isPlate();
    for (Mention mention : clause.mentions) {
      boolean placed = mention.place == Place.PAN || mention.split != null || mention.more != null;
      if (plate && !placed) {
        mention.place = Place.PLATE;
        mention.placed = true;
      } else if (clause.sentence.per() == null
          && portion.isBatter()
          && mention.place == Place.PLATE) {
        mention.place = Place.NOT_SAID;
      }
    }
  }

  /** "she'll have two of them with a teaspoon of sugar", "I eat the lot with 40 g honey". */
  private void eaten() {
    Mention first = clause.mentions.get(0);
    boolean said = EATS.isAll(clause.words(0, Math.max(0, first.from)));
    boolean stirred = clause.elements.stream().anyMatch(e -> e.is(Sort.BOWL, Sort.BATTER));
    if (!said || stirred || isBatter()) {
      return;
    }
    for (Mention mention : clause.mentions) {
      mention.place = mention.place == Place.NOT_SAID ? Place.PLATE : mention.place;
    }
    for (int i = 0; i < first.from; i++) {
      boolean open = clause.get(i).isAmount() && clause.get(i).part == Part.UNKNOWN;
      boolean all = clause.low(i - 1).startsWith("that's");
      if (open && all) {
        clause.counts.pieces = Optional.of(BareCounts.range(clause.get(i)));
      }
      clause.get(i).part = open ? all ? Part.YIELD : Part.NOTE : clause.get(i).part;
    }
  }

  /** A number of pieces, and what goes on them: no food of a batter beside it. */
  private void served() {
    if (!PIECES_FIRST.isAll(apart(clause.words(0, clause.size())))
        || clause.mentions.stream().anyMatch(m -> BATTER.contains(m.role()))) {
      return;
    }
    for (Mention mention : clause.mentions) {
      mention.place = mention.place == Place.NOT_SAID ? Place.PLATE : mention.place;
    }
    for (int i = 0; i < clause.mentions.get(0).from; i++) {
      clause.get(i).part = clause.get(i).part == Part.UNKNOWN ? Part.NOTE : clause.get(i).part;
    }
  }

  /** "each of the eleven gets", "there's eleven of them": no pieces. */
  private void eaters() {
    String words = clause.words(0, clause.size());
    boolean said =
        clause.counts.serves.isEmpty()
            && (THERE_ARE.isIn(words) && !FRIED.isIn(words) || isBatter() && OF_THE.begins(words));
    int number = 0;
    while (clause.has(number) && clause.get(number).part != Part.YIELD) {
      number++;
    }
    if (said && clause.has(number) && !clause.is(number + 1, Sort.PIECES)) {
      clause.get(number).part = Part.SERVES;
      clause.counts.serves = clause.counts.pieces;
      clause.counts.pieces = Optional.empty();
    }
  }

  /** Whether a number is the first thing that each gets. */
  static boolean isOfEach(Clause clause, int number) {
    boolean heading = clause.heading() == Place.PLATE || clause.sentence.per() == Per.EATER;
    boolean few = clause.isAmount(number) && clause.get(number).measure().amount() <= MOST;
    return heading && few && number == 0 && clause.is(1, Sort.PIECES)
        || UP_TO.isAll(apart(clause.words(0, number)) + " ");
  }

  static boolean isBegun(Clause clause) {
    String words = apart(clause.words(0, clause.size()));
    boolean heading = clause.heading() == Place.PLATE || clause.sentence.per() == Per.EATER;
    boolean few = clause.isAmount(0) && clause.get(0).measure().amount() <= MOST;
    return heading && few && clause.is(1, Sort.PIECES) || BEGIN.isAll(words) || BARE.isAll(words);
  }

  /** "plate: two", with the colon apart. */
  private static String apart(String said) {
    int colon = said.indexOf(':');
    boolean glued = colon > 0 && said.charAt(colon - 1) != ' ';
    return glued ? said.substring(0, colon) + " " + said.substring(colon) : said;
  }

  private boolean isPlate() {
    return isBegun(clause) && (clause.counts.each.isPresent() || !isBatter() && !isFigure());
  }

  /** Something to stir, and something that binds it. */
  private boolean isBatter() {
    boolean flour = clause.mentions.stream().anyMatch(m -> m.role() == Role.FLOUR);
    boolean other =
        clause.mentions.stream().anyMatch(m -> m.role() == Role.EGG || m.role() == Role.LIQUID);
    return flour && other;
  }

  /** "a portion has 20 g sugar": what is in it by itself. */
  private boolean isFigure() {
    return FIGURE.isIn(clause.words(0, clause.size()))
        && clause.mentions.stream().allMatch(m -> m.food != null && m.food.says(NUTRIENT));
  }
}

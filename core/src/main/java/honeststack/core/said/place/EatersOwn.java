package honeststack.core.said.place;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What each eater takes on top, told behind the batter: "Me: 15 g butter. Him: 20 g honey.", "The
 * kids had 20 g honey", "one with 15 g butter, one with 20 g honey".
 */
public final class EatersOwn {
  private static final String OTHERS =
      "(?:dad|mum|mom|gran|grandad|(?:the|my|our) (?:kids?|children|son|daughter|wife|husband|boys?|girls?|guests)"
          + "|everyone|everybody)";

  private static final String WHO = "(?:i|we|he|she|they|" + OTHERS + ")";

  private static final Sought SAID =
      Sought.of(
          "(?:(?:and|then|so|,) )*(?:"
              + ("for (?:me|him|her|us|them|dad|mum|mom|the kids|my \\w+) .*")
              + "|(?:me|him|her|dad|mum|mom|the kids|us) ?: .*"
              + "|"
              + WHO
              + " (?:(?:always|usually|only|each|all|both) )*(?:likes?|prefers?|share|shared|wants?|eat|ate) .*"
              + "|"
              + OTHERS
              + " (?:(?:always|usually|only|each|all|both) )*(?:had|have|has|takes?|gets?|got) .*"
              + "|(?:one|two|three|the first|the second|the other|the others|the rest|half)(?: of (?:them|those))?(?: was| were| got| gets| is| are)? (?:with )?# .*"
              + "|between us .*"
              + ")");

  /** Of each piece or each plate, or of what went with all of them. */
  private static final Sought ON_THEM =
      Sought.of(
          "(?:.* )?(?:filled|fill|i fill|we fill|stuffed|sandwiched|layered|stacked|buttered|butter them|rolled|folded round|wrapped round|in each|inside each"
              + "|on each|on every|every one (?:got|gets|had|has)|each (?:one )?(?:got|gets|had|has|filled|stuffed)|between (?:us|the|two|three|four|five|six|seven|\\d)"
              + "|among(?:st)? (?:us|the)|got through|went through|(?:i|we|they) (?:finished|polished off)|gone by the end|was gone|(?:jar|bottle|tub|pot|dish) went down|mine (?:had|got|was with)) .*"
              + "|(?:.* )?(?:has|have|had|ate|eats?) (?:both|it|them|all|half|one|two|three|four|five|\\d+|these|those)\\b[^#]*\\bwith # .*"
              + "|(?:.* )?(?:one|two|three|four|\\d) for (?:me|him|her|us|each|(?:my|the|our) \\w+) with # .*"
              + "|(?:.* )?brush(?:ed)? (?:them )?with # .*\\b(?:hot|warm)\\b.*"
              + "|(?:.* )?(?:each|every) (?:\\w+ )?(?:(?:gets|has|got|had) )?(?:one|two|three|\\d) (?:(?:pancakes?|waffles?|of them|cr[eê]pes?) )?with # .*"
              + "|(?:.* )?(?:ate|eaten|eats?|breakfast|brunch|lunch|supper|portion|polished off)\\b.*# .*"
              + "|(?:.* )?(?:served|serve|went|took|gave|had|(?<!n't )have) .+(?<!\\b(?:went|go|goes|going)) with # .*"
              + "|(?:.* )?# .* (?:on|with) (?:(?:the|my|her|his|their|our) )?(?:one|two|three|four|five|six|\\d)(?: of (?:the |those |these |them )?(?:\\w+ )?)?(?: ?(?:i|we|he|she) (?:ate|had))?[ .!]*"
              + "|.*# (?:of )?.*(?:\\beach|\\bin each|\\bper person|\\ba head)(?: one)?[ .!]*");

  private static final Sought OF = Sought.of("(?:.*\\b)?(?:of|of the|of those|/|out of)");

  private static final Sought FATES = Sought.of("\\b(?:froze|frozen|left|leftover|binned|kept)\\b");

  private static final Sought EACH =
      Sought.of("\\b(?:each|every one|apiece|a piece|every pancake|every waffle)\\b");

  /** Who has some on the plate. */
  private static final Sought US =
      Sought.of(
          "\\b(?:(?:we|they|you) (?:all )?each|each of (?:us|you|them)|each (?:person|plate|portion|serving|guest|child|kid)|everyone|everybody|per person|a head)\\b");

  private static final Sought PIECE =
      Sought.of(
          "\\b(?:each one|in each|on each|inside each|every one|fill|filled|rolled|stuffed|a piece|every)\\b");

  private static final Sought BATTER =
      Sought.of(
          "\\b(?:in it|into|batter|bowl|mix|mixed|pan|left|fry|fried|stir|stirred|dough|use|used|add|added|bought|recipe|allergic|run out|ran out|no"
              + "|for years|used to|would|could|might|if|last (?:week|time|year|month)|next time|in the past|growing up|as a (?:kid|child))\\b");

  private static final Set<Role> BOWL = Set.of(Role.FLOUR, Role.EGG, Role.LEAVENING, Role.SALT);

  /** What is poured over, and is in no batter. */
  private static final Remembered POURED =
      Remembered.whole("(?:gravy|custard|cream|creme|yogurt|skyr|quark|sour-cream).*");

  private EatersOwn() {}

  public static void find(List<Clause> read) {
    for (int i = 1; i < read.size(); i++) {
      Clause clause = read.get(i);
      if (isSaid(read.subList(0, i), clause)) {
        clause.mentions.stream()
            .filter(m -> m.place == Place.NOT_SAID && m.split == null)
            .forEach(m -> top(clause, m));
        count(clause);
      }
    }
  }

  /** Behind a batter. */
  public static boolean isSaid(List<Clause> read, Clause clause) {
    return !clause.mentions.isEmpty() && isOnTop(clause) && isBatter(read);
  }

  private static boolean isBatter(List<Clause> read) {
    List<Role> measured =
        read.stream()
            .flatMap(clause -> clause.mentions.stream())
            .filter(Mention::isMeasured)
            .map(Mention::role)
            .toList();
    boolean batter = measured.contains(Role.FLOUR) || measured.contains(Role.EGG);
    return batter && measured.stream().distinct().count() > 1;
  }

  /**
   * How many somebody ate is no amount; "three of the eight" and "3 eaten, 5 frozen" make eight.
   */
  private static void count(Clause clause) {
    double sum = 0;
    double all = 0;
    for (int i = 0; i < clause.size(); i++) {
      Element number = clause.get(i);
      boolean open = number.isAmount() && number.isCount() && !number.isWeak();
      if (open && (number.isFree() || number.part == Part.UNKNOWN)) {
        double amount = number.measure().amount();
        boolean of = OF.isAll(clause.words(i - 2, i));
        all = of ? amount : all;
        sum += of ? 0 : amount;
        number.part = Part.NOTE;
      }
    }
    double made = all > 0 ? all : FATES.isIn(clause.words(0, clause.size())) ? sum : 0;
    if (made > 0 && clause.counts.pieces.isEmpty()) {
      clause.counts.pieces = Optional.of(new Told.Count(made, made));
    }
  }

  private static void top(Clause clause, Mention mention) {
    mention.place = Place.PLATE;
    String words = clause.words(0, clause.size());
    if (mention.per == null && EACH.isIn(words)) {
      boolean piece = PIECE.isIn(words);
      mention.per = piece ? Per.PIECE : US.isIn(words) ? Per.EATER : Per.EITHER;
    }
  }

  private static boolean isOnTop(Clause clause) {
    boolean topping =
        !clause.mentions.isEmpty()
            && clause.mentions.stream()
                .allMatch(
                    m ->
                        m.isMeasured()
                            && !BOWL.contains(m.role())
                            && m.known().filter(EatersOwn::isSpread).isPresent());
    if (!topping || BATTER.isIn(clause.words(0, clause.size())) || isOfSeveral(clause)) {
      return false;
    }
    String signs = signs(clause);
    return SAID.isAll(signs) || ON_THEM.isAll(signs);
  }

  /** "Two cans of sweetcorn, 200 g each": each of them weighs as much. */
  private static boolean isOfSeveral(Clause clause) {
    boolean several = false;
    for (int i = 0; i < clause.size(); i++) {
      boolean each = clause.isWord(i, "each", "apiece") || clause.is(i, Sort.EACH);
      if (each && clause.isAmount(i - 1) && several && clause.mentions.size() == 1) {
        return true;
      }
      boolean counted = clause.isAmount(i) && !clause.get(i).isWeak() && !clause.isAmount(i + 1);
      several |=
          counted
              && clause.get(i).part != Part.YIELD
              && clause.get(i).part != Part.SERVES
              && !clause.is(i + 1, Sort.EACH)
              && !clause.isWord(i + 1, "each", "apiece");
    }
    return false;
  }

  /** What nobody stirs in for one eater alone. */
  private static boolean isSpread(Food food) {
    return food.role() == Role.SUGAR
        || food.role() == Role.FAT
        || food.role() == Role.ADD_IN
        || POURED.is(food.id());
  }

  private static String signs(Clause clause) {
    StringBuilder words = new StringBuilder();
    for (Element element : clause.elements) {
      boolean amount = element.isAmount() && !element.isWeak() && !element.isCount();
      words.append(amount ? "#" : element.low()).append(' ');
    }
    return words.toString();
  }
}

package honeststack.core.said;

import honeststack.core.food.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * A sentence behind a list that only counts: how many came out, what became of them, who had how
 * many: "Twelve, two of which burnt.", "The lads eat four each and there's three of them.", "I ate
 * four, my son the other four." Taken only where all of it is understood.
 */
final class Headcount {
  private static final String LEAD =
      "(?:(?:so|and|but|well|oh|then|in the end|in total|altogether|that's|that was|that makes|that made|it made|it gave|it does|i got|we got|i get|we get|i've got"
          + "|got|made|makes|gave|gave me|came out as|came to|comes to|ended up with|i|we|counted|i make it|about|around|roughly|only|just|exactly|eventually) )*";

  private static final String PIECES =
      "(?:(?:small|big|large|little|tiny|thin|thick|good|decent|whole|full|nice|normal|fat) ?)*"
          + "(?:(?:small ones|big ones|thin ones|thick ones|large ones|little ones|good ones|ones|pancakes|waffles|crepes|crêpes|pieces|of them|of those|cakes|squares|galettes|rounds"
          + "|flapjacks|hotcakes|blini) )?";

  private static final String MORE =
      "(?:(?:, )?(?:in all|altogether|in total|all told|all in all|in the end|or so|give or take|i think|i reckon"
          + "|(?:if you don't count|not counting|not including|without|excluding|leaving out|plus|besides|apart from|except)(?: the)? (?:first|dud|leather|bad|burnt|broken|spoiled|spoilt|failed)(?: pancake| waffle)?(?: # | one)? ?(?:that went wrong|that stuck|that broke|i threw away)?"
          + "|for the (?:whole )?(?:lot|batch)) ?)*";

  private static final String AFTER =
      "(?:(?:or so|for tomorrow|for later|for lunch|for breakfast|for the morning|over|already|still|today|now|tonight|by me|on the table|in the freezer|for the freezer|in the fridge|in the oven|in the bin) ?)*";

  private static final String GONE =
      "(?:(?:got |were |was |have been |had to be )?(?:burnt|burned|broke|broken|ruined|spoiled|spoilt|stuck|inedible|thrown away|binned|a mess|rubbish|charcoal|went in the bin|in the bin|fell apart"
          + "|fell on the floor|went wrong)(?: and (?:went|were|are) (?:in the bin|thrown away|to the (?:dog|birds|hens)))?)";

  private static final String DID =
      "(?:had|ate|eat|eats|got|gets|get|have|has|took|managed|put away|finished|wanted|wants|want)";

  private static final String CROWD =
      "(?:of us|of them|of you|people|kids|adults|children|grown - ups|girls|boys|lads|guests|friends|eaters|grandchildren|students|campers|hungry people|mouths)";

  private static final String MANY =
      "(?:the |my |our )?(?:we|they|us|kids|lads|girls|boys|children|adults|grown - ups|guests|twins|grandchildren|others|rest|men|women|teenagers|little ones)";

  private static final String ONE = "(?:i|me|he|she|(?:my|the|our|his|her) (?:other half|\\w+))";

  /** What a part of the sentence says. */
  private enum Says {
    TOTAL,
    ANOTHER,
    LOST,
    SOME,
    NOTHING,
    AGES,
    AT_ONCE,
    ONE_ATE,
    EACH_OF_MANY,
    EACH_FOR,
    SO_MANY_ATE,
    HEADS,
    EACH
  }

  private record Form(Says says, Sought words) {
    static Form of(Says says, String words) {
      return new Form(says, Sought.of("(?:" + words + ") ?"));
    }
  }

  private static final String OF = "(?:of (?:them|those|which|these) |of which )?";

  private static final List<Form> FORMS =
      List.of(
          Form.of(
              Says.SO_MANY_ATE,
              "(?:the )?(?<k># )" + CROWD + " (?:" + DID + " )?(?<n># )each(?: of them)?"),
          Form.of(
              Says.EACH_FOR,
              LEAD
                  + "(?:enough for )?(?<n># )"
                  + PIECES
                  + "(?:each|apiece) (?:, )?(?:for )?(?:the )?(?<k># )"
                  + CROWD),
          Form.of(
              Says.EACH_FOR,
              "(?:for |with |there's |there are |there were |we're |we were |we are )(?:the )?(?<k># )(?:"
                  + CROWD
                  + " )?(?:, )?(?:at |so )?(?<n># )(?:each|apiece)"),
          Form.of(
              Says.LOST,
              "(?:of which |though |although )?(?:the )?(?<n># )" + OF + "(?:ones )?" + GONE),
          Form.of(
              Says.SOME,
              "(?:of which )?(?:the other )?(?<n># )"
                  + OF
                  + "(?:went|are|were|is|was|go|got|left|still|i froze|froze|for) (?:left |eaten |frozen |to |for |in |on |over |the |my |me |us |a |tomorrow |freezer |table |neighbours? |friend )*"
                  + AFTER),
          Form.of(
              Says.SOME,
              "(?:(?:there (?:were|was|are|is)|we had|i had|i've|we've|with|and) )?(?<n># )"
                  + OF
                  + "(?:left|to spare|over|leftover|spare)(?: over)? ?"
                  + AFTER),
          Form.of(
              Says.SOME,
              "(?:(?:i|we) )?(?:froze|freeze|kept|saved|gave away|gave) (?:the other )?(?<n># )"
                  + OF
                  + AFTER),
          Form.of(
              Says.NOTHING,
              "(?:the (?:rest|others|remaining # )|half of them|most of them|some of them|half|most|some) (?:are|is|went|go|goes|were|got|gets) [^#,]*"),
          Form.of(
              Says.NOTHING,
              "(?:(?:i|we|and) )*(?:freeze|froze|kept|keep|saved) (?:most|some|half|the rest|the others|them|all)(?: of)?(?: them)? ?"
                  + AFTER),
          Form.of(
              Says.NOTHING,
              "(?:(?:and|the|my|we|i|they) )*(?:\\w+ )?(?:ate|finished|scoffed|wolfed|polished off|demolished) (?:most|some|half|all|them|the lot|every|nearly)(?: of)?(?: them)?(?: all)?(?: one)?(?: down)?(?: myself| ourselves)?"),
          Form.of(
              Says.NOTHING,
              "(?:(?:and|plus|the|our|my) )*(?:dog|cat|hens|birds) (?:got|had|ate|gets) (?:# |the first(?: # | one)?|the (?:dud|bad one|broken one))"),
          Form.of(
              Says.NOTHING,
              "(?:plus |and )?# (?:for|to) (?:the|our|my) (?:dog|cat|hens|birds|cook|pan|bin)"),
          Form.of(
              Says.NOTHING,
              "(?:though |although )?(?:# |the last(?: # | one)? ?(?:of them )?)(?:was |is |being |came out |a bit |a )*(?:tiny|small|smaller|thin|wonky|half size|half sized|only half|half|runt|misshapen|funny|odd|size)(?: size| one)?"),
          Form.of(
              Says.NOTHING,
              "(?:all )?(?:cut|halved|sliced|folded|broken|torn) (?:in|into) (?:# |quarters|halves|wedges|strips)"),
          Form.of(
              Says.NOTHING,
              "each (?:# |one |of them )?(?:breaks?|cuts?|splits?|broke|is cut|cut|folds?) (?:in|into) (?:# |quarters|halves)(?:hearts|pieces|squares|bits|wedges)?"),
          Form.of(Says.NOTHING, "each in (?:quarters|halves|#)"),
          Form.of(
              Says.NOTHING, "the first(?: # | one)? ?(?:doesn't|didn't|does not|never) counts?"),
          Form.of(
              Says.AGES,
              "(?:[^#@,]*\\b)?(?:kids?|girls?|boys?|children|daughters?|sons?|little ones|twins|toddlers?|grandchildren|nieces?|nephews?|grandson|granddaughter|baby|they)(?: who)? (?:are|is|was|were|'re|aged?|turned|just turned)(?: only| just| nearly| now)* # (?:(?:, |and )# )*(?:years old|year old|now)?"),
          Form.of(
              Says.NOTHING,
              "(?:it |they |i )?(?:should have been|was supposed to be|was meant to be|should have made|were meant to be|was expecting|expected|wanted|was hoping for) # (?:of them |pancakes )?"),
          Form.of(
              Says.ONE_ATE,
              "(?!i (?:got|get) )"
                  + ONE
                  + " (?:"
                  + DID
                  + " )?(?:about |only |just )?(?:the )?(?:other |last |remaining )?(?<n># )(?:of them|of those|myself|big ones|small ones|ones|pancakes)?"),
          Form.of(
              Says.EACH_OF_MANY,
              "(?:"
                  + MANY
                  + "|both of us|all of us) (?:all |both )?(?:"
                  + DID
                  + " )?(?<n># )(?:of them )?(?:each|apiece)"),
          Form.of(
              Says.HEADS,
              "(?:and )?(?:there's|there are|there were|there was|we're|we were|we are|with) (?<k># )"
                  + CROWD),
          Form.of(
              Says.HEADS,
              "(?:for|between|split between|shared between|shared by|among|amongst|shared among) (?:the )?(?<k># )(?:"
                  + CROWD
                  + ")?"),
          Form.of(
              Says.EACH,
              "(?:so |that's |which is |that was |i\\.e\\. |makes )*(?<n># )(?:each|apiece)"),
          Form.of(
              Says.AT_ONCE,
              "(?<n># )(?:of them )?(?:fit|fits|go|goes|can go) (?:in|into|on|onto) (?:(?:my|the|our) (?:pan|griddle|iron|skillet|hob)|in my pan)(?: at once| at a time)?|(?<n2># )(?:fit|fits|go|goes) (?:in my pan|in the pan|on the griddle)"),
          Form.of(
              Says.ANOTHER,
              "(?:(?:and|plus) )?# (?:small|smaller|tiny|little|half|mini|baby|wonky) (?:# |one)"),
          Form.of(Says.TOTAL, LEAD + "(?<n># )" + PIECES + MORE));

  private static final Sought JOIN =
      Sought.of("(?:[,;:–—-] )?(?:(?:and|but|so|though|although|then|with|while|plus) )*");

  private static final Sought ALL =
      Sought.of("\\b(?:altogether|got|get|made|counted|came out|first)\\b");

  private static final Sought FOR = Sought.of("(?:for|between|split|shared|among) ");

  private static final int LONGEST = 40;

  /** Nobody bakes fewer without saying of what. */
  private static final double FEWEST = 4;

  private static final double MOST = 200;

  private final Clause clause;
  private final String text;
  private final List<Element> numbers = new ArrayList<>();

  private Element total;
  private int totals;
  private double another;
  private double lost;
  private double some;
  private final List<double[]> eaters = new ArrayList<>();
  private double heads;
  private double each;
  private double atOnce;
  private boolean ages;

  private Headcount(Clause clause, List<Element> elements) {
    this.clause = clause;
    StringBuilder words = new StringBuilder();
    for (Element element : elements) {
      boolean number = element.isAmount();
      if (number) {
        numbers.add(element);
      }
      boolean end = element.isMark(".", "!") && element == elements.get(elements.size() - 1);
      words.append(end ? "" : number ? "# " : element.low().replace('#', '_') + " ");
    }
    this.text = words.toString();
  }

  /** Whether words behind a list say so, and more than a number. */
  static boolean isSaid(List<Element> words) {
    if (!mayBe(words)) {
      return false;
    }
    Headcount count = new Headcount(null, words);
    return count.parse(0, 0)
        && count.totals <= 1
        && (count.isSum()
            || count.ages
            || count.some + count.lost > 0
            || count.total != null && count.heads + count.each > 0
            || count.total != null && ALL.isIn(count.text));
  }

  private static boolean mayBe(List<Element> words) {
    return words.size() <= LONGEST
        && words.stream().noneMatch(Element::isFood)
        && words.stream().anyMatch(e -> e.isAmount() && e.isCount())
        && words.stream().noneMatch(e -> e.isAmount() && !e.isCount());
  }

  /** Whether the sentence says nothing else. */
  static boolean by(List<Clause> read, Clause clause) {
    boolean may = clause.asides.isEmpty() && mayBe(clause.elements) && Clause.measure(read, 2);
    if (!may || isAnswer(read)) {
      return false;
    }
    Headcount count = new Headcount(clause, clause.elements);
    if (!count.parse(0, 0) || !count.isCount(read)) {
      return false;
    }
    count.settle(read);
    return true;
  }

  /** To a question, or of a food that nothing measured yet. */
  private static boolean isAnswer(List<Clause> read) {
    Clause last = read.get(read.size() - 1);
    Mention mention = last.mentions.isEmpty() ? null : last.mentions.get(last.mentions.size() - 1);
    boolean ranged =
        mention != null && mention.amount != null && mention.amount.measure().halfRange() > 0;
    boolean counted = mention != null && (mention.food == null || mention.food.isRole(Role.EGG, Role.ADD_IN));
    return last.isMark(last.size() - 1, "?") || ranged || counted && !mention.isMeasured();
  }

  private boolean parse(int at, int number) {
    if (at >= text.length()) {
      return true;
    }
    for (Form form : FORMS) {
      Matcher said = form.words.matcher(text);
      said.region(at, text.length());
      if (!said.lookingAt() || said.end() == at) {
        continue;
      }
      int next = number + (int) said.group().chars().filter(c -> c == '#').count();
      int end = said.end();
      Matcher join = JOIN.matcher(text);
      join.region(end, text.length());
      boolean joined = join.lookingAt() && join.end() > end;
      boolean word = text.charAt(end - 1) == ' ';
      boolean who = FOR.begins(text.substring(end));
      if (word
          && (end == text.length() || joined || who)
          && parse(joined ? join.end() : end, next)) {
        take(form.says, said, at, number);
        return true;
      }
    }
    return false;
  }

  private double value(Matcher said, String group, int at, int number) {
    return element(said, group, at, number).measure().amount();
  }

  private Element element(Matcher said, String group, int at, int number) {
    int before = (int) text.substring(at, said.start(group)).chars().filter(c -> c == '#').count();
    return numbers.get(number + before);
  }

  private void take(Says says, Matcher said, int at, int number) {
    switch (says) {
      case TOTAL -> {
        total = element(said, "n", at, number);
        totals++;
      }
      case ANOTHER -> another += 1;
      case LOST -> lost += value(said, "n", at, number);
      case SOME -> some += value(said, "n", at, number);
      case ONE_ATE -> eaters.add(new double[] {1, value(said, "n", at, number)});
      case EACH_OF_MANY -> eaters.add(new double[] {0, value(said, "n", at, number)});
      case EACH_FOR, SO_MANY_ATE ->
          eaters.add(new double[] {value(said, "k", at, number), value(said, "n", at, number)});
      case AGES -> ages = true;
      case AT_ONCE -> atOnce = value(said, said.group("n") == null ? "n2" : "n", at, number);
      case HEADS -> heads = value(said, "k", at, number);
      case EACH -> each = value(said, "n", at, number);
      default -> {}
    }
  }

  /** It says more than was understood before; a number alone, only if it is no amount. */
  private boolean isCount(List<Clause> read) {
    boolean open =
        numbers.stream().anyMatch(e -> e.isFree() || e.part == Part.UNKNOWN)
            || lost > 0
            || !eaters.isEmpty();
    boolean told = read.stream().anyMatch(before -> before.counts.pieces.isPresent());
    boolean other = ages || isSum() || heads + each + atOnce > 0;
    if (totals > 1 || !open || total == null && !told && !other) {
      return false;
    }
    double all = total == null ? FEWEST : total.measure().amount();
    boolean bare = text.strip().equals("#");
    return all <= MOST && all > 1 && (!bare || all >= FEWEST && !told);
  }

  /** Of what somebody had, and what is left. */
  private boolean isSum() {
    return !eaters.isEmpty();
  }

  private void settle(List<Clause> read) {
    Optional<Told.Count> before =
        read.stream().flatMap(c -> c.counts.pieces.stream()).reduce((one, two) -> two);
    Optional<Told.Count> made =
        Optional.ofNullable(total).map(BareCounts::range).map(n -> minus(n, lost));
    Optional<Told.Count> known = made.or(() -> before);
    clause.passOver();
    clause.loose.clear();
    clause.counts.clear();
    clause.batch = Optional.empty();
    if (total != null) {
      total.part = Part.YIELD;
    }
    who(known);
    double eaten = eaters.stream().mapToDouble(group -> group[0] * group[1]).sum();
    boolean all = eaters.stream().allMatch(group -> group[0] > 0);
    clause.counts.pieces = made;
    clause.counts.sure = made.isPresent() && text.strip().length() > 1;
    double sum = eaten + some;
    if (made.isEmpty() && all && sum > 0 && isSum()) {
      clause.counts.pieces = Optional.of(new Told.Count(sum, sum));
      clause.counts.summed = true;
    }
    if (atOnce > 0) {
      clause.counts.atOnce = Optional.of(new Told.Count(atOnce, atOnce));
    }
    double eating = eaters.stream().mapToDouble(group -> group[0]).sum();
    double fed = all && eating > 0 ? eating : heads;
    if (fed > 0) {
      clause.counts.serves = Optional.of(new Told.Count(fed, fed));
    } else if (each > 0) {
      clause.counts.each = Optional.of(new Told.Count(each, each));
      clause.counts.eachNumber = numbers.get(numbers.size() - 1);
    }
  }

  /** How many the groups are of which that is not said: as the whole tells. */
  private void who(Optional<Told.Count> known) {
    List<double[]> open = eaters.stream().filter(group -> group[0] == 0).toList();
    if (open.size() != 1) {
      return;
    }
    double others =
        eaters.stream().filter(group -> group[0] > 0).mapToDouble(g -> g[0] * g[1]).sum();
    double left = known.filter(n -> n.low() == n.high()).map(Told.Count::low).orElse(0.0) - others;
    double by = heads > 0 ? heads : left / open.get(0)[1];
    if (by >= 1 && by == Math.rint(by)) {
      open.get(0)[0] = by;
    }
  }

  private Told.Count minus(Told.Count count, double less) {
    return new Told.Count(count.low() - less, count.high() - less + another);
  }
}

package honeststack.core.said.place;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/** Fat that needs no word for the pan: what is sprayed, and what the cakes are cooked in. */
public final class CookedIn {
  private static final int FAR = 6;

  private static final Sought HEAT =
      Sought.of("(?:.* )?(?:get|let|once|when|heat|until|till)(?: the)?");

  private static final Sought HOT =
      Sought.of(
          "(?:is |are |gets? )?(?:really |very |nice and |smoking |properly )?(?:hot|foam(?:s|ing)?|sizzl\\w+|shimmer\\w*"
              + "|smok\\w+|spits?|bubbl\\w+|until (?:it is |it's |it )?(?:hot|foam\\w*|sizzl\\w*|shimmer\\w*|smok\\w*|bubbl\\w*)"
              + "|, ?(?:then )?(?:and )?(?:fry|cook) |and (?:pour|ladle|drop|tip|spoon) (?!(?:it |them |this )?(?:over|on top)))");

  private static final String GREASED =
      "(?:greased|oiled|buttered|larded|well-greased|well-oiled|greasy) (?:(?:cast iron|waffle|frying|hot|non-stick) )?"
          + "(?:pan|skillet|griddle|girdle|iron|tawa|tava|tin|plates?|pans|irons)";

  /** "in a lightly greased pan (5 g butter)". */
  private static final Sought OF_GREASED = Sought.of("(?:.* )?" + GREASED + "(?: first)?");

  private static final Sought BEHIND_GREASED = Sought.of("(?:.* )?" + GREASED + " ,");

  private static final Sought IN_PAN =
      Sought.of(
          "(?:.* )?(?:(?:hot|clean|dry) (?:pan|griddle|skillet|iron) ,|"
              + GREASED
              + " [:–-]"
              + "|drop (?:spoonfuls?|dollops?|ladlefuls?|heaps|rounds|it|them) into"
              + "|start (?:each|each one|them|off) in|fat for the pan [:–-])");

  private static final Sought BACK =
      Sought.of(
          "(?:in|on) (?:the|a|your|my) (?:\\w+ )?(?:pan|skillet|griddle)(?: ,)?(?: and| then)* (?:pour|tip|whisk|stir|add|beat|mix)"
              + " (?:it|that|this) (?:straight |back )?(?:in ?to|in) the (?:batter|bowl|mix|mixture|eggs|milk)");

  /** Of a pan for small round ones. */
  private static final Sought HOLES =
      Sought.of(
          "(?:each|every) (?:single )?(?:time|go|round|turn)\\b|(?:goes )?(?:in|into|for) (?:each|every|all the|the|each of the|all) (?:single |little )?(?:holes?|hollows?|wells?|dimples?|moulds?|molds?|cavit(?:y|ies))\\b");

  /** "oil, just a teaspoon, brushed on": in a sentence of its own. */
  private static final Sought BRUSHED =
      Sought.of(
          "(?:, )?(?:brushed|wiped|rubbed|smeared) (?:on|round|over|around)(?: with .*)?[ .!]*");

  private static final Sought BAKED = Sought.of("(?:baked|fried|cooked|browned)\\b");

  private static final Sought BETWEEN =
      Sought.of("(?:in )?between (?:the )?(?:pancakes|waffles|crepes|each|each one)\\b");

  private static final Sought SIZZLING =
      Sought.of("\\b(?:hot|sizzling|foaming|bubbling|smoking|shimmering|spitting) ");

  private static final Sought USING = Sought.of("(?:then )?(?:using|with|use)(?: about| the)?");

  private static final Sought FRY =
      Sought.of(
          "(?:in all |altogether |in total )?, ?(?:then )?(?:fry|cook|brown)"
              + " (?:the (?:cr[eê]pes?|pancakes?|waffles?|batter|cakes)|them|each|one|in|until|till)\\b");

  private static final String[] VERBS = {
    "cook", "cooks", "cooking", "cooked", "fry", "fries", "frying", "fried", "bake", "bakes",
    "baked", "brown", "browned", "grilled"
  };

  private final Clause clause;

  private CookedIn(Clause clause) {
    this.clause = clause;
  }

  static void in(Clause clause) {
    CookedIn cooked = new CookedIn(clause);
    for (Mention mention : clause.mentions) {
      if (isSprayed(mention)) {
        pan(mention); // nobody sprays it anywhere else
      }
      cooked.at(mention);
    }
  }

  /** "Cook on a hot griddle for 2 min a side with 1 tsp oil": nothing else is cooked so. */
  private boolean isFirst(Mention mention) {
    return clause.elements.subList(0, mention.from).stream().noneMatch(Element::isFood);
  }

  private static boolean isSprayed(Mention mention) {
    boolean measured =
        mention.amount != null && mention.amount.measure().unit() == Unit.SECOND
            || mention.amountText.contains("spray");
    return measured && (mention.role() == Role.FAT || mention.foodText.equals("oil"));
  }

  /** "I cook three little ones in 1 tsp coconut oil". */
  private void at(Mention mention) {
    int in = mention.from - 1;
    while (clause.isWord(in, "a", "little", "bit", "of", "some")) {
      in--; // "in a little butter, maybe 15 g"
    }
    int name = mention.food == null ? -1 : clause.elements.indexOf(mention.food);
    int end = name < 0 ? mention.to : name + 1; // its amount may be said later
    String behind = clause.words(end, end + FAR);
    boolean poured = mention.known().filter(Food::liquid).isPresent() && BETWEEN.begins(behind);
    if (mention.role() == Role.FAT
        && !mention.placed
        && (HOLES.begins(behind) || poured || isBaked(mention, behind) || isBrushed(mention))) {
      pan(mention);
    }
    boolean fat = mention.role() == Role.FAT && mention.amount != null && !mention.placed;
    boolean on = clause.isWord(in, "on", "onto") && isPouredOn(in);
    boolean with = clause.isWord(in, "with") && clause.isWord(0, VERBS) && isFirst(mention);
    boolean into = clause.isWord(in, "in", "into") && isSizzling(mention, name);
    if (fat && (on || with || into || isHot(mention) || isUsed(mention))) {
      pan(mention);
    }
    if (!fat || !clause.isWord(in, "in", "on")) {
      return;
    }
    for (int i = in - 1; i >= Math.max(0, in - FAR); i--) {
      if (clause.get(i).isFood()) {
        return;
      }
      boolean pieces = // "ten thin ones in 20 g of butter"
          i == in - 1 && clause.isWord(in, "in") && isSomePieces(i);
      if (pieces || clause.isWord(i, VERBS)) {
        pan(mention);
        return;
      }
    }
  }

  /** So many pieces, at the beginning of what is told. */
  private boolean isSomePieces(int noun) {
    boolean pieces = clause.is(noun, Sort.PIECES) || clause.isWord(noun, "ones");
    return pieces
        && clause.elements.subList(0, noun).stream()
            .anyMatch(e -> e.isAmount() && e.isCount() && !e.isWeak());
  }

  /** "in 30 g of hot butter". */
  private boolean isSizzling(Mention fat, int name) {
    return name > fat.from && SIZZLING.isIn(clause.words(fat.from, name) + " ");
  }

  private boolean isBrushed(Mention fat) {
    return clause.mentions.size() == 1 && BRUSHED.isAll(clause.words(fat.to, clause.size()));
  }

  /** "in butter baked". */
  private boolean isBaked(Mention fat, String behind) {
    return clause.isWord(fat.from - 1, "in") && BAKED.begins(behind);
  }

  /** "Using 60 g butter in all, fry the crêpes." */
  private boolean isUsed(Mention fat) {
    return USING.isAll(clause.words(0, fat.from)) && FRY.begins(clause.words(fat.to, fat.to + FAR));
  }

  /**
   * "get 10 g butter hot first", "once 1 tbsp oil sizzles", "hot pan, 10 g butter, batter, flip".
   */
  private boolean isHot(Mention fat) {
    String before = clause.words(fat.from - FAR, fat.from);
    String behind = clause.words(fat.to, fat.to + FAR);
    boolean heated = HEAT.isAll(before);
    boolean last = behind.matches("[.! ]*"); // not "greased pan, 50 g butter, 2 eggs"
    return heated && HOT.begins(behind)
        || IN_PAN.isAll(before)
        || last && BEHIND_GREASED.isAll(before);
  }

  /** "pour it on two tablespoons of sizzling butter". */
  private boolean isPouredOn(int on) {
    int it = clause.isWord(on - 1, "it", "this", "batter") ? on - 1 : on;
    it = clause.isWord(it - 1, "the") ? it - 1 : it;
    return clause.isWord(it - 1, "pour", "poured", "tip", "ladle");
  }

  /** "melt 10 g butter in the pan and pour it into the batter". */
  public static void pouredBack(Clause clause) {
    for (Mention mention : clause.mentions) {
      boolean back =
          mention.place == Place.PAN
              && mention.role() == Role.FAT
              && BACK.begins(clause.words(mention.to, mention.to + 2 * FAR));
      if (back) {
        mention.place = Place.NOT_SAID;
      }
    }
  }

  /** What brackets behind the pan say of its fat. */
  public static void greased(Clause clause) {
    for (Mention mention : clause.mentions) {
      boolean fat = mention.bracketed != null && mention.role() == Role.FAT && !mention.placed;
      if (fat && OF_GREASED.isAll(clause.words(0, mention.from))) {
        pan(mention);
      }
    }
  }

  private static void pan(Mention mention) {
    mention.place = Place.PAN;
    mention.placed = true;
  }
}

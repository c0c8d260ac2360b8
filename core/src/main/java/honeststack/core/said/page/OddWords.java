package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Words that mean others than they are: "a third egg", "then the other", "buttered, 5 g each". */
final class OddWords {
  /** For so many people, in German, Portuguese, Spanish and French. */
  private static final Sought FOR =
      Sought.of(
          "\\b(?:für|para)(?= \\d)|^pour(?= \\d+ *$)",
          Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);

  /** "2 large or 3 small eggs": so many of the large ones. */
  private static final Sought BY_SIZE =
      said(
          "(?=(?:\\d|one|two|three|four|five|six) (?:large|big|medium|jumbo) or )(?:(?<=\\beggs?[:,]? )|(?=[\\w ]+ (?:eggs?|ones)\\b))\\b((?:\\d|one|two|three|four|five|six) (?:large|big|medium|jumbo)) or (?:\\d|one|two|three|four|five|six|eight) (?:small|little|tiny|medium)\\b");

  /** "one egg, then the other": two, one behind the other. */
  private static final Sought THE_OTHER =
      said(
          "\\b(?:one|an|1|the first) egg,? (?:and )?then the (?:other|second)(?: (?:one|egg))?\\b");

  /** "a third egg went in": not a third of one. */
  private static final Sought THIRD_EGG = said("\\b(?:a|the) (?:third|fourth|fifth|sixth) egg\\b");

  /** "I always forget the soda": nobody says so of what he left out. */
  private static final Sought NEARLY_FORGOT =
      said("\\b(?:always|nearly|almost|often|usually) forg(?:et|ot)(?: about| to say)?\\b");

  /** "10 g chocolate chips a piece" */
  private static final Sought A_PIECE =
      said("(?<=\\b\\d{1,3} ?(?:g|ml|tsp|tbsp)(?: [\\p{L} ]{3,30})? )a piece(?= ?(?:[.,;)\\n]|$))");

  /** "Five good-sized ones, which I eat with a banana." */
  private static final Sought WHICH =
      said(
          "(?<=\\b(?:ones|pancakes|waffles|crepes|pikelets|pieces)), which(?= (?:i|we|he|she|they) (?:eat|eats|ate|have|has|had|like|likes|serve|top)\\b)");

  /** "cherries from the glass, 350 g drained": out of a jar. */
  private static final Sought JAR = said("(?<=\\bfrom (?:the|a) )glass(?= ?[,(])");

  /** "half a tub of ricotta to use up, 125 g" */
  private static final Sought USED_UP =
      said(
          "(?<=\\p{L}{3}) (?:to use up|that needed using(?: up)?|that wanted using(?: up)?)(?=, ?\\d)");

  /** "a little butter, maybe 10 g overall" */
  private static final Sought OVERALL =
      said(
          "(?<=\\d ?(?:g|ml|tbsp|tsp)) (?:overall|for the whole lot|for everything)(?= ?(?:[.,;\\n]|$))");

  /** Margarine, in English alone. */
  private static final Sought OLEO = said("(?<!\\bde )\\boleo\\b(?! de\\b)");

  /** "salt-pinch" */
  private static final Sought PINCH = said("(?<=\\p{L}{3})-(?=(?:pinch|dash)\\b)");

  /** "One avocado between four": a bowl for all. */
  private static final Sought BETWEEN =
      said(
          "(?<=\\b(?:one|an?|half an?|\\d{1,4} ?(?:g|ml|tbsp|tsp)?) (?:of )?(?!pancakes?|waffles?|crepes?|pieces?)\\p{L}{3,12} )(?:shared )?between (?:the )?(?:two|three|four|five|six|eight|\\d)(?: people)?(?= ?(?:[.,;\\n]|$))");

  /** "For the kids' tea I do 100 g flour", "makes tea for two": a meal. */
  private static final Sought MEAL =
      said(
          "(?<=^|[.;\\n] ?)(?:for|at) (?:(?:the |my )?(?:kids|children|boys|girls|family)['’]s? |our |my |their |his |her |sunday |friday )?tea(?: ?time)?\\b(?= ?(?:[,:]|i |we |he |she |they |it |today|yesterday|last))"
              + "|(?<=\\bmakes )tea (?=for \\p{L})");

  /** "for t'pan". */
  private static final Sought THE = Sought.of("\\bt['’](?=\\p{Ll}{3})");

  /** "Buttered, 5 g each": with butter. */
  private static final Sought BUTTERED =
      said("\\bbuttered\\b(?=[^.\\d(]{0,25}\\d+ ?g\\b)(?! with)");

  /** "Per 10 waffles: 500 g flour, …": for so many. */
  private static final Sought PER_SO_MANY =
      Sought.of(
          "^per(?= (?:\\d{1,3}|ten|twelve|twenty|a dozen) (?:\\w+ )?(?:pancakes|waffles|cr[eê]pes|pieces|portions|servings|people|persons|guests|children|kids) ?[:\\n])",
          Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);

  private static final String CHICKPEAS =
      "(?:(?:a|one|the) )?(?:tin|can|jar)s? of (?:chickpeas|(?:\\p{L}{3,10} )?beans)";

  private static final String SOME =
      "(\\d+(?:[.,/]\\d+)? ?(?:g|ml|tbsp|tsp|tablespoons?|teaspoons?|cups?))";

  /** "a tin of chickpeas, just the water from it, 6 tbsp", "6 tbsp of the liquid from …". */
  private static final Sought BRINE =
      said(
          "\\b"
              + CHICKPEAS
              + "(?:,|:| –| -)? (?:but )?(?:just|only) the (?:water|liquid|juice|brine)(?: from it| of it| in it)?(?:(?:,|:| –| -)? "
              + SOME
              + ")?|\\b"
              + SOME
              + " (?:of )?(?:the )?(?:water|liquid|juice|brine) (?:from|of|in|off|out of) "
              + CHICKPEAS);

  /** What went into the pan before the batter: "brush with 3 g oil, ladle in 120 ml batter". */
  private static final Sought LADLED =
      said(
          "(?<=\\b(?:iron|pan|griddle|skillet|tawa)\\b[^.;\\n]{0,60}),? (?:and |then )*(ladle|pour|spoon)(?: in| on)? (\\d+ ?ml)(?: of)?(?: the)? batter\\b");

  /** "For the little one I leave out salt": a child, and no number. */
  private static final Sought LITTLE_ONE =
      Sought.of(
          "(?<=\\b(?:for|to) (?:the|my|our) )little one(?= (?:i|we|it|she|he|there)\\b|,)",
          Pattern.CASE_INSENSITIVE);

  private static final Sought PART_SKIM =
      Sought.of("\\bpart skim(?:med)?\\b", Pattern.CASE_INSENSITIVE);

  /** "Group B's recipe": no baking soda. */
  private static final Sought GROUP_B =
      Sought.of(
          "(?<=\\b(?:group|team|class|table|side|lab|pair) [a-h])['’]s\\b",
          Pattern.CASE_INSENSITIVE);

  private static final String NOUN =
      "(?!(?:the|an?|this|that|each|every|another|which|only|just|last|first|good|second|next|any|some|old|new|big|small|large|quick|one|no|step|day|part|method|version|option|recipe|batch|bowl|round|stage|layer|group|number|type|size|test|trial|week|pan|mix|year|page|note|table|team)\\b)[a-z]{3,10}";

  private static final String MANY = "(?:two|three|four|one|half|quarter|\\d)";

  /** "Onion one, finely cut, green chilli one, and cumin half a spoon": no "one" of some sort. */
  private static final Sought SO_MANY =
      Sought.of(
          ("(?<=(?:^|[,.;\\n]) ?(?:and )?" + NOUN + "(?: " + NOUN + ")? )")
              + "one(?= ?[,.;](?:(?<=,)[^.;\\n]{0,40}[ ,]"
              + NOUN
              + " "
              + MANY
              + "\\b|(?<=\\b[a-z]{3,10} "
              + MANY
              + "(?: [a-z]{3,10})?,[^.;\\n]{0,40})))",
          Pattern.CASE_INSENSITIVE);

  /** A vehicle, and no vanilla. */
  private static final Sought VAN =
      Sought.of(
          "(?<=\\b(?:on|in|from|off|by|at) (?:the|my|our|a) )van\\b", Pattern.CASE_INSENSITIVE);

  private static final Sought PANS =
      Sought.of(
          "(?<=\\b(?:in|into|for|on|to) (?:the|my|both) )pans\\b"
              + "|\\b(?:pans|griddles|irons)(?= (?:got|get|took|take|had|needed|need|used|use)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** Whoever it took so much. */
  private static final Sought TOOK_ME =
      Sought.of(
          "(?<=\\bit took) (?:me|us)\\b(?= (?:about )?(?:\\d|[½¼¾]|half|an? |one |two |three ))",
          Pattern.CASE_INSENSITIVE);

  /** "that's about 8 oz to you" */
  private static final Sought TO_YOU =
      Sought.of(
          "(?<=\\b(?:g|oz|ounces|grams|ml|pints?|lb)) (?:to you|in your money|in new money|in old money|in your (?:weights|measures)|as you'd say)(?=[.,;)\\n]|$)",
          Pattern.CASE_INSENSITIVE);

  /** "a cup of sugar, that's about 230 g" */
  private static final Sought THATS_ABOUT =
      Sought.of(
          "(?<=, that(?:'s|’s| is| was)) (?:about|roughly|around|nearly|more or less)(?= \\d{1,4} ?(?:g|oz|ml|grams|ounces) *(?:[.,;)\\n]|$))",
          Pattern.CASE_INSENSITIVE);

  /** "90 g of jam to share" is eaten with them. */
  private static final Sought FOR_ALL =
      Sought.of(
          "(?<=\\b(?:g|ml|tbsp|tablespoons?|cups?|tub|jar|pot)(?: of)? \\p{L}{3,12}(?: \\p{L}{3,12})?) to share(?= ?(?:[.;,\\n]|$))",
          Pattern.CASE_INSENSITIVE);

  /** "soya milk soured with lemon juice" is soya milk. */
  private static final Sought SOURED =
      Sought.of("(?<=\\b(?:milk|drink),? )soured (?=(?:with|by) )", Pattern.CASE_INSENSITIVE);

  /** "He has maple syrup on his, about 40 g, and I have none": his is not less. */
  private static final Sought NONE =
      said(
          "(?<=\\bon (?:his|hers|theirs|mine|them)\\b[^.;\\n]{0,40}),? (?:and|but|while) (?:i|she|he|we|they|hers|his|theirs|mine|the (?:kids|others|rest)|my \\w{3,8})"
              + " (?:have|has|had|take|takes|took|want|wants|get|gets|got) none(?= ?(?:[.;\\n]|$))");

  /** "100 ml of the milk was actually water": nothing is taken back. */
  private static final Sought IN_FACT =
      said(
          "(?<=\\bof (?:the|that|my|our) \\p{L}{3,14} (?:was|is|were|are)) (?:actually|in fact|in truth)(?= \\p{L})");

  /** "half cup milk, 1 egg, i used almond milk cause thats what we had" */
  private static final Sought WHAT_WE_HAD =
      said(
          "(?:,|\\.)? ?\\b(i|we) used (\\p{L}{3,9} \\p{L}{3,9})(?:,? (?:as|cause|because|since|coz|cos) (?:that['’]?s|it['’]?s|that is|that was|it was) (?:what|all)(?: that)?(?: (?:we|i|there))? (?:had|was|got|have)(?: (?:in|left|got))?)"
              + "(?= ?(?:[.,;\\n]|$))");

  /** "I'd normally have syrup but today it was honey, 20 g": the other was not there. */
  private static final Sought BUT_TODAY =
      said(
          "(?:i|we|they|he|she)(?:'d| would)? (?:normally|usually|mostly) (?:have|use|take|put|eat|get) [^.,;\\d\\n]{2,25},? but (?:today|this time|this morning) (?:it was|it's|i had|i used|there was|we had|we used) (?=\\p{L}{3,12}(?: \\p{L}{3,12})?,? (?:about )?\\d)");

  /** "Raisins, 40 g, soaked in hot water and drained": none of it stays. */
  private static final Sought DRAINED =
      said(
          "(?<=\\bsoaked) in (?:(?:some|a little|hot|warm|cold|boiling|tepid) )+water(?=,? (?:and|then|and then) (?:drained|squeezed|patted dry|strained))");

  /** "ten kilos of buckwheat flour, that's with 20 litres of water": one more. */
  private static final Sought THATS_WITH =
      said(
          ", (?:and )?(?:that['’]s|that is|it['’]s|this is) with (?=(?:\\d|an?|one|two|three|four|half)\\b)");

  private static final String COMPLETE =
      "(?:complete|just[- ]add[- ]water|add[- ]water|water[- ]only|all[- ]in)";

  private static final String KIND = "(?:kind|sort|type|stuff)";

  /** "Mix is 2 cups of the complete kind", "mix: 300 g of the kind that only wants water". */
  private static final Sought COMPLETE_MIX =
      said(
          "\\b(?:the )?(?:(?:pancake|waffle|batter|dry) )?mix(?: is|:|,| -| –)* ([^.,;:\\n]{1,25}?) (?:of )?the (?:"
              + (COMPLETE + " " + KIND)
              + "|"
              + KIND
              + " (?:that|which|where you|you|to which you) (?:(?:only|just) (?:wants?|needs?|takes?|adds?|has to have)(?: the)? water(?: to)?|(?:wants?|needs?|takes?|adds?) (?:only|just|nothing but)(?: the)? water)"
              + ")\\b");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.as(NONE, "", " none"),
          Repair.as(THATS_WITH, ", ", " with "),
          Repair.as(BUT_TODAY, "", "but today", "but this"),
          Repair.as(DRAINED, "", "soaked"),
          Repair.of(WHAT_WE_HAD, at -> ". " + at.group(1) + " used " + at.group(2), " used "),
          Repair.as(IN_FACT, "", "actually", "in fact", "in truth"),
          Repair.of(COMPLETE_MIX, at -> at.group(1) + " complete mix", "mix"),
          Repair.as(FOR_ALL, " on top", "to share"),
          Repair.as(SOURED, "", "soured "),
          Repair.as(PANS, "pan", "pans", "griddles", "irons"),
          Repair.as(TOOK_ME, "", "it took"),
          Repair.as(TO_YOU, "", "to you", " money", "in your", "as you"),
          Repair.as(THATS_ABOUT, "", ", that"),
          Repair.as(VAN, "", " van"),
          Repair.as(SO_MANY, "1", " one,", " one.", " one;"),
          Repair.as(GROUP_B, "", "'s", "’s"),
          Repair.as(LITTLE_ONE, "child", "little one"),
          Repair.as(PART_SKIM, "part-skim", "part skim"),
          Repair.as(MEAL, "", "tea"),
          Repair.as(JAR, "jar", "glass"),
          Repair.as(USED_UP, "", "use up", "using"),
          Repair.as(OVERALL, "", "overall", "for the whole", "for every"),
          Repair.as(A_PIECE, "each", "a piece"),
          Repair.as(WHICH, ".", ", which"),
          Repair.as(OLEO, "marg", "oleo"),
          Repair.as(PINCH, "", "-pinch", "-dash"),
          Repair.as(BETWEEN, "to share", "between "),
          Repair.of(BRINE, OddWords::brine, "chickpeas", "beans"),
          Repair.of(LADLED, at -> ". " + at.group(1) + " " + at.group(2) + " batter", " batter"),
          Repair.as(PER_SO_MANY, "for", "per "),
          Repair.as(THE, "", "t'", "t’"),
          Repair.as(FOR, "for", "für ", "para ", "pour "),
          Repair.of(BY_SIZE, at -> at.group(1), "large or", "big or", "medium or", "jumbo or"),
          Repair.as(THE_OTHER, "2 eggs", "then the"),
          Repair.as(THIRD_EGG, "another egg", "th egg", "rd egg"),
          Repair.as(NEARLY_FORGOT, "add", "forg"),
          Repair.as(BUTTERED, "butter", "uttered"));

  private OddWords() {}

  private static String brine(MatchResult at) {
    String some = at.group(1) == null ? at.group(2) : at.group(1);
    boolean chickpeas = at.group().contains("chickpeas");
    String liquid = chickpeas ? " chickpea water" : " bean liquid";
    return some == null && chickpeas
        ? "a tin of chickpeas, only the liquid"
        : (some == null ? "some" : some) + liquid;
  }
}

package honeststack.core.said.page;

import honeststack.core.line.Token;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Words cut short, as on a card: "1 c. br. sugar", "2 hpd. tsp." A word that is written in full
 * instead covers the same letters, its dot with them.
 */
final class Abbreviations {
  /** Cut short wherever they stand, with a dot or without. */
  private static final Map<String, String> ALWAYS =
      of(
          """
          bkg baking | bakg baking | pwd powder | pwdr powder | pwdrd powdered | powd powdered | sug sugar
          pdr powder | slt salt | bttr butter | buttr butter | mltd melted | mlk milk | mk milk | conf confectioners' | confect confectioners' | b'ten beaten
          unsalt unsalted | unswt unsweetened | swtn sweetened | swt sweet | grd ground
          grnd ground | choc chocolate | chopd chopped | cinn cinnamon | cinnam cinnamon
          nutm nutmeg | buttm buttermilk | bm buttermilk | bmilk buttermilk | b'milk buttermilk | b-milk buttermilk
          tsps tsp | sep separated | yog yogurt | brn brown | chz cheese | crm cream | unsw unsweetened
          unslt unsalted | mylk milk | ckd cooked | shrd shredded | grtd grated | mltd melted
          flr flour | bpowder baking-powder | bsoda baking-soda | wsugar white-sugar | bsugar brown-sugar | apf plain-flour | wholem wholemeal | whlwht whole-wheat
          """);

  /** Words of their own unless a dot stands right behind them. */
  private static final Map<String, String> DOTTED =
      of(
          """
          ext extract | extr extract | van vanilla | marg margarine | veg vegetable | cond condensed
          gnd ground | bk baking | straw strawberry | rasp raspberry | blueb blueberries
          pkg packet | pkgs packets | pkt packet | pkts packets | melt melted | sift sifted
          port portions | dr dry | sm small | lg large | lge large | lrg large | med medium | lil little | approx about
          """);

  /** Only right before certain words. */
  private static final Map<String, Map<String, String>> BEFORE =
      Map.of(
          "sugar",
              of(
                  "gran granulated | cast caster | dem demerara | br brown | bn brown | b brown | w white"),
          "brown", of("lt light | dk dark | drk dark"),
          "wheat", of("wh whole | whl whole"),
          "flour",
              of(
                  "pl plain | gf gluten-free | wh white | ww whole-wheat | sr self-raising | ap all-purpose"),
          "butter", of("stk stick | stks sticks"),
          "powder", of("b baking"),
          "soda", of("b baking"),
          "milk", of("sk skimmed | wh whole | evap evaporated"),
          "cream", of("wh whipping | h heavy | s sour | d double | dbl double | sgl single"));

  /** And with a slash between. */
  private static final Map<String, Map<String, String>> SLASHED =
      Map.of(
          "sugar", of("c caster | i icing | g granulated | d demerara | b brown"),
          "syrup", of("g golden | m maple"),
          "flour",
              of("sr self-raising | wm whole-wheat | ww whole-wheat | ap all-purpose | p plain"));

  /** Behind a number. */
  private static final Map<String, String> MEASURES =
      of(
          """
          env envelope | envs envelopes | btl bottle | btls bottles | ctn carton | ctns cartons
          sl slice | sls slices | bch bunch | lit litre | lits litres
          eg egg | egs eggs | ptn portions | ptns portions | hpd heaped | hpg heaped | hd heaped | ht heaped | lvl level | rd rounded | rnd rounded
          pck packet | pckg packet | scp scoop | scps scoops | sprg sprig | spr sprig | dsstsp dsp
          """);

  private static final String[] WITH = {"topped", "top", "served", "serve", "filled", "mixed"};

  private static final Set<String> NUMBERS =
      Set.of("a", "one", "two", "three", "four", "half", "quarter");

  private Abbreviations() {}

  /** The pieces of a text with such words in full. */
  static List<Token> inFull(List<Token> tokens) {
    List<Token> full = new ArrayList<>(tokens.size());
    for (int i = 0; i < tokens.size(); ) {
      i = add(tokens, i, full);
    }
    return full;
  }

  /** Place of the first piece after what was added. */
  private static int add(List<Token> tokens, int i, List<Token> full) {
    Token token = tokens.get(i);
    if (token.kind() != Token.Kind.WORD) {
      full.add(token);
      return i + 1;
    }
    if (isBaking(tokens, i)) {
      full.add(written(token, "baking", token.end()));
      Token behind = tokens.get(i + 2);
      full.add(behind.isWord("p") ? written(behind, "powder", behind.end()) : behind);
      return i + 3;
    }
    if (EggSizes.isSize(tokens, i)) {
      Token letter = EggSizes.letter(tokens, i);
      full.add(written(token, EggSizes.inFull(letter), letter.end()));
      return letter == token ? i + 1 : i + 2;
    }
    boolean with = token.isWord("w") && i + 2 < tokens.size() && tokens.get(i + 1).isMark("/");
    if (with && tokens.get(i + 2).text().length() > 1) {
      full.add(written(token, "with", tokens.get(i + 1).end())); // "works w/ oat milk"
      return i + 2;
    }
    if (beforeSlash(tokens, i, full) != null) {
      return i + (tokens.get(i + 2).text().length() == 1 ? 3 : 2);
    }
    int dot = isDot(tokens, i) ? i + 1 : -1;
    String letters = dot > 0 ? twoLetters(tokens, i) : "";
    if (!letters.isEmpty()) {
      int last = isDot(tokens, i + 2) ? i + 3 : i + 2;
      full.add(written(token, letters, tokens.get(last).end()));
      return last + 1;
    }
    String word = inFull(tokens, i, dot > 0, full);
    if (word == null) {
      full.add(token);
      return i + 1;
    }
    full.add(written(token, word, dot > 0 ? tokens.get(dot).end() : token.end()));
    return dot > 0 ? dot + 1 : i + 1;
  }

  /** "S/R flour", "b/sugar": the word of the letters before a slash; null for none. */
  private static String beforeSlash(List<Token> tokens, int i, List<Token> full) {
    boolean slash = i + 2 < tokens.size() && tokens.get(i + 1).isMark("/");
    boolean grams = tokens.get(i).isWord("g") && isNumbered(full); // "40 g / sugar 60 g"
    boolean letter = slash && !grams && tokens.get(i).text().length() == 1;
    boolean second = letter && tokens.get(i + 2).text().length() == 1 && i + 3 < tokens.size();
    Token named = letter ? tokens.get(second ? i + 3 : i + 2) : null;
    String letters =
        second ? tokens.get(i).low() + tokens.get(i + 2).low() : letter ? tokens.get(i).low() : "";
    String word = named == null ? null : SLASHED.getOrDefault(named.low(), Map.of()).get(letters);
    if (word != null) {
      full.add(written(tokens.get(i), word, tokens.get(second ? i + 2 : i).end()));
    }
    return word;
  }

  /** "b/powder", "b/p". */
  private static boolean isBaking(List<Token> tokens, int i) {
    return tokens.get(i).isWord("b")
        && i + 2 < tokens.size()
        && tokens.get(i + 1).isMark("/")
        && tokens.get(i + 2).isWord("powder", "soda", "p");
  }

  /** "S.R. flour", "2 c. a.p. flour": the word of the two letters; empty for none. */
  private static String twoLetters(List<Token> tokens, int i) {
    boolean two =
        i + 3 < tokens.size()
            && tokens.get(i).text().length() == 1
            && tokens.get(i + 2).text().length() == 1
            && tokens.get(i + 2).start() == tokens.get(i + 1).end();
    String letters = two ? tokens.get(i).low() + tokens.get(i + 2).low() : "";
    int next = two && isDot(tokens, i + 2) ? i + 4 : i + 3;
    boolean flour = two && next < tokens.size() && tokens.get(next).isWord("flour", "fl");
    return flour ? BEFORE.get("flour").getOrDefault(letters, "") : "";
  }

  private static String inFull(List<Token> tokens, int i, boolean dotted, List<Token> before) {
    String low = tokens.get(i).low();
    String always = ALWAYS.get(low);
    if (always != null) {
      return always;
    }
    int next = dotted ? i + 2 : i + 1;
    if (low.equals("fl") && dotted && (next >= tokens.size() || !isOunce(tokens.get(next)))) {
      return "flour";
    }
    boolean measured = // "fl 200", "fl 1lb", no "2 fl 3 oz"
        next < tokens.size() && tokens.get(next).kind() == Token.Kind.NUMBER;
    if (low.equals("fl") && measured && !isOunce(tokens, next + 1) && !isNumbered(before)) {
      return "flour";
    }
    boolean with = !before.isEmpty() && before.get(before.size() - 1).isWord(WITH);
    if (low.equals("w") && with) {
      return "with"; // "topped w berries"
    }
    boolean egg = !dotted && next < tokens.size() && tokens.get(next).isWord("egg", "eggs");
    if (egg && tokens.get(i).text().equals("L") && tokens.get(next).text().startsWith("e")) {
      return "large";
    }
    boolean last = next >= tokens.size() || tokens.get(next).kind() == Token.Kind.MARK;
    if (low.equals("opt") && last) {
      return "optional";
    }
    Map<String, String> here =
        next < tokens.size() ? BEFORE.getOrDefault(tokens.get(next).low(), Map.of()) : Map.of();
    if (here.containsKey(low)) {
      return here.get(low);
    }
    if (MEASURES.containsKey(low) && isNumbered(before)) {
      return MEASURES.get(low);
    }
    return dotted ? DOTTED.get(low) : null;
  }

  private static boolean isNumbered(List<Token> before) {
    return !before.isEmpty() && isNumber(before.get(before.size() - 1));
  }

  private static boolean isOunce(List<Token> tokens, int i) {
    return i < tokens.size() && isOunce(tokens.get(i));
  }

  private static boolean isOunce(Token token) {
    return token.isWord("oz", "ounce", "ounces");
  }

  private static boolean isNumber(Token token) {
    return token.kind() == Token.Kind.NUMBER
        || token.kind() == Token.Kind.FRACTION
        || NUMBERS.contains(token.low());
  }

  /** Right behind a word. */
  private static boolean isDot(List<Token> tokens, int i) {
    return i + 1 < tokens.size()
        && tokens.get(i + 1).isMark(".")
        && tokens.get(i + 1).start() == tokens.get(i).end();
  }

  private static Token written(Token token, String word, int end) {
    return new Token(Token.Kind.WORD, word, word, token.start(), end);
  }

  private static Map<String, String> of(String text) {
    Map<String, String> words = new HashMap<>();
    for (String pair : text.strip().split("\\s*[|\\n]\\s*")) {
      String[] parts = pair.split(" ");
      words.put(parts[0], parts[1]);
    }
    return words;
  }
}

package honeststack.core.line;

import static java.util.Map.entry;

import honeststack.core.food.Packing;
import honeststack.core.measure.Measure.Heap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Words around a food that are not its name. */
public final class LineWords {
  static final Map<String, Packing> PACKINGS =
      Map.ofEntries(
          entry("spooned", Packing.SPOONED),
          entry("fluffed", Packing.SPOONED),
          entry("sifted", Packing.SIFTED),
          entry("sieved", Packing.SIFTED),
          entry("scooped", Packing.SCOOPED),
          entry("dipped", Packing.SCOOPED),
          entry("packed", Packing.PACKED));

  static final Map<String, Packing> FORMS =
      Map.ofEntries(
          entry("sliced", Packing.SLICED),
          entry("chopped", Packing.CHOPPED),
          entry("diced", Packing.CHOPPED),
          entry("cubed", Packing.CHOPPED),
          entry("flaked", Packing.SLICED),
          entry("slivered", Packing.SLICED),
          entry("crumbled", Packing.CHOPPED),
          entry("grated", Packing.GRATED),
          entry("shredded", Packing.GRATED),
          entry("mashed", Packing.MASHED),
          entry("smashed", Packing.MASHED),
          entry("squashed", Packing.MASHED),
          entry("mushed", Packing.MASHED),
          entry("puréed", Packing.MASHED),
          entry("pureed", Packing.MASHED),
          entry("ground", Packing.GROUND),
          entry("milled", Packing.GROUND),
          entry("whole", Packing.WHOLE));

  static final Map<String, Heap> HEAPS =
      Map.ofEntries(
          entry("heaped", Heap.HEAPED),
          entry("heaping", Heap.HEAPED),
          entry("overflowing", Heap.HEAPED),
          entry("rounded", Heap.ROUNDED),
          entry("generous", Heap.ROUNDED),
          entry("scant", Heap.SCANT),
          entry("level", Heap.LEVEL),
          entry("levelled", Heap.LEVEL),
          entry("leveled", Heap.LEVEL),
          entry("flat", Heap.LEVEL));

  /** What may stand between a number and its unit and changes nothing. */
  static final Set<String> BEFORE_UNIT =
      words(
          "firmly lightly tightly full kinda - whole entire quick nice proper decent fair modest mean more extra ish odd or so measuring x");

  /** What is one where no number is said: "tin of corn". */
  static final Set<String> SINGLE =
      words("tin can jar packet sachet tub carton stick slice clove sprig cube square bunch block");

  /** Sizes as cooks say them, and as the larder does. */
  private static final Map<String, String> SIZES = sizes();

  static final Set<String> ABOUT =
      Set.of(
          "about",
          "approximately",
          "approx",
          "abt",
          "aprox",
          "roughly",
          "around",
          "ca",
          "circa",
          "nearly",
          "almost",
          "just",
          "only",
          "over",
          "under",
          "exactly",
          "say",
          "maybe",
          "c.");

  /** Words that change neither mass nor name. */
  private static final Set<String> IDLE =
      words(
          """
          of the a an at in and from your my some with fresh freshly ripe overripe slightly
          fork very organic cold warm hot lukewarm tepid boiling chilled room temperature temp
          lightly finely roughly coarsely thinly thickly well firmly tightly loosely quality
          best good unwaxed thick runny level levelled leveled extra free-range bag cup into
          then so thin unripe underripe spotty squashy mushy stale firm juicy tart crisp tender posh cheap
          lovely everyday fancy bought old good-quality home-grown homegrown own own-brand
          room-temperature shop-bought store-bought supermarket whatever any premium basic farm
          farmhouse artisan artisanal heritage genuine usual favourite favorite preferred wild local homemade home-made leftover day-old straight heaped fine coarse
          on without each total not too nice new see more note tin tinned-weight x certified sufficient
          """);

  /** What was done to a food before it was measured; its mass is the one stated. */
  static final Set<String> DONE =
      words(
          """
          softened melted soft beaten whisked peeled unpeeled cored pitted stoned seeded
          deseeded rinsed washed trimmed halved quartered toasted roasted cooked cooled
          separated thawed defrosted drained cubes chunks pieces slices torn crushed cracked
          split skin removed stems stem cut hulled shelled skinned blended squeezed warmed
          coins rounds wedges segments ribbons matchsticks shavings curls dice strips batons florets
          fondu geschmolzen fuso derretida strained soaked blitzed pasteurised pasteurized dried-off scalded browned stiff frothy bite-size bite-sized
          """);

  /** Said of a food that goes by the rest of its name; dropped last. */
  static final Set<String> ADJECTIVES =
      Set.of(
          "green",
          "red",
          "yellow",
          "golden",
          "pink",
          "purple",
          "vanilla",
          "flavoured",
          "flavored",
          "stone-ground",
          "plain",
          "natural",
          "regular",
          "standard",
          "ordinary",
          "baby",
          "kernels",
          "frozen",
          "pure",
          "instant",
          "mini",
          "cherry",
          "leaves",
          "unbleached",
          "enriched",
          "fortified",
          "calcium-fortified",
          "vitamin-enriched",
          "raw");

  /** What a cook did, no word of how a food is. */
  private static final Set<String> ACTS =
      words(
          """
          used needed wanted liked loved tried swapped called happened decided started ended
          turned poured counted bought grabbed tipped popped dropped doubled tripled halved
          switched replaced traded subbed substituted ditched skipped omitted guessed reckoned
          """);

  /** Of a tin, what is meant: "only the liquid". */
  private static final Set<String> PARTS_LEFT = Set.of("only", "liquid", "brine");

  private LineWords() {}

  private static Map<String, String> sizes() {
    Map<String, String> sizes = new HashMap<>();
    List.of("small", "medium", "large", "jumbo", "eu").forEach(size -> sizes.put(size, size));
    words("sm sml little tiny teeny wee smal smallish smaller")
        .forEach(word -> sizes.put(word, "small"));
    words(
            "med average middling mid-size mid-sized medium-sized medium-size regular-size medium-large medium-small medium-big")
        .forEach(word -> sizes.put(word, "medium"));
    words("lg lge big bigger largish biggish larger good-sized decent-sized fair-sized big-ish")
        .forEach(word -> sizes.put(word, "large"));
    words("huge enormous giant massive gigantic whopping whopper")
        .forEach(word -> sizes.put(word, "extra large"));
    sizes.put("uk", "eu");
    return sizes;
  }

  static boolean isSize(String low) {
    return SIZES.containsKey(low);
  }

  /** A size in full. */
  static String size(String word) {
    return SIZES.getOrDefault(word, word);
  }

  /** Whether a word, in small letters, says of a food how it is, or was made, or how much. */
  public static boolean isDescribing(String word) {
    return DONE.contains(word)
        || FORMS.containsKey(word)
        || PACKINGS.containsKey(word)
        || HEAPS.containsKey(word)
        || SIZES.containsKey(word)
        || ADJECTIVES.contains(word)
        || IDLE.contains(word)
        || Describing.is(word)
        || word.length() > 4 && word.endsWith("ed") && !isAct(word);
  }

  /** Whether it stands in the list of words that change neither mass nor name. */
  static boolean isListed(String word) {
    return IDLE.contains(word);
  }

  /** Whether it changes neither mass nor name. */
  static boolean isIdle(String word) {
    return IDLE.contains(word) || Describing.is(word);
  }

  /** "about", "say": before an amount, and no name of anything. */
  public static boolean isAbout(String word) {
    return ABOUT.contains(word);
  }

  /** Whether it is what a cook did, and says nothing of the food behind it. */
  public static boolean isAct(String word) {
    return ACTS.contains(word);
  }

  /** Whether it changes what a food weighs, or which part of it counts. */
  public static boolean isTelling(String word) {
    return DONE.contains(word)
        || FORMS.containsKey(word)
        || PACKINGS.containsKey(word)
        || HEAPS.containsKey(word)
        || SIZES.containsKey(word)
        || PARTS_LEFT.contains(word);
  }

  private static Set<String> words(String text) {
    return Set.of(text.strip().split("\\s+"));
  }
}

package honeststack.core.line;

import static java.util.Map.entry;

import honeststack.core.food.Packing;
import honeststack.core.measure.Measure.Heap;
import honeststack.core.wording.WordSet;
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
          entry("bare", Heap.SCANT),
          entry("level", Heap.LEVEL),
          entry("levelled", Heap.LEVEL),
          entry("leveled", Heap.LEVEL),
          entry("flat", Heap.LEVEL));

  /** What may stand between a number and its unit and changes nothing. */
  static final Set<String> BEFORE_UNIT =
      WordSet.of(
          "single solitary firmly lightly tightly full kinda - whole entire quick nice proper decent fair modest mean more extra ish odd or so measuring x");

  /** What is one where no number is said: "tin of corn". */
  static final Set<String> SINGLE =
      WordSet.of(
          "tin can jar packet sachet tub carton stick slice clove sprig cube square bunch block wedge sheet");

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

  /** What was done to a food before it was measured; its mass is the one stated. */
  static final Set<String> DONE =
      WordSet.of(
          """
          softened melted soft beaten whisked peeled unpeeled cored pitted stoned seeded halves quarters rings
          deseeded rinsed washed trimmed halved quartered toasted roasted cooked cooled
          separated thawed defrosted drained cubes chunks pieces slices torn crushed cracked
          split skin removed stems stem cut hulled shelled skinned blended squeezed warmed
          coins rounds wedges segments ribbons matchsticks shavings curls dice strips batons florets
          fondu geschmolzen fuso derretida strained soaked blitzed pasteurised pasteurized purée puree pulp dried-off scalded browned stiff frothy bite-size bite-sized
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

  private static final Set<String> CUT =
      Set.of("chopped", "diced", "sliced", "cut", "minced", "grated", "cubed", "shredded");

  private static final Set<String> MINCED =
      Set.of("beef", "pork", "turkey", "chicken", "lamb", "veal", "meat", "coffee", "pepper");

  /** Of a tin, what is meant: "only the liquid". */
  private static final Set<String> PARTS_LEFT = Set.of("only", "liquid", "brine");

  private LineWords() {}

  /** Whether a word, in small letters, says of a food how it is, or was made, or how much. */
  public static boolean isDescribing(String word) {
    return DONE.contains(word)
        || FORMS.containsKey(word)
        || PACKINGS.containsKey(word)
        || HEAPS.containsKey(word)
        || Sizes.is(word)
        || ADJECTIVES.contains(word)
        || Describing.is(word)
        || word.length() > 4 && word.endsWith("ed") && !isAct(word);
  }

  /** Whether it changes neither mass nor name. */
  static boolean isIdle(String word) {
    return Describing.is(word);
  }

  /** "about", "say": before an amount, and no name of anything. */
  public static boolean isAbout(String word) {
    return ABOUT.contains(word);
  }

  /** Whether it is what a cook did, and says nothing of the food behind it. */
  public static boolean isAct(String word) {
    return Describing.isAct(word);
  }

  /** Whether it changes what a food weighs, or which part of it counts. */
  public static boolean isTelling(String word) {
    return DONE.contains(word)
        || FORMS.containsKey(word)
        || PACKINGS.containsKey(word)
        || HEAPS.containsKey(word)
        || Sizes.is(word)
        || PARTS_LEFT.contains(word);
  }

  /** A size behind it is that of the pieces: "onion, chopped small". */
  public static boolean isCut(String word) {
    return CUT.contains(word);
  }

  /** What is bought ground: "1 cup beef, ground" was not filled whole. */
  public static boolean isMinced(String word) {
    return MINCED.contains(word);
  }
}

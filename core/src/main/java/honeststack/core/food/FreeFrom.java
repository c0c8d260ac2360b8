package honeststack.core.food;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * What a name says that a food is free from: "dairy-free", "vegan", "unsweetened". Held against
 * what is known of a food: a food that holds it is not meant.
 */
public final class FreeFrom {
  /** g in 100 g, up to which a sweetener may hold sugar and still be called free of it. */
  private static final double SUGAR_FREE = 5;

  /** g in 100 g. 21 CFR 101.62(b)(1) asks for less than 0.5 g in a serving (from memory). */
  private static final double FAT_FREE = 0.5;

  private static final double ALCOHOL_FREE = 0.5;

  /** Before what is not in it. */
  private static final Set<String> NONE = Set.of("non", "no", "zero", "0");

  /** Before what it is made to look like, and is not. */
  private static final Set<String> LIKE = Set.of("mock", "fake", "faux", "imitation", "artificial");

  /** Behind what it stands for, and is not. */
  private static final Set<String> INSTEAD =
      Set.of(
          "substitute", "replacer", "replacement", "alternative", "alternatives", "replacements");

  private static final Pattern SPLIT = Pattern.compile("[^\\p{L}\\p{N}%]+");

  private static final Map<String, Predicate<Food>> FREE = new HashMap<>();
  private static final Map<String, Predicate<Food>> WORDS = new HashMap<>();

  static {
    Predicate<Food> dairy = without(Allergen.MILK).and(not(Origin.DAIRY));
    Predicate<Food> sugar = FreeFrom::holdsNoSugar;
    FREE.put("gluten", food -> !food.allergens().contains(Allergen.GLUTEN) || isOat(food));
    FREE.put("wheat", without(Allergen.WHEAT));
    FREE.put("dairy", dairy);
    FREE.put("milk", dairy);
    FREE.put("lactose", food -> true); // milk too is sold without it, and is milk
    FREE.put("egg", without(Allergen.EGG).and(not(Origin.EGG)));
    FREE.put("nut", without(Allergen.TREE_NUT).and(without(Allergen.PEANUT)));
    FREE.put("peanut", without(Allergen.PEANUT));
    FREE.put("soy", without(Allergen.SOY));
    FREE.put("soya", without(Allergen.SOY));
    FREE.put("sesame", without(Allergen.SESAME));
    FREE.put("sugar", sugar);
    FREE.put("fat", food -> food.composition().value(Component.FAT).orElse(100) <= FAT_FREE);
    FREE.put("alcohol", food -> food.composition().value(Component.ALC).orElse(0) <= ALCOHOL_FREE);
    FREE.put("meat", not(Origin.MEAT));
    Predicate<Food> plants = food -> food.facts().origins().stream().noneMatch(Origin::isAnimal);
    WORDS.put("vegan", plants.and(dairy).and(FREE.get("egg")));
    WORDS.put("plant", WORDS.get("vegan"));
    for (String held : List.copyOf(FREE.keySet())) {
      WORDS.put(held + "less", FREE.get(held));
      WORDS.put(held + "free", FREE.get(held));
    }
    WORDS.put("vegetarian", not(Origin.MEAT).and(not(Origin.FISH)));
    WORDS.put("unsweetened", food -> !food.facts().added().contains(Added.SUGAR));
    WORDS.put("unsalted", food -> !food.facts().added().contains(Added.SALT));
  }

  private final List<Predicate<Food>> facts;

  /** Words that say it, in small letters, without hyphens. */
  private final Set<String> words;

  private FreeFrom(List<Predicate<Food>> facts, Set<String> words) {
    this.facts = facts;
    this.words = words;
  }

  /** What the words of a name exclude; nothing if they say nothing of the kind. */
  public static FreeFrom of(String name) {
    String[] parts = SPLIT.split(name.toLowerCase(Locale.ROOT).replace("'", ""));
    List<Predicate<Food>> facts = new ArrayList<>();
    Set<String> words = new HashSet<>();
    for (int i = 0; i < parts.length; i++) {
      String next = i + 1 < parts.length ? parts[i + 1] : "";
      if (next.equals("free") && FREE.containsKey(parts[i])) {
        facts.add(FREE.get(parts[i]));
        words.addAll(List.of(parts[i], next));
      } else if (next.equals("sugar") && i + 2 < parts.length && parts[i + 2].equals("added")) {
        facts.add(WORDS.get("unsweetened"));
        words.addAll(List.of(parts[i], "sugar", "added"));
      } else if (NONE.contains(parts[i]) && FREE.containsKey(next)) {
        facts.add(FREE.get(next));
        words.addAll(List.of(parts[i], next));
      } else if (parts[i].equals("gf")) {
        facts.add(FREE.get("gluten"));
        words.add("gf");
      } else if (WORDS.containsKey(parts[i])) {
        facts.add(WORDS.get(parts[i]));
        words.add(parts[i]);
        if (next.equals("based")) {
          words.add(next);
        }
      } else if (LIKE.contains(parts[i]) && !next.isEmpty()) {
        facts.add(not(next, parts[i]));
        words.add(parts[i]);
      } else if (INSTEAD.contains(next)) {
        facts.add(not(parts[i], next));
        words.add(next);
      } else if (parts[i].equals("no") && next.equals("added")) {
        boolean salt = i + 2 < parts.length && parts[i + 2].equals("salt");
        facts.add(WORDS.get(salt ? "unsalted" : "unsweetened"));
        words.addAll(List.of("no", "added", salt ? "salt" : "sugar"));
      }
    }
    return new FreeFrom(facts, words);
  }

  public boolean isNothing() {
    return facts.isEmpty();
  }

  /** Whether a food holds nothing that is excluded, as far as is known of it. */
  public boolean allows(Food food) {
    return facts.stream().allMatch(fact -> fact.test(food));
  }

  /** Whether a word of the name, in small letters, only says what it is free from. */
  public boolean says(String word) {
    for (String part : SPLIT.split(word.replace("'", ""))) {
      if (!words.contains(part)) {
        return false;
      }
    }
    return !words.isEmpty();
  }

  /** Whether a word, in small letters, is one that says what a food is free from. */
  public static boolean isWord(String low) {
    String[] parts = SPLIT.split(low);
    boolean free = parts[parts.length - 1].equals("free");
    return WORDS.containsKey(low)
        || low.equals("gf")
        || free
        || parts.length > 1 && (NONE.contains(parts[0]) || parts[1].equals("based"));
  }

  private static Predicate<Food> without(Allergen allergen) {
    return food -> !food.allergens().contains(allergen);
  }

  private static Predicate<Food> not(Origin origin) {
    return food -> !food.facts().origins().contains(origin);
  }

  /** Of that name, and not by what it is called here: "butter, unsalted" is no fake butter. */
  private static Predicate<Food> not(String imitated, String called) {
    return food -> {
      List<String> name = List.of(SPLIT.split(food.name().toLowerCase(Locale.ROOT)));
      return !name.contains(imitated) || name.contains(called);
    };
  }

  /** Certified oats are a fact that the cook states; no other grain with gluten can be. */
  private static boolean isOat(Food food) {
    Set<Allergen> own = EnumSet.copyOf(food.allergens());
    own.remove(Allergen.GLUTEN);
    return own.isEmpty() && food.name().startsWith("oat");
  }

  /** Nothing added; what sweetens holds next to none of its own either. */
  private static boolean holdsNoSugar(Food food) {
    boolean sweet = food.role() == Role.SUGAR;
    double sugar = food.composition().value(Component.SUGAR).orElse(sweet ? 100 : 0);
    return !food.facts().added().contains(Added.SUGAR) && (!sweet || sugar <= SUGAR_FREE);
  }
}

package honeststack.core.measure;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Parts of a food and containers that are counted, in the singular. */
public final class Containers {
  /** What food is bought in; a weight before it is the weight of what is in it. */
  private static final Set<String> CONTAINERS =
      Set.of(
          "tin",
          "can",
          "jar",
          "packet",
          "pack",
          "bag",
          "sachet",
          "tub",
          "carton",
          "bottle",
          "pot",
          "package",
          "container",
          "block");

  private static final List<String> PARTS =
      List.of(
          "slice", "stick", "fillet", "clove", "sprig", "cake", "piece", "ear", "cube", "square",
          "segment", "stalk", "bunch", "head", "thumb", "wedge", "sheet", "bar", "ball");

  /** What a food is cut into; said behind its name only, "6 pineapple chunks". */
  private static final List<String> CUTS =
      List.of(
          "chunk",
          "round",
          "coin",
          "strip",
          "floret",
          "shaving",
          "baton",
          "ribbon",
          "matchstick",
          "curl",
          "shard",
          "crumb");

  private static final Map<String, String> COUNTED = counted();
  private static final Map<String, String> CUT = cut();

  private Containers() {}

  /** What a food comes in: "tin", "packet". */
  public static boolean isContainer(String size) {
    return CONTAINERS.contains(size);
  }

  /** Whether it is a part of a food, or what it comes in. */
  static boolean isCounted(String size) {
    return CUT.containsKey(size);
  }

  /** The singular of what stands behind a food's name, "tomato slices"; empty if it is no part. */
  public static String behind(String word) {
    return CUT.getOrDefault(word, "");
  }

  /** The singular of a counted part or container; empty if the word is neither. */
  public static String counted(String word) {
    return COUNTED.getOrDefault(word, "");
  }

  private static Map<String, String> counted() {
    Map<String, String> counted = new HashMap<>();
    PARTS.forEach(part -> both(counted, part));
    CONTAINERS.forEach(container -> both(counted, container));
    List.of("pk", "pks", "pkt", "pkts", "pkg", "pkgs", "sachets", "punnet", "punnets")
        .forEach(pack -> counted.put(pack, pack.startsWith("punnet") ? "punnet" : "packet"));
    counted.put("pouch", "packet");
    counted.put("pouches", "packet");
    counted.put("bulb", "head");
    counted.put("bulbs", "head");
    counted.put("brick", "block");
    counted.put("bricks", "block");
    counted.put("becher", "tub");
    counted.put("päckchen", "packet");
    counted.put("paquet", "packet");
    counted.put("paquete", "packet");
    counted.put("pacote", "packet");
    counted.put("beutel", "packet");
    counted.put("schale", "punnet");
    counted.put("barquette", "punnet");
    counted.put("sachê", "sachet");
    counted.put("lata", "tin");
    counted.put("latas", "tin");
    counted.put("boîte", "tin");
    counted.put("cob", "ear");
    counted.put("cobs", "ear");
    counted.put("box", "packet");
    counted.put("boxes", "packet");
    counted.put("envelope", "packet");
    counted.put("case", "packet");
    counted.put("crate", "packet");
    counted.put("tray", "packet");
    counted.put("trays", "packet");
    counted.put("rasher", "slice");
    counted.put("rashers", "slice");
    counted.put("stem", "stalk");
    counted.put("stems", "stalk");
    counted.put("bunches", "bunch");
    counted.put("leaf", "leaf");
    counted.put("leaves", "leaf");
    return counted;
  }

  private static Map<String, String> cut() {
    Map<String, String> cut = new HashMap<>(COUNTED);
    CUTS.forEach(part -> both(cut, part));
    cut.put("rings", "slice");
    cut.put("ring", "slice");
    return cut;
  }

  private static void both(Map<String, String> counted, String one) {
    counted.put(one, one);
    counted.put(one + "s", one);
  }
}

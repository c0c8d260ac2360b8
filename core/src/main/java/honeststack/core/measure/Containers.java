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
          "segment", "stalk", "bunch", "head", "thumb");

  private static final Map<String, String> COUNTED = counted();

  private Containers() {}

  /** What a food comes in: "tin", "packet". */
  public static boolean isContainer(String size) {
    return CONTAINERS.contains(size);
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
    counted.put("rasher", "slice");
    counted.put("rashers", "slice");
    counted.put("stem", "stalk");
    counted.put("stems", "stalk");
    counted.put("bunches", "bunch");
    counted.put("leaf", "leaf");
    counted.put("leaves", "leaf");
    return counted;
  }

  private static void both(Map<String, String> counted, String one) {
    counted.put(one, one);
    counted.put(one + "s", one);
  }
}

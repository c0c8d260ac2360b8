package honeststack.core.said;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Learns what words say of two amounts, X and Y, from sentences of which a person says which of
 * them counts, and writes the table that {@link Weights} reads. It is run by hand when sentences
 * were added; {@link ContrastTest} holds that the table is what they teach.
 */
final class ContrastLearner {
  static final Path TABLE = Path.of("src/main/resources/honeststack/core/said/contrast.properties");
  private static final Path DATA = Path.of("src/test/resources/said");

  /** How often each form is filled by lot. */
  private static final int FILLED = 90;

  private static final int ROUNDS = 250;
  private static final double STEP = 0.6;
  private static final double PULL = 0.00006;
  private static final int ANSWERS = Weights.Says.values().length;

  /**
   * @param says which amount counts
   * @param text with X and Y for them, or Z for the second if it has no food
   */
  record Sentence(Weights.Says says, String text) {
    Around around() {
      boolean bare = text.indexOf('Z') >= 0;
      int other = text.indexOf(bare ? 'Z' : 'Y');
      int first = Math.min(text.indexOf('X'), other);
      int second = Math.max(text.indexOf('X'), other);
      String before = plain(text.substring(0, first));
      boolean comma = before.endsWith(",");
      return Around.of(
          comma ? before : strip(before),
          strip(plain(text.substring(first + 1, second))),
          strip(plain(text.substring(second + 1))),
          bare);
    }
  }

  private static final Pattern TOKEN =
      Pattern.compile("[a-z]+(?:'[a-z]+)?|[=-]*>+|[→⇒]|[,;:.!?…–—-]+|\\d+|[()=/&+#]");

  private static String plain(String text) {
    StringBuilder plain = new StringBuilder();
    Matcher token = TOKEN.matcher(text.toLowerCase().replace('’', '\''));
    while (token.find()) {
      boolean mark = token.group().matches("[,;:.!?…–—-]+");
      boolean arrow = token.group().matches("[=-]*>+|[→⇒]");
      if (!mark || !plain.toString().endsWith(", ")) {
        plain.append(mark ? "," : arrow ? "→" : token.group()).append(' ');
      }
    }
    return plain.toString().strip();
  }

  private static String strip(String plain) {
    return plain.replaceAll("^,? ?|(^| ),$", "");
  }

  /** Which counts and a sentence in each line. */
  static List<Sentence> sentences(String file) throws IOException {
    List<Sentence> sentences = new ArrayList<>();
    for (String line : Files.readAllLines(DATA.resolve(file))) {
      if (!line.isBlank() && !line.startsWith("#")) {
        String[] parts = line.split("\\|", 2);
        sentences.add(sentence(parts[0].strip(), parts[1].strip()));
      }
    }
    return sentences;
  }

  private static Sentence sentence(String label, String text) {
    int other = Math.max(text.indexOf('Y'), text.indexOf('Z'));
    boolean turned = other < text.indexOf('X');
    return new Sentence(
        switch (label) {
          case "X Y" -> Weights.Says.BOTH_COUNT;
          case "X", "Y" ->
              label.equals("X") == turned
                  ? Weights.Says.FIRST_GIVES_WAY
                  : Weights.Says.SECOND_GIVES_WAY;
          default -> throw new IllegalArgumentException("“" + label + "” is not X, Y or X Y");
        },
        text);
  }

  /** Forms with lists of words in them, each filled by lot. */
  static List<Sentence> filled(String file) throws IOException {
    Map<String, String[]> lists = new HashMap<>();
    List<Sentence> sentences = new ArrayList<>();
    Random lot = new Random(7);
    for (String line : Files.readAllLines(DATA.resolve(file))) {
      Matcher list = Pattern.compile("(\\w+) = (.*)").matcher(line);
      if (list.matches()) {
        lists.put(list.group(1), list.group(2).split(" \\| ?", -1));
      } else if (!line.isBlank() && !line.startsWith("#")) {
        String[] parts = line.split("\\|", 2);
        for (int i = 0; i < FILLED; i++) {
          sentences.add(sentence(parts[0].strip(), filled(parts[1], lists, lot).strip()));
        }
      }
    }
    return sentences;
  }

  private static String filled(String form, Map<String, String[]> lists, Random lot) {
    Matcher hole = Pattern.compile("\\$(\\w+)|\\(([^()]*/[^()]*)\\)").matcher(form);
    StringBuilder text = new StringBuilder();
    while (hole.find()) {
      String[] words = hole.group(1) == null ? hole.group(2).split("/") : lists.get(hole.group(1));
      if (words == null) {
        throw new IllegalArgumentException("no list “" + hole.group(1) + "” for “" + form + "”");
      }
      String word = words[lot.nextInt(words.length)];
      hole.appendReplacement(text, Matcher.quoteReplacement(filled(word, lists, lot)));
    }
    return hole.appendTail(text).toString();
  }

  /** The weights of all that is weighed, in tenths, against both counting. */
  static Map<String, int[]> learn(List<Sentence> sentences) {
    Map<String, Integer> seen = new TreeMap<>();
    List<Around> arounds = sentences.stream().map(Sentence::around).toList();
    arounds.forEach(around -> around.features().forEach(f -> seen.merge(f, 1, Integer::sum)));
    seen.values().removeIf(times -> times < 3);
    List<String> names = List.copyOf(seen.keySet());
    Map<String, Integer> places = new HashMap<>();
    names.forEach(name -> places.put(name, places.size()));
    int[][] rows =
        arounds.stream()
            .map(a -> a.features().stream().filter(places::containsKey).mapToInt(places::get))
            .map(row -> row.toArray())
            .toArray(int[][]::new);
    double[][] weights = descend(rows, sentences, names.size());
    Map<String, int[]> table = new TreeMap<>();
    for (int i = 0; i < names.size(); i++) {
      int first = (int) Math.round(10 * (weights[i][1] - weights[i][0]));
      int second = (int) Math.round(10 * (weights[i][2] - weights[i][0]));
      if (first != 0 || second != 0) {
        table.put(names.get(i), new int[] {first, second});
      }
    }
    return table;
  }

  /** Proximal gradient descent: what says little is drawn to nothing. */
  private static double[][] descend(int[][] rows, List<Sentence> sentences, int features) {
    double[][] weights = new double[features][ANSWERS];
    double[][] ahead = new double[features][ANSWERS];
    double momentum = 1;
    for (int round = 0; round < ROUNDS; round++) {
      double[][] slope = new double[features][ANSWERS];
      for (int i = 0; i < rows.length; i++) {
        double[] sums = new double[ANSWERS];
        for (int feature : rows[i]) {
          for (int k = 0; k < ANSWERS; k++) {
            sums[k] += ahead[feature][k];
          }
        }
        double[] shares = Weights.shares(sums);
        shares[sentences.get(i).says().ordinal()] -= 1;
        for (int feature : rows[i]) {
          for (int k = 0; k < ANSWERS; k++) {
            slope[feature][k] += shares[k] / rows.length;
          }
        }
      }
      double next = (1 + Math.sqrt(1 + 4 * momentum * momentum)) / 2;
      for (int i = 0; i < features; i++) {
        for (int k = 0; k < ANSWERS; k++) {
          double moved = ahead[i][k] - STEP * slope[i][k];
          double drawn = Math.signum(moved) * Math.max(0, Math.abs(moved) - STEP * PULL);
          ahead[i][k] = drawn + (momentum - 1) / next * (drawn - weights[i][k]);
          weights[i][k] = drawn;
        }
      }
      momentum = next;
    }
    return weights;
  }

  /** All that is learned from. */
  static List<Sentence> taught() throws IOException {
    List<Sentence> all = new ArrayList<>(filled("contrast-forms.txt"));
    List<Sentence> said = sentences("contrast-said.txt");
    for (int i = 0; i < 10; i++) {
      all.addAll(said);
    }
    for (int i = 0; i < 2; i++) {
      all.addAll(sentences("contrast-together.txt"));
      all.addAll(sentences("contrast-numbers.txt"));
    }
    return all;
  }

  static String written(Map<String, int[]> table) {
    StringBuilder text =
        new StringBuilder(
            "# Tenths by which words around two amounts say that the first, or the second, gives way."
                + "\n# Learned by ContrastLearner from the sentences beside it; not to be edited.\n");
    table.forEach(
        (feature, weights) ->
            text.append(feature.replace("=", "\\=").replace(":", "\\:"))
                .append(" = ")
                .append(weights[0])
                .append(' ')
                .append(weights[1])
                .append('\n'));
    return text.toString();
  }

  private ContrastLearner() {}

  public static void main(String[] none) throws IOException {
    Files.createDirectories(TABLE.getParent());
    Files.writeString(TABLE, written(learn(taught())));
  }
}

package honeststack.core.said.instead;

import honeststack.core.said.corrected.Retold;
import honeststack.core.said.words.Sentence;
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
 * them counts, and of an amount X of a food Y that a list measured before; and writes the tables
 * that {@link Weights} reads. It is run by hand when sentences were added; {@link ContrastTest} and
 * {@link RetoldTest} hold that the tables are what they teach.
 */
final class WeightsLearner {
  private static final Path TABLES = Path.of("src/main/resources/honeststack/core/said");
  static final Path CONTRAST = TABLES.resolve("contrast.properties");
  static final Path RETOLD = TABLES.resolve("retold.properties");
  static final Path TALK = TABLES.resolve("talk.properties");
  static final Path DATA = Path.of("src/test/resources/said");

  /** How often each form is filled by lot. */
  private static final int FILLED = 90;

  /** How words are weighed: in so many rounds, drawn to nothing so much, if said so often. */
  record Manner(int rounds, double pull, int least) {}

  static final Manner OF_MANY = new Manner(250, 0.00006, 3);

  /** Of fewer sentences each says more. */
  static final Manner OF_FEW = new Manner(900, 0.00003, 1);

  private static final double STEP = 0.6;
  private static final int ANSWERS = Weights.Says.values().length;

  record Sentence(Weights.Says says, Around around) {}

  /**
   * @param text with X and Y for two amounts, or Z for the second if it has no food
   */
  private static Around around(String text) {
    boolean bare = at(text, "Z") >= 0;
    return around(text, at(text, "X"), at(text, bare ? "Z" : "Y"), bare);
  }

  private static Around around(String text, int one, int other, boolean bare) {
    int first = Math.min(one, other);
    int second = Math.max(one, other);
    String before = plain(text.substring(0, first));
    boolean comma = before.endsWith(",");
    return Around.of(
        comma ? before : strip(before),
        strip(plain(text.substring(first + 1, second))),
        strip(plain(text.substring(second + 1))),
        bare);
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
    int other = Math.max(at(text, "Y"), at(text, "Z"));
    boolean turned = other < at(text, "X");
    return new Sentence(
        switch (label) {
          case "X Y" -> Weights.Says.BOTH_COUNT;
          case "X", "Y" ->
              label.equals("X") == turned
                  ? Weights.Says.FIRST_GIVES_WAY
                  : Weights.Says.SECOND_GIVES_WAY;
          default -> throw new IllegalArgumentException("“" + label + "” is not X, Y or X Y");
        },
        around(text));
  }

  /**
   * Sentences behind a list: whether the amount X of the food Y, which the list measures, is added,
   * is right instead, or is only talked of; so it is, too, where it tells a habit.
   */
  static List<Sentence> retold(String file) throws IOException {
    return Files.readAllLines(DATA.resolve(file)).stream()
        .map(line -> line.split("\\|", 2))
        .map(
            parts ->
                retold(
                    switch (parts[0]) {
                      case "added" -> Weights.Says.BOTH_COUNT;
                      case "right" -> Weights.Says.FIRST_GIVES_WAY;
                      default -> Weights.Says.SECOND_GIVES_WAY;
                    },
                    parts[1]))
        .toList();
  }

  private static Sentence retold(Weights.Says says, String said) {
    String text = said.replace("?", " " + Retold.ASKED);
    int amount = at(text, "X");
    int food = at(text, "Y");
    return new Sentence(says, around(text, amount, food, food < amount));
  }

  /** Where it stands by itself, as in "Yesterday X Y"; -1 for nowhere. */
  private static int at(String text, String sign) {
    Matcher found = Pattern.compile("\\b" + sign + "\\b").matcher(text);
    return found.find() ? found.start() : -1;
  }

  /** The same of a food that is new: what is a habit, added or right is put in. */
  static List<Sentence> taughtTalk() throws IOException {
    List<Sentence> all = new ArrayList<>();
    for (String line : Files.readAllLines(DATA.resolve("retold-said.txt"))) {
      String[] parts = line.split("\\|", 2);
      boolean talk = parts[0].equals("talk");
      all.add(retold(talk ? Weights.Says.SECOND_GIVES_WAY : Weights.Says.BOTH_COUNT, parts[1]));
    }
    for (String line : Files.readAllLines(DATA.resolve("retold-talk.txt"))) {
      all.add(retold(Weights.Says.SECOND_GIVES_WAY, line));
      if (line.contains("X Y")) { // "a spoon of" as well
        all.add(retold(Weights.Says.SECOND_GIVES_WAY, line.replace("X Y", "X of Y")));
      }
    }
    for (String file : List.of("retold-new.txt", "retold-counted.txt")) {
      for (String line : Files.readAllLines(DATA.resolve(file))) {
        all.add(retold(Weights.Says.BOTH_COUNT, line));
      }
    }
    return all;
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
  static Map<String, int[]> learn(List<Sentence> sentences, Manner manner) {
    Map<String, Integer> seen = new TreeMap<>();
    List<Around> arounds = sentences.stream().map(Sentence::around).toList();
    arounds.forEach(around -> around.features().forEach(f -> seen.merge(f, 1, Integer::sum)));
    seen.values().removeIf(times -> times < manner.least());
    List<String> names = List.copyOf(seen.keySet());
    Map<String, Integer> places = new HashMap<>();
    names.forEach(name -> places.put(name, places.size()));
    int[][] rows =
        arounds.stream()
            .map(a -> a.features().stream().filter(places::containsKey).mapToInt(places::get))
            .map(row -> row.toArray())
            .toArray(int[][]::new);
    double[][] weights = descend(rows, sentences, names.size(), manner);
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
  private static double[][] descend(
      int[][] rows, List<Sentence> sentences, int features, Manner manner) {
    double[][] weights = new double[features][ANSWERS];
    double[][] ahead = new double[features][ANSWERS];
    double momentum = 1;
    for (int round = 0; round < manner.rounds(); round++) {
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
          double drawn = Math.signum(moved) * Math.max(0, Math.abs(moved) - STEP * manner.pull());
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
            "# Tenths by which words around amounts say that the first, or the second, gives way."
                + "\n# Learned by WeightsLearner from the sentences beside it; not to be edited.\n");
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

  private WeightsLearner() {}

  public static void main(String[] none) throws IOException {
    Files.createDirectories(TABLES);
    Files.writeString(CONTRAST, written(learn(taught(), OF_MANY)));
    Files.writeString(RETOLD, written(learn(retold("retold-said.txt"), OF_FEW)));
    Files.writeString(TALK, written(learn(taughtTalk(), OF_FEW)));
  }
}

package honeststack.core.said.words;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/**
 * The words that all patterns need, looked for in a text at once: going through it again for each
 * of many hundred patterns took longer than trying the few that may be there. A clue is a list of
 * words of which one must be in the text; capitals are as small letters. For any number of threads.
 */
final class Clues {
  /** Characters of one sign may be taken for each other: then a word may be there and is not. */
  private static final int SIGNS = 32;

  private static final int DIGIT = 26;
  private static final int SPACE = 27;
  private static final int OTHERS = 28;
  private static final int ASCII = 128;
  private static final byte[] SIGN = signs();

  /** So many characters tell one word from others. */
  private static final int DEPTH = 8;

  /** Texts of which is remembered what they hold; a power of two. */
  private static final int TEXTS = 2048;

  /** Of longer ones only the last few. */
  private static final int LONG = 500;

  private static final int LONG_TEXTS = 8;

  private static final Map<Set<String>, Integer> NUMBERS = new HashMap<>();
  private static final Held[] KNOWN = new Held[TEXTS + LONG_TEXTS];

  private static final int FIRST_NODES = 4096;
  private static final int[] NO_CLUES = {};

  private static volatile Tree tree =
      new Tree(new char[FIRST_NODES * SIGNS], new int[FIRST_NODES][]);

  private static int nodes = 1;

  /** How many clues there are: written when the last can be found. */
  private static volatile int count;

  private Clues() {}

  /**
   * Which clues a text holds.
   *
   * @param of how many
   */
  record Held(String text, int of, long[] bits) {
    boolean has(int clue) {
      return (bits[clue >> 6] & 1L << clue) != 0;
    }
  }

  /**
   * Words by their signs, which share their beginnings.
   *
   * @param next by node and sign the next node; 0 for none, as none leads back to the first
   * @param ends by node the clues of the words that end there; null for none
   */
  private record Tree(char[] next, int[][] ends) {
    Tree larger() {
      return new Tree(Arrays.copyOf(next, 2 * next.length), Arrays.copyOf(ends, 2 * ends.length));
    }
  }

  /** The number of a list of words. */
  static synchronized int number(Set<String> words) {
    Integer known = NUMBERS.get(words);
    if (known != null) {
      return known;
    }
    int number = count;
    words.forEach(word -> add(word, number));
    NUMBERS.put(words, number);
    count = number + 1;
    return number;
  }

  private static void add(String word, int clue) {
    int node = 0;
    for (int i = 0; i < Math.min(word.length(), DEPTH); i++) {
      int place = node * SIGNS + sign(word.charAt(i));
      if (tree.next[place] == 0) {
        char added = newNode();
        tree.next[place] = added;
      }
      node = tree.next[place];
    }
    int[] clues = tree.ends[node] == null ? NO_CLUES : tree.ends[node];
    clues = Arrays.copyOf(clues, clues.length + 1);
    clues[clues.length - 1] = clue;
    tree.ends[node] = clues;
  }

  /** Who still reads the smaller tree misses only what has no number yet. */
  private static char newNode() {
    if (nodes == tree.ends.length) {
      tree = tree.larger();
    }
    if (nodes > Character.MAX_VALUE) {
      throw new IllegalStateException("more words are needed than there is room for");
    }
    return (char) nodes++;
  }

  /** What a text holds of all that have a number. */
  static Held in(String text) {
    int hash = text.hashCode();
    boolean isLong = text.length() > LONG;
    int place = isLong ? TEXTS + (hash & LONG_TEXTS - 1) : hash & TEXTS - 1;
    Held known = KNOWN[place];
    if (known == null || known.of < count || !known.text.equals(text)) {
      known = read(text);
      KNOWN[place] = known;
    }
    return known;
  }

  private static Held read(String text) {
    int of = count;
    Tree words = tree;
    long[] bits = new long[(of >> 6) + 1];
    for (int from = 0; from < text.length(); from++) {
      int node = 0;
      for (int i = from; i < text.length(); i++) {
        node = words.next[node * SIGNS + sign(text.charAt(i))];
        if (node == 0) {
          break;
        }
        int[] clues = words.ends[node];
        if (clues != null) {
          for (int clue : clues) {
            if (clue < of) {
              bits[clue >> 6] |= 1L << clue;
            }
          }
        }
      }
    }
    return new Held(text, of, bits);
  }

  private static int sign(char c) {
    return c < ASCII ? SIGN[c] : OTHERS + c % (SIGNS - OTHERS);
  }

  private static byte[] signs() {
    byte[] signs = new byte[ASCII];
    for (char c = 0; c < ASCII; c++) {
      char low = Character.toLowerCase(c);
      boolean letter = low >= 'a' && low <= 'z';
      boolean digit = c >= '0' && c <= '9';
      int other = c == ' ' ? SPACE : OTHERS + c % (SIGNS - OTHERS);
      signs[c] = (byte) (letter ? low - 'a' : digit ? DIGIT : other);
    }
    return signs;
  }
}

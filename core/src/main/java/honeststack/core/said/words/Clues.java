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
  /** Signs that stand for the same character may be taken for each other: it may be there. */
  private static final int SIGNS = 64;

  private static final int DIGITS = 26;
  private static final int SPACE = 36;
  private static final int OTHERS = 37;
  private static final int ASCII = 128;
  private static final byte[] SIGN = signs();

  /** So many characters tell one word from others. */
  private static final int DEPTH = 8;

  /** Texts of which is remembered what they hold; a power of two. */
  private static final int TEXTS = 2048;

  /** Of longer ones only the last few. */
  private static final int LONG = 500;

  private static final int LONG_TEXTS = 8;

  private static final Node ROOT = new Node();
  private static final Map<Set<String>, Integer> NUMBERS = new HashMap<>();
  private static final Held[] KNOWN = new Held[TEXTS + LONG_TEXTS];

  /** How many clues there are: written when the last can be found. */
  private static volatile int count;

  private Clues() {}

  private static final class Node {
    private final Node[] next = new Node[SIGNS];
    private volatile int[] clues = {};
  }

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
    Node node = ROOT;
    for (int i = 0; i < Math.min(word.length(), DEPTH); i++) {
      int sign = sign(word.charAt(i));
      if (node.next[sign] == null) {
        node.next[sign] = new Node();
      }
      node = node.next[sign];
    }
    int[] clues = Arrays.copyOf(node.clues, node.clues.length + 1);
    clues[clues.length - 1] = clue;
    node.clues = clues;
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
    long[] bits = new long[(of >> 6) + 1];
    for (int from = 0; from < text.length(); from++) {
      Node node = ROOT;
      for (int i = from; i < text.length(); i++) {
        node = node.next[sign(text.charAt(i))];
        if (node == null) {
          break;
        }
        for (int clue : node.clues) {
          if (clue < of) {
            bits[clue >> 6] |= 1L << clue;
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
      signs[c] = (byte) (letter ? low - 'a' : digit ? DIGITS + c - '0' : other);
    }
    return signs;
  }
}

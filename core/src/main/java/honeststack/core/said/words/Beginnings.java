package honeststack.core.said.words;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * With what a pattern may begin: on a text of a few characters it either fails at one of them, or
 * is it, or asks for more. What was asked once is kept. For any number of threads.
 */
final class Beginnings {
  private static final int ASCII = 128;

  /** What may stand before a place, with an example. */
  private static final int START = 0;

  private static final byte NO_LETTER = 1;
  private static final byte LETTER = 2;
  private static final byte ANYTHING = 3;
  private static final String[] BEFORE = {"", " ", "x"};

  private static final byte[] KINDS = kinds(false);

  /** Behind the end of a line it may begin with anything. */
  private static final byte[] KINDS_OF_LINES = kinds(true);

  /** So many characters tell most patterns apart from what is usually said. */
  private static final int DEPTH = 8;

  /** A pattern that begins with any word would know too many. */
  private static final int MOST = 96;

  private final Pattern pattern;

  /** What the characters are to one that stands behind them. */
  private final byte[] kinds;

  /** By what stands before: whether a character may be the first. */
  private final boolean[][] first = new boolean[BEFORE.length][ASCII];

  /** By what stands before: what is known of more characters. */
  private final Known[] known = new Known[BEFORE.length];

  /** It may be nothing at all. */
  private final boolean empty;

  private int size;

  Beginnings(Pattern pattern) {
    this.pattern = Pattern.compile(withoutLookingBack(pattern.pattern()), pattern.flags());
    this.kinds = (pattern.flags() & Pattern.MULTILINE) == 0 ? KINDS : KINDS_OF_LINES;
    boolean nothing = false;
    for (int before = 0; before < BEFORE.length; before++) {
      nothing |= may(BEFORE[before], "");
      known[before] = new Known();
      for (char c = 0; c < ASCII; c++) {
        first[before][c] = may(BEFORE[before], String.valueOf(c));
      }
    }
    this.empty = nothing;
  }

  /** It may begin at a place of a text, for all that the next characters say. */
  private boolean may(int before, String text, int from) {
    Known known = this.known[before];
    int end = Math.min(text.length(), from + DEPTH);
    for (int i = from; i < end; i++) {
      char c = text.charAt(i);
      if (c >= ASCII) {
        return true;
      }
      Known next = known.next[c];
      if (next == null) {
        next = asked(BEFORE[before], text.substring(from, i + 1));
        known.next[c] = next;
      }
      if (next.next.length == 0) {
        return next == Known.MAY;
      }
      known = next;
    }
    return true;
  }

  private Known asked(String before, String said) {
    if (!may(before, said)) {
      return Known.NEVER;
    }
    if (said.length() == DEPTH || size >= MOST) {
      return Known.MAY;
    }
    size++;
    return new Known();
  }

  private boolean may(String before, String said) {
    String text = before + said;
    Matcher matcher = pattern.matcher(text).useTransparentBounds(true).useAnchoringBounds(false);
    boolean is = matcher.region(before.length(), text.length()).lookingAt();
    return is || !said.isEmpty() && matcher.hitEnd();
  }

  /** The next place where it may begin, from one on; -1 for none. */
  int next(String text, int from) {
    int end = text.length();
    if (from > end) {
      return -1;
    }
    int before = from == 0 ? START : kind(text.charAt(from - 1));
    for (int i = from; i < end; i++) {
      char c = text.charAt(i);
      if (before == ANYTHING || c >= ASCII || first[before][c] && may(before, text, i)) {
        return i;
      }
      before = c < ASCII ? kinds[c] : kind(c);
    }
    return empty ? end : -1;
  }

  /** A text may begin with it. */
  boolean may(String text) {
    if (text.isEmpty()) {
      return true;
    }
    char c = text.charAt(0);
    return c >= ASCII || first[START][c] && may(START, text, 0);
  }

  private static byte[] kinds(boolean lines) {
    byte[] kinds = new byte[ASCII];
    for (char c = 0; c < ASCII; c++) {
      boolean letter = c == '_' || Character.isLetterOrDigit(c);
      boolean line = lines && (c == '\n' || c == '\r');
      kinds[c] = line ? ANYTHING : letter ? LETTER : NO_LETTER;
    }
    return kinds;
  }

  private int kind(char c) {
    return c < ASCII ? kinds[c] : Character.isLetterOrDigit(c) ? LETTER : ANYTHING;
  }

  /** What is known behind some characters, by the next one; null where nobody asked. */
  private record Known(Known[] next) {
    private static final Known NEVER = new Known(new Known[0]);
    private static final Known MAY = new Known(new Known[0]);

    Known() {
      this(new Known[ASCII]);
    }
  }

  /** What stands before it is not looked at: so it may begin in more places, and in none less. */
  private static String withoutLookingBack(String pattern) {
    StringBuilder free = new StringBuilder(pattern);
    for (int at = start(free); at >= 0; at = start(free)) {
      free.delete(at, end(free, at));
    }
    return free.toString();
  }

  private static int start(StringBuilder pattern) {
    return Math.max(pattern.indexOf("(?<="), pattern.indexOf("(?<!"));
  }

  /** Behind the bracket that closes the one at a place. */
  private static int end(StringBuilder pattern, int from) {
    int open = 0;
    boolean listed = false;
    for (int i = from; i < pattern.length(); i++) {
      char c = pattern.charAt(i);
      if (c == '\\') {
        i++;
      } else if (listed) {
        listed = c != ']';
      } else if (c == '[') {
        listed = true;
      } else if (c == '(') {
        open++;
      } else if (c == ')' && --open == 0) {
        return i + 1;
      }
    }
    throw new IllegalArgumentException(pattern.toString());
  }
}

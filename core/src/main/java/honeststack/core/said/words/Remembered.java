package honeststack.core.said.words;

import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Predicate;

/**
 * What a pattern says of words, remembered: few words are said often, and each is asked for by many
 * rules. For any number of threads.
 */
public final class Remembered {
  /** When so many words are kept they are forgotten: the usual ones soon come back. */
  private static final int MOST = 4096;

  private static final Map<String, Word> WORDS = new ConcurrentHashMap<>();
  private static final AtomicInteger PATTERNS = new AtomicInteger();

  /** No word at all. */
  public static final Word NOTHING = word("");

  private static final byte YES = 1;
  private static final byte NO = 2;

  private final Predicate<String> says;

  /** Its place among all patterns. */
  private final int place = PATTERNS.getAndIncrement();

  private Remembered(Predicate<String> says) {
    this.says = says;
  }

  /** Of all of a word. */
  public static Remembered whole(String pattern) {
    return new Remembered(Sought.of(pattern)::isAll);
  }

  /** Of any part of a word. */
  public static Remembered part(String pattern) {
    return new Remembered(Sought.of(pattern)::isIn);
  }

  /** A word with what was said of it. */
  public static Word word(String text) {
    Word word = WORDS.get(text);
    if (word == null) {
      if (WORDS.size() >= MOST) {
        WORDS.clear();
      }
      word = WORDS.computeIfAbsent(text, Word::new);
    }
    return word;
  }

  /** Of several words, which are seldom said again: not remembered. */
  public boolean is(String words) {
    return says.test(words);
  }

  /** Whether a word is such: asked once, then remembered. */
  public boolean is(Word word) {
    byte answer = word.answer(place);
    if (answer == 0) {
      answer = says.test(word.text) ? YES : NO;
      word.remember(place, answer);
    }
    return answer == YES;
  }

  /** An answer that another thread overwrites is asked for once more. */
  public static final class Word {
    private final String text;
    private byte[] answers = {};

    private Word(String text) {
      this.text = text;
    }

    private byte answer(int place) {
      byte[] known = answers;
      return place < known.length ? known[place] : 0;
    }

    private void remember(int place, byte answer) {
      byte[] known = answers;
      if (place >= known.length) {
        known = Arrays.copyOf(known, Math.max(place + 1, PATTERNS.get()));
      }
      known[place] = answer;
      answers = known;
    }
  }
}

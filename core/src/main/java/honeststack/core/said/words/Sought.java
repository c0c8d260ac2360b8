package honeststack.core.said.words;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A pattern that is looked for in every sentence and found in few: it is tried only where it may
 * begin. With which characters it may is asked once of the pattern itself. For any number of
 * threads.
 */
public final class Sought {
  private static final int NOT = -1;

  /** To try it costs no more than to ask what it needs. */
  private static final int SHORT = 12;

  private final Pattern pattern;

  /** Null until they are asked for, as what it needs. */
  private volatile Beginnings beginnings;

  private volatile Wanted wanted;

  private Sought(Pattern pattern) {
    this.pattern = pattern;
  }

  /** Of a regular expression. */
  public static Sought of(String pattern) {
    return new Sought(Pattern.compile(pattern));
  }

  /** Of a regular expression. */
  public static Sought of(String pattern, int flags) {
    return new Sought(Pattern.compile(pattern, flags));
  }

  /** To ask for its groups. Where it cannot be found it is not tried, until it is reset. */
  public Matcher matcher(String text) {
    Matcher matcher = pattern.matcher(text);
    return may(text) ? matcher : matcher.region(0, 0);
  }

  private boolean may(String text) {
    return text.length() < SHORT || wanted().isIn(text);
  }

  /** It is all of a text. */
  public boolean isAll(String text) {
    return beginnings().may(text) && may(text) && pattern.matcher(text).matches();
  }

  /** A text begins with it. */
  public boolean begins(String text) {
    return beginnings().may(text) && may(text) && pattern.matcher(text).lookingAt();
  }

  /** It is somewhere in a text. */
  public boolean isIn(String text) {
    return may(text) && found(text, 0, pattern.matcher(text)) >= 0;
  }

  /** Where it is in a text, one behind the other. */
  public List<MatchResult> all(String text) {
    List<MatchResult> all = new ArrayList<>();
    if (!may(text)) {
      return all;
    }
    Matcher matcher = pattern.matcher(text);
    for (int at = found(text, 0, matcher); at >= 0; ) {
      all.add(matcher.toMatchResult());
      int next = Math.max(matcher.end(), at + 1);
      at = next > text.length() ? NOT : found(text, next, matcher);
    }
    return all;
  }

  /** A text with something else wherever it is. */
  public String replaced(String text, Function<MatchResult, String> other) {
    List<MatchResult> all = all(text);
    if (all.isEmpty()) {
      return text;
    }
    StringBuilder said = new StringBuilder(text.length());
    int from = 0;
    for (MatchResult found : all) {
      said.append(text, from, found.start()).append(other.apply(found));
      from = found.end();
    }
    return said.append(text, from, text.length()).toString();
  }

  /** Where the matcher finds it first, from a place on. */
  private int found(String text, int from, Matcher matcher) {
    Beginnings known = beginnings();
    matcher.useTransparentBounds(true).useAnchoringBounds(false);
    for (int i = known.next(text, from); i >= 0; i = known.next(text, i + 1)) {
      if (matcher.region(i, text.length()).lookingAt()) {
        return i;
      }
    }
    return NOT;
  }

  private Wanted wanted() {
    Wanted known = wanted;
    if (known == null) {
      known = Required.of(pattern);
      wanted = known;
    }
    return known;
  }

  private Beginnings beginnings() {
    Beginnings known = beginnings;
    if (known == null) {
      known = new Beginnings(pattern);
      beginnings = known;
    }
    return known;
  }
}

package honeststack.core.said.page;

import honeststack.core.line.Token;
import java.util.List;

/**
 * Several changes of a recipe told in one sentence, each of which is one of its own: "I halved the
 * sugar, used 3 eggs not 2 and left the salt out".
 */
final class ChangesTold {
  /** Words that may stand before the first verb. */
  private static final int LONGEST_LEAD = 6;

  /** An amount and the name of a food have no more words. */
  private static final int LONGEST_AMOUNT = 7;

  private static final String[] LEAD = {
    "i",
    "we",
    "today",
    "this",
    "time",
    "tonight",
    "now",
    "also",
    "then",
    "and",
    "but",
    "so",
    "only",
    "just",
    "have",
    "had",
    "i've",
    "we've",
    "changes",
    "my",
    "two",
    "three",
    "things",
    "different",
    "differently",
    ":",
    ",",
    "-",
    "–",
    "even",
    "there",
    "was",
    "were"
  };

  private static final String[] VERBS = {
    "used",
    "halved",
    "doubled",
    "tripled",
    "skipped",
    "left",
    "forgot",
    "swapped",
    "replaced",
    "changed",
    "took",
    "added",
    "reduced",
    "omitted",
    "substituted",
    "increased",
    "upped",
    "lowered",
    "subbed",
    "switched",
    "dropped",
    "cut",
    "put",
    "went"
  };

  /** They also tell what to do. */
  private static final String[] TELL = {"cut", "put"};

  private static final String[] THEM = {
    "it", "them", "that", "this", "these", "everything", "all", "for", "to", "with", "up", "care"
  };

  /** What a recipe is not told to do. */
  private static final String[] OTHERWISE = {"by", "extra", "more", "less", "for", "instead"};

  /** By them what was measured is set against what the recipe says. */
  private static final String[] AGAINST = {"instead", "less", "fewer", "rather", "not"};

  private ChangesTold() {}

  /** Whether another change begins at a token, which joins it to those before. */
  static boolean isJoin(List<Token> tokens, int from, int i) {
    if (i <= from + 1 || !tokens.get(i).isMark(",", ";") && !tokens.get(i).isWord("and", "then")) {
      return false;
    }
    if (tokens.get(i - 1).isMark(",", ";") || tokens.get(i - 1).isWord("and")) {
      return false; // it was joined there
    }
    boolean change = isChange(tokens, i + 1, false);
    if (!change && !isInstead(tokens, i + 1)) {
      return false;
    }
    if (isNone(tokens, from)) {
      return !isNone(tokens, i + 1);
    }
    boolean against = has(tokens, from, i, AGAINST);
    boolean otherwise = against || has(tokens, from, i, OTHERWISE);
    boolean first = against || isChange(tokens, from, !otherwise);
    return first && (change || otherwise || has(tokens, from, i, "off", "to"));
  }

  /** "no salt, …", "there were no eggs and …". */
  private static boolean isNone(List<Token> tokens, int from) {
    int i = from;
    while (i < tokens.size() && i < from + LONGEST_LEAD && isLead(tokens.get(i))) {
      i++;
    }
    return i < tokens.size() && tokens.get(i).isWord("no");
  }

  /** "… and 25 g maple syrup instead of the sugar". */
  private static boolean isInstead(List<Token> tokens, int from) {
    int i = from;
    while (i < tokens.size() && isLead(tokens.get(i))) {
      i++;
    }
    if (i >= tokens.size() || tokens.get(i).kind() != Token.Kind.NUMBER) {
      return false;
    }
    for (int to = i + 1; to < tokens.size() && to < i + LONGEST_AMOUNT; to++) {
      if (tokens.get(to).isWord("instead")) {
        return true;
      }
      if (tokens.get(to).isMark(",", ".", ";") || tokens.get(to).isWord("and")) {
        return false;
      }
    }
    return false;
  }

  /**
   * @param first it may as well tell what to do
   */
  private static boolean isChange(List<Token> tokens, int from, boolean first) {
    int verb = from;
    boolean told = !first;
    while (verb < tokens.size() && verb < from + LONGEST_LEAD && isLead(tokens.get(verb))) {
      told |= tokens.get(verb).isWord("i", "we", "i've", "we've");
      verb++;
    }
    if (verb + 1 >= tokens.size()) {
      return false;
    }
    if (!first && tokens.get(verb).isWord("no")) {
      return true;
    }
    boolean out =
        tokens.get(verb).isWord("took") && !has(tokens, verb, verb + LONGEST_AMOUNT, "off");
    return !out // "took 50 g butter out, put 40 ml oil in"
        && tokens.get(verb).isWord(VERBS)
        && (told || !tokens.get(verb).isWord(TELL))
        && !tokens.get(verb + 1).isWord(THEM);
  }

  private static boolean isLead(Token token) {
    return token.isWord(LEAD) || token.isMark(LEAD);
  }

  private static boolean has(List<Token> tokens, int from, int to, String... words) {
    for (int i = from + 1; i < Math.min(to, tokens.size()); i++) {
      if (tokens.get(i).isWord(words)) {
        return true; // "30 g oil instead of the butter, and I …"
      }
    }
    return false;
  }
}

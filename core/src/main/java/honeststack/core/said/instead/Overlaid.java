package honeststack.core.said.instead;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * What was taken in the place of what a recipe, a plan or the last time says: "Recipe says 3 eggs,
 * 250 g flour. I used 2 eggs.", "Had I had 3 eggs I'd have used 300 g flour. As it was: …". What is
 * not told again stays, but not of what was only supposed.
 */
public final class Overlaid {
  private static final String TOLD =
      "(?!(?:my|our) recipe ?[:,–-])(?:the |my |our |a )?(?:recipe|book|card|packet|original|plan|planned|box|label|blog)(?: (?:says|said|has|had|wants|wanted|is|was|calls for|asks for|had it as))?"
          + "|(?:last|first) (?:time|week|year|go|try|attempt|one)|normally|usually|yesterday|the usual|as (?:last time|usual|always)"
          + "|same as (?:always|last time|ever)|version (?:1|one)|planned|in theory|on paper|it should be|should be";

  private static final String SUPPOSED =
      "(?:if|had) (?:i|we|there|you)\\b|for (?:\\d+|two|three|four|five|six) @ (?:it's|i|you|we|it would)\\b|i (?:was|am) going to\\b|i (?:wanted|meant|planned) to\\b"
          + "|with (?:\\d+|two|three|four|five|six) @ it(?:'d| would)\\b";

  private static final Sought BASE =
      Sought.of("(?:(?:and|but|so|well|ok|right|,) )*(?:" + TOLD + ")\\b.*");

  private static final Sought MAYBE =
      Sought.of("(?:(?:and|but|so|well|ok|right|,) )*(?:" + SUPPOSED + ").*");

  /** Before the first of its foods. */
  private static final Sought OWN =
      Sought.of(
          "(?:(?:and|but|so|though|then|well|,) )*(?:(?:i|we)(?:'ve| have| actually| just| only)* (?:used|use|took|take|had|got|put|did|made|went with|have|has)?"
              + "|i've|we've|me|mine|ours|today|tonight|this (?:time|week|morning|go|year)|now|reality|the reality|actual|actually|in reality|in the end"
              + "|as it was|second (?:go|try|time)|otherwise|hence|so|here|in practice)\\b[^.]*");

  /**
   * Of a list that is told as the usual one, behind it: "…, but 3 eggs", "only with 3 eggs today".
   */
  private static final Sought BUT =
      Sought.of(
          "(?:.*[,;–-] ?)?(?:but|only|except|except that|though|just)(?: (?:with|today|this time|i|we|used|use|took|had))*(?: (?:only|just))?");

  /** Some more or less of it is no new amount. */
  private static final Sought MORE =
      Sought.of(
          "\\b(?:more|less|fewer|extra|another|additional|further|half|double|twice|bought|buy|still|shop|week)\\b");

  /** Within one sentence, behind what was only supposed. */
  private static final String[] THEN = {"otherwise", "hence", "so"};

  private static final Sought IN_THE_END = Sought.of("(?:in the end|as it was)\\b");

  private static final int LONG = 3;

  /** No list is longer. */
  private static final int FAR = 40;

  private Overlaid() {}

  /**
   * Takes what the sentence measures for what was told before it.
   *
   * @return whether it does
   */
  public static boolean by(List<Clause> read, Clause clause) {
    usual(clause);
    supposed(clause);
    if (read.isEmpty() || clause.mentions.isEmpty() || !isOwn(clause)) {
      return false;
    }
    boolean over = false;
    for (Clause told : read.subList(Math.max(0, read.size() - FAR), read.size())) {
      if (told.mentions.isEmpty()) {
        continue;
      }
      String words = said(told);
      boolean maybe = MAYBE.isAll(words);
      if (!maybe && !BASE.isAll(words)) {
        continue;
      }
      boolean alike = clause.mentions.stream().anyMatch(m -> same(told, m).isPresent());
      if (alike && maybe) {
        told.mentions.forEach(m -> m.mark(Part.EXCLUDED));
        told.mentions.clear();
      } else if (alike) {
        clause.mentions.forEach(m -> same(told, m).ifPresent(old -> leaveOut(told, old)));
      }
      over |= alike;
    }
    return over;
  }

  private static boolean isOwn(Clause clause) {
    Mention first = clause.mentions.get(0);
    boolean measured = clause.mentions.stream().anyMatch(Mention::isMeasured);
    return measured
        && first.from >= 0
        && !MORE.isIn(clause.words(0, clause.size()))
        && OWN.isAll(clause.words(0, first.from));
  }

  /** Its words, with a sign for each food. */
  private static String said(Clause clause) {
    StringBuilder words = new StringBuilder();
    for (Element element : clause.elements) {
      words.append(element.isFood() ? "@" : element.low()).append(' ');
    }
    return words.toString().strip();
  }

  private static Optional<Mention> same(Clause told, Mention mention) {
    return told.mentions.stream()
        .filter(old -> old != mention && old.isMeasured() && mention.isMeasured())
        .filter(old -> old.place == mention.place && old.food != null && mention.food != null)
        .filter(old -> old.food.isSameFood(mention.food))
        .findFirst();
  }

  private static void leaveOut(Clause told, Mention old) {
    old.mark(Part.EXCLUDED);
    told.mentions.remove(old);
  }

  /** "The usual, 200 g flour and 2 eggs, only with 3 eggs today." */
  private static void usual(Clause clause) {
    if (clause.mentions.size() < 2 || !BASE.isAll(said(clause))) {
      return;
    }
    for (int i = 1; i < clause.mentions.size(); i++) {
      Mention mention = clause.mentions.get(i);
      Mention before = clause.mentions.get(i - 1);
      int behind = Math.min(before.to, clause.elements.indexOf(before.food) + 1);
      boolean apart = behind <= mention.from && behind > 0;
      Optional<Mention> old = same(clause, mention).filter(m -> m.from < mention.from);
      if (apart && old.isPresent() && BUT.isAll(clause.words(behind, mention.from))) {
        leaveOut(clause, old.get());
        return;
      }
    }
  }

  /** "If there's more of us 3 eggs and 300 g flour, otherwise 200 g flour, 2 eggs." */
  private static void supposed(Clause clause) {
    if (clause.mentions.size() < 2 || !MAYBE.isAll(said(clause))) {
      return;
    }
    for (int i = 1; i < clause.size(); i++) {
      if (clause.isWord(i, THEN) || IN_THE_END.begins(clause.words(i, i + LONG))) {
        int then = end(clause, i);
        List<Mention> before =
            clause.mentions.stream().filter(m -> m.to <= then && m.bracketed == null).toList();
        boolean alike =
            clause.mentions.stream()
                .filter(m -> m.from > then)
                .anyMatch(m -> same(clause, m).filter(before::contains).isPresent());
        if (alike) {
          before.forEach(m -> leaveOut(clause, m));
          return;
        }
      }
    }
  }

  /** Of what was supposed: before a mark or "but", where one stands before what was taken. */
  private static int end(Clause clause, int then) {
    for (int i = 1; i < then; i++) {
      if (clause.isMark(i, ";", "–", "—") || clause.isWord(i, "but")) {
        return i;
      }
    }
    return then;
  }
}

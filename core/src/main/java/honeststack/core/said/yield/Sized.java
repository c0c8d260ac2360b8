package honeststack.core.said.yield;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.Optional;
import java.util.regex.Matcher;

/** How many come out, by what each of them weighs: "yields 40 x 60 g", "nine at 60 g each". */
public final class Sized {
  /** One amount: so many of so much. */
  private static final Sought MANY =
      Sought.of("(?<number>\\d{1,3}) ?[x×@*] ?\\d+(?:[.,]\\d+)?[ -]?(?:g|grams?|ml)");

  private static final Remembered BETWEEN =
      Remembered.whole("x|×|@|at|of|with|à|a|each|,|about|around|roughly|approx|c|ca");

  private static final Sought BEFORE =
      Sought.of(
          "(?:.* )?(?:makes?|made|gives?|gave|yields?|yielding|yield|got|get|weighed|scaled|portioned|divided|shaped|output)"
              + "(?: (?:out|off|into|in|about|around|me|us|it|of|:|-|as))*");

  private static final Sought LEAD = Sought.of("(?:(?:so|and|that's|that is|total|for|:|-|–) ?)*");

  private Sized() {}

  public static void in(Clause clause) {
    if (!clause.hasAmount() || clause.counts.pieces.isPresent()) {
      return;
    }
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isStrong(i) && take(clause, i)) {
        return;
      }
    }
  }

  private static boolean take(Clause clause, int i) {
    Matcher many = MANY.matcher(clause.low(i));
    int size = many.matches() ? i : size(clause, i);
    if (size < 0 || !isTold(clause, i, size)) {
      return false;
    }
    double number = size == i ? Double.parseDouble(many.group("number")) : 0;
    Told.Count count = size == i ? new Told.Count(number, number) : BareCounts.range(clause.get(i));
    clause.counts.pieces = Optional.of(count);
    clause.counts.sure = true;
    clause.get(size).part = Part.METHOD;
    clause.get(i).part = Part.YIELD;
    return true;
  }

  /** What each weighs or holds, not far behind how many there are; -1 where nothing says so. */
  private static int size(Clause clause, int number) {
    Element count = clause.get(number);
    boolean counted = count.isCount() || count.measure().unit().kind() == Unit.Kind.LADLE;
    int at = number + 1;
    while (clause.has(at) && (clause.says(at, BETWEEN) || isPiece(clause, at))) {
      at++;
    }
    boolean size =
        counted && clause.isStrong(at) && at > number && BatterWeights.isWeight(clause.get(at));
    return size ? at : -1;
  }

  private static boolean isPiece(Clause clause, int i) {
    return clause.is(i, Sort.PIECES, Sort.BATTER) || clause.isWord(i, "portions", "ones", "pieces");
  }

  /** Of no food: the sentence says that they come out, or nothing else. */
  private static boolean isTold(Clause clause, int from, int size) {
    int end = size + 1;
    while (clause.is(end, Sort.EACH, Sort.PIECES, Sort.BATTER)
        || clause.isWord(end, "each", "apiece", "raw", "batter", "ones")) {
      end++;
    }
    String before = clause.words(0, from);
    boolean made = BEFORE.isAll(before);
    boolean begins = LEAD.isAll(before) && (!clause.hasFood() || clause.isMark(end, ":"));
    return (made || begins)
        && (BareCounts.isEnd(clause, end) || clause.isMark(end, ":", ",", "-", "–"));
  }
}

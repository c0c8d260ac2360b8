package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;

/**
 * An amount of another day, set against today's: "last week 250 ml milk, this week 300 ml milk";
 * and amounts before what they come to: "2 eggs and an extra egg, so 3 eggs".
 */
public final class Since {
  /** In the same sentence or the next. */
  private static final int NEAR = 2;

  /** So many words before a food it is said to be the right one. */
  private static final int CUE_BEFORE = 3;

  /** Which takes back what was told; "no" and "actually" may not. */
  private static final Remembered BACK =
      Remembered.whole(
          "no wait|no sorry|sorry|scratch that|wait|hang on|hold on|scrap that|correction|hm|hmm|oops"
              + "|i mean|i meant|strike that|oh no|oh no sorry|no i mean");

  private static final Sought THEN =
      Sought.of(
          "\\b(?:last (?:week|time|year|month|weekend|sunday|batch|one)|yesterday"
              + "|(?:first|earlier|old) (?:try|time|go|attempt|batch|version|one)|was|were|previously"
              + "|usually|normally|originally|at first|initially|used to|formerly|gone from|went from)\\b"
              + "|^(?:before|old|earlier|then) [:,-]|\\bold :");

  private static final Sought NOW =
      Sought.of(
          "\\b(?:this (?:week|time|one|batch|year|month|weekend|sunday)|today|now|nowadays"
              + "|(?:second|new|latest) (?:try|time|go|attempt|batch|version|one)|these days)\\b"
              + "|^new\\b|\\bnew :|^to$");

  /** Nothing else stands between what is wrong and what is right. */
  private static final Sought ONLY_BACK =
      Sought.of(
          "[ ,.–—!-]*(?:oh |ah |er |um )?(?:no|sorry|scratch that|wait|no ,? ?wait|no ,? ?sorry|i mean|i meant|no ,? ?i mean"
              + "|or rather|rather|actually|make that|correction|hang on|hold on|strike that|scrap that|oops)"
              + "(?: ?[,.:–—!-])*(?: (?:it's|it was|make it|that's|use|about|was))*");

  /** "200 ml milk. Actually 50 ml water too." */
  private static final Sought MORE =
      Sought.of("^,? ?(?:too|as well|also|more|extra|on top|besides)\\b");

  /** "Actually 50 ml more milk." */
  private static final Sought ADDED = Sought.of("\\b(?:more|another|further|additional)\\b");

  private static final Sought SOMETIMES = Sought.of("\\bnow and (?:then|again)\\b");

  private static final Sought SWITCHED =
      Sought.of("\\b(?:switched|changed|went|moved|swapped|gone)\\b.*\\bfrom$");

  private Since() {}

  /** Takes out what counted before. */
  public static void find(List<Clause> clauses) {
    for (int i = 0; i < clauses.size(); i++) {
      for (Mention mention : List.copyOf(clauses.get(i).mentions)) {
        if (mention.isMeasured() && mention.food != null && mention.amount != null) {
          before(clauses, i, mention);
        }
      }
    }
  }

  private static void before(List<Clause> clauses, int at, Mention mention) {
    if (mention.from > clauses.get(at).size()) {
      return; // its place is one in brackets: "(200 ml milk, 250 ml milk, 250 ml)"
    }
    for (int i = at; i >= Math.max(0, at - NEAR); i--) {
      Clause clause = clauses.get(i);
      for (Mention old : List.copyOf(clause.mentions)) {
        boolean earlier = i < at || old.to <= mention.from;
        if (earlier && isCorrected(clauses, i, old, at, mention)) {
          clause.mentions.remove(old);
          old.mark(Part.EXCLUDED);
          continue;
        }
        boolean gone =
            earlier
                && (isAlike(old, mention) || i == at && isOtherFood(clauses.get(at), old, mention))
                && (i == at && isRight(clauses.get(at), mention)
                    || !isAlike(old, mention)
                    || isTotal(clauses.get(at), old, mention)
                    || isPast(clauses, i, old, at, mention));
        if (gone) {
          clause.mentions.remove(old);
          old.mark(Part.EXCLUDED);
        }
      }
    }
  }

  /**
   * "50 g sugar – scratch that, 40 g honey", "was 50 g sugar, now it's 40 g honey", "from 2 eggs to
   * 3": another of its kind takes its place.
   */
  private static boolean isCorrected(
      List<Clause> clauses, int i, Mention old, int at, Mention mention) {
    boolean two =
        old != mention
            && old.isMeasured()
            && old.amount != null
            && old.food != null
            && old.place == mention.place
            && (old.food.isOfAKind(mention.food) || old.food.isSameFood(mention.food));
    Clause said = clauses.get(at);
    if (!two
        || ADDED.isIn(said.words(mention.from, mention.to))
        || MORE.isIn(said.words(mention.to, mention.to + CUE_BEFORE))) {
      return false;
    }
    if (i == at) {
      String between = said.words(old.to, mention.from);
      String before = said.words(0, old.from);
      return ONLY_BACK.isAll(between)
          || between.equals("to") && SWITCHED.isIn(before)
          || isPast(clauses, i, old, at, mention)
              && THEN.isIn(said.words(end(said, old.from), old.from))
              && !SOMETIMES.isIn(between);
    }
    boolean last = clauses.get(i).mentions.get(clauses.get(i).mentions.size() - 1) == old;
    return i == at - 1
        && last
        && mention == said.mentions.get(0)
        && ONLY_BACK.isAll(said.words(0, mention.from));
  }

  /** "150 ml dashi, no wait, she's vegan, 150 ml soy milk": as much of another of its kind. */
  private static boolean isOtherFood(Clause clause, Mention old, Mention mention) {
    boolean alike =
        old != mention
            && old.isMeasured()
            && old.amount != null
            && old.food != null
            && old.place == mention.place
            && old.food.isOfAKind(mention.food)
            && !old.food.isSameFood(mention.food)
            && old.amount.low().equals(mention.amount.low());
    for (int i = old.to; alike && i < mention.from; i++) {
      boolean back = clause.is(i, Sort.CORRECT) && clause.says(i, BACK);
      if (back) {
        return true;
      }
      boolean other =
          clause.get(i).isAmount() && !clause.get(i).isWeak() // also one that is taken back
              || clause.get(i).isFood() && !clause.get(i).isSameFood(mention.food);
      if (other) {
        return false;
      }
    }
    return false;
  }

  /** "honey 30, keeps two days … wait, the honey is 40". */
  private static boolean isRight(Clause clause, Mention mention) {
    for (int i = mention.from - 1; i >= Math.max(0, mention.from - CUE_BEFORE); i--) {
      if (clause.is(i, Sort.CORRECT) && !clause.isWord(i, "no")) {
        return true;
      }
      if (clause.get(i).isFood() || clause.get(i).isAmount()) {
        return false;
      }
    }
    return false;
  }

  /** "2 eggs and one extra, so 3 eggs": what they come to. */
  private static boolean isTotal(Clause clause, Mention old, Mention mention) {
    int from = mention.from - 1;
    boolean so =
        clause.isWord(from, "so", "totalling", "making") || clause.low(from).equals("that makes");
    return so && old.amount.measure().amount() < mention.amount.measure().amount();
  }

  private static boolean isAlike(Mention old, Mention mention) {
    return old != mention
        && old.isMeasured()
        && old.amount != null
        && old.food != null
        && old.food.isSameFood(mention.food)
        && old.amount.measure().unit() == mention.amount.measure().unit();
  }

  private static boolean isPast(
      List<Clause> clauses, int from, Mention old, int to, Mention mention) {
    Clause first = clauses.get(from);
    Clause last = clauses.get(to);
    int begin = end(first, old.from);
    List<String> between = new ArrayList<>();
    if (from == to) {
      between.add(first.words(old.to, mention.from));
    } else {
      between.add(first.words(old.to, first.size()));
      between.add(last.words(end(last, mention.from), mention.from));
    }
    String behind = last.words(mention.to, next(last, mention.to));
    boolean then = THEN.isIn(first.words(begin, old.from)) || THEN.isIn(between.get(0));
    return then
        && (NOW.isIn(between.get(between.size() - 1).replaceFirst("^, ", "")) || NOW.isIn(behind));
  }

  /** Where the mention before a place ends. */
  private static int end(Clause clause, int place) {
    int end = 0;
    for (Mention mention : clause.mentions) {
      end = mention.to <= place ? Math.max(end, mention.to) : end;
    }
    return end;
  }

  private static int next(Clause clause, int place) {
    int next = clause.size();
    for (Mention mention : clause.mentions) {
      next = mention.from >= place ? Math.min(next, mention.from) : next;
    }
    return next;
  }
}

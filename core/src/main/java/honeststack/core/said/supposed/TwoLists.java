package honeststack.core.said.supposed;

import honeststack.core.food.Food;
import honeststack.core.measure.Measure;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.People;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A list that somebody else makes, or that was made once, beside one's own: "In the canteen we did
 * 2 kg flour and 24 eggs. At home I do 200 g flour and 3 eggs." Only one's own counts.
 */
public final class TwoLists {
  /** So many foods are measured in both. */
  private static final int SHARED = 2;

  private static final String THEIRS =
      "canteen|at work|school|caf[eé]|restaurant|hotel|church|army|navy|bakery|hostel|her|his|hers|their|theirs|she|he|they|yours"
          + "|"
          + People.KIN
          + "|book|original|packet|blog|site|card|magazine|chef"
          + "|yesterday|last (?:time|week|year|month|sunday|weekend)|used to";

  /** Somebody else's, or another day's. */
  private static final Sought OTHER = Sought.of("\\b(?:" + THEIRS + ")\\b");

  /** It may as well be said of one's own. */
  private static final Sought THEN =
      Sought.of(
          "\\b(?:"
              + THEIRS
              + "|shopping|we've got|i've got|cupboard|fridge|pantry|to buy|work|camp|club|village|fair|fete|market|wedding"
              + "|party|crowd|your|once|before|previously|back (?:in|then|when)|normally|usually|when (?:the|we|i)|in those days"
              + "|years ago|big (?:batch|one)|large (?:batch|one)|full (?:batch|recipe)"
              + "|(?:shrove )?tuesdays?|sundays?|christmas|weekends?|was|were|instead of|rather than|in place of"
              + "|(?:recipe|it|that|this) (?:says|said|calls for|called for|wants|wanted|asks for|asked for|has|had"
              + "|gives|gave|lists|listed|specifies|suggests))\\b");

  private static final Sought OWN =
      Sought.of(
          "\\b(?:batter|recipe|i|we|mine|ours|me|us|at home|home|today|tonight|now|nowadays|these days|this (?:morning|time|week|year|one)"
              + "|here|normal day|weekdays?|small (?:batch|one)|smaller|scaled|cut|down)\\b"
              + "|^so\\b|\\bit (?:was|is|became)\\b|\\bended up\\b");

  /** More of the same recipe, or its next part. */
  private static final Sought PART =
      Sought.of(
          "\\b(?:another|more|again|then|also|plus|second|next|layer|dough|add|added|adds|extra|rest|remaining"
              + "|sauce|topping|filling|glaze|crumble|levain|sponge|poolish|overnight|night|for the (?!two|three|four|kids|family)|evening|feed|fed|too|as well)\\b");

  /** Of what is written, the foods that one does not measure oneself stay as they are. */
  private static final Sought BOOK =
      Sought.of(
          "\\b(?:recipe|book|card|packet|box|bag|tin|blog|site|website|magazine|original|label|instructions?|it)\\b");

  private static final Sought KEPT = Sought.of("\\b(?:same|kept|keep|rest|otherwise)\\b");

  /** One's own, or now. */
  private static final Sought MINE =
      Sought.of(
          "\\b(?:i|we|my|mine|our|ours|me|us|today|tonight|now|nowadays|these days|this (?:time|morning)|at home|here)\\b");

  /** One's own, but of another day. */
  private static final Sought ONCE =
      Sought.of(
          "\\b(?:old|first|once|before|used to|was|were|had|last|yesterday|normally|usually|originally|traditionally|school|class"
              + "|"
              + THEIRS
              + "|friend|neighbor|wife|husband|version)\\b");

  /** Work, of which more than once something goes in. */
  private static final Sought WORK =
      Sought.of(
          "\\b(?:whisk|beat|mix|stir|fold|pour|add|sift|melt|rub|tip|combine|blend|soak|boil|heat|knead|warm|grind)(?:ed|s)?\\b");

  /** Nobody tells two lists with more foods than that. */
  private static final int MOST = 60;

  private record Said(Clause clause, Mention mention, String food, Optional<Measure> measure) {
    static Said of(Clause clause, Mention mention) {
      String food = mention.known().map(Food::id).orElse("");
      return new Said(clause, mention, food, Scaled.single(mention.amountText));
    }
  }

  private final List<Said> all = new ArrayList<>();

  private TwoLists(List<Clause> clauses) {
    for (Clause clause : clauses) {
      for (Mention mention : clause.mentions) {
        if (mention.isMeasured() && mention.food != null && mention.bracketed == null) {
          all.add(Said.of(clause, mention));
        }
      }
    }
  }

  /** Leaves out the list that is not one's own. */
  public static void find(List<Clause> clauses) {
    if (clauses.stream().mapToInt(clause -> clause.mentions.size()).sum() > MOST) {
      return;
    }
    TwoLists lists = new TwoLists(clauses);
    int second = lists.second();
    if (second > 0) {
      lists.choose(second);
    }
  }

  /**
   * "The recipe says 4 eggs and 300 g flour; I use 2 eggs and 200 g flour.": leaves out what
   * another says of the foods that are measured again; of a person's list, all of it.
   */
  public static boolean told(List<Clause> read, Clause clause) {
    Clause last = read.isEmpty() ? clause : read.get(read.size() - 1);
    return own(List.of(clause)) || last != clause && own(List.of(last, clause));
  }

  private static boolean own(List<Clause> clauses) {
    TwoLists lists = new TwoLists(clauses);
    if (lists.all.size() < 2 * SHARED || lists.all.size() > MOST) {
      return false;
    }
    int second = lists.second();
    if (second > 0 && lists.isSame(second) && lists.isTheirs(second)) {
      lists.leaveTheirs(second);
      return true;
    }
    for (int i = SHARED; second == 0 && i <= lists.all.size() - SHARED; i++) {
      if (lists.isInPlace(i) && lists.isTheirs(i)) {
        lists.leaveOut(lists.all.subList(0, i));
        return true;
      }
    }
    return false;
  }

  /** What stands before it is of another, or of another day, and it is one's own. */
  private boolean isTheirs(int second) {
    Said last = all.get(second - 1);
    Said next = all.get(second);
    boolean apart = last.clause != next.clause;
    String lead = before(all.get(0));
    String own = apart ? before(next) : between(last, next);
    boolean told = !lead.isBlank() && MINE.isIn(own) && (!MINE.isIn(lead) || ONCE.isIn(lead));
    boolean closed = !apart || last.mention.to >= last.clause.size() - 1;
    boolean work = WORK.isIn(own) || WORK.isIn(lead);
    return told && closed && !work && !PART.isIn(own + behind(all.get(all.size() - 1)));
  }

  /**
   * Other foods that do the same: "The recipe wants 200 g plain flour and 250 ml milk; I did it
   * with 200 g buckwheat and 250 ml almond milk."
   */
  private boolean isInPlace(int second) {
    String lead = before(all.get(0));
    if (all.size() - second < second || !BOOK.isIn(lead) && !ONCE.isIn(lead)) {
      return false;
    }
    int alike = 0;
    for (int i = 0; i < second; i++) {
      alike += all.get(i).mention.role() == all.get(second + i).mention.role() ? 1 : 0;
    }
    return 2 * alike >= second;
  }

  /** The same foods in the same order, each in another amount: no second helping of them. */
  private boolean isSame(int second) {
    List<String> theirs = all.subList(0, second).stream().map(Said::food).toList();
    List<String> own = all.subList(second, all.size()).stream().map(Said::food).toList();
    return theirs.stream().filter(own::contains).toList().equals(own);
  }

  private void leaveTheirs(int second) {
    Clause own = all.get(second).clause;
    boolean book = BOOK.isIn(before(all.get(0))) || KEPT.isIn(own.words(0, own.size()));
    List<Said> again = all.subList(second, all.size());
    List<Said> theirs =
        all.subList(0, second).stream()
            .filter(s -> !book || again.stream().anyMatch(o -> o.food().equals(s.food())))
            .toList();
    leaveOut(theirs);
  }

  /** Where the foods begin that were measured before, in another amount; 0 for nowhere. */
  private int second() {
    for (int i = 1; i < all.size(); i++) {
      if (isAgain(i, i)) {
        Set<String> again = new HashSet<>();
        for (int j = i; j < all.size(); j++) {
          if (isAgain(j, i)) {
            again.add(all.get(j).food());
          }
        }
        return again.size() >= SHARED ? i : 0;
      }
    }
    return 0;
  }

  /** Whether its food is measured otherwise before a place. */
  private boolean isAgain(int at, int before) {
    Said said = all.get(at);
    return !said.food().isEmpty()
        && all.subList(0, before).stream()
            .anyMatch(
                s ->
                    s.food().equals(said.food())
                        && s.mention.place == said.mention.place
                        && s.measure().isPresent()
                        && said.measure().isPresent()
                        && !s.measure().equals(said.measure()));
  }

  private void choose(int second) {
    Said first = all.get(0);
    Said last = all.get(second - 1);
    Said next = all.get(second);
    Said end = end(second);
    boolean apart = last.clause != next.clause;
    String lead = first.clause.words(0, Math.max(0, first.mention.from));
    String between = apart ? behind(last) + " " + before(next) : between(last, next);
    String tail = apart ? behind(last) : "";
    boolean then = THEN.isIn(lead) || THEN.isIn(tail);
    boolean others = OTHER.isIn(apart ? before(next) : between) || OTHER.isIn(behind(end));
    boolean own = OWN.isIn(apart ? before(next) : between) || OWN.isIn(behind(end));
    if (PART.isIn(between)) {
      return;
    }
    if (then && own) {
      leaveOut(all.subList(0, second));
    } else if (others && !then) {
      leaveOut(all.subList(second, all.indexOf(end) + 1));
    }
  }

  /** The last one that was measured before: what follows it is of neither list. */
  private Said end(int second) {
    Said end = all.get(second);
    for (Said said : all.subList(second, all.size())) {
      boolean before = all.subList(0, second).stream().anyMatch(s -> s.food().equals(said.food()));
      end = before ? said : end;
    }
    return end;
  }

  private static String before(Said said) {
    return said.clause.words(0, Math.max(0, said.mention.from));
  }

  private static String behind(Said said) {
    return said.clause.words(Math.min(said.mention.to, said.clause.size()), said.clause.size());
  }

  private static String between(Said last, Said next) {
    return last.clause.words(last.mention.to, Math.max(last.mention.to, next.mention.from));
  }

  private void leaveOut(List<Said> list) {
    for (Said said : List.copyOf(list)) {
      said.mention.mark(Part.EXCLUDED);
      said.clause.mentions.remove(said.mention);
      if (said.clause.mentions.isEmpty()) {
        said.clause.counts.clear();
      }
    }
  }
}

package honeststack.core.said.instead;

import honeststack.core.food.FreeFrom;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.StandIn;
import honeststack.core.said.supposed.HypotheticalForms;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What a sentence, or brackets, put in the place of the food measured before: see Displaced. */
public final class Superseded {
  /** The most words between a food and the end of its sentence that still speak of that food. */
  private static final int CLOSE = 5;

  /** Nobody corrects an amount to a smaller part of it without saying of what (common practice). */
  private static final double FEW = 20;

  /** With which another food takes the place of one that is nothing like it. */
  private static final Sought EXPLICIT =
      Sought.of(
          "\\b(?:no|not|none|instead|rather|swap\\w*|replac\\w*|sub\\w*|out of|(?:ran|run|all|left|sold) out|without|actually|sorry|meant|mean"
              + "|correction|for (?:it|that|them|the \\w+)|wait|scratch|did|does|do)\\b");

  /** What a recipe wants, or somebody did. */
  private static final Sought REPORTED =
      Sought.of(
          "\\b(?:says?|said|recipe|original\\w*|calls?|called|wants?|wanted|asks?|asked|normal\\w*|usual\\w*|used"
              + "|last|mum|mom|gran|grandma|nan|dad|would|should|supposed|meant|wrong|was|were|ran|run|out|none|no|not"
              + "|never|hates?|hated|allerg\\w*|can't|cannot|won't|don't|doesn't|didn't|had|forgot|instead|old|before"
              + "|empty|gone|pff+|ah|oh|ugh|argh|damn|book|card|site|packet|box|label|most|people|traditional\\w*|classic)\\b");

  /** Of a line that stands for the one before it. */
  private static final Sought ANEW =
      Sought.of(
          "\\b(?:instead|rather|swap\\w*|replac\\w*|sub\\w*|actually|sorry|meant|mean|correction"
              + "|for (?:it|that|them|the \\w+)|wait|scratch|ran out|run out|out of)\\b");

  /** "My youngest is 4." */
  private static final Sought OF_OTHERS =
      Sought.of(
          "(?:and |but |, )*(?:my|our|his|her|their) (?!amount|number|figure|scales?|notes?|guess|recipe|book|card|version"
              + "|real|right|actual|own|last|usual|rule|way|total)[a-z]+(?: [a-z]+)? (?:is|are|was|turns|turned|turning)"
              + "(?: (?:only|just|nearly|almost))?");

  private Superseded() {}

  /** "It says 50 g sugar. I used 40 g honey.", "2 eggs. No, 1 banana." */
  public static void across(List<Clause> read, Clause clause) {
    Clause inner = read.get(read.size() - 1);
    boolean over = inner.mentions.isEmpty() && read.size() > 1;
    Clause before = over ? read.get(read.size() - 2) : inner;
    Mention old = last(before);
    if (old != null && !over && old.amount != null && old.isMeasured()) {
      restate(before, old, clause);
    }
    Mention said = clause.mentions.isEmpty() ? null : clause.mentions.get(0);
    if (old == null || before.side || !isOther(old, said) || isElsewhere(before, old, said)) {
      return;
    }
    boolean bare =
        said.from <= 0 && old.to >= before.size() - 1 && !before.isWord(old.from - 1, "no", "not");
    if (bare && !over && old.from <= 0 && clause.size() <= said.to + 1) {
      return; // "200 g flour. 2 eggs."
    }
    boolean here = EXPLICIT.isIn(clause.words(0, clause.size()));
    boolean explicit = here || over && EXPLICIT.isIn(inner.words(0, inner.size()));
    boolean kin = old.food.isOfAKind(said.food) || StandIn.isFor(old.food, said.food);
    boolean told = !isItemOnly(clause, said) || REPORTED.isIn(before.words(0, before.size()));
    boolean settled = !here && (isOtherLeftOut(before, old.food, 0) || !kin) || !explicit && !told;
    boolean apart =
        areItems(before, old, clause, said) && !ANEW.isIn(clause.words(0, clause.size()));
    boolean item = apart || !explicit && isItem(before, old, clause, said);
    if (settled || item || isCorrected(clause, said)) {
      return;
    }
    Displaced then = new Displaced(before);
    Displaced now = new Displaced(clause);
    String tail = then.plain(overNotes(before, old.to), before.size());
    String head = now.plain(0, said.from);
    if (over) {
      head = join(new Displaced(inner).plain(0, inner.size()), head);
    }
    boolean named =
        clause.elements.subList(0, Math.min(clause.size(), Math.max(0, said.from))).stream()
            .anyMatch(Element::isFood);
    boolean held = named || then.isHeld(old.to, before.size()) || now.isHeld(0, said.from);
    boolean close = tail.split(" ").length <= CLOSE;
    String lead = then.before(old.from);
    boolean alike = head.equals(lead) && !head.isEmpty(); // "Used 60 g oats; used 200 g flour."
    boolean kept = // "Don't forget 240 g buttermilk!"
        DisplacedForms.isKept(head)
            || HypotheticalForms.SO_DONE.isIn(before.words(0, before.size()));
    boolean another = // "75 g ricotta instead of the milk" behind what goes on top
        isWithoutAnother(clause, old) || over && isWithoutAnother(inner, old);
    if (held || !close || another || alike || kept || isFreeAnyway(old, said, head)) {
      return;
    }
    String between = join(tail, head);
    String behind = now.behind(overNotes(clause, said.to));
    Weights.Says says =
        said.isMeasured()
            ? Contrast.of(old.food, said.food, old.isMeasured(), lead, between, behind)
            : Weights.Says.BOTH_COUNT;
    if (says == Weights.Says.FIRST_GIVES_WAY || givesWay(lead, between, behind)) {
      old.mark(Part.EXCLUDED);
      before.mentions.remove(old);
    } else if (old.isMeasured()
        && says == Weights.Says.SECOND_GIVES_WAY
        && !isOtherLeftOut(
            clause, said.food, said.from)) { // "almond flour, 100 g, since wheat is off the menu"
      said.mark(Part.EXCLUDED);
      clause.mentions.remove(said);
    }
  }

  /** An amount and a food, and nothing is done. */
  private static boolean isItemOnly(Clause clause, Mention said) {
    return said.from <= 0 && clause.elements.stream().noneMatch(e -> e.is(Sort.VERB));
  }

  /** Words behind a food leave out another. */
  private static boolean isOtherLeftOut(Clause clause, Element kept, int from) {
    int begin = Math.max(0, Math.min(from, clause.size()));
    return clause.elements.subList(begin, clause.size()).stream()
        .anyMatch(
            e ->
                (e.isFood() || e.isAmount() && !e.isWeak())
                    && e.part == Part.EXCLUDED
                    && e != kept);
  }

  /** It says that another food is left out than the one before it. */
  private static boolean isWithoutAnother(Clause clause, Mention old) {
    return clause.elements.stream()
        .anyMatch(
            e ->
                e.isFood()
                    && e.food.isPresent()
                    && e.part == Part.EXCLUDED
                    && !e.isSameFood(old.food));
  }

  /** "100 g rye flour. Two cups, sorry, two and a half cups of oats": it mends itself. */
  private static boolean isCorrected(Clause clause, Mention said) {
    int to = Math.max(0, Math.min(said.from, clause.size()));
    return clause.elements.subList(0, to).stream()
        .anyMatch(e -> e.isAmount() && !e.isWeak() && e.part == Part.EXCLUDED);
  }

  /** Each begins a line of its own: "1 cup oats, not instant" says no more of the line before. */
  private static boolean areItems(Clause before, Mention old, Clause clause, Mention said) {
    boolean otherLine = clause.sentence.line() != before.sentence.line();
    return otherLine && said.from <= 0 && old.from <= 0;
  }

  /** "1 egg", and on the next line "used ¾ of a 250 g tub of ricotta": two of a list. */
  private static boolean isItem(Clause before, Mention old, Clause clause, Mention said) {
    boolean first = old.from <= 0 && old.to >= before.size() - 1;
    boolean second = said.from <= 0 && clause.size() <= said.to + 1;
    boolean swapped = before.elements.stream().anyMatch(e -> e.isFood() && e.part == Part.EXCLUDED);
    boolean otherLine = clause.sentence.line() != before.sentence.line();
    boolean listed = otherLine || said.from <= 0 && first || second && swapped;
    boolean added = old.food.isRole(Role.ADD_IN) && said.food.isRole(Role.ADD_IN);
    return listed && (added || !old.food.isOfAKind(said.food));
  }

  /** "200 g nuts, has to be pecan": behind what is understood already. */
  private static int overNotes(Clause clause, int from) {
    int to = from;
    while (clause.has(to) && clause.get(to).part == Part.NOTE) {
      to++;
    }
    return to;
  }

  /** "I swapped the butter for 40 g oil. Fried in 10 g lard.": it took the place of another. */
  private static boolean isElsewhere(Clause before, Mention old, Mention said) {
    boolean placed = said.place == Place.PAN || said.place == Place.PLATE;
    if (placed && old.place != Place.NOT_SAID && old.place != said.place) {
      return true; // "Share 30 g jam out. The pan took 12 g butter."
    }
    boolean swapped = before.elements.stream().anyMatch(e -> e.isFood() && e.part == Part.EXCLUDED);
    boolean topped = said.place == Place.PLATE && old.isMeasured();
    return placed && old.place == Place.NOT_SAID && (swapped || topped);
  }

  /** "200 ml water. He can't have dairy so 100 ml oat drink": none was in the first either. */
  private static boolean isFreeAnyway(Mention old, Mention said, String head) {
    return Stream.of(head.split(" "))
        .map(word -> FreeFrom.of(word + "-free"))
        .filter(free -> !free.isNothing())
        .anyMatch(
            free ->
                old.known().filter(free::allows).isPresent()
                    && said.known().filter(free::allows).isPresent());
  }

  /** "200 ml milk. No, 250 ml, 1 tsp salt" */
  private static void restate(Clause before, Mention old, Clause clause) {
    int said = 0;
    while (clause.has(said) && !clause.isAmount(said) && !clause.get(said).isFood()) {
      said++;
    }
    Element right = clause.isAmount(said) ? clause.get(said) : null;
    boolean open =
        right != null
            && clause.counts.pieces.isEmpty()
            && clause.mentions.stream().noneMatch(m -> m.amount == right)
            && (!clause.has(said + 1)
                || clause.isMark(said + 1, ",", ".", ";")
                || clause.isWord(said + 1, "does", "is", "will", "in", "works", "do"));
    if (!open || !Displaced.isAlike(old.amount, right)) {
      return;
    }
    String between = new Displaced(clause).plain(0, said);
    if (right.isCount() && OF_OTHERS.isAll(between)) {
      return;
    }
    String head = new Displaced(before).before(Math.max(0, old.from));
    boolean says =
        Contrast.isRestated(head, between, new Displaced(clause).behind(said + 1), right.isCount());
    Mention meant = says ? meant(before, old, right) : null;
    if (meant != null) {
      meant.amount.part = Part.EXCLUDED;
      meant.amountText = right.textLike(meant.amount);
      meant.restated = true;
      right.part = Part.AMOUNT;
    }
  }

  /** "3 eggs, 300 ml milk. No, two.": of eggs, as nobody takes 2 ml for 300; null for none. */
  public static Mention meant(Clause before, Mention last, Element right) {
    if (!isFew(last, right)) {
      return last;
    }
    Mention counted = null;
    for (Mention mention : before.mentions) {
      boolean pieces = mention.amount != null && mention.amount.isCount();
      counted = pieces && mention.known().isPresent() ? mention : counted;
    }
    return counted;
  }

  /** "1 tbsp chia, 3 tbsp water (= 1 egg)": the egg that they are. */
  private static boolean isItsEgg(Clause outer, Mention old, Clause inner, Mention said) {
    boolean egg = old.isMeasured() && StandIn.isForEgg(old.food, said.food);
    boolean seeds =
        outer.mentions.stream().anyMatch(m -> m.foodText.matches("(?i).*(?:flax|linseed|chia).*"));
    int amount = said.amount == null ? said.from : inner.elements.indexOf(said.amount);
    String before = new Displaced(inner).plain(0, Math.min(amount, said.from));
    return egg && (DisplacedForms.FOR_EGG.isAll(before) || before.isEmpty() && seeds);
  }

  /** "300 ml milk. No, two." is said of something else. */
  public static boolean isFew(Mention told, Element right) {
    return right.isCount()
        && !told.amount.isCount()
        && right.measure().amount() * FEW <= told.amount.measure().amount();
  }

  /** "50 g sugar (no, 40 g honey)": whether the food in the brackets counts instead. */
  public static boolean inBrackets(Clause outer, Mention old, Clause inner) {
    Mention said = inner.mentions.size() == 1 ? inner.mentions.get(0) : null;
    if (old == null || !isOther(old, said)) {
      return false;
    }
    if (isItsEgg(outer, old, inner, said)) {
      said.mark(Part.EXCLUDED);
      inner.mentions.clear();
      return true;
    }
    Displaced words = new Displaced(inner);
    String between = words.plain(0, said.from);
    String behind = (words.behind(said.to) + " )").strip();
    boolean named =
        inner.elements.subList(0, Math.min(inner.size(), said.from)).stream()
            .anyMatch(Element::isFood);
    Weights.Says says =
        named
            ? Weights.Says.BOTH_COUNT
            : Contrast.of(old.food, said.food, true, "", "( " + between, behind);
    if (old.isMeasured() && says == Weights.Says.SECOND_GIVES_WAY) {
      said.mark(Part.EXCLUDED); // "40 g honey (no 50 g sugar in the house)"
      inner.mentions.clear();
      return true;
    }
    if (says != Weights.Says.FIRST_GIVES_WAY && !givesWay("", between, behind)) {
      return false;
    }
    said.place = old.place;
    if (!said.isMeasured() && old.isMeasured()) {
      said.amountText = old.amountText; // "50 g sugar (should be honey)"
      said.restated = true;
    }
    outer.mentions.set(outer.mentions.indexOf(old), said);
    old.mark(Part.EXCLUDED);
    inner.mentions.clear();
    return true;
  }

  /** "200 ml milk (I use 250 ml)", "3 eggs (now 2)": whether the amount in brackets counts. */
  public static boolean isNow(Mention old, Clause inner) {
    List<Element> amounts =
        inner.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).toList();
    boolean one = amounts.size() == 1 && old.amount != null && old.isMeasured();
    if (!one || inner.hasFood()) {
      return false;
    }
    int amount = inner.elements.indexOf(amounts.get(0));
    return Displaced.isAlike(old.amount, amounts.get(0))
        && Contrast.isRestated("", "( " + inner.words(0, amount), ")", amounts.get(0).isCount())
        && (amount == inner.size() - 1 || inner.isWord(amount + 1, "now", "today", "really"));
  }

  private static String join(String first, String second) {
    return first + (first.isEmpty() || second.isEmpty() ? "" : " , ") + second;
  }

  private static Mention last(Clause clause) {
    return clause.mentions.isEmpty() ? null : clause.mentions.get(clause.mentions.size() - 1);
  }

  private static boolean isOther(Mention old, Mention said) {
    return said != null
        && said.food != null
        && old.food != null
        && !old.food.isSameFood(said.food)
        && (said.isMeasured() || StandIn.isFor(old.food, said.food));
  }

  /** Whatever both are. */
  private static boolean givesWay(String before, String between, String behind) {
    Predicate<DisplacedForms.Form> is = form -> form.is(before, between, behind);
    boolean first =
        DisplacedForms.FIRST.stream().anyMatch(is) || DisplacedForms.SWAPPED.stream().anyMatch(is);
    return first && !DisplacedForms.MORE.isAll(behind);
  }
}

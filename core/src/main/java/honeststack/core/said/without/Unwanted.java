package honeststack.core.said.without;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.instead.DisplacedForms;
import honeststack.core.said.told.Part;
import honeststack.core.wording.WordSet;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A food that is not in it, in whatever words: a stretch of a sentence that measures nothing, names
 * one food, or some in a row, and of which every word may speak of leaving it out. "The kids refuse
 * butter", "sugar has no place in a pancake", "as for salt, no".
 */
final class Unwanted {
  private static final int LONGEST = 14;

  /** One of them is said. */
  private static final Set<String> NOT =
      WordSet.of(
          """
          no not never none nobody nowhere neither nor without refuse refuses refused hate hates
          hated avoid avoids avoiding forgot forgotten forget away zero nope nah nay quit stopped
          quits banned ban forbidden allergic intolerant wrong miss missed don't doesn't didn't isn't
          aren't wasn't weren't can't cannot won't wouldn't shan't haven't hasn't no-no taboo poison
          dislike dislikes detest detests loathe loathes off-limits absent unnecessary needless
          pointless gone leave leaves left skip skips omit omits minus unwanted unwelcome ruin ruins
          spoil spoils
          """);

  /** May stand about it. */
  private static final Set<String> ABOUT =
      WordSet.of(
          """
          put puts putting use uses used using add adds added adding take takes have has had having
          need needs needed want wants wanted eat eats eating touch touches like likes go goes going
          gone belong belongs place thing fan keen house kitchen home pancake pancakes waffle waffles
          crepe crepes recipe mix batter bowl these ones i i'm i've you you'd we we're we've he he's
          she she's they they're it it's its this that that's these those my me mine him her us them
          our his their kids boys girls children child wife husband son daughter baby mum mom dad
          family guests everyone in into to for with from of on at near here there there's is are
          was were be been do does did dare will would can could should must ever any all even
          absolutely entirely completely totally definitely please thanks thank sorry as whoever
          anyone who whatsoever whatever the a an and or but so by today tonight more again anymore
          longer now one single speck drop scrap bit trace grain hint way used up out much
          agree agrees work works suit suits went made make got counter fridge cupboard shelf end turned
          thought did mind
          """);

  /** With one of them it says how, and not that there is none. */
  private static final Set<String> HOW =
      WordSet.of("much more enough only just too shy stingy mean yet else");

  private final Clause clause;

  private Unwanted(Clause clause) {
    this.clause = clause;
  }

  static void in(Clause clause) {
    boolean may =
        clause.elements.stream().anyMatch(e -> e.isFood() && e.isFree())
            && clause.elements.stream()
                .anyMatch(
                    e -> !e.isFood() && Arrays.stream(e.low().split(" ")).anyMatch(NOT::contains));
    if (may) {
      new Unwanted(clause).find();
    }
  }

  private void find() {
    int from = 0;
    for (int i = 0; i <= clause.size(); i++) {
      if (i == clause.size() || clause.isMark(i, ".", ";", "!", "–", "—", "-", "(", ")")) {
        take(from, i);
        from = i + 1;
      }
    }
  }

  private void take(int from, int to) {
    List<Element> told = clause.elements.subList(from, to);
    boolean amount = told.stream().anyMatch(e -> e.isAmount() && !e.isWord("a", "one", "an"));
    boolean foods = told.stream().anyMatch(e -> e.isFood() && e.isFree()) && isRow(told);
    if (amount || !foods || told.size() > LONGEST || !isSaid(told)) {
      return;
    }
    clause.take(from, to, Part.NOTE, e -> !e.isFood());
    for (int i = from; i < to; i++) {
      if (clause.isFood(i)) {
        clause.exclude(i, i + 1);
      }
    }
  }

  /** Only joining words stand between the foods. */
  private static boolean isRow(List<Element> told) {
    int last = -1;
    for (int i = 0; i < told.size(); i++) {
      if (told.get(i).isFood()) {
        boolean joined =
            last < 0
                || told.subList(last + 1, i).stream()
                    .allMatch(e -> e.isMark(",", "/", "&") || e.isWord("and", "or", "nor", "the"));
        if (!joined) {
          return false;
        }
        last = i;
      }
    }
    return true;
  }

  private static boolean isSaid(List<Element> told) {
    Set<String> said = new HashSet<>();
    for (Element element : told) {
      boolean mark = element.isMark(",", "?", "/", "&");
      if (!element.isFood() && !mark) {
        said.addAll(Arrays.asList(element.low().split(" ")));
      }
    }
    boolean kept = said.contains("forget") && (said.contains("don't") || said.contains("not"));
    boolean twice = said.contains("without") && said.stream().filter(NOT::contains).count() > 1;
    return said.stream().anyMatch(NOT::contains)
        && said.stream().allMatch(word -> NOT.contains(word) || ABOUT.contains(word))
        && said.stream().noneMatch(HOW::contains)
        && !kept
        && !(said.contains("missed") && said.contains("can't"))
        && !twice
        && !DisplacedForms.isKept(String.join(" ", told.stream().map(Element::low).toList()));
  }
}

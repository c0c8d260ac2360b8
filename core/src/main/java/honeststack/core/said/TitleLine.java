package honeststack.core.said;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.yield.BareCounts;
import java.util.List;
import java.util.Optional;

/** What a recipe is called, where a line or a sentence before it says nothing else. */
final class TitleLine {
  private static final int TITLED = 3;
  private static final String[] SIZES = {
    "small", "large", "big", "little", "mini", "medium", "thin", "thick", "fat", "tiny", "of",
    "them"
  };

  private TitleLine() {}

  /** The first of several lines, if it measures nothing, is what the recipe is called. */
  static void find(List<Clause> clauses) {
    if (clauses.isEmpty()) {
      return;
    }
    boolean alone =
        clauses.size() > 1
            && Titles.isAlone(clauses.get(0))
            && clauses.get(0).mentions.stream().noneMatch(Mention::isMeasured)
            && clauses.get(1).mentions.stream().anyMatch(Mention::isMeasured);
    if (alone) {
      entitle(clauses.get(0));
      return;
    }
    int first = clauses.get(0).sentence.line();
    long lines = clauses.stream().mapToInt(c -> c.sentence.line()).distinct().count();
    List<Clause> line = clauses.stream().filter(c -> c.sentence.line() == first).toList();
    boolean measured =
        line.stream().flatMap(c -> c.mentions.stream()).anyMatch(Mention::isMeasured);
    if (lines < TITLED || measured || first > 0) {
      return;
    }
    line.forEach(TitleLine::entitle);
  }

  private static void entitle(Clause clause) {
    clause.asides.forEach(aside -> titled(clause, aside.clause()));
    clause.mentions.clear();
    for (Element element : clause.elements) {
      if (element.part == null || element.part == Part.FOOD || element.part == Part.UNKNOWN) {
        element.part = Part.HEADING;
      }
    }
  }

  /** "Courgette cakes (about 12)". */
  private static void titled(Clause title, Clause aside) {
    List<Element> numbers =
        aside.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).toList();
    boolean bare =
        numbers.size() == 1
            && numbers.get(0).isCount()
            && aside.elements.stream()
                .allMatch(e -> e.isAmount() || e.is(Sort.IDLE) || e.isWord(SIZES));
    if (bare && title.counts.pieces.isEmpty()) {
      title.counts.pieces = Optional.of(BareCounts.range(numbers.get(0)));
      numbers.get(0).part = Part.YIELD;
    }
  }
}

package honeststack.core.said;

import honeststack.core.food.Foods;
import honeststack.core.line.LineReader;
import honeststack.core.line.LineWriter;
import honeststack.core.said.amount.Following;
import honeststack.core.said.amount.OneBowl;
import honeststack.core.said.choice.Alternatives;
import honeststack.core.said.choice.Decided;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Refused;
import honeststack.core.said.corrected.Afterthoughts;
import honeststack.core.said.corrected.Amended;
import honeststack.core.said.each.OnePortion;
import honeststack.core.said.instead.Overlaid;
import honeststack.core.said.instead.Superseded;
import honeststack.core.said.name.Described;
import honeststack.core.said.name.EggsSized;
import honeststack.core.said.name.Rendered;
import honeststack.core.said.name.TitledFree;
import honeststack.core.said.name.WhichSort;
import honeststack.core.said.page.OwnWeights;
import honeststack.core.said.page.Page;
import honeststack.core.said.page.Speakers;
import honeststack.core.said.page.SpokenMarks;
import honeststack.core.said.page.Stamps;
import honeststack.core.said.page.Struck;
import honeststack.core.said.page.ToldUnit;
import honeststack.core.said.page.Vessels;
import honeststack.core.said.part.OfIt;
import honeststack.core.said.part.Thinned;
import honeststack.core.said.place.EatersOwn;
import honeststack.core.said.place.MadeFor;
import honeststack.core.said.ratio.AsMuch;
import honeststack.core.said.supposed.Bygone;
import honeststack.core.said.supposed.Hypothetical;
import honeststack.core.said.talk.OffTopic;
import honeststack.core.said.told.Told;
import honeststack.core.said.without.LeftOut;
import honeststack.core.said.without.Undone;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.Rounds;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Reads what was said, of any length: one line, a list, a paragraph dictated into a phone, a whole
 * page. Every word ends as part of something; a number or a food of which nothing was made is said.
 */
public final class Telling {
  /** Somewhere in a text of several sentences. */
  private static final Sought GRAMS =
      Sought.of(
          "(?:(?<!\\d ?)|(?=.(?:all|every|weights|amounts)))\\((?:all |everything |weights |amounts )?(?:in )?(?:g|grams)"
              + "(?:,? (?:but|except|bar|apart from|other than)(?: for)?(?: the)? \\w+)?\\)"
              + "|\\b(?:all|everything|weights|amounts) (?:is |are )?in (?:g|grams)\\b"
              + "|\\ball grams\\b|\\bgrams,? (?:obviously|of course|throughout)\\b|\\bin grams[.!)]?$",
          Pattern.CASE_INSENSITIVE);

  private final Foods foods;
  private final LineReader reader;
  private final LineWriter writer;

  public Telling(Foods foods, LineReader reader, LineWriter writer) {
    this.foods = foods;
    this.reader = reader;
    this.writer = writer;
  }

  public Told read(String text) {
    Struck struck = new Struck(SpokenMarks.written(text));
    Stamps stamps = new Stamps(struck.text);
    Speakers speakers = new Speakers(stamps.text, foods);
    Vessels vessels = new Vessels(speakers.text);
    OwnWeights weights = new OwnWeights(vessels.text);
    ToldUnit unit = new ToldUnit(weights.text);
    Page page = new Page(unit.text);
    String inUnit = isInGrams(text) ? "g" : unit.unit;
    boolean bacon = Rendered.isIn(text);
    boolean onScales = OneBowl.isOnScales(text);
    Described described = new Described(foods);
    WhichSort whichSort = new WhichSort(foods);
    List<Clause> read = new ArrayList<>();
    boolean wrong = false;
    boolean supposed = false;
    List<Clause> clauses =
        Sentences.read(page.sentences, () -> new ClauseReader(foods, inUnit, bacon, onScales));
    for (Clause clause : clauses) {
      if (OffTopic.isRule(clause)) {
        clause.passOverAmounts();
      }
      wrong = wrong && Afterthoughts.takesBack(read, clause) || Afterthoughts.isWrong(clause);
      if (Item.is(clause) && (read.isEmpty() || Item.is(read.get(read.size() - 1)))) {
        OfBefore.item(read, clause);
        vessels.restate(clause);
        weights.restate(clause);
        read.add(clause);
        continue;
      }
      boolean back = OfBefore.first(read, clause);
      boolean portion =
          !back && (Overlaid.by(read, clause) || EatersOwn.isSaid(read, clause))
              || clause.side
              || clause.bitByBit
              || OnePortion.isIn(clause)
              || Thinned.isIn(clause);
      boolean retold = back || !portion && OfBefore.in(read, clause);
      if (!read.isEmpty()) {
        Clause last = lastSaid(read);
        Rounds.ofOneBowl(last, clause);
        supposed = !retold && !portion && Hypothetical.in(read, clause);
        if (!supposed && !retold && !EggsSized.by(read, clause)) {
          follow(read, last, clause);
          described.freeBehind(last, clause);
          whichSort.behind(read, last, clause);
        }
      }
      if (!retold) {
        Bygone.measured(read, clause);
      }
      if (!supposed && !retold) {
        Undone.by(read, clause);
        Hypothetical.remark(read, clause);
      }
      vessels.restate(clause);
      weights.restate(clause);
      read.add(clause);
    }
    page.marks.addAll(struck.marks);
    page.marks.addAll(stamps.marks);
    page.marks.addAll(speakers.marks);
    page.marks.addAll(vessels.marks);
    page.marks.addAll(weights.marks);
    page.marks.addAll(unit.marks);
    OverAll.find(text, read);
    TitledFree.of(text).forEach(free -> described.titled(read, free));
    return new Answer(reader, writer, text, unit.text, page, read).told();
  }

  /** What a sentence says of the one before it, or of all. */
  private static void follow(List<Clause> read, Clause last, Clause clause) {
    if (clause.batch.isPresent() && clause.mentions.isEmpty()) {
      return; // it speaks of all of it
    }
    MadeFor.over(last, clause);
    Afterthoughts.goOn(last, clause);
    Amended.by(last, clause);
    Superseded.across(read, clause);
    LeftOut.answered(last, clause);
    Refused.goOn(last, clause);
    Alternatives.goOn(last, clause);
    Decided.answered(last, clause);
    AsMuch.by(read, clause);
    Following.measure(read, clause);
    OfIt.goOn(read, clause);
  }

  /** Over sentences that are only marks: "half a cup!!". */
  private static Clause lastSaid(List<Clause> read) {
    int i = read.size() - 1;
    while (i > 0 && read.get(i).elements.stream().allMatch(e -> e.kind == Element.Kind.MARK)) {
      i--;
    }
    return read.get(i);
  }

  /** Its numbers without a unit are grams, it says. */
  private static boolean isInGrams(String text) {
    String low = text.toLowerCase(Locale.ROOT);
    boolean maybe =
        low.contains("(g")
            || low.contains("all g")
            || low.contains("in g")
            || low.contains("grams");
    return (maybe || low.contains(" g)")) && GRAMS.isIn(low);
  }
}

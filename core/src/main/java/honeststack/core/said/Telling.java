package honeststack.core.said;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.line.LineReader;
import honeststack.core.line.LineWriter;
import honeststack.core.line.Place;
import honeststack.core.line.ReadLine;
import honeststack.core.line.Token;
import honeststack.core.said.Sentence.Section;
import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Reads what was said, of any length: one line, a list, a paragraph dictated into a phone, a whole
 * page. Every word ends as part of something; a number or a food of which nothing was made is said.
 */
public final class Telling {
  private static final int MOST_LINES = 200;

  /** Somewhere in a text of several sentences. */
  private static final Sought GRAMS =
      Sought.of(
          "\\((?:all |everything |weights |amounts )?(?:in )?(?:g|grams)\\)"
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
    ClauseReader sentences =
        new ClauseReader(
            foods,
            isInGrams(text) ? "g" : unit.unit,
            Rendered.isIn(text),
            OneBowl.isOnScales(text));
    Described described = new Described(foods);
    WhichSort whichSort = new WhichSort(foods);
    List<Clause> read = new ArrayList<>();
    boolean wrong = false;
    boolean supposed = false;
    List<Clause> clauses =
        page.sentences.stream().flatMap(sentence -> sentences.read(sentence).stream()).toList();
    for (Clause clause : clauses) {
      if (OffTopic.isRule(clause)) {
        clause.passOverAmounts();
      }
      wrong = wrong && Afterthoughts.takesBack(read, clause) || Afterthoughts.isWrong(clause);
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
        supposed = !retold && !portion && Hypothetical.in(read, clause);
        if (!supposed && !retold) {
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
    return new Telltale(text, unit.text, page, read).told();
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
    boolean maybe = low.contains("(g") || low.contains("in g") || low.contains("grams");
    return (maybe || low.contains(" g)")) && GRAMS.isIn(low);
  }

  /** Puts together what the sentences say. */
  private final class Telltale {
    private final String text;

    /** With spoken and odd marks made plain. */
    private final String plain;

    private final Page page;
    private final List<Clause> clauses;
    private final Counted all;
    private final List<Told.Line> lines = new ArrayList<>();

    /** The first line that measures a food for a place. */
    private final Map<String, Integer> measured = new HashMap<>();

    Telltale(String text, String plain, Page page, List<Clause> clauses) {
      this.text = text;
      this.plain = plain;
      this.page = page;
      this.clauses = clauses;
      this.all = Totals.of(clauses);
    }

    Told told() {
      Marking marking = new Marking();
      List<Told.Step> steps = new ArrayList<>();
      for (Clause clause : clauses) {
        for (Mention mention : clause.mentions) {
          if (lines.size() < MOST_LINES) {
            add(clause, mention, marking);
          }
        }
        marking.clause(clause);
        step(clause).ifPresent(steps::add);
      }
      unknown(marking.unknown());
      marking.addAll(page.marks);
      marking.fill(text, plain);
      return new Told(
          lines, marking.marks(), all.pieces, all.serves, steps, marking.excluded(text));
    }

    /** Each a line to correct; beyond so many, one for all that is left. */
    private void unknown(List<Marking.Unknown> all) {
      int most = Math.min(all.size(), MOST_LINES);
      for (Marking.Unknown one : all.subList(0, most)) {
        unknown(text.substring(one.start(), one.end()), one.start(), one.end());
      }
      if (all.size() > most) {
        int end = all.get(all.size() - 1).end();
        unknown("and " + (all.size() - most) + " more", all.get(most).start(), end);
      }
    }

    private void unknown(String words, int start, int end) {
      lines.add(new Told.Line(words, start, end, Place.NOT_SAID, false, false, Optional.empty()));
    }

    private void add(Clause clause, Mention mention, Marking marking) {
      int line = lines.size();
      marking.line(mention, line);
      int start = clause.start(mention);
      int end = clause.end(mention);
      String words = words(clause, mention);
      if (mention.split != null) {
        try {
          shared(mention, words, start, end);
          return;
        } catch (RefusedException notRead) {
          mention.split = null;
        }
      }
      String said =
          ForHowMany.between(clause, mention, all)
              .flatMap(n -> Scaled.between(mention.amountText, n.low(), n.high()))
              .map(amount -> amount + " " + mention.foodText)
              .orElseGet(() -> times(mention, words, ForHowMany.times(mention, all)));
      boolean shared = ForHowMany.isForAll(mention, all);
      Optional<Integer> also = also(mention, line);
      lines.add(new Told.Line(said, start, end, mention.place, shared, true, also));
    }

    /** The line that measures the same food for the same place. */
    private Optional<Integer> also(Mention mention, int line) {
      Optional<Food> food = mention.isMeasured() ? mention.known() : Optional.empty();
      return food.map(known -> known.id() + " " + mention.place)
          .map(key -> measured.putIfAbsent(key, line));
    }

    /** As it is where it measures nothing; of a food that nobody knows the amount alone. */
    private String times(Mention mention, String words, double times) {
      try {
        return times == 1 ? words : writer.scaled(words, Optional.empty(), times).text();
      } catch (RefusedException notRead) {
        return Scaled.times(mention.amountText, times)
            .map(amount -> amount + " " + mention.foodText)
            .orElse(words);
      }
    }

    /** A line for each place. */
    private void shared(Mention mention, String words, int start, int end) {
      Split split = mention.split;
      List<Told.Line> shares = new ArrayList<>();
      for (int i = 0; i < split.parts().size(); i++) {
        String some =
            writer.scaled(words, Optional.empty(), mention.times * split.parts().get(i)).text();
        Place place = split.places().get(i);
        boolean shared = place == Place.PLATE;
        shares.add(new Told.Line(some, start, end, place, shared, true, Optional.empty()));
      }
      lines.addAll(shares);
    }

    /** The line as it was typed, where it is one and can be read so. */
    private String words(Clause clause, Mention mention) {
      String said = choice(mention);
      boolean alone =
          clause.sentence.whole()
              && clause.mentions.size() == 1
              && mention.others.isEmpty()
              && mention.more == null
              && mention.split == null
              && !mention.restated
              && clause.elements.stream().noneMatch(Telling::isApart);
      String typed = text.substring(clause.sentence.start(), clause.sentence.end());
      alone = alone && !EggSizes.isIn(Token.of(typed));
      alone &= plain.startsWith(typed, clause.sentence.start());
      return alone && isRead(typed, mention) ? typed : said;
    }

    private boolean isRead(String typed, Mention mention) {
      try {
        ReadLine line = reader.read(typed);
        return line.amount().isPresent() == mention.isMeasured()
            && line.unused().isEmpty()
            && mention.known().isPresent()
            && (line.food().equals(mention.known().get()) || isMoreSpecial(line, mention))
            && isMeasuredAs(line, mention);
      } catch (RefusedException notRead) {
        return false;
      }
    }

    /** In the same unit: "2 L eggs" are large ones, whatever the line says by itself. */
    private boolean isMeasuredAs(ReadLine line, Mention mention) {
      return line.amount().isEmpty()
          || mention.amount == null
          || line.amount().get().terms().get(0).measure().unit() == mention.amount.measure().unit();
    }

    /** "frozen blueberries" of blueberries: found by more words of the line. */
    private boolean isMoreSpecial(ReadLine line, Mention mention) {
      try {
        return line.food().equals(reader.read(mention.text()).food());
      } catch (RefusedException notRead) {
        return false;
      }
    }

    private String choice(Mention mention) {
      StringBuilder said = new StringBuilder(mention.text());
      for (String other : mention.others) {
        String bare =
            other.startsWith(mention.amountText + " ") && mention.isMeasured()
                ? other.substring(mention.amountText.length() + 1)
                : other;
        said.append(" or ").append(bare);
      }
      return said.toString();
    }

    private Optional<Told.Step> step(Clause clause) {
      boolean method = clause.sentence.section() == Section.METHOD;
      boolean verb = clause.size() > 1 && clause.is(0, Sort.VERB);
      if (!method && !verb) {
        return Optional.empty();
      }
      List<String> details =
          clause.elements.stream()
              .filter(e -> e.is(Sort.UNIT_OTHER) && e.part == Part.METHOD)
              .map(Element::text)
              .toList();
      int start = clause.sentence.start();
      int end = clause.sentence.end();
      return Optional.of(new Told.Step(start, end, text.substring(start, end), details));
    }
  }

  private static boolean isApart(Element element) {
    return element.part == Part.EXCLUDED
        || element.part == Part.YIELD
        || element.part == Part.SERVES
        || element.part == Part.ASIDE
        || element.part == Part.METHOD;
  }
}

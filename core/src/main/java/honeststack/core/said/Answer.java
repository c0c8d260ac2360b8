package honeststack.core.said;

import honeststack.core.food.Food;
import honeststack.core.line.LineReader;
import honeststack.core.line.LineWriter;
import honeststack.core.line.Place;
import honeststack.core.line.ReadLine;
import honeststack.core.line.Token;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Split;
import honeststack.core.said.each.ForHowMany;
import honeststack.core.said.page.EggSizes;
import honeststack.core.said.page.Page;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sentence.Section;
import honeststack.core.said.words.Sort;
import honeststack.core.said.yield.Totals;
import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Puts together what the sentences of a text say. */
final class Answer {
  private static final int MOST_LINES = 200;

  private final LineReader reader;
  private final LineWriter writer;
  private final String text;

  /** With spoken and odd marks made plain. */
  private final String plain;

  private final Page page;
  private final List<Clause> clauses;
  private final Counted all;
  private final List<Told.Line> lines = new ArrayList<>();

  /** The first line that measures a food for a place. */
  private final Map<String, Integer> measured = new HashMap<>();

  Answer(
      LineReader reader,
      LineWriter writer,
      String text,
      String plain,
      Page page,
      List<Clause> clauses) {
    this.reader = reader;
    this.writer = writer;
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
    return new Told(lines, marking.marks(), all.pieces, all.serves, steps, marking.excluded(text));
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
            && clause.elements.stream().noneMatch(Answer::isApart);
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

  private static boolean isApart(Element element) {
    return element.part == Part.EXCLUDED
        || element.part == Part.YIELD
        || element.part == Part.SERVES
        || element.part == Part.ASIDE
        || element.part == Part.METHOD;
  }
}

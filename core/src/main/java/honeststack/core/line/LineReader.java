package honeststack.core.line;

import static honeststack.core.wording.Refusal.Reason.NO_FOOD;
import static honeststack.core.wording.Refusal.Reason.OPEN_CHOICE;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Packing;
import honeststack.core.measure.Amount;
import honeststack.core.measure.Amount.Term;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Reads a line as cooks say and write it, "2 heaped tbsp ground oats": amount, unit and food, and
 * the words that change what a cup or a piece weighs. What it does not understand it refuses,
 * quoting it; what it does not use it says.
 */
public final class LineReader {
  /** Millilitres of juice that go by the fruit's name alone (common practice). */
  private static final double MOST_JUICE = 100;

  private static final Set<Unit> POURED =
      EnumSet.of(Unit.SPLASH, Unit.DROP, Unit.DASH, Unit.DRIZZLE, Unit.SPOON);

  private static final Pattern TWO_PARTS =
      Pattern.compile(
          "\\b(?:zest|rind|peel|juice)\\s*(?:and|&|\\+)\\s*(?:the\\s+)?(?:zest|rind|peel|juice)\\b",
          Pattern.CASE_INSENSITIVE);

  private final Foods foods;
  private final Remembered<Answer> known = new Remembered<>();

  /**
   * @param foods by whose names lines are read; they must not change, for a line that was read once
   *     is remembered
   */
  public LineReader(Foods foods) {
    this.foods = foods;
  }

  /** One of the two. */
  private record Answer(ReadLine line, RefusedException refused) {
    ReadLine get() {
      if (refused != null) {
        throw refused;
      }
      return line;
    }
  }

  /**
   * @throws RefusedException if amount or food cannot be read, or the line leaves a choice open
   */
  public ReadLine read(String text) {
    return remembered(text, text, null);
  }

  /**
   * Reads all but the food, which was picked by hand.
   *
   * @throws RefusedException if the amount cannot be read
   */
  public ReadLine read(String text, Food picked) {
    return remembered(picked.id() + '\n' + text, text, picked);
  }

  private ReadLine remembered(String key, String text, Food picked) {
    return known.get(key, any -> answer(text, picked)).get();
  }

  private Answer answer(String text, Food picked) {
    try {
      return new Answer(new Pass(text, picked).read(), null);
    } catch (RefusedException refused) {
      return new Answer(null, refused);
    }
  }

  /** One reading of one line. */
  private final class Pass {
    private final String text;
    private final Food picked;
    private final String part;
    private final List<Token> tokens;
    private final List<List<Token>> asides;
    private final AmountParser amounts;
    private boolean measured = true;

    Pass(String text, Food picked) {
      LineText line = LineText.of(text);
      this.text = text;
      this.picked = picked;
      this.part = line.part();
      this.tokens = line.tokens();
      this.asides = line.asides();
      this.amounts = new AmountParser(line.read(), tokens);
    }

    ReadLine read() {
      if (TWO_PARTS.matcher(text).find()) {
        throw Refusals.of(NO_FOOD, text.strip(), "names two things at once", "a line for each");
      }
      int about = amounts.about(0);
      int from = Unmeasured.end(tokens, about);
      measured = from == about;
      Optional<AmountParser.Front> front = measured ? amounts.front(from) : Optional.empty();
      List<Term> terms = new ArrayList<>(front.map(AmountParser.Front::terms).orElse(List.of()));
      List<Measure> others =
          new ArrayList<>(front.map(AmountParser.Front::others).orElse(List.of()));
      List<Token> rest =
          new ArrayList<>(
              tokens.subList(front.map(AmountParser.Front::next).orElse(from), tokens.size()));
      Optional<AmountParser.Front> back =
          terms.isEmpty() && measured ? amounts.back() : Optional.empty();
      if (back.isPresent()) {
        terms.addAll(back.get().terms());
        rest.subList(back.get().name() - from, back.get().next() - from).clear();
      }
      boolean container = front.map(AmountParser.Front::container).orElse(false);
      Notes notes = new Notes(rest);
      boolean more = moreOf(rest, terms);
      StringBuilder written = new StringBuilder(Token.joined(rest));
      List<List<Token>> bracketed = new ArrayList<>();
      for (List<Token> aside : asides) {
        Optional<Measure> beside = beside(aside);
        if (beside.isPresent()) {
          bracketed.add(aside);
        } else if (!isCount(aside)) {
          notes.rest.add(new Token(Token.Kind.MARK, ",", ",", 0, 0));
          notes.rest.addAll(aside);
          written.append(" (").append(Token.joined(aside)).append(')');
        }
      }
      notes.scan();
      notes.drained &= !Bracketed.isLeft(tokens, bracketed);
      if (front.isPresent() && terms.get(0).measure().unit().kind() == Unit.Kind.VOLUME) {
        notes.dropGround();
      }
      if (word(0, "enough")) {
        notes.dropPurpose();
      }
      List<Term> said = List.copyOf(terms);
      if (picked == null && notes.choice) {
        throw Refusals.of(
            OPEN_CHOICE,
            notes.left(),
            "leaves a choice open",
            "one food; those that come closest are offered");
      }
      List<String> alternatives = chosen(notes, terms);
      FoodNaming.Named named =
          picked != null
              ? FoodNaming.picked(picked)
              : new FoodNaming(foods, text)
                  .named(notes, suffix(notes, terms), terms.isEmpty() && measured)
                  .spooned(foods, terms)
                  .poured(foods, terms)
                  .tinned(foods, terms)
                  .counted(foods, terms);
      for (List<Token> aside : bracketed) {
        Measure beside = beside(aside).orElseThrow();
        others.add(Bracketed.all(beside, terms, named.food(), aside, container));
      }
      Optional<Measure> other = SecondAmount.prefer(terms, others);
      if (isJuiceOf(notes, terms, named)) {
        written.append(" juice");
      }
      Shape shape =
          new Shape(
              part.isEmpty() ? "" : part + " of ",
              more ? written + ", plus some more" : written.toString(),
              back.isPresent(),
              other.isPresent() || !others.isEmpty() ? List.copyOf(terms) : said);
      if (terms.isEmpty()) {
        return new ReadLine(
            Optional.empty(),
            named.food(),
            named.general(),
            Optional.empty(),
            notes.optional,
            notes.place,
            named.unused(),
            alternatives,
            shape);
      }
      Amount amount = amount(terms, named, notes, container, more);
      return new ReadLine(
          Optional.of(amount),
          named.food(),
          named.general(),
          other,
          notes.optional,
          notes.place,
          named.unused(),
          alternatives,
          shape);
    }

    /** Of a choice the first food is read on; the others are lines of their own. */
    private List<String> chosen(Notes notes, List<Term> terms) {
      Optional<Choice> choice = Choice.in(notes.rest, foods);
      if (choice.isEmpty()) {
        return List.of();
      }
      List<Token> other = choice.get().other();
      boolean measured = new AmountParser(text, other).front(0).isPresent();
      String amount = measured || terms.isEmpty() ? "" : terms.get(0).measure().text() + " ";
      List<Token> first = List.copyOf(choice.get().first());
      notes.rest.clear();
      notes.rest.addAll(first);
      String line = amount + Token.joined(other);
      try {
        new Pass(line, null).read();
        return List.of(line);
      } catch (RefusedException notRead) {
        List<String> kind = terms.isEmpty() ? List.of() : choice.get().ofKind(foods, amount);
        if (Choice.isFree(line) || !kind.isEmpty()) {
          return kind;
        }
        throw Refusals.of(
            OPEN_CHOICE,
            Token.joined(other),
            "is the other food of a choice, and not known",
            "one food; those that come closest are offered");
      }
    }

    /** "a squeeze of lime": without its squeeze, the line would mean the fruit. */
    private boolean isJuiceOf(Notes notes, List<Term> terms, FoodNaming.Named named) {
      return suffix(notes, terms).endsWith("?")
          && foods
              .byName(Token.joined(named.name()))
              .filter(fruit -> !fruit.food().equals(named.food()))
              .isPresent();
    }

    /** Of a squeezed fruit its juice is meant, and of a spoon or a drop of lemon. */
    private String suffix(Notes notes, List<Term> terms) {
      Unit unit = terms.isEmpty() ? Unit.COUNT : terms.get(0).measure().unit();
      boolean sour =
          notes.rest.stream().anyMatch(t -> t.isWord("lemon", "lime", "lemons", "limes"));
      double amount = terms.isEmpty() ? 0 : terms.get(0).measure().amount();
      boolean poured =
          unit.kind() == Unit.Kind.SPOON
              || unit == Unit.MILLILITRE && amount <= MOST_JUICE
              || POURED.contains(unit);
      boolean squeezed = unit == Unit.SQUEEZE || sour && poured;
      String form = squeezed ? " juice?" : unit == Unit.DROP ? " drops?" : notes.suffix;
      return part.isEmpty() ? form : " " + part;
    }

    private boolean word(int i, String... words) {
      return i < tokens.size() && tokens.get(i).isWord(words);
    }

    /** Sums behind the food, "plus 2 tbsp", "plus a little more"; takes them out of the rest. */
    private boolean moreOf(List<Token> rest, List<Term> terms) {
      for (int i = 0; i < rest.size(); i++) {
        boolean plus = rest.get(i).isWord("plus", "less", "minus") || rest.get(i).isMark("+");
        if (!plus || terms.isEmpty()) {
          continue;
        }
        AmountParser behind = new AmountParser(text, rest);
        Optional<Term> term = behind.term(i);
        if (term.isPresent()) {
          terms.add(term.get());
          rest.subList(i, behind.end()).clear();
          return false;
        }
        if (behind.isNumber(i + 1)) {
          throw Refusals.of(NO_FOOD, text.strip(), "names two things at once", "a line for each");
        }
        rest.subList(i, rest.size()).clear();
        return true;
      }
      return false;
    }

    private Optional<Measure> beside(List<Token> aside) {
      AmountParser parser = new AmountParser(text, aside);
      return parser
          .measure(parser.about(0), false)
          .filter(found -> !Bracketed.isNutrient(aside, found.next()))
          .map(found -> packed(found.measure(), aside.subList(found.next(), aside.size())))
          .filter(m -> m.unit().kind() == Unit.Kind.MASS || m.unit().kind().isVolume());
    }

    /** "(½ cup mashed)": in the form that stands behind it. */
    private static Measure packed(Measure measure, List<Token> behind) {
      Packing form = new Notes(behind).packing();
      return measure.packing() == Packing.NOT_SAID ? measure.packed(form) : measure;
    }

    /** "about 1 medium" beside a weight says no more of it. */
    private boolean isCount(List<Token> aside) {
      AmountParser parser = new AmountParser(text, aside);
      return parser
          .measure(parser.about(0), true)
          .filter(
              count ->
                  aside.subList(count.next(), aside.size()).stream()
                      .allMatch(token -> Sizes.is(token.low())))
          .isPresent();
    }

    /** What comes in brine or juice; a pot of ricotta is what it weighs. */
    private boolean isTinned() {
      return tokens.stream().anyMatch(t -> t.isWord("tin", "tins", "can", "cans", "jar", "jars"));
    }

    private Amount amount(
        List<Term> terms, FoodNaming.Named named, Notes notes, boolean tin, boolean more) {
      Packing noted = named.packing(notes.packing());
      List<Term> said = new ArrayList<>();
      for (Term term : terms) {
        Measure m = PartBehind.of(term.measure(), named.food(), named.name(), notes.rest);
        Packing packing = m.packing() == Packing.NOT_SAID ? noted : m.packing();
        boolean count = m.unit() == Unit.COUNT;
        String size = count && m.size().isEmpty() ? notes.size() : m.size();
        said.add(
            new Term(
                new Measure(
                    m.amount(),
                    m.halfRange(),
                    m.decimals(),
                    m.unit(),
                    packing,
                    m.heap() == Measure.Heap.LEVEL ? notes.heap() : m.heap(),
                    size),
                term.taken()));
      }
      return new Amount(said, tin && isTinned(), notes.drained, more);
    }
  }
}

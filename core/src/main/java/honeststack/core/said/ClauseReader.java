package honeststack.core.said;

import honeststack.core.food.Foods;
import honeststack.core.line.Place;
import honeststack.core.line.Token;
import honeststack.core.said.amount.AddsUp;
import honeststack.core.said.amount.Following;
import honeststack.core.said.amount.Packed;
import honeststack.core.said.amount.Portioned;
import honeststack.core.said.amount.Ranging;
import honeststack.core.said.amount.ToppedUp;
import honeststack.core.said.choice.Alternatives;
import honeststack.core.said.choice.Choices;
import honeststack.core.said.choice.Decided;
import honeststack.core.said.choice.EitherOr;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.corrected.Relisted;
import honeststack.core.said.each.Apiece;
import honeststack.core.said.each.ForEach;
import honeststack.core.said.each.OnePortion;
import honeststack.core.said.name.CookedOrRaw;
import honeststack.core.said.name.Described;
import honeststack.core.said.name.HalfName;
import honeststack.core.said.name.OddMeasures;
import honeststack.core.said.name.PartsOf;
import honeststack.core.said.name.Rendered;
import honeststack.core.said.name.SortNames;
import honeststack.core.said.name.Specific;
import honeststack.core.said.name.WhichSort;
import honeststack.core.said.name.WorkWords;
import honeststack.core.said.page.OwnNotes;
import honeststack.core.said.pairing.Alone;
import honeststack.core.said.pairing.Blends;
import honeststack.core.said.pairing.Linking;
import honeststack.core.said.pairing.Naming;
import honeststack.core.said.pairing.Respective;
import honeststack.core.said.pairing.Sharing;
import honeststack.core.said.pairing.Sums;
import honeststack.core.said.pairing.Units;
import honeststack.core.said.part.Further;
import honeststack.core.said.part.Parted;
import honeststack.core.said.place.CookedAlong;
import honeststack.core.said.place.CookedIn;
import honeststack.core.said.place.Eaten;
import honeststack.core.said.place.NamedAhead;
import honeststack.core.said.place.Places;
import honeststack.core.said.place.Sides;
import honeststack.core.said.place.Splits;
import honeststack.core.said.ratio.BakersPercent;
import honeststack.core.said.ratio.LikeForLike;
import honeststack.core.said.ratio.Relative;
import honeststack.core.said.ratio.Times;
import honeststack.core.said.span.Compounds;
import honeststack.core.said.span.Ellipses;
import honeststack.core.said.span.LookedUp;
import honeststack.core.said.span.PartNames;
import honeststack.core.said.span.Spans;
import honeststack.core.said.talk.Implied;
import honeststack.core.said.told.Part;
import honeststack.core.said.without.Exclusions;
import honeststack.core.said.without.Intolerance;
import honeststack.core.said.words.Sentence;
import honeststack.core.said.words.Sort;
import honeststack.core.said.yield.OneOfMany;
import honeststack.core.said.yield.Tally;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Reads one sentence: finds what is in it, and puts amounts and foods together. */
final class ClauseReader {
  private final Foods foods;
  private final String unit;
  private final boolean onScales;
  private final Spans spans;
  private final Described described;
  private final Specific specific;
  private final WhichSort whichSort;
  private final CookedOrRaw cookedOrRaw;
  private final Ellipses ellipses;
  private final Rendered rendered;

  /**
   * @param unit in which all numbers of the text are that have none; empty where it does not say
   * @param bacon it names bacon
   * @param onScales it tells of scales
   */
  ClauseReader(Foods foods, String unit, boolean bacon, boolean onScales) {
    this.foods = new LookedUp(foods);
    this.unit = unit;
    this.onScales = onScales;
    this.spans = new Spans(this.foods);
    this.described = new Described(this.foods);
    this.specific = new Specific(this.foods);
    this.whichSort = new WhichSort(this.foods);
    this.cookedOrRaw = new CookedOrRaw(this.foods);
    this.ellipses = new Ellipses(this.foods);
    this.rendered = new Rendered(this.foods, bacon);
  }

  /** More than one where a semicolon, or a sentence about a list, ends one. */
  List<Clause> read(Sentence sentence) {
    if (!mayEnd(sentence)) {
      return List.of(one(OwnNotes.plain(sentence), List.of()));
    }
    List<Element> elements = spans.of(sentence.tokens(), Set.of());
    List<Sentence> parts =
        Semicolons.apart(sentence, elements).stream().map(OwnNotes::plain).toList();
    return parts.size() == 1 && parts.get(0) == sentence
        ? List.of(one(sentence, elements))
        : parts.stream().map(part -> one(part, List.of())).toList();
  }

  /** A mark or a word in it may end a sentence. */
  private static boolean mayEnd(Sentence sentence) {
    return sentence.tokens().stream()
        .anyMatch(
            token ->
                token.isMark(";", "-", "–", "—", "(", "[", ":", ",")
                    || token.isWord("but", "though", "and", "so"));
  }

  /**
   * @param elements of all of it, where they are known; else empty
   */
  private Clause one(Sentence sentence, List<Element> elements) {
    List<Token> main = new ArrayList<>();
    List<Clause.Aside> asides = new ArrayList<>();
    apart(sentence, main, asides);
    boolean same = !elements.isEmpty() && main.size() == sentence.tokens().size();
    return read(sentence, same ? elements : spans.of(main, walls(asides)), asides);
  }

  private Clause read(Sentence sentence, List<Element> elements, List<Clause.Aside> asides) {
    Clause clause = new Clause(sentence, ellipses.filled(elements), asides);
    rendered.in(clause);
    if (Item.is(clause)) {
      item(clause);
      return clause;
    }
    whichSort.in(clause);
    cookedOrRaw.in(clause);
    new HalfName(foods).in(clause);
    new SortNames(foods).in(clause);
    Parted.in(clause);
    Packed.in(clause);
    ToppedUp.in(clause);
    BakersPercent.in(clause);
    Sides sides = Sides.in(clause);
    boolean listed = clause.elements.stream().allMatch(ClauseReader::isListed);
    if (listed && asides.isEmpty()) {
      Portioned.in(clause); // "200 g flour, 2 eggs and 1 tsp salt": nothing is said of them
      UncountedNumbers.in(clause);
    } else {
      BeforePairing.in(clause, onScales);
    }
    ForEach each = ForEach.in(clause);
    Exclusions.in(clause);
    List<Linking.Link> lists = Respective.in(clause);
    Naming naming = new Naming(clause);
    List<Mention> mentions = Blends.in(clause, naming);
    Relative relative = new Relative(clause);
    Choices choices = new Choices(clause);
    link(clause, choices, naming, mentions, lists);
    relative.complete();
    LikeForLike.complete(clause);
    specific.behind(clause);
    more(clause);
    Further.another(clause);
    Following.within(clause);
    Places.in(clause);
    specific.ahead(clause);
    NamedAhead.in(clause);
    sides.place();
    OnePortion.in(clause);
    CookedIn.pouredBack(clause);
    CookedAlong.in(clause);
    Eaten.in(clause);
    Splits.attach(clause);
    each.complete();
    new Asides(clause, foods, described, specific).read();
    CookedIn.greased(clause);
    sides.place();
    OddMeasures.in(clause);
    Compounds.seedEggs(clause);
    relative.completePlaced(); // by what brackets say of the other's weight
    Times.in(clause);
    Intolerance.original(clause);
    Ranging.in(clause);
    Alternatives.in(clause);
    EitherOr.in(clause);
    Decided.in(clause);
    Apiece.in(clause);
    Relisted.in(clause);
    AddsUp.in(clause);
    return clause;
  }

  private void item(Clause clause) {
    name(clause, new Naming(clause), clause.mentions);
    Units.complete(clause, clause.mentions, unit);
    Compounds.in(clause, clause.mentions);
    Places.in(clause);
    Apiece.in(clause);
  }

  private static boolean isListed(Element element) {
    return element.isAmount()
        || element.isFood()
        || element.isMark(",", ".", ";")
        || element.isWord("of", "and", "the");
  }

  private static Set<Integer> walls(List<Clause.Aside> asides) {
    return asides.isEmpty()
        ? Set.of()
        : asides.stream()
            .filter(aside -> aside.clause().elements.stream().anyMatch(Element::isAmount))
            .map(Clause.Aside::after)
            .collect(Collectors.toSet());
  }

  /** What stands in brackets is a sentence of its own. */
  private void apart(Sentence sentence, List<Token> main, List<Clause.Aside> asides) {
    List<Token> inside = null;
    int after = sentence.start();
    List<Token> tokens = sentence.tokens();
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      boolean opens = inside == null && token.isMark("(", "[");
      if (opens && !Parted.isInBrackets(tokens, i)) {
        inside = new ArrayList<>();
        after = main.isEmpty() ? token.start() : main.get(main.size() - 1).end();
      } else if (inside != null && token.isMark(")", "]")) {
        aside(sentence, main, inside, after, asides);
        inside = null;
      } else {
        (inside == null ? main : inside).add(token);
      }
    }
    if (inside != null) {
      aside(sentence, main, inside, after, asides);
    }
  }

  private void aside(
      Sentence of, List<Token> main, List<Token> inside, int after, List<Clause.Aside> asides) {
    if (!inside.isEmpty()) {
      Sentence sentence =
          new Sentence(of.line(), of.section(), of.place(), of.per(), false, inside);
      List<Element> elements = spans.of(inside, Set.of());
      if (!main.isEmpty() && PartNames.mayHave(main.get(main.size() - 1).low())) {
        PartNames.in(foods, spans.of(main, Set.of()), elements);
      }
      asides.add(new Clause.Aside(after, read(sentence, elements, List.of())));
    }
  }

  private void link(
      Clause clause,
      Choices choices,
      Naming naming,
      List<Mention> mentions,
      List<Linking.Link> shared) {
    OneOfMany.in(clause);
    Tally.in(clause);
    Counts.in(clause);
    shared.addAll(Sharing.in(clause));
    shared.forEach(link -> mentions.add(naming.of(link, true)));
    name(clause, naming, mentions);
    for (Mention mention : mentions) {
      for (Choices.Other other : choices.of(mention.food)) {
        String amount = other.amount() == null ? mention.amountText : other.amount().text();
        mention.others.add((amount + " " + other.food().text()).strip());
        int behind = clause.elements.indexOf(other.food()) + 1;
        mention.to = clause.isMark(behind, ")") ? mention.to : Math.max(mention.to, behind);
      }
    }
    mentions.sort((a, b) -> Integer.compare(a.from, b.from));
    Units.complete(clause, mentions, unit);

    Sums.in(clause, mentions);
    Portioned.complete(clause, mentions);
    Alone.single(clause, mentions);
    Compounds.in(clause, mentions);
    PartsOf.in(clause, mentions);
    clause.mentions.addAll(mentions);
    WorkWords.in(clause);
    Implied.in(clause);
  }

  /** What each amount is of. */
  private void name(Clause clause, Naming naming, List<Mention> mentions) {
    for (Linking.Link link : Linking.in(clause)) {
      boolean adjective = link.amount() < 0 && clause.get(link.food()).part == Part.NOTE;
      if (adjective) {
        continue; // of the food before it
      }
      if (link.food() >= 0) {
        Mention mention = naming.of(link, false);
        mentions.add(mention);
        described.told(clause, mention);
        described.free(clause, mention);
        if (link.amount() > link.food() || link.also() > link.food()) {
          described.behindAmount(clause, mention, Math.max(link.amount(), link.also()) + 1);
        }
      } else if (!clause.get(link.amount()).isWeak() || Further.isOneMore(clause, link.amount())) {
        Alone.take(clause, link, mentions);
      }
    }
  }

  /** "plus more for the griddle": the same food once more, unmeasured. */
  private static void more(Clause clause) {
    for (int i = 1; i < clause.size(); i++) {
      if (!clause.is(i, Sort.MORE) || clause.mentions.isEmpty()) {
        continue;
      }
      Mention before = null;
      for (Mention mention : clause.mentions) {
        before = mention.from < i ? mention : before;
        boolean one = mention.from == i + 1 && clause.low(i).endsWith(" an extra");
        if (one && !mention.isMeasured()) {
          mention.amountText = "1"; // "plus an extra yolk"
          mention.restated = true;
        }
      }
      if (before == null || before.food == null || !before.isMeasured()) {
        continue;
      }
      clause.get(i).part = Part.NOTE;
      boolean pan = clause.is(i + 1, Sort.PAN, Sort.PAN_NEXT);
      if (pan || clause.is(i + 1, Sort.PLATE, Sort.PLATE_NEXT)) {
        Mention more = new Mention();
        more.food = before.food;
        more.foodText = before.foodText;
        more.from = i;
        more.to = i + 2;
        more.more = pan ? Place.PAN : Place.PLATE;
        clause.get(i + 1).part = Part.PLACE;
        clause.mentions.add(clause.mentions.indexOf(before) + 1, more);
      } else {
        before.notes += ", plus more";
      }
    }
  }
}

package honeststack.core.said.page;

import honeststack.core.line.Place;
import honeststack.core.line.Token;
import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sentence;
import honeststack.core.said.words.Sentence.Section;
import honeststack.core.said.words.Sort;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A text cut into lines, headings and sentences. */
public final class Page {
  private static final String[] FLOURS = {
    "flour", "baking", "semolina", "oats", "oatmeal", "besan", "cornmeal", "polenta", "flakes"
  };

  private static final int LONGEST_QUESTION = 6;
  public final List<Sentence> sentences = new ArrayList<>();

  /** A number behind them is no item of a list: "serves 2." */
  private static final String[] COUNTED = {
    "for", "serves", "serve", "makes", "make", "feeds", "to", "about", "of", "in", "at", "x", "by",
    "than", "or", "and", "least", "step", "gives", "yields", "around", "roughly", "say", "with"
  };

  /** The number of the line in its list; 0 for none. */
  private int item;

  /** Stretches that are headings or bullets. */
  public final List<Mark> marks = new ArrayList<>();

  private final String text;
  private final boolean severalLines;
  private Section section = Section.LIST;
  private Place place = Place.NOT_SAID;
  private Per per;

  /** The line before was one of a label, under its energy. */
  private boolean inLabel;

  public Page(String text) {
    this.text = text;
    this.severalLines = Stops.isBreak(text, 0, text.length());
    List<Token> said = spoken(SplitWords.joined(Glued.apart(Token.of(text))));
    List<List<Token>> lines = lines(Tongues.inEnglish(Abbreviations.inFull(said)));
    for (int i = 0; i < lines.size(); i++) {
      line(i, lines.get(i));
    }
  }

  /** Without what is said while somebody thinks: "a cup and um a half". */
  private List<Token> spoken(List<Token> tokens) {
    List<Token> spoken = new ArrayList<>(tokens.size());
    for (Token token : tokens) {
      if (token.isWord("um", "uhm", "umm")) {
        mark(List.of(token), Part.IDLE);
      } else {
        spoken.add(token);
      }
    }
    return spoken;
  }

  private List<List<Token>> lines(List<Token> tokens) {
    List<List<Token>> lines = new ArrayList<>();
    int from = 0;
    for (int i = 1; i <= tokens.size(); i++) {
      boolean end =
          i == tokens.size()
              || Stops.isBreak(text, tokens.get(i - 1).end(), tokens.get(i).start())
                  && !isAnswered(tokens, from, i);
      if (end) {
        lines.add(tokens.subList(from, i));
        from = i;
      }
    }
    return tokens.isEmpty() ? List.of() : lines;
  }

  /** "Flour?", and on the line below it "200 g". */
  private static boolean isAnswered(List<Token> tokens, int from, int i) {
    Token.Kind next = tokens.get(i).kind();
    boolean number = next == Token.Kind.NUMBER || next == Token.Kind.FRACTION;
    return number && i - from <= LONGEST_QUESTION && tokens.get(i - 1).isMark("?");
  }

  private void line(int number, List<Token> all) {
    List<Token> tokens = withoutBullet(all);
    if (tokens.isEmpty()) {
      return;
    }
    if (section == Section.LIST && Headings.isNumbered(all, tokens) && Headings.isVerb(tokens)) {
      section = Section.METHOD;
      place = Place.NOT_SAID;
    }
    int label = InnerLabels.next(tokens);
    if (label > 0 && section == Section.LIST && !LabelLines.isLabel(tokens)) {
      int end = tokens.get(label - 1).isMark(".") ? label : label - 1;
      mark(tokens.subList(end, label), Part.IDLE);
      line(number, tokens.subList(0, end));
      line(number, tokens.subList(label, tokens.size()));
      return;
    }
    int head = Headings.headEnd(tokens);
    Set<Sort> heading = head > 0 ? Headings.before(tokens, head) : Set.of();
    boolean alone = head >= tokens.size() - 1 && tokens.get(tokens.size() - 1).isMark(":");
    boolean size = head == 2 && tokens.get(1).isWord("size"); // "serving size: 3 pancakes"
    if (size || head > 0 && Headings.isNumberOnly(tokens, head + 1)) {
      heading = Set.of(); // "Pancakes: 12"
    }
    if (heading.isEmpty() && head == 0 && severalLines) { // above something
      heading = Headings.alone(tokens);
      alone = !heading.isEmpty();
    }
    Optional<PerHeading.Found> each = PerHeading.of(tokens);
    boolean above =
        tokens.get(tokens.size() - 1).isMark(":") || tokens.stream().noneMatch(t -> t.isMark(":"));
    if (each.isPresent()
        && (above && !each.get().dish()
            || each.get().onPlate()
            || PerHeading.isOnTop(tokens)
            || isBatter(tokens))) {
      each(number, tokens, each.get());
      return;
    }
    if (per != null && LabelLines.isFigures(tokens)) {
      section = Section.NUTRITION; // "Per serving:", and below it "calories 180", "fat 6 g"
      per = null;
    }
    inLabel = severalLines && LabelLines.goesOn(tokens, inLabel);
    if (inLabel) {
      Section before = section;
      section = Section.NUTRITION;
      sentences(number, tokens);
      section = before;
      return;
    }
    if (LabelLines.isLabel(tokens)) {
      Section before = section;
      section = Section.NUTRITION;
      int end = labelStop(tokens);
      sentences(number, tokens.subList(0, end));
      section = before;
      if (end < tokens.size()) {
        line(number, tokens.subList(end, tokens.size())); // "60 kcal each. 200 g flour"
      }
      return;
    }
    if (alone && !(heading.isEmpty() && Headings.isHowOften(tokens))) {
      under(heading);
      int bracket = Headings.bracketFrom(tokens, tokens.size());
      mark(tokens.subList(0, bracket), Part.HEADING);
      if (bracket < tokens.size()) {
        sentences(number, tokens.subList(bracket, tokens.size()));
      }
      return;
    }
    Section before = section;
    Place placeBefore = place;
    if (!heading.isEmpty() && Headings.isTime(tokens, head)) {
      int end = firstEnd(tokens);
      under(heading);
      sentences(number, tokens.subList(0, end));
      section = before;
      place = placeBefore;
      if (end < tokens.size()) {
        sentences(number, tokens.subList(end, tokens.size())); // "Prep time: 10 minutes. Mix …"
      }
      return;
    }
    if (!heading.isEmpty()) {
      under(heading);
      boolean told = heading.contains(Sort.H_NOTES) && OwnNotes.isOwn(tokens);
      section = told ? before : section;
      int bracket = Headings.bracketFrom(tokens, head);
      mark(tokens.subList(0, bracket), Part.HEADING);
      if (bracket < head) {
        sentences(number, tokens.subList(bracket, head)); // "Pancakes (12 pcs): flour - 300 g"
      }
      mark(tokens.subList(head, head + 1), Part.HEADING);
      tokens = tokens.subList(head + 1, tokens.size());
      boolean energy = tokens.subList(0, labelStop(tokens)).stream().anyMatch(LabelLines::isEnergy);
      int stop = energy ? LabelLines.labelEnd(tokens, this::labelStop) : labelStop(tokens);
      boolean batter = energy || isBatter(tokens.subList(stop, Math.max(stop, firstEnd(tokens))));
      int end = batter ? stop : firstEnd(tokens);
      boolean other = energy || isBatter(tokens.subList(end, tokens.size()));
      end = other || place == Place.NOT_SAID ? end : ToldBehind.from(tokens, end);
      if (place != Place.NOT_SAID && (other || end < tokens.size())) {
        sentences(number, tokens.subList(0, end));
        place = placeBefore; // "Topping: syrup. 200 g flour, 2 eggs"
        tokens = tokens.subList(end, tokens.size());
      }
    }
    if (section == Section.NUTRITION && head > 0) {
      int end = LabelLines.labelEnd(tokens, this::labelStop);
      sentences(number, tokens.subList(0, end));
      section = before;
      place = placeBefore;
      if (end < tokens.size()) {
        line(number, tokens.subList(end, tokens.size()));
      }
      return;
    }
    sentences(number, tokens);
    boolean persists = section == Section.METHOD || section == Section.LIST && head == 0;
    if (!heading.isEmpty() && !persists) {
      section = before;
      place = placeBefore;
    }
  }

  /** Flour and eggs go in no pan, and on no plate. */
  private static boolean isBatter(List<Token> tokens) {
    return tokens.stream().anyMatch(token -> token.isWord("flour", "eggs", "egg", "baking"))
        && tokens.stream().anyMatch(token -> token.isWord(FLOURS));
  }

  private int firstEnd(List<Token> tokens) {
    return Stops.next(tokens, 0);
  }

  private int labelStop(List<Token> tokens) {
    int end = firstEnd(tokens);
    for (int i = 0; i < end; i++) {
      if (tokens.get(i).isMark(";")) {
        return i + 1; // "Calories: 110 each; 200 g flour"
      }
    }
    return end;
  }

  /** What a heading says is for each eater or piece. */
  private void each(int number, List<Token> tokens, PerHeading.Found found) {
    Place placeBefore = place;
    Per perBefore = per;
    under(found.onPlate() ? Set.of(Sort.H_PLATE) : Set.of());
    mark(tokens.subList(0, found.end()), Part.HEADING);
    int colon = found.end();
    while (colon < tokens.size() && !tokens.get(colon).isMark(":")) {
      colon++;
    }
    if (colon > found.end()) {
      sentences(number, tokens.subList(found.end(), colon));
    }
    per = found.per();
    if (colon + 1 < tokens.size()) {
      int end = PerHeading.recipe(tokens, colon + 1);
      sentences(number, tokens.subList(colon + 1, end));
      per = perBefore;
      place = placeBefore;
      sentences(number, tokens.subList(end, tokens.size()));
    }
  }

  private void under(Set<Sort> heading) {
    per = null;
    place = Place.NOT_SAID;
    section = Section.LIST;
    if (heading.contains(Sort.H_PLATE)) {
      place = Place.PLATE;
    } else if (heading.contains(Sort.H_PAN)) {
      place = Place.PAN;
    } else if (heading.contains(Sort.H_METHOD)) {
      section = Section.METHOD;
    } else if (heading.contains(Sort.H_NUTRITION)) {
      section = Section.NUTRITION;
    } else if (heading.contains(Sort.H_NOTES)) {
      section = Section.NOTES;
    } else if (heading.contains(Sort.H_SHOPPING)) {
      section = Section.SHOPPING;
    }
  }

  /** A dot or a dash before a line, a number before a line of a numbered list. */
  private List<Token> withoutBullet(List<Token> tokens) {
    int from = 0;
    while (from < tokens.size() && Bullets.is(tokens, from)) {
      from++;
    }
    mark(tokens.subList(0, from), Part.IDLE);
    item = 0;
    if (Bullets.isNumber(tokens, from)) {
      item = Integer.parseInt(tokens.get(from).text());
      mark(tokens.subList(from, from + 2), Part.METHOD);
      from += 2;
    }
    return tokens.subList(from, tokens.size());
  }

  /** "1. 200 g flour 2. 300 ml milk": the next of a list on one line; whether there is one. */
  private boolean items(int number, List<Token> tokens) {
    int next = 1;
    String said = Integer.toString(item + 1);
    while (item > 0
        && next < tokens.size()
        && !(Bullets.isNumber(tokens, next)
            && tokens.get(next).text().equals(said)
            && !tokens.get(next - 1).isWord(COUNTED))) {
      next++;
    }
    if (item == 0 || next >= tokens.size()) {
      return false;
    }
    int following = item + 1;
    item = 0;
    sentences(number, tokens.subList(0, next));
    mark(tokens.subList(next, next + 2), Part.METHOD);
    item = following;
    sentences(number, tokens.subList(next + 2, tokens.size()));
    return true;
  }

  private void sentences(int number, List<Token> tokens) {
    if (items(number, tokens)) {
      return;
    }
    int from = 0;
    for (int i = 0; i <= tokens.size(); i++) {
      if (i == tokens.size() || Stops.isEnd(tokens, from, i) || Stops.isLong(tokens, from, i)) {
        int to = i < tokens.size() ? i + 1 : i;
        sentence(number, tokens, from, to);
        from = i + 1;
      } else if (ChangesTold.isJoin(tokens, from, i)) {
        sentence(number, tokens, from, i);
        from = i;
      }
    }
  }

  private void sentence(int number, List<Token> tokens, int from, int to) {
    if (to > from) {
      boolean whole = from == 0 && to == tokens.size();
      sentences.add(new Sentence(number, section, place, per, whole, tokens.subList(from, to)));
    }
  }

  private void mark(List<Token> tokens, Part part) {
    if (!tokens.isEmpty()) {
      marks.add(
          new Mark(tokens.get(0).start(), tokens.get(tokens.size() - 1).end(), part, Mark.NO_LINE));
    }
  }
}

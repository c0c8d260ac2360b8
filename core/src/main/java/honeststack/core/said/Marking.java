package honeststack.core.said;

import honeststack.core.line.Token;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** Marks every word of a text with what it was taken for. */
final class Marking {
  private static final int AROUND = 3;

  private final List<Mark> marks = new ArrayList<>();
  private final List<Unknown> unknown = new ArrayList<>();
  private final Map<Element, Integer> lines = new IdentityHashMap<>();

  /** A number or a food of which nothing was made, with the words around it. */
  record Unknown(int start, int end) {}

  void line(Mention mention, int line) {
    if (mention.amount != null) {
      lines.put(mention.amount, line);
    }
    if (mention.food != null) {
      lines.put(mention.food, line);
    }
  }

  void addAll(List<Mark> more) {
    marks.addAll(more);
  }

  List<Mark> marks() {
    marks.sort(Comparator.comparingInt(Mark::start));
    return marks;
  }

  /**
   * Marks what was left blank when the text was made plain as the words before it: "3 hundred" is a
   * number as "300" is.
   */
  void fill(String said, String plain) {
    List<Mark> sorted = List.copyOf(marks());
    int next = 0;
    for (int at = 0; at < said.length(); at++) {
      if (!isBlank(said, plain, at) || !Character.isLetterOrDigit(said.charAt(at))) {
        continue;
      }
      while (next < sorted.size() && sorted.get(next).end() <= at) {
        next++;
      }
      if (next < sorted.size() && sorted.get(next).start() <= at) {
        continue;
      }
      int end = at + 1;
      while (end < said.length()
          && isBlank(said, plain, end)
          && (next == sorted.size() || end < sorted.get(next).start())) {
        end++;
      }
      String blank = said.substring(at, end).stripTrailing();
      Mark before = next > 0 ? sorted.get(next - 1) : new Mark(0, 0, Part.IDLE, Mark.NO_LINE);
      boolean goesOn = before.end() == at && marks.remove(before);
      int start = goesOn ? before.start() : at;
      marks.add(new Mark(start, at + blank.length(), before.part(), before.line()));
      at = end - 1;
    }
    marks.removeIf(mark -> said.substring(mark.start(), mark.end()).isBlank());
    wholeWords(said, plain);
    marks.replaceAll(mark -> withNumber(mark, said));
  }

  /** A word that was made plain to something shorter has one mark. */
  private void wholeWords(String said, String plain) {
    List<Mark> whole = new ArrayList<>();
    for (Mark mark : marks()) {
      Mark last = whole.isEmpty() ? mark : whole.get(whole.size() - 1);
      int end = last.end();
      boolean inWord = mark.start() == end && end > 0 && isLetter(said, end - 1);
      while (inWord && end < mark.end() && isLetter(said, end)) {
        end++;
      }
      boolean split = end > last.end() && mark.line() == Mark.NO_LINE;
      if (split && !said.regionMatches(last.start(), plain, last.start(), end - last.start())) {
        whole.set(whole.size() - 1, new Mark(last.start(), end, last.part(), last.line()));
        int start = mark.end() - said.substring(end, mark.end()).stripLeading().length();
        if (start < mark.end()) {
          whole.add(new Mark(start, mark.end(), mark.part(), mark.line()));
        }
      } else {
        whole.add(mark);
      }
    }
    marks.clear();
    marks.addAll(whole);
  }

  private static boolean isLetter(String said, int at) {
    return Character.isLetterOrDigit(said.charAt(at));
  }

  /** Nothing stands there in the plain text, or a sign where a word was. */
  private static boolean isBlank(String said, String plain, int at) {
    char now = plain.charAt(at);
    return now == ' ' || now != said.charAt(at) && !Character.isLetterOrDigit(now);
  }

  /** "in a 24 cm pan": no number is idle. */
  private static Mark withNumber(Mark mark, String said) {
    boolean number =
        isIdle(mark.part())
            && said.substring(mark.start(), mark.end()).chars().anyMatch(Character::isDigit);
    return number ? new Mark(mark.start(), mark.end(), Part.METHOD, mark.line()) : mark;
  }

  private static boolean isIdle(Part part) {
    return part == Part.IDLE || part == Part.WORD;
  }

  List<Unknown> unknown() {
    return unknown;
  }

  /** What the text leaves out, an amount with its food. */
  List<String> excluded(String text) {
    List<String> excluded = new ArrayList<>();
    int start = -1;
    int end = -1;
    for (Mark mark : marks()) {
      if (mark.part() != Part.EXCLUDED) {
        continue;
      }
      boolean near =
          end >= 0 && text.substring(end, Math.max(end, mark.start())).matches(" ?(?:of )?");
      boolean goesOn = near && !Character.isLetter(text.charAt(start));
      if (!goesOn && start >= 0) {
        excluded.add(text.substring(start, end));
      }
      start = goesOn ? start : mark.start();
      end = Math.max(end, mark.end());
    }
    if (start >= 0) {
      excluded.add(text.substring(start, end));
    }
    return excluded;
  }

  void clause(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      Element element = clause.get(i);
      Part part = part(element);
      mark(clause, element, part);
      if (part == Part.UNKNOWN) {
        unknown(clause, i);
      }
    }
    clause.asides.forEach(aside -> clause(aside.clause()));
  }

  /** In one stretch, or word by word where brackets stand inside it. */
  private void mark(Clause clause, Element element, Part part) {
    int line = lines.getOrDefault(element, Mark.NO_LINE);
    boolean broken =
        !clause.asides.isEmpty()
            && clause.asides.stream()
                .mapToInt(aside -> aside.clause().sentence.start())
                .anyMatch(start -> start > element.start() && start < element.end());
    if (!broken) {
      marks.add(new Mark(element.start(), element.end(), part, line));
      return;
    }
    for (Token word : element.tokens.subList(element.from, element.to)) {
      marks.add(new Mark(word.start(), word.end(), part, line));
    }
  }

  private static Part part(Element element) {
    if (element.part != null) {
      return element.part;
    }
    return switch (element.kind) {
      case AMOUNT -> element.isWeak() ? Part.IDLE : Part.UNKNOWN;
      case FOOD -> Part.UNKNOWN;
      case PHRASE -> phrase(element);
      case WORD -> Part.WORD;
      case MARK -> element.isNumber() ? Part.UNKNOWN : Part.IDLE;
    };
  }

  private static Part phrase(Element element) {
    return element.is(Sort.UNIT_OTHER) && element.isNumber() ? Part.METHOD : Part.IDLE;
  }

  private void unknown(Clause clause, int at) {
    int from = at;
    while (from > 0 && at - from < AROUND && !clause.isMark(from - 1, ",", ";", ":")) {
      from--;
    }
    int to = at;
    while (to + 1 < clause.size() && to - at < AROUND && !clause.isMark(to + 1, ",", ";", ".")) {
      to++;
    }
    Unknown found = new Unknown(clause.get(from).start(), clause.get(to).end());
    boolean again = !unknown.isEmpty() && unknown.get(unknown.size() - 1).equals(found);
    if (!again) {
      unknown.add(found);
    }
  }
}

package honeststack.core.line;

import honeststack.core.food.FreeFrom;
import honeststack.core.food.Packing;
import honeststack.core.measure.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** What stands behind the amount of a line: the food's name and the words around it. */
final class Notes {
  final List<Token> rest;
  boolean optional;
  boolean drained;
  boolean choice;
  Place place = Place.NOT_SAID;
  String suffix = "";
  private boolean scooped;

  Notes(List<Token> rest) {
    this.rest = rest;
  }

  /** Takes the phrases out that say something of the whole line. */
  void scan() {
    scooped = take(LinePhrases.SCOOPED);
    optional = take(LinePhrases.OPTIONAL);
    take(LinePhrases.UNMEASURED);
    if (take(LinePhrases.PAN)) {
      place = Place.PAN;
    } else if (take(LinePhrases.PLATE)) {
      place = Place.PLATE;
    }
    choice = take(LinePhrases.CHOICE);
    take(LinePhrases.DIVIDED);
    drained = rest.stream().anyMatch(token -> token.isWord("drained"));
    dropType();
    dropWhipped();
    String only = partOnly();
    if (!only.isEmpty()) {
      suffix = only;
    } else if (rest.removeIf(token -> token.isWord("juiced"))) {
      suffix = " juice";
    } else if (rest.removeIf(token -> token.isWord("zested"))) {
      suffix = " zest";
    }
  }

  /** "flour type 550": a mill's number. */
  private void dropType() {
    for (int i = 0; i + 1 < rest.size(); i++) {
      if (rest.get(i).isWord("type") && rest.get(i + 1).kind() == Token.Kind.NUMBER) {
        rest.subList(i, i + 2).clear();
      }
    }
  }

  /** "200 ml cream, whipped": it was measured before. */
  private void dropWhipped() {
    int last = rest.size() - 1;
    int from =
        last > 0 && rest.get(last - 1).isWord("lightly", "softly", "stiffly") ? last - 1 : last;
    if (from > 1 && rest.get(last).isWord("whipped") && rest.get(from - 1).isMark(",")) {
      rest.subList(from - 1, rest.size()).clear();
    } else if (from > 0 && rest.get(last).isWord("whipped") && rest.get(from - 1).isWord("cream")) {
      rest.subList(from, rest.size()).clear();
    }
  }

  /** "1 cup oats, ground to flour", filled before: what it was made into says nothing of it. */
  void dropGround() {
    if (rest.stream().anyMatch(token -> LineWords.isMinced(token.low()))) {
      return;
    }
    for (int i = 1; i < rest.size(); i++) {
      boolean into = i + 1 < rest.size() && rest.get(i + 1).isWord("to", "into", "in", "as", "up");
      if (rest.get(i).isWord("ground", "milled") && (rest.get(i - 1).isMark(",") || into)) {
        int end = i + 1;
        while (end < rest.size() && !rest.get(end).isMark(",")) {
          end++;
        }
        rest.subList(rest.get(i - 1).isMark(",") ? i - 1 : i, end).clear();
        return;
      }
    }
  }

  /** "1 lemon, zest only": the part that is meant; empty for the food itself. */
  private String partOnly() {
    for (int i = 1; i < rest.size(); i++) {
      boolean only = rest.get(i - 1).isWord("only") || rest.get(rest.size() - 1).isWord("only");
      int at = rest.get(i).isWord("the") ? i + 1 : i;
      if (only && at < rest.size() && rest.get(at).isWord("liquid", "brine")) {
        int from = rest.get(i - 1).isWord("only") ? i - 1 : i;
        rest.subList(from > 0 && rest.get(from - 1).isMark(",") ? from - 1 : from, rest.size())
            .clear();
        return " liquid";
      }
    }
    for (int i = 1; i < rest.size(); i++) {
      boolean part = rest.get(i - 1).isMark(",") && rest.get(i).isWord("zest", "rind", "juice");
      boolean last = i == rest.size() - 1 || i == rest.size() - 2 && rest.get(i + 1).isWord("only");
      if (part && last) {
        String suffix = rest.get(i).isWord("juice") ? " juice" : " zest";
        rest.subList(i - 1, rest.size()).clear();
        return suffix;
      }
    }
    return "";
  }

  /** "enough water to make it pourable": what it is for says nothing of the food. */
  void dropPurpose() {
    for (int i = 1; i < rest.size(); i++) {
      if (rest.get(i).isWord("to")) {
        rest.subList(i, rest.size()).clear();
      }
    }
  }

  private boolean take(Map<String, List<String[]>> phrases) {
    for (int i = 0; i < rest.size(); i++) {
      for (String[] phrase : phrases.getOrDefault(rest.get(i).low(), List.of())) {
        if (isHere(phrase, i)) {
          rest.subList(i, i + phrase.length).clear();
          return true;
        }
      }
    }
    return false;
  }

  private boolean isHere(String[] phrase, int at) {
    if (at + phrase.length > rest.size()) {
      return false;
    }
    for (int j = 1; j < phrase.length; j++) {
      if (!rest.get(at + j).low().equals(phrase[j])) {
        return false;
      }
    }
    return true;
  }

  /** Two foods with "or" between them. */
  boolean either() {
    List<Token> head = head();
    return head.stream().anyMatch(token -> token.isWord("or")) && !head.get(0).isWord("or");
  }

  Packing packing() {
    if (scooped) {
      return Packing.SCOOPED;
    }
    Packing form = Packing.NOT_SAID;
    boolean loosely = false;
    for (Token token : rest) {
      Packing packing = LineWords.PACKINGS.get(token.low());
      boolean not = loosely && packing == Packing.PACKED;
      loosely = token.isWord("loosely", "lightly", "not", "never", "un");
      if (packing != null && !not) {
        return packing;
      }
      if (form == Packing.NOT_SAID) {
        form = LineWords.FORMS.getOrDefault(token.low(), form);
      }
    }
    return form;
  }

  /** "2 tbsp heaped cocoa": how full the spoon was, said behind it. */
  Measure.Heap heap() {
    return rest.stream()
        .filter(token -> token.isWord("heaped", "heaping", "rounded", "scant"))
        .map(token -> LineWords.HEAPS.get(token.low()))
        .findFirst()
        .orElse(Measure.Heap.LEVEL);
  }

  /** "large", "extra large", "eu medium"; empty if not said. */
  String size() {
    List<String> size = new ArrayList<>();
    for (int i = 0; i < rest.size(); i++) {
      String low = rest.get(i).low();
      boolean cut = i > 0 && LineWords.isTelling(rest.get(i - 1).low());
      if (cut && !Sizes.is(rest.get(i - 1).low())) {
        continue; // "diced small"
      }
      if (low.equals("xl") || low.equals("extra-large")) {
        size.add("extra large");
      } else if (low.equals("extra") && i + 1 < rest.size() && rest.get(i + 1).isWord("large")) {
        size.add("extra");
      } else if (Sizes.is(low)) {
        size.add(Sizes.inFull(low));
      }
    }
    return String.join(" ", size);
  }

  /** All words and numbers, without the marks between. */
  List<Token> words() {
    return rest.stream().filter(Notes::isName).toList();
  }

  private static boolean isName(Token token) {
    return token.kind() != Token.Kind.MARK || token.isMark("%");
  }

  /** The words before the first comma. */
  List<Token> head() {
    List<Token> head = new ArrayList<>();
    for (Token token : rest) {
      if (token.isMark(",", ";", ":") && !head.isEmpty()) {
        break;
      }
      if (isName(token)) {
        head.add(token);
      }
    }
    return head;
  }

  /** What to leave out of a name when it is not found as it stands, more at each step. */
  List<Predicate<Token>> drops(FreeFrom free) {
    Predicate<Token> sizes = token -> isSize(token.low()) || token.isWord("of");
    Predicate<Token> packed = sizes.or(token -> LineWords.PACKINGS.containsKey(token.low()));
    Predicate<Token> idle = packed.or(token -> LineWords.isIdle(token.low()));
    Predicate<Token> done =
        idle.or(token -> LineWords.DONE.contains(token.low())).or(PartBehind::isPart);
    Predicate<Token> cut = done.or(Notes::isCut);
    Predicate<Token> bare = cut.or(Notes::isAdjective);
    Predicate<Token> formed = done.or(token -> LineWords.FORMS.containsKey(token.low()));
    List<Predicate<Token>> drops =
        new ArrayList<>(List.of(token -> false, sizes, packed, idle, done, cut));
    if (rest.stream().anyMatch(token -> token.isWord("whole"))) {
      drops.add(bare); // "unbleached whole wheat flour"
    }
    drops.add(formed);
    rest.stream()
        .filter(Notes::isAdjective)
        .forEach(one -> drops.add(formed.or(token -> token.equals(one))));
    drops.add(formed.or(Notes::isAdjective));
    if (!free.isNothing()) {
      drops.add(formed.or(token -> free.says(token.low())));
      drops.add(formed.or(Notes::isAdjective).or(token -> free.says(token.low())));
    }
    return drops;
  }

  /** In what form a food is; "whole" may belong to its name. */
  private static boolean isCut(Token token) {
    return LineWords.FORMS.containsKey(token.low()) && !token.isWord("whole");
  }

  private static boolean isAdjective(Token token) {
    return LineWords.ADJECTIVES.contains(token.low()) || Describing.isDone(token.low());
  }

  private static boolean isSize(String low) {
    return Sizes.is(low)
        || Set.of("xl", "extra", "extra-large", "medium-sized", "level").contains(low);
  }

  private static boolean isKnown(Token token) {
    String low = token.low();
    return isSize(low)
        || LineWords.PACKINGS.containsKey(low)
        || LineWords.isIdle(low)
        || LineWords.DONE.contains(low)
        || PartBehind.isPart(token)
        || LineWords.FORMS.containsKey(low)
        || LineWords.HEAPS.containsKey(low);
  }

  /** What of all words a name did not take and no list knows, as written. */
  List<String> unused(List<Token> name, List<Token> all) {
    return all.stream()
        .filter(token -> !name.contains(token) && !isKnown(token))
        .filter(token -> !isFree(token.low()))
        .map(Token::text)
        .toList();
  }

  private static boolean isFree(String low) {
    return FreeFrom.isWord(low);
  }

  /** The name as far as it can be told from the words around it. */
  String left() {
    List<Token> head = head();
    return Token.joined(head.stream().filter(token -> !isKnown(token)).toList());
  }
}

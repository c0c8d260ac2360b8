package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;

/** Where phrases say that food goes. */
final class PlaceCues {
  private static final String[] TURNED = {
    "left", "flip", "flipped", "turn", "turned", "start", "rolled", "tip", "all"
  };

  private static final Sought VESSEL = Sought.of("pan|iron|griddle|skillet|tawa|plate");

  private static final Sought RAW = Sought.of("flour|starch|semolina|breadcrumbs");

  private static final Sought ROLLED = Sought.of("\\b(?:roll|coat|dust|dredge|toss|dip|turn)");

  private static final Sought WITH = Sought.of("(?:go|goes|went) with");

  private static final Sought GREASED = Sought.of("\\b(?:pan|iron|griddle|skillet|tawa)\\b");

  private static final Sought DONE =
      Sought.of(
          "\\b(?:when|once|as soon as) (?:they're |they are |it's |each is )?(?:done|cooked|baked|ready)\\b"
              + "|\\bafter (?:cooking|baking|frying)\\b|\\bwhile (?:they're |they are |it's )?(?:still )?(?:hot|warm)\\b"
              + "|\\bstraight (?:out of|from) the (?:pan|iron)\\b");

  private static final Sought OF_THEM =
      Sought.of(
          "(?:two|three|four|five|half|some|\\d+|each|all) of (?:them|these|the (?:pancakes|waffles))(?: |$)");

  /** Into which all of the batter goes: "put it in the tray". */
  private static final Remembered TRAY =
      Remembered.whole("(?:in|on|into|onto) the .*(?:tray|sheet|dish|sheet pan)");

  private PlaceCues() {}

  /** "brush with butter when done": no pan is greased with it. */
  static Place of(Clause clause, Element cue) {
    boolean turns = // "brush the iron with butter between waffles"
        cue.low().startsWith("between ") && GREASED.isIn(clause.words(0, clause.size()));
    if (turns && of(cue) == Place.PLATE) {
      return Place.PAN;
    }
    int before = clause.elements.indexOf(cue) - 1;
    if (cue.low().endsWith(" pancake") && clause.is(before, Sort.PLATE, Sort.PLATE_NEXT)) {
      return Place.PLATE; // "filling per pancake: 20 g jam"
    }
    boolean coat = cue.low().equals("for coating") && clause.has(before);
    if (coat && clause.get(before).isFood() && !clause.get(before).isRole(Role.FAT)) {
      return Place.PLATE;
    }
    boolean done = of(cue) == Place.PAN && !VESSEL.isIn(cue.low());
    return done && DONE.isIn(clause.words(0, clause.size())) ? Place.PLATE : of(cue);
  }

  /** "blueberries over": no "2 eggs left over", no "then flip over". */
  static boolean isOver(Clause clause, int i) {
    return clause.isWord(i, "inside", "in", "on")
        || clause.isWord(i, "over") && !clause.isWord(i - 1, TURNED);
  }

  /** "…, top 150 g yogurt". */
  static boolean isTop(Clause clause, int i) {
    boolean begins = i == 0 || clause.isMark(i - 1, ",", ";", "–", "-");
    return begins
        && clause.isWord(i, "top", "topped")
        && clause.has(i + 1)
        && clause.get(i + 1).isAmount();
  }

  /** "that goes with 300 ml milk", "7 g yeast goes with …": of no pancake, if that is of batter. */
  static boolean isMixedWith(Clause clause, int i, Mention before) {
    boolean it = clause.isWord(i - 1, "that", "it", "this", "which", "batter");
    return WITH.isAll(clause.low(i)) && (it || before != null && before.place == Place.NOT_SAID);
  }

  /** "roll them in flour": of flour and the like nobody does so with what is done. */
  static boolean isBeforeFrying(Element cue, Mention mention) {
    boolean raw = mention.known().filter(food -> RAW.isIn(food.id())).isPresent();
    return mention.role() == Role.LEAVENING || raw && ROLLED.isIn(cue.low());
  }

  /** "over four of them". */
  static boolean isOfThem(Clause clause, int i) {
    return clause.isWord(i, "over") && OF_THEM.begins(clause.words(i + 1, i + 4));
  }

  /** "put a banana and 20 g honey on": onto what lies on the plate, whether it does. */
  static boolean putOn(Clause clause, Mention last, int on) {
    int put = last == null || !clause.isWord(on, "on") ? -1 : last.from - 1;
    while (put >= 0 && !clause.isWord(put, "put", "pop", "lay")) {
      put--;
    }
    int from = put;
    List<Mention> laid =
        clause.mentions.stream().filter(m -> from >= 0 && m.from > from && m.from < on).toList();
    boolean food = // "put the butter in and the iron on"
        put >= 0
            && clause.elements.subList(put, on).stream().noneMatch(e -> e.isWord("in", "into"));
    if (food) {
      laid.forEach(
          mention -> {
            mention.place = Place.PLATE;
            mention.placed = true;
          });
    }
    return food;
  }

  /** Null for a phrase that says none. */
  static Place of(Element cue) {
    if (cue.is(Sort.PLATE_NEXT, Sort.PLATE)) {
      return Place.PLATE;
    }
    if (cue.is(Sort.PAN_NEXT, Sort.PAN)) {
      return Place.PAN;
    }
    return cue.is(Sort.BOWL) ? Place.NOT_SAID : null;
  }

  /** Whatever else is warmed "in a small pan" is no fat for it. */
  static boolean isElsewhere(Element cue, Mention mention) {
    boolean warmed =
        cue.low().startsWith("in a ") || cue.low().startsWith("to the ") || cue.says(TRAY);
    boolean sauce = mention.place == Place.PLATE;
    return cue.is(Sort.PAN) && warmed && (sauce || mention.role() != Role.FAT);
  }
}

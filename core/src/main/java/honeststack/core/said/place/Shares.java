package honeststack.core.said.place;

import honeststack.core.line.LineWords;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Share;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Reads what goes where of one food: "half in the batter", "20 g of it for the pan", "the rest on
 * top".
 */
final class Shares {
  private static final int FAR = 5;

  private static final Remembered FRACTION =
      Remembered.whole(
          "(?:a |one |the )?(?:half|third|quarter|½|⅓|¼|1/2|1/3|1/4)|two[ -]thirds|⅔|2/3"
              + "|three[ -]quarters|¾|3/4");

  private static final Remembered REST =
      Remembered.whole(
          "(?:the )?(?:rest|remainder|remaining|other|other half|second half|last)|most");

  private static final Set<String> JOINTS =
      Set.of("and", "then", "with", "i", "we", "you", "but", "the");

  private static final Set<String> ADDS = Set.of("plus", "another", "extra", "further", "+");

  private static final Set<String> KEEPS =
      Set.of(
          "keep",
          "keeping",
          "save",
          "saving",
          "reserve",
          "reserving",
          "hold",
          "holding",
          "leave",
          "leaving",
          "set",
          "setting",
          "keep back",
          "hold back",
          "set aside",
          "put aside",
          "of which",
          "reserved");

  private static final Set<String> USES =
      Set.of(
          "use", "using", "divide", "divided", "split", "put", "stir", "scatter", "add", "mix",
          "pour", "fold", "tip", "whisk", "blend", "beat");

  private static final Set<String> KEPT =
      Set.of("kept", "back", "aside", "reserved", "saved", "of which");

  private static final Set<String> MORE = Set.of("more", "extra", "again");

  private static final Set<String> OF_IT = Set.of("of it", "of that", "of them", "of these");

  private static final Set<String> BETWEEN =
      Set.of(
          "of",
          "it",
          "that",
          "them",
          "goes",
          "go",
          "going",
          "is",
          "are",
          "stirred",
          "melted",
          "folded",
          "mixed",
          "chopped",
          "brushed",
          "then",
          "these",
          "scattered",
          "straight",
          "left",
          "used",
          "just",
          "stays",
          "stay",
          "remains",
          "one",
          "tbsp",
          "tablespoon",
          "bit");

  private final Clause clause;

  Shares(Clause clause) {
    this.clause = clause;
  }

  /** Behind a mark, a joint or nothing. */
  boolean begins(int i) {
    boolean cue = ADDS.contains(clause.low(i)) || KEEPS.contains(clause.low(i));
    boolean part = i > 0 && clause.isAmount(i) && clause.says(i, FRACTION);
    return i == 0
        || cue
        || part && (clause.isStrong(i - 1) || clause.isFood(i - 1))
        || clause.isMark(i - 1, ",", ";", ":", "–", "-", "—", "(", ".")
        || clause.isWord(i, "and", "with");
  }

  /** One behind the other, from an element on; empty for none. */
  List<Share> from(int from) {
    List<Share> shares = new ArrayList<>();
    Share share = share(from);
    while (share != null) {
      shares.add(share);
      share = share(share.end());
    }
    return shares;
  }

  private Share share(int from) {
    boolean added = false;
    boolean kept = false;
    int i = from;
    for (; clause.has(i) && i < from + FAR; i++) {
      String low = clause.low(i);
      added |= ADDS.contains(low);
      boolean ofIt = OF_IT.contains(low + " " + clause.low(i + 1));
      kept |= KEEPS.contains(low) || ofIt;
      boolean over =
          ofIt
              || i > 0 && OF_IT.contains(clause.low(i - 1) + " " + low)
              || ADDS.contains(low)
              || KEEPS.contains(low)
              || kept && KEPT.contains(low)
              || USES.contains(low)
              || JOINTS.contains(low);
      if (!over && !clause.isMark(i, ",", ";", ":", "–", "-", "—", ".")) {
        break;
      }
    }
    if (!clause.has(i)) {
      return null;
    }
    boolean rest = clause.says(i, REST);
    int said = rest && (clause.isAmount(i + 1)) ? i + 1 : i; // "the remaining 20 g"
    Element element = clause.get(said);
    boolean part = element.says(FRACTION) && (element.isAmount() || rest);
    boolean half =
        clause.low(i).startsWith("half of")
            || clause.low(i).equals("the other half")
            || clause.low(i).equals("half goes");
    boolean one = element.isWord("one") && element.isAmount();
    boolean amount = one || element.isAmount() && !element.isWeak() && !part;
    if (!rest && !part && !half && !amount || element.part != null) {
      return null;
    }
    int k = said + 1;
    for (int words = 0; clause.has(k) && words < FAR; k++, words++) {
      String low = clause.low(k);
      added |= MORE.contains(low);
      kept |= KEPT.contains(low) || OF_IT.contains(low + " " + clause.low(k + 1));
      boolean over = BETWEEN.contains(low) || MORE.contains(low) || KEPT.contains(low) || isDone(k);
      if (!over || isPlace(k)) {
        break;
      }
    }
    Place place = place(k);
    if (place == null) {
      return null;
    }
    double fraction = half ? 0.5 : part ? element.measure().amount() : 0;
    return new Share(i, k + 1, amount ? element : null, fraction, place, added, kept);
  }

  /** "one mashed in the batter". */
  private boolean isDone(int i) {
    return clause.get(i).kind == Element.Kind.WORD && LineWords.isDescribing(clause.low(i));
  }

  private boolean isPlace(int i) {
    return clause.is(i, Sort.BOWL, Sort.PAN, Sort.PLATE, Sort.PAN_NEXT, Sort.PLATE_NEXT);
  }

  /** Null for none. */
  private Place place(int i) {
    if (clause.is(i, Sort.BOWL, Sort.BATTER)) {
      return Place.NOT_SAID;
    }
    if (clause.is(i, Sort.PAN, Sort.PAN_NEXT)) {
      return Place.PAN;
    }
    if (clause.is(i, Sort.PLATE, Sort.PLATE_NEXT)) {
      return Place.PLATE;
    }
    boolean end =
        !clause.has(i + 1)
            || clause.isMark(i + 1, ",", ";", ".", ")")
            || clause.isWord(i + 1, "and");
    return end && clause.isWord(i, "in", "through")
        ? Place.NOT_SAID
        : end && clause.isWord(i, "on", "over") && PlaceCues.isOver(clause, i) ? Place.PLATE : null;
  }
}

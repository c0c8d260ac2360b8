package honeststack.core.said.part;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Named;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;

/**
 * Amounts that are part of what was measured before: "… 2 eggs. Add one egg, then the other.",
 * "take 100 ml of milk from the 300"; and amounts that are said twice: "two eggs, yes, two eggs".
 */
public final class Portions {
  /** The work is done with some of it, and then with what is left. */
  private static final Sought IN_PARTS =
      Sought.of(
          "\\bthe (?:rest|remainder)\\b|\\b(?:to begin|to start) with\\b"
              + "|\\b(?:at a time|one by one|one after the other|at once|in one go)\\b"
              + "|\\bfrom the \\d|\\bof the \\d"
              + "|^(?:then )?(?:save|reserve|keep|hold back|keep back|put aside|set aside)\\b"
              + "|^start with\\b|\\ball \\d");

  /** What is left, in numbers. */
  private static final Sought LEFT = Sought.of("\\bthe (?:last|final|other|next|remaining) \\d");

  /** What follows of its kind: "then the other", "and the second one". */
  private static final Sought OTHER =
      Sought.of(
          "\\bthe (?:other|second|next|third|last)"
              + "(?= (?:one|half|lot|two|three|egg|eggs)\\b|$| [.,;!])");

  /** Between the same amount said twice, if it is meant twice. */
  private static final Sought TWICE =
      Sought.of("\\b(?:and|then|plus|another|more|also|again|for|with|or|in|on)\\b|[+&:;]");

  private Portions() {}

  /** Whether an amount is said of some of what a sentence before measured, and done with it. */
  public static boolean isPart(Named part, Named whole) {
    boolean amounts = part.mention.amount != null && whole.mention.amount != null;
    if (!amounts || part.clause == whole.clause || !isSome(part, whole)) {
      return false;
    }
    boolean other = whole.clause.has(0) && isOther(whole.clause.get(0));
    boolean done = !other; // "Whisk in 200 ml milk. Add the remaining 50 ml."
    return isInParts(part) || !done && isLeft(part);
  }

  /** Less than it, in one unit. */
  public static boolean isLess(Named part, Named whole) {
    return isSome(part, whole) && !part.measure().equals(whole.measure());
  }

  /** No more than it, in one unit. */
  private static boolean isSome(Named part, Named whole) {
    return part.isNear(whole)
        && part.measure().isPresent()
        && whole.measure().isPresent()
        && part.measure().get().unit() == whole.measure().get().unit()
        && part.measure().get().amount() <= whole.measure().get().amount();
  }

  /** "300 ml milk … 250 ml of milk … the remaining 50 ml milk": no more than it. */
  public static boolean addUp(List<Named> parts, Named whole) {
    double sum = 0;
    for (Named part : parts) {
      if (!isSome(part, whole) || part.mention.place != whole.mention.place) {
        return false;
      }
      sum += part.measure().orElseThrow().amount();
    }
    return parts.size() > 1 && sum == whole.measure().orElseThrow().amount();
  }

  /** It goes elsewhere than the rest: "50 g butter. … keep 10 g butter for the pan". */
  public static boolean isElsewhere(Named part, Named whole) {
    Place place = part.mention.place;
    boolean placed = place == Place.PAN || place == Place.PLATE;
    return placed && place != whole.mention.place && left(part, whole) > 0;
  }

  /** The share of the whole that does not go elsewhere. */
  public static double left(Named part, Named whole) {
    return 1 - part.measure().orElseThrow().amount() / whole.measure().orElseThrow().amount();
  }

  private static boolean isLeft(Named part) {
    if (part.left == null) {
      part.left = LEFT.isIn(part.words());
    }
    return part.left;
  }

  private static boolean isInParts(Named part) {
    if (part.inParts == null) {
      String food = part.mention.foodText.toLowerCase(Locale.ROOT);
      String words = part.words();
      part.inParts =
          IN_PARTS.isIn(words)
              || words.contains("the ")
                  && OTHER.isIn(words.replace(" the other " + food, " the other one"));
    }
    return part.inParts;
  }

  /** The same amount of the same food right behind each other, with no word between that adds. */
  public static boolean isTwice(Named said, Named first) {
    Mention mention = said.mention;
    Clause clause = said.clause;
    boolean same =
        mention.amount != null
            && mention.place == first.mention.place
            && !said.isOutside()
            && !first.isOutside()
            && said.isNear(first)
            && said.measure().isPresent()
            && said.measure().equals(first.measure());
    if (!same || mention.more != null || first.mention.split != null || mention.split != null) {
      return false;
    }
    boolean here = clause == first.clause;
    int from = here ? first.mention.to : 0;
    boolean next = here ? from <= mention.from : first.mention.to >= first.clause.size() - 1;
    return next
        && (here || !clause.sentence.whole())
        && clause.elements.subList(from, mention.from).stream().noneMatch(Portions::isOther)
        && !TWICE.isIn(clause.words(from, mention.from));
  }

  private static boolean isOther(Element element) {
    return element.isFood() || element.isAmount();
  }
}

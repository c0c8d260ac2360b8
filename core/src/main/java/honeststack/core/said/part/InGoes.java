package honeststack.core.said.part;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * In how many goes what is measured goes in: "300 ml milk, the last 50 ml after resting", "400 ml
 * milk: first 100 ml, then 300 ml". It is no more of it.
 */
public final class InGoes {
  private static final String WHOLE = "(?<whole># )(?:of )?(?:the )?(?<food>@ )";

  private static final String NAME_FIRST = "(?<food>@ ):? ?(?<whole># )";

  private static final String LINK = "(?:(?:,|;|–|-|:|\\(|and|but|then|with|added|add|in) )*";

  private static final String PART = "(?:about )?(?<part># )";

  /** Up to the next mark, or over it to what is done with the rest. */
  private static final String ON =
      "(?:[^#@,;.(]|(?<=\\bthe )@)*(?:, (?:and )?then (?:the )?(?:rest|remainder)[^#@,;.(]*)?";

  private static final String LATER =
      "(?:later|thin\\w*|loosen\\w*|let (?:it )?down|letting|adjust\\w*|the end|slacken\\w*|after|in case|last)\\b";

  private static final List<String> FORMS =
      List.of(
          "(?:hold|holding|held|keep|keeping|kept|reserve|reserving|reserved|save|saving|leave|leaving) (?:(?:back|aside|out|by) )?"
              + PART
              + "(?:(?:back|aside|out|by) )?(?:(?:to|for|until|till|and) )"
              + "[^#@,;.]*"
              + LATER
              + ON,
          "(?<!\\b(?:then|and|add|added) )(?:the )(?:last|final|other|remaining) " + PART + ON,
          "(?:all|everything) but (?:the last |about )?" + PART + ON,
          PART
              + "of (?:which|it|that) (?:(?:is|are|was|were) )?(?:goes? in|going in|at the end|at first|first|last|later|warmed|warm|mixed"
              + "|added|to (?:start|begin|soak|dissolve|bloom)|with the)\\b"
              + ON,
          "in (?:two|three|four|five) (?:goes|lots|additions|batches|portions|parts) of (?:about )?"
              + PART
              + ON,
          "(?:of (?:which|that|it) )?"
              + PART
              + "(?:of (?:which|it|that) )?(?:(?:go|goes|is|are|was|went) )?(?:in|into|with|for) (?:the )?(?<part2>@ )",
          PART + "of (?:which|it|that) (?:hot|warm|cold|lukewarm|boiling|melted|browned)\\b" + ON,
          PART + "by # ",
          "(?:first|start with) "
              + PART
              + "(?:,|and|then|later|after that| )*(?<other># )(?:more |later |after )?"
              + ON);

  private static final List<Sought> SAID =
      Stream.of(WHOLE, NAME_FIRST)
          .flatMap(whole -> FORMS.stream().map(form -> Sought.of(whole + LINK + form)))
          .toList();

  /** In a sentence behind it. */
  private static final Sought GOES =
      Sought.of(
          "[^@]*\\b(?:first|start|begin|at first|to start|now|initially)\\b.*\\b(?:then|rest|remaining|remainder|last|other|later|after)\\b.*"
              + "|[^#@]*(?<part># )(?:of (?:the )?)?(?:@ |it |that )?[^#]*\\b(?:first|now|at first|to start|to begin)\\b[^#]*\\b(?:rest|remaining|remainder|last|other)\\b[^#]*(?:# [^#@]*)?");

  private static final double ROUNDED = 0.01;

  private InGoes() {}

  public static void in(Clause clause) {
    Optional<Shape> shape = clause.hasFood() ? Shape.of(clause, 2) : Optional.empty();
    if (shape.isPresent()) {
      for (Sought form : SAID) {
        for (Shape.Found found : shape.get().each(form)) {
          take(clause, found);
        }
      }
    }
  }

  private static void take(Clause clause, Shape.Found found) {
    Element whole = clause.get(found.at("whole"));
    Element part = clause.get(found.at("part"));
    boolean other = found.said().pattern().pattern().contains("<other>");
    double sum = part.measure().amount() + (other ? second(clause, found) : 0);
    boolean some =
        other
            ? Math.abs(sum - whole.measure().amount()) < ROUNDED * sum
            : part.measure().unit() == whole.measure().unit() && sum < whole.measure().amount();
    if (!some || !whole.isFree() || !part.isFree()) {
      return;
    }
    boolean aim = found.said().pattern().pattern().contains("<part2>");
    if (aim && !isInBatter(clause.get(found.at("part2")))) {
      return;
    }
    int last = Math.max(found.at("food"), found.at("whole"));
    found.note(last + 1);
    whole.corrects |= found.at("food") < found.at("whole");
  }

  /** Whites, or yeast, that the same batter holds. */
  private static boolean isInBatter(Element food) {
    return food.isRole(Role.EGG, Role.LEAVENING);
  }

  private static double second(Clause clause, Shape.Found found) {
    return clause.get(found.at("other")).measure().amount();
  }

  /**
   * Of what was measured in a sentence before: "Whisk 100 ml of the milk in first, then the rest."
   *
   * @return whether the sentence says nothing else
   */
  public static boolean by(List<Clause> read, Clause clause) {
    if (read.isEmpty() || !clause.hasAmount()) {
      return false;
    }
    boolean placed = // "first 20 g in the pan, then the rest"
        clause.elements.stream()
            .anyMatch(e -> e.is(Sort.PAN, Sort.PLATE, Sort.PAN_NEXT, Sort.PLATE_NEXT));
    if (placed || Shape.read(clause).flatMap(shape -> shape.whole(GOES)).isEmpty()) {
      return false;
    }
    List<Element> amounts =
        clause.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).toList();
    Optional<Mention> whole =
        clause.mentions.stream()
            .filter(m -> m.food != null && m.isMeasured())
            .findFirst()
            .map(m -> Rescaled.before(read, m.food))
            .orElseGet(() -> Spent.last(read));
    if (amounts.isEmpty() || whole.isEmpty() || whole.get().amount == null) {
      return false;
    }
    Element all = whole.get().amount;
    boolean alike = amounts.stream().allMatch(e -> e.measure().unit() == all.measure().unit());
    double sum = amounts.stream().mapToDouble(e -> e.measure().amount()).sum();
    boolean parts =
        amounts.size() == 1
            ? sum < all.measure().amount()
            : Math.abs(sum - all.measure().amount()) < ROUNDED * sum;
    boolean same =
        clause.mentions.stream()
            .filter(m -> m.food != null)
            .allMatch(m -> isNamed(read, m, whole.get()));
    if (!alike || !parts || !same) {
      return false;
    }
    clause.passOver();
    return true;
  }

  /** The same food, or another one that is measured already. */
  private static boolean isNamed(List<Clause> read, Mention mention, Mention whole) {
    boolean other = !mention.isMeasured() && Rescaled.before(read, mention.food).isPresent();
    return other || mention.food.isSameFood(whole.food);
  }
}

package honeststack.core.said.part;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What of a measured food was left in the end: "300 ml milk, about 50 ml stayed in the jug", "300
 * ml milk (50 left)", "300 ml milk, didn't need the last 50". The rest counts.
 */
public final class NotUsed {
  private static final String LEFT =
      "(?:was |were |is |are |got )?(?:left(?: over)?|leftover|stayed|remained|remaining|not used|unused|spare|to spare"
          + "|too much|spilled|spilt|wasted|went (?:back|spare|unused|on the floor|down the sink))";

  private static final String LEAD =
      "(?:[,;–—-] ?|and |but |though |although |so |i |we |there |about |around |roughly |maybe |with )*";

  private static final Sought SAID =
      Sought.of(
          "(?<whole># )(?:of )?(?<food>@ )(?<place>(?:,)? ?(?:for|to) (?:the )?(?:fry|frying|pans?|irons?|griddle|cooking|greasing) )?"
              + LEAD
              + "(?:(?<some># )(?:of (?:it|that|them|which) )?(?:@ )?"
              + LEFT
              + "|(?:had|have|with|leaving) (?<with># )(?:of it )?"
              + LEFT
              + "|(?:didn't|did not|don't) (?:need|use|want) (?:all of it , |the )?(?:last )?(?<last># )(?:of it )?)"
              + "(?= |$)");

  private static final Sought BRACKETS =
      Sought.of("(?:about |with |i had |had )?(?:of (?:it|that|them) )?" + LEFT);

  private NotUsed() {}

  public static void in(Clause clause) {
    Shape.in(clause, 2, SAID).ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    int whole = found.at("whole");
    int food = found.at("food");
    int some = -1;
    for (String group : new String[] {"some", "with", "last"}) {
      some = found.has(group) ? found.at(group) : some;
    }
    Element all = clause.get(whole);
    Optional<String> used = used(all, clause.get(some));
    if (used.isPresent()) {
      found.take(Part.NOTE, whole, food, found.has("place") ? found.at("place") : food);
      all.instead = used.get();
    }
  }

  /** Whether brackets behind a food say so. */
  public static boolean inBrackets(Mention mention, Clause inner) {
    List<Element> numbers =
        inner.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).toList();
    boolean said =
        numbers.size() == 1
            && mention.amount != null
            && mention.isMeasured()
            && BRACKETS.isAll(
                inner.elements.stream()
                    .filter(e -> !numbers.contains(e))
                    .map(Element::low)
                    .collect(Collectors.joining(" ")));
    Optional<String> used = said ? used(mention.amount, numbers.get(0)) : Optional.empty();
    used.ifPresent(
        text -> {
          mention.amountText = text;
          mention.restated = true;
          inner.counts.clear();
          inner.mentions.clear();
          inner.elements.forEach(element -> element.part = Part.NOTE);
        });
    return used.isPresent();
  }

  /** What is used of a whole if some of it is left; empty where they do not go together. */
  private static Optional<String> used(Element whole, Element left) {
    boolean alike = left.isCount() || left.measure().unit() == whole.measure().unit();
    double used = whole.measure().amount() - left.measure().amount();
    boolean plain = PartlyOther.isPlain(whole) && PartlyOther.isPlain(left);
    return alike && plain && used > 0
        ? Optional.of(PartlyOther.written(whole, used))
        : Optional.empty();
  }
}

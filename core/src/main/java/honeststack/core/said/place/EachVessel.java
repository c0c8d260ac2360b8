package honeststack.core.said.place;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Phrases;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Set;

/**
 * Fat for each of several pans or holes: "1 tsp oil in each of 8 holes", "two pans, 5 g butter in
 * each", "grease each of the 8 holes with 1 tsp oil".
 */
public final class EachVessel {
  private static final String VESSELS =
      "(?:holes?|tins?|moulds?|molds?|rings?|pans?|irons?|wells|cavities|griddles?|skillets?)";

  private static final Remembered HINT = Remembered.part("\\b" + VESSELS + "\\b");
  private static final Remembered NOUN = Remembered.whole(VESSELS);

  private static final String MANY = "(?<many>#)(?: " + VESSELS + ")?";

  /** What follows the food, or the amount behind it. */
  private static final String BEHIND =
      "(?<place>(?:(?:in|into|for|to|on|per) (?:each|every|each one|every one)(?: one)? of (?:the |my )?"
          + MANY
          + "|(?:in each|in every|into each|for each|for every|to each|per) (?:hole|tin|mould|mold|ring|pan|iron|well|round),? ,? ?(?:and )?(?:there are )?(?<other>#) "
          + VESSELS
          + "|[x×] (?<times>#) "
          + VESSELS
          + "))";

  private static final List<Sought> FORMS =
      List.of(
          Sought.of("(?<amount>#) (?:of )?(?:[a-z]+ ){0,3}@ ,? ?" + BEHIND),
          Sought.of("@ ,? ?(?<amount>#) ,? ?" + BEHIND),
          Sought.of(
              "(?<place>(?:grease|greased|brush|brushed|oil|oiled|rub|coat|wipe|line|butter) (?:each|every|every one|each one)(?: one)? of (?:the |my )?"
                  + MANY
                  + " with) (?<amount>#) (?:of )?(?:[a-z]+ ){0,2}@"),
          Sought.of(
              "(?<place>"
                  + MANY
                  + " ,? ?(?:with|each (?:in|with|gets?|got|takes?|took)|and|:)?) ?(?<amount>#) (?:of )?(?:[a-z]+ ){0,3}@ (?:in each|for each|in each one|each|apiece)\\b"),
          Sought.of(
              "(?<place>"
                  + MANY
                  + " ,? ?each (?:in|with|gets?|got|takes?|took)) (?<amount>#) (?:of )?(?:[a-z]+ ){0,2}@"));

  private EachVessel() {}

  public static void in(Clause clause) {
    if (!clause.says(HINT)) {
      return;
    }
    for (Sought form : FORMS) {
      if (Shape.in(clause, 2, form).filter(found -> take(clause, found)).isPresent()) {
        return;
      }
    }
  }

  private static boolean take(Clause clause, Shape.Found found) {
    String pattern = found.said().pattern().pattern();
    int at = found.at("amount");
    Element amount = clause.get(at);
    int place = found.at("place");
    String group =
        found.has("many")
            ? "many"
            : pattern.contains("<times>") && found.has("times") ? "times" : "other";
    int many = found.at(group);
    boolean vessels =
        clause.get(many).isCount()
            ? clause.says(many + 1, NOUN)
            : clause.low(many).matches(".*(?:tins|pans|moulds)");
    if (!vessels || !PartlyOther.isPlain(amount)) {
      return false;
    }
    double times = clause.get(many).measure().amount();
    String written = PartlyOther.written(amount, amount.measure().amount() * times);
    clause.elements.set(at, amount.spanning(amount.from, amount.to, written));
    // up to the vessel's name, and the words behind it that lead to the amount
    int last = clause.get(many).isCount() ? many + 1 : many;
    while (place < at && clause.isWord(last + 1, "with", "each", "in", "gets", "get", "takes")) {
      last++;
    }
    for (int i = found.end() - 1; i > Math.max(last, at); i--) {
      if (clause.is(i, Sort.EACH, Sort.PER) || clause.isWord(i, "each", "apiece")) {
        clause.get(i).part = Part.NOTE;
      }
    }
    Sort sort = place < at ? Sort.PAN_NEXT : Sort.PAN;
    Element first = clause.get(place);
    Element phrase =
        Element.phrase(
            first.tokens, first.from, new Phrases.Found(Set.of(sort), clause.get(last).to));
    clause.elements.subList(place, last).clear();
    clause.elements.set(place, phrase);
    return true;
  }
}

package honeststack.core.said;

/** What a label says that is in it: "Allergens: wheat (gluten), egg, milk". It measures nothing. */
final class Allergens {
  private static final Remembered SAYS =
      Remembered.whole(
          "allergens? ?:?|contains ?:?|contains (?:gluten|nuts|dairy|wheat|soya?|sesame|traces of)"
              + "|may contain(?: traces of)?|traces of|allergy advice ?:?|allergen info\\w* ?:?");

  private Allergens() {}

  /** "Contains: milk, egg". */
  static boolean begin(Element first) {
    return first.says(SAYS);
  }

  static void in(Clause clause) {
    int from = 0;
    while (clause.has(from) && !clause.says(from, SAYS)) {
      from++;
    }
    if (!clause.has(from)) {
      return;
    }
    boolean measured =
        clause.elements.subList(from, clause.size()).stream()
            .anyMatch(element -> element.isAmount() && !element.isWeak());
    if (measured) {
      return;
    }
    clause.take(from, clause.size(), Part.ASIDE);
    int start = clause.get(from).start();
    for (Clause.Aside aside : clause.asides) {
      if (aside.after() >= start) {
        aside.clause().mentions.clear();
        aside.clause().elements.forEach(element -> element.part = Part.ASIDE);
      }
    }
  }
}

package honeststack.core.said.instead;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * A food that takes another's place in all that follows: "Swap all milk for soya here: 220 g flour,
 * 350 ml milk.", "With oat drink for the milk: …".
 */
public final class SwappedAhead {
  private static final String HERE =
      "(?:(?:here|throughout|below|in (?:this|it|everything|the recipe|what follows)|wherever it says so|of course) )*";

  private static final List<Sought> SAID =
      List.of(
          Sought.of(
              "(?:(?:i|we|please|just|always|now) )*(?:swap|swapped|replace|replaced|change|changed|exchange|sub|switch) (?:(?:out|all|the|any|all the) )*(?<old>@ )(?:for|with|by|to) (?:the )?(?<now>@ )"
                  + HERE
                  + "(?:[:.] .*|[:.]?)"),
          Sought.of(
              "(?:(?:i|we|please|just|always|now) )*(?:use|used|take|took|with) (?<now>@ )(?:for|instead of|in place of) (?:(?:all|the|any|all the) )*(?<old>@ )"
                  + HERE
                  + "(?:: .*|[:.]?)"));

  private SwappedAhead() {}

  /** Before a list that measures the one and not the other. */
  public static void find(List<Clause> read) {
    for (int i = 0; i < read.size(); i++) {
      Clause clause = read.get(i);
      boolean first =
          read.subList(0, i).stream()
              .allMatch(c -> c.mentions.stream().noneMatch(Mention::isMeasured));
      Optional<Shape.Found> said = first && clause.hasFood() ? said(clause) : Optional.empty();
      if (said.isPresent()) {
        swap(read.subList(i, read.size()), clause, said.get());
      }
    }
  }

  private static Optional<Shape.Found> said(Clause clause) {
    Shape shape = Shape.read(clause).orElseThrow();
    return SAID.stream().map(shape::whole).flatMap(Optional::stream).findFirst();
  }

  private static void swap(List<Clause> behind, Clause clause, Shape.Found said) {
    Element old = clause.get(said.at("old"));
    Element now = clause.get(said.at("now"));
    List<Mention> meant =
        behind.stream()
            .flatMap(c -> c.mentions.stream())
            .filter(m -> m.isMeasured() && m.food != null && m.food.isSameFood(old))
            .toList();
    boolean other =
        behind.stream()
            .flatMap(c -> c.mentions.stream())
            .anyMatch(m -> m.isMeasured() && m.food != null && m.food.isSameFood(now));
    if (meant.isEmpty() || other || now.food.isEmpty()) {
      return;
    }
    meant.forEach(mention -> mention.means(mention.food.meaning(now.food.get(), now.text())));
    clause.mentions.removeIf(m -> !m.isMeasured() && (m.food == now || m.food == old));
    now.part = Part.NOTE;
    old.part = Part.EXCLUDED;
  }
}

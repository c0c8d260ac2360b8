package honeststack.core.said.yield;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Batch;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sought;
import java.util.List;

/** Has what was told count as often as it was made, and what came of it. */
public final class Batched {
  private static final int NEAR = 2;

  /** Who is there is no part of the recipe: "There'll be thirty scouts." */
  private static final Sought EATERS =
      Sought.of(
          "(?!.*\\b(?:serves?|feeds?|enough|makes?|gives?|recipe)\\b).*\\b(?:guests|covers|campers|pupils|students|visitors)\\b.*"
              + "|(?:(?:and|so|well|but|today|tomorrow|tonight|,) )*(?:there(?:'ll be|'s| are| were| will be)|we(?:'re| are| were| will be|'ll be)"
              + "|it's|they(?:'re| are| were))\\b.*"
              + "|(?:for|cooking for|feeding|brunch for|breakfast for) \\S+ (?:guests|people|campers|pupils|students|covers)[.! ]*");

  /** Of what was made, not of what is told. */
  private static final Sought CAME =
      Sought.of("\\b(?:got|gave|came|had|did|turned out|ended up|there were|we were)\\b");

  private Batched() {}

  public static void apply(List<Clause> clauses) {
    for (int i = 0; i < clauses.size(); i++) {
      if (clauses.get(i).batch.isPresent()) {
        Batch batch = clauses.get(i).batch.get();
        boolean ahead = batch.ahead() || isBefore(clauses, i);
        Clause own = clauses.get(i);
        boolean list = own.elements.stream().anyMatch(e -> e.isMark(Batches.LIST));
        int end = list ? i + 1 : clauses.size(); // what follows brackets is said of what was made
        List<Clause> meant = ahead ? clauses.subList(i, end) : clauses.subList(0, i + 1);
        boolean before = batch.base() || ahead && !batch.ahead();
        List<Mention> kept = ahead ? List.of() : behind(clauses, own);
        boolean made = // "Halved it, so 200 g flour and 2 eggs, and it made 5": of what is told
            !kept.isEmpty() && kept.containsAll(own.mentions);
        meant.forEach(
            clause -> {
              boolean alone = !ahead && clause.mentions.isEmpty();
              boolean came = // "double my usual, …. Cut in 15.", "half of this: …. Got 5."
                  batch.ahead()
                      && clause.mentions.isEmpty()
                      && (batch.base() || CAME.isIn(clause.words(0, clause.size())));
              boolean listed = batch.ahead() && clause != own && isList(own);
              times(
                  clause,
                  batch.times(),
                  listed ? done(clause) : kept,
                  came || clause == own && (before || alone || made));
            });
      }
    }
  }

  private static boolean isList(Clause clause) {
    return clause.mentions.stream().filter(Mention::isMeasured).count() > 1;
  }

  /** "Double this: …. Oil the pan with 16 g oil.": behind the recipe is told what was done. */
  private static List<Mention> done(Clause clause) {
    return clause.mentions.stream()
        .filter(m -> m.place == Place.PAN || m.place == Place.PLATE)
        .toList();
  }

  /** "halved, but with 2 eggs": what is said behind it counts as it is, and no more of it. */
  private static List<Mention> behind(List<Clause> clauses, Clause own) {
    List<Mention> behind =
        own.mentions.stream()
            .filter(m -> m.bracketed == null && m.from >= own.batchEnd && m.isMeasured())
            .toList();
    for (Mention mention : behind) {
      for (Clause clause : clauses.subList(0, clauses.indexOf(own) + 1)) {
        clause.mentions.removeIf(
            m -> !behind.contains(m) && m.place == mention.place && isSame(m, mention));
      }
    }
    return behind;
  }

  private static boolean isSame(Mention one, Mention other) {
    return one.food != null && other.food != null && one.food.isSameFood(other.food);
  }

  /** Nothing was measured before, and what it means follows. */
  private static boolean isBefore(List<Clause> clauses, int i) {
    boolean first =
        clauses.subList(0, i + 1).stream().allMatch(clause -> clause.mentions.isEmpty());
    return first
        && clauses.subList(i + 1, Math.min(clauses.size(), i + 1 + NEAR)).stream()
            .anyMatch(c -> !c.mentions.isEmpty() && Batches.BASE.isAll(c.words(0, c.size())));
  }

  /**
   * Has what a sentence measures count so often, and what came of it.
   *
   * @param kept counts as it is
   * @param own it says so itself, and for how many that is: "I double it as we are six"
   */
  public static void times(Clause clause, double times, List<Mention> kept, boolean own) {
    clause.mentions.stream().filter(m -> !kept.contains(m)).forEach(m -> m.times *= times);
    if (own) {
      return;
    }
    clause.counts.pieces = clause.counts.pieces.map(count -> times(count, times));
    boolean eaters = clause.mentions.isEmpty() && EATERS.isAll(clause.words(0, clause.size()));
    if (!eaters) {
      clause.counts.serves = clause.counts.serves.map(count -> times(count, times));
    }
  }

  private static Told.Count times(Told.Count count, double times) {
    return new Told.Count(count.low() * times, count.high() * times);
  }
}

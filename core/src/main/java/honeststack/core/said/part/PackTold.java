package honeststack.core.said.part;

import honeststack.core.measure.Containers;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a packet holds, told behind how much of it is used: "half a bag of chocolate chips, the bag
 * was 200 g", "a tub of ricotta. The tub was 250 g."
 */
public final class PackTold {
  private static final String PACK =
      "(?:bag|tub|jar|block|punnet|carton|pot|packet|pack|tin|can|box|sachet|stick|bottle|tube|bar|container|pat|slab|brick)";

  private static final String SOME = "(?<some># )(?:of )?(?:the |my )?(?<food>@ )";

  private static final String NAME_FIRST = "(?<food>@ ),? ?(?<some># )";

  private static final String LINK =
      "(?:(?:for|in|on) (?:(?:the|frying|pan|top|it|greasing|griddle|batter|bowl) ?)+ ?)?(?:(?:,|;|–|-|and|with) )*";

  private static final String IS =
      "(?: (?:is|was|being|weighs|weighed|holds|held|says|has|at|of))?(?: about)? ";

  /** "250 g block": with its packet it is one amount. */
  private static final String CONTAINER = "(?:(?:it's|that's|from|a|an|the) )*(?<pack># )";

  private static final List<String> TOLD =
      List.of(
          "(?:the |my |a |its |it's a )?" + PACK + "(?:'s)?" + IS + "(?<pack># )",
          "(?:(?:it's |that's |from |is |they're )?(?:a|an|the) )?(?<pack># )(?:" + PACK + "|one) ",
          CONTAINER,
          "(?:they're|they are|it says|they come in|it holds|it came in at) (?<pack># )(?:on (?:it|the \\w+) )?");

  private static final List<Sought> SAID =
      List.of(SOME, NAME_FIRST).stream()
          .flatMap(some -> TOLD.stream().map(told -> Sought.of(some + LINK + told)))
          .toList();

  private static final Sought PACKED = Sought.of(".* " + PACK);

  private static final Set<String> OTHERS = Set.of("punnet", "box", "tube", "slab");

  private static final double HUNDREDTHS = 100;

  private static final Sought BEHIND =
      Sought.of(
          "(?:(?:and|so|well|by the way|note|,) )*(?:(?:the|my|its|it's a|a) )?"
              + PACK
              + "(?:'s)?"
              + IS
              + "(?<pack># )[ .!]*");

  private PackTold() {}

  public static void in(Clause clause) {
    Optional<Shape> shape = clause.hasFood() ? Shape.of(clause, 1) : Optional.empty();
    if (shape.isEmpty() || clause.elements.stream().noneMatch(PackTold::isOfPack)) {
      return;
    }
    for (Sought form : SAID) {
      for (Shape.Found found : shape.get().each(form)) {
        Element some = clause.get(found.at("some"));
        Element pack = clause.get(found.at("pack"));
        Optional<String> all = all(some, pack);
        boolean bare =
            found.said().pattern().pattern().endsWith(CONTAINER) && !PACKED.isAll(pack.low());
        if (!bare && all.isPresent() && some.isFree() && pack.isFree()) {
          int last = Math.max(found.at("food"), found.at("some"));
          found.note(last + 1);
          some.instead = all.get();
          some.corrects = found.at("food") < found.at("some");
        }
      }
    }
  }

  private static boolean isOfPack(Element element) {
    return element.isAmount()
        && element.measure().unit() == Unit.COUNT
        && (Containers.isContainer(element.measure().size())
            || OTHERS.contains(element.measure().size()));
  }

  private static Optional<String> all(Element some, Element pack) {
    Unit.Kind kind = pack.measure().unit().kind();
    boolean weighed = kind == Unit.Kind.MASS || kind.isVolume();
    double packs = some.measure().amount();
    boolean whole = pack.measure().halfRange() == 0 && some.measure().halfRange() == 0;
    double all = Math.round(packs * pack.measure().amount() * HUNDREDTHS) / HUNDREDTHS;
    return isOfPack(some) && weighed && whole && some.instead == null && all > 0
        ? Optional.of(Numbers.plain(all) + " " + pack.measure().unit().symbol())
        : Optional.empty();
  }

  /**
   * In a sentence of its own behind it.
   *
   * @return whether the sentence says nothing else
   */
  public static boolean by(List<Clause> read, Clause clause) {
    Optional<Shape.Found> said =
        read.isEmpty() || !clause.hasAmount()
            ? Optional.empty()
            : Shape.read(clause).flatMap(shape -> shape.whole(BEHIND));
    Optional<Mention> last = said.isPresent() ? Spent.last(read) : Optional.empty();
    Optional<String> all =
        last.filter(m -> m.amount != null)
            .flatMap(m -> all(m.amount, clause.get(said.get().at("pack"))));
    if (all.isEmpty()) {
      return false;
    }
    last.get().amountText = all.get();
    last.get().restated = true;
    clause.passOver();
    return true;
  }
}

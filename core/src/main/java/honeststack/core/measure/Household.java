package honeststack.core.measure;

import static honeststack.core.wording.Refusal.Reason.NO_WEIGHT;

import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.HouseholdMeasure.Volume;
import honeststack.core.food.Packing;
import honeststack.core.food.Role;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.wording.RefusedException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What cups, spoons and pieces of a food weigh, from its household measures. Densities in g/mL. */
final class Household {
  private final Factors factors;

  /** What a piece weighs, of a middling one (common practice). */
  private static final Map<String, Double> SIZES =
      Map.of("small", 0.75, "medium", 1.0, "large", 1.3, "extra large", 1.5, "jumbo", 1.6);

  /** A cup pressed full holds at most so many loose ones: leaves and shreds, and what is finer. */
  private static final double MOST_LEAVES = 2;

  private static final double MOST_PACKED = 1.5;

  /** Of the weight classes that Britain shares. */
  private static final String EUROPEAN = "eu ";

  private final MeasuringSystem system;

  Household(Factors factors, MeasuringSystem system) {
    this.factors = factors;
    this.system = system;
  }

  /**
   * The piece that is meant.
   *
   * @throws RefusedException if the food has no such piece
   */
  Piece piece(Measure measure, Food food) {
    List<Piece> pieces = all(food, Piece.class);
    String size = graded(measure.size(), pieces);
    return pieces.stream()
        .filter(p -> isMeant(p, size))
        .findFirst()
        .or(() -> onlyOne(size, pieces))
        .or(() -> ofSize(size, pieces))
        .orElseThrow(() -> noPiece(measure, food, pieces));
  }

  /**
   * Eggs are sorted otherwise in Britain and the European Union than in the United States: a recipe
   * in their measures means their sizes.
   */
  private String graded(String size, List<Piece> pieces) {
    boolean theirs = system == MeasuringSystem.METRIC || system == MeasuringSystem.IMPERIAL;
    String sorted = EUROPEAN + size;
    return theirs && pieces.stream().anyMatch(p -> p.size().equals(sorted)) ? sorted : size;
  }

  /** One container is as good as another: a food that comes in tins comes in cans. */
  private static boolean isMeant(Piece piece, String size) {
    return size.isEmpty()
        ? piece.usual()
        : piece.size().equals(size)
            || Containers.isContainer(size) && Containers.isContainer(piece.size());
  }

  /** A food that comes in one size is meant, however big it is said to be; a jar holds many. */
  private static Optional<Piece> onlyOne(String size, List<Piece> pieces) {
    boolean one = !Containers.isCounted(size);
    return one && pieces.size() == 1 && pieces.get(0).size().isEmpty()
        ? Optional.of(pieces.get(0))
        : Optional.empty();
  }

  /** A size that the food is not known in: so much more or less than the usual one. */
  private static Optional<Piece> ofSize(String size, List<Piece> pieces) {
    Double said = SIZES.get(size);
    return pieces.stream()
        .filter(piece -> said != null && piece.usual() && SIZES.containsKey(piece.size()))
        .map(usual -> new Piece(size, false, false, usual.grams() * said / SIZES.get(usual.size())))
        .findFirst();
  }

  /** The scoop that comes in a food's own tub. */
  static Optional<Piece> scoop(Measure measure, Food food) {
    return measure.unit() == Unit.SCOOP
        ? all(food, Piece.class).stream().filter(p -> p.size().equals("scoop")).findFirst()
        : Optional.empty();
  }

  double loose(Measure measure, Food food, Packing packing) {
    return of(measure, food, packing)
        .or(() -> of(measure, food, packing == Packing.SIFTED ? Packing.SPOONED : Packing.NOT_SAID))
        .or(() -> of(measure, food, Packing.NOT_SAID))
        .orElseThrow(() -> noVolume(measure, food));
  }

  double scooped(Measure measure, Food food) {
    return of(measure, food, Packing.SCOOPED)
        .or(
            () ->
                of(measure, food, Packing.SPOONED)
                    .map(d -> d * factors.of(Factor.SCOOPED_OVER_SPOONED)))
        .or(() -> of(measure, food, Packing.NOT_SAID))
        .orElseThrow(() -> noVolume(measure, food));
  }

  double ofSpoon(Measure measure, Food food) {
    return of(measure, food, measure.packing())
        .or(() -> of(measure, food, Packing.NOT_SAID))
        .or(() -> between(measure, food))
        .or(() -> of(measure, food, Packing.SPOONED))
        .or(() -> of(measure, food, Packing.PACKED))
        .or(() -> all(food, Volume.class).stream().map(Volume::density).findFirst())
        .orElseThrow(() -> noVolume(measure, food));
  }

  /** The middle of a loose and a pressed spoon, where nobody said which. */
  private Optional<Double> between(Measure measure, Food food) {
    Optional<Double> loose = of(measure, food, Packing.SPOONED);
    Optional<Double> packed = of(measure, food, Packing.PACKED);
    return loose.flatMap(a -> packed.map(b -> (a + b) / 2));
  }

  /**
   * Of the food's volumes with this packing, the density of the one nearest in size; a jug is
   * filled once, whatever its marks are in.
   */
  Optional<Double> of(Measure measure, Food food, Packing packing) {
    double unit = measure.unit().millilitres(system);
    boolean jug = measure.unit().kind() == Unit.Kind.MARKED && measure.amount() > 0;
    double size = Math.log(jug ? measure.amount() * unit : unit);
    return all(food, Volume.class).stream()
        .filter(v -> v.packing() == packing)
        .min(Comparator.comparingDouble(v -> Math.abs(Math.log(v.millilitres()) - size)))
        .map(Volume::density);
  }

  private static <M extends HouseholdMeasure> List<M> all(Food food, Class<M> kind) {
    return food.measures().stream().filter(kind::isInstance).map(kind::cast).toList();
  }

  private static RefusedException noPiece(Measure measure, Food food, List<Piece> pieces) {
    String known =
        pieces.isEmpty()
            ? "a weight or a volume, such as 50 g"
            : pieces.stream()
                .map(p -> p.size().isEmpty() ? "pieces without a size" : p.size())
                .collect(Collectors.joining(", ", "", ", or a weight"));
    return new RefusedException(
        NO_WEIGHT,
        measure.words(),
        "The larder does not know what “" + measure.words() + "” of " + food.name() + " weighs.",
        known);
  }

  /**
   * Between the loose filling and one pressed down as far as it goes, where the larder does not
   * know the food packed.
   *
   * @return the least and the most, g/mL
   */
  double[] packed(Measure measure, Food food) {
    double loose =
        of(measure, food, Packing.GRATED)
            .or(() -> of(measure, food, Packing.CHOPPED))
            .orElseGet(() -> loose(measure, food, Packing.SPOONED));
    return new double[] {loose, loose * (food.role() == Role.ADD_IN ? MOST_LEAVES : MOST_PACKED)};
  }

  static RefusedException noVolume(Measure measure, Food food) {
    return new RefusedException(
        NO_WEIGHT,
        measure.words(),
        "The larder does not know what “" + measure.words() + "” of " + food.name() + " weighs.",
        "a weight, such as 50 g");
  }
}

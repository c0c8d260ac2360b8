package honeststack.core.food;

import honeststack.core.wording.Numbers;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where a label disagrees with itself by more than its rounding explains. */
final class Contradictions {
  /** How far stated energy may be from the parts' before it is said, beyond rounding. */
  private static final double ENERGY_TOLERANCE = 0.10;

  private final Label label;
  private final List<String> found = new ArrayList<>();

  Contradictions(Label label) {
    this.label = label;
  }

  List<String> all() {
    partOf(LabelLine.SUGARS, LabelLine.CARBOHYDRATE);
    partOf(LabelLine.ADDED_SUGARS, LabelLine.SUGARS);
    partOf(LabelLine.POLYOLS, LabelLine.CARBOHYDRATE);
    partOf(LabelLine.ERYTHRITOL, LabelLine.POLYOLS);
    partOf(LabelLine.SATURATES, LabelLine.FAT);
    if (label.style() == LabelStyle.US) {
      partOf(LabelLine.FIBRE, LabelLine.CARBOHYDRATE);
    }
    mass();
    energyOfParts();
    bothEnergies();
    return List.copyOf(found);
  }

  private double low(LabelLine line) {
    return label.printed(line).map(Printed::low).orElse(0.0);
  }

  private double high(LabelLine line) {
    return label.printed(line).map(Printed::high).orElse(0.0);
  }

  private void partOf(LabelLine part, LabelLine whole) {
    if (label.lines().containsKey(part)
        && label.lines().containsKey(whole)
        && low(part) > high(whole) + 1e-9) {
      found.add(
          Say.of(
              "%s (%s) are more than the %s (%s) that they are part of.",
              Say.capital(part.words()), text(part), whole.words(), text(whole)));
    }
  }

  private void mass() {
    double parts =
        low(LabelLine.FAT)
            + low(LabelLine.CARBOHYDRATE)
            + low(LabelLine.PROTEIN)
            + (label.style() == LabelStyle.EU ? low(LabelLine.FIBRE) : 0)
            + Math.max(low(LabelLine.SALT), low(LabelLine.SODIUM) / 1000 * Label.SALT_PER_SODIUM);
    if (parts > label.servingGrams() * (1 + 2 * label.servingDoubt()) + 1e-9) {
      found.add(
          Say.of(
              "Its parts weigh at least %.1f g, but the serving weighs %.1f g.",
              parts, label.servingGrams()));
    }
  }

  /**
   * General factors, 4, 4 and 9 kcal/g; fibre may give 0 to 4 of them and polyols 0 to 4, since
   * makers choose.
   */
  private void energyOfParts() {
    Optional<Printed> stated = label.energy();
    boolean whole =
        label.lines().containsKey(LabelLine.FAT)
            && label.lines().containsKey(LabelLine.CARBOHYDRATE)
            && label.lines().containsKey(LabelLine.PROTEIN);
    if (stated.isEmpty() || !whole) {
      return;
    }
    double outside = label.style() == LabelStyle.EU ? high(LabelLine.FIBRE) : 0;
    double inside = label.style() == LabelStyle.US ? high(LabelLine.FIBRE) : 0;
    double free = Math.max(0, low(LabelLine.CARBOHYDRATE) - inside - high(LabelLine.POLYOLS));
    double least = 9 * low(LabelLine.FAT) + 4 * low(LabelLine.PROTEIN) + 4 * free;
    double most =
        9 * high(LabelLine.FAT)
            + 4 * high(LabelLine.PROTEIN)
            + 4 * (high(LabelLine.CARBOHYDRATE) + outside);
    double off = ENERGY_TOLERANCE * stated.get().middle();
    if (stated.get().high() + off < least || stated.get().low() - off > most) {
      found.add(
          Say.of(
              "It prints %.0f kcal, but its fat, carbohydrate and protein give %.0f to %.0f kcal.",
              stated.get().middle(), least, most));
    }
  }

  private void bothEnergies() {
    if (label.lines().containsKey(LabelLine.ENERGY)
        && label.lines().containsKey(LabelLine.ENERGY_KJ)) {
      double kcal = label.lines().get(LabelLine.ENERGY).amount();
      double kj = label.lines().get(LabelLine.ENERGY_KJ).amount();
      if (Math.abs(kj / Label.KILOJOULES - kcal) > Math.max(2, 0.03 * kcal)) {
        found.add(Say.of("%s kJ are not %s kcal.", Numbers.count(kj), Numbers.count(kcal)));
      }
    }
  }

  private String text(LabelLine line) {
    Label.Value value = label.lines().get(line);
    return (value.below() ? "under " : "") + Numbers.count(value.amount()) + " " + line.unit();
  }
}

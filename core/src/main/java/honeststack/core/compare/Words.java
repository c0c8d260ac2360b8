package honeststack.core.compare;

import honeststack.core.compare.Pairing.Pair;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.Say;

/** Changes in a cook's words. */
final class Words {
  private Words() {}

  static String amount(MeasuredFood before, MeasuredFood after) {
    double more = after.mass().value() - before.mass().value();
    return Say.of(
        "%s: %s %s", after.food().name(), grams(Math.abs(more)), more < 0 ? "less" : "more");
  }

  static String change(Pair<MeasuredFood> pair) {
    if (pair.after().isEmpty()) {
      return "without " + pair.before().map(f -> f.food().name()).orElse("");
    }
    MeasuredFood after = pair.after().get();
    if (pair.before().isEmpty()) {
      return Say.of("%s of %s added", grams(after.mass().value()), after.food().name());
    }
    MeasuredFood before = pair.before().get();
    if (before.food().id().equals(after.food().id())) {
      return amount(before, after);
    }
    return Say.of("%s for %s", after.food().name(), before.food().name());
  }

  static String portion(double kA, int nA, double kB, int nB) {
    return kA == kB && nA == nB
        ? "portion: another share of the batter"
        : Say.of(
            "portion: %s of %d pieces, not %s of %d", Numbers.count(kB), nB, Numbers.count(kA), nA);
  }

  static String grams(double grams) {
    return grams == 0 ? "nothing" : grams < 10 ? Say.of("%.1f g", grams) : Math.round(grams) + " g";
  }
}

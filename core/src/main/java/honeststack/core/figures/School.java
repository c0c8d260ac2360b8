package honeststack.core.figures;

import honeststack.core.food.Component;
import java.util.List;

/**
 * How energy and carbohydrate are counted. Figures of two schools are not to be held against each
 * other.
 */
public record School(Energy energy, Carbohydrate carbohydrate) {
  /** As the tables of foods count. */
  public static final School USUAL = new School(Energy.TABLES, Carbohydrate.TOTAL);

  /** How energy is counted. */
  public enum Energy {
    /** By the specific factors of each food's own table row. */
    TABLES(
        Measurand.of(Component.ENERC), "energy as in each food's own table row (specific factors)"),

    /** By the general factors 4, 9, 7 and 4. */
    GENERAL(
        tagged(Derived.ENERGY_GENERAL),
        "energy by general factors (4 protein, 9 fat, 7 alcohol, 4 carbohydrate with its fibre)"),

    /** EU 1169/2011, Annex XIV. */
    EU(
        tagged(Derived.ENERGY_EU),
        "energy by the EU's factors (fibre 2, polyols 2.4; 1169/2011, Annex XIV)");

    private final Measurand measurand;
    private final String words;

    Energy(Measurand measurand, String words) {
      this.measurand = measurand;
      this.words = words;
    }

    /** Energy so counted, kcal. */
    public Measurand measurand() {
      return measurand;
    }

    /** How it is counted, without a full stop. */
    public String words() {
      return words;
    }
  }

  /** What counts as carbohydrate. */
  public enum Carbohydrate {
    /** By difference, fibre included. */
    TOTAL(Measurand.of(Component.CHOCDF), "total carbohydrate by difference, fibre included"),

    /** Fibre taken out. */
    AVAILABLE(tagged(Derived.CARBOHYDRATE_AVAILABLE), "carbohydrate by difference, without fibre"),

    /** Fibre and what is hardly used taken out. */
    NET(
        tagged(Derived.CARBOHYDRATE_NET),
        "net carbohydrate: without fibre, erythritol, allulose and half of the other polyols");

    private final Measurand measurand;
    private final String words;

    Carbohydrate(Measurand measurand, String words) {
      this.measurand = measurand;
      this.words = words;
    }

    /** Carbohydrate so counted, g. */
    public Measurand measurand() {
      return measurand;
    }

    /** What it is, without a full stop. */
    public String words() {
      return words;
    }
  }

  private static Measurand tagged(Derived derived) {
    return Measurand.tagged(derived.name()).orElseThrow();
  }

  /** What a tally shows first: energy, protein, carbohydrate, fibre and fat. */
  public List<Measurand> tally() {
    return List.of(
        energy.measurand(),
        Measurand.of(Component.PROCNT),
        carbohydrate.measurand(),
        Measurand.of(Component.FIBTG),
        Measurand.of(Component.FAT));
  }
}

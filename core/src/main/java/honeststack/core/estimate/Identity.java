package honeststack.core.estimate;

import java.util.Objects;

/**
 * What makes one source of uncertainty the same as another. Two estimates that name the same source
 * move together in it; everything about a difference between two results rests on that.
 */
public sealed interface Identity {

  /** The same in every batch. */
  sealed interface Shared extends Identity
      permits Composition, Calibration, HouseholdWeight, OwnWeight {}

  /** Drawn anew each time: filling this cup, reading this jug, this egg, these pieces. */
  sealed interface PerUse extends Identity permits Use, Pieces {}

  /** A food's value for a component, whatever its revision. */
  record Composition(String foodId, String component) implements Shared {
    public Composition {
      Objects.requireNonNull(foodId, "foodId");
      Objects.requireNonNull(component, "component");
    }
  }

  /** The bias of an instrument. */
  record Calibration(String instrument) implements Shared {
    /** The kitchen scale's. */
    public static final Calibration SCALE = new Calibration("scale");

    public Calibration {
      Objects.requireNonNull(instrument, "instrument");
    }
  }

  /**
   * What a cup, a spoon, a piece or a second's spray of a food weighs.
   *
   * @param measure how it is measured
   */
  record HouseholdWeight(String foodId, String measure) implements Shared {
    public HouseholdWeight {
      Objects.requireNonNull(foodId, "foodId");
      Objects.requireNonNull(measure, "measure");
    }
  }

  /** What the cook's own unit of a food weighs, from weighings that were kept. */
  record OwnWeight(String foodId, String unit, String packing) implements Shared {
    public OwnWeight {
      Objects.requireNonNull(foodId, "foodId");
      Objects.requireNonNull(unit, "unit");
      Objects.requireNonNull(packing, "packing");
    }
  }

  /**
   * A use: where, and which part of it.
   *
   * @param batch the kept version of a preparation in whose batch it was; empty for the recipe's
   *     own batch
   */
  record Use(String batch, Place place, Part part) implements PerUse {
    public Use {
      Objects.requireNonNull(batch, "batch");
      Objects.requireNonNull(place, "place");
      Objects.requireNonNull(part, "part");
    }

    /** Measuring a line of the recipe's own batch. */
    public static Use of(String line) {
      return new Use("", new Line(line), Part.WHOLE);
    }

    /** A weight stated in a field of its own. */
    public static Use of(Field field) {
      return new Use("", field, Part.WHOLE);
    }

    /** The same place, another part of it. */
    public Use part(Part other) {
      return new Use(batch, place, other);
    }

    /** The same in a batch of a preparation; what has a batch already keeps it. */
    public Use inBatch(String version) {
      return batch.isEmpty() ? new Use(version, place, part) : this;
    }

    /** The same at another line. */
    public Use at(String line) {
      return new Use(batch, new Line(line), part);
    }
  }

  /** How unequal the pieces of a batch came out. */
  record Pieces() implements PerUse {}

  /** Where something was measured. */
  sealed interface Place permits Line, Field {}

  /** A line of a recipe. */
  record Line(String id) implements Place {
    public Line {
      Objects.requireNonNull(id, "id");
    }
  }

  /** A weight that is not a line's. */
  enum Field implements Place {
    BATTER_LEFT,
    PAN_FAT_LEFT,
    FINISHED_WEIGHT,
    CUP_WEIGHS,
    SPILLED,
    TASTED,
    /** How full each portion was, and how much air was in the batter. */
    PORTION,
    AIR,
    /** How many pieces there were, where a range was said. */
    PIECES,
    /** What cooked pieces weighed, and a serving by weight. */
    COOKED,
    SERVING
  }

  /** What of a use a source is about. */
  enum Aspect {
    /** Filling, reading or counting it. */
    AMOUNT,
    /** Where in a stated range it was. */
    RANGE,
    /** How much stayed when a tin was drained. */
    DRAINED,
    /** How much was strained out. */
    STRAINED,
    /** How much stayed in the pan, where nobody measured. */
    LEFT,
    /** How unequally a bowl for all was shared out. */
    SHARED_OUT
  }

  /**
   * A part of a use.
   *
   * @param adjustment which change while cooking, from 0; -1 for the line as written
   * @param term which term of the amount, from 0
   */
  record Part(int adjustment, int term, Aspect aspect) {
    /** The first amount as written. */
    public static final Part WHOLE = new Part(-1, 0, Aspect.AMOUNT);

    public Part {
      Objects.requireNonNull(aspect, "aspect");
    }

    public Part term(int other) {
      return new Part(adjustment, other, aspect);
    }

    public Part adjustment(int other) {
      return new Part(other, term, aspect);
    }

    public Part aspect(Aspect other) {
      return new Part(adjustment, term, other);
    }
  }
}

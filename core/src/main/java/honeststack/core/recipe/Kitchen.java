package honeststack.core.recipe;

import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Foods;
import honeststack.core.line.LineReader;
import honeststack.core.line.LineWriter;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.OwnWeights;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Weights;
import honeststack.core.said.OneLine;
import honeststack.core.said.Telling;
import honeststack.core.yield.Tools;
import java.util.Objects;

/**
 * What is known at one moment: foods, preparations, the tables of measuring and the cook's own
 * weighings. Immutable, as far as what it is given is. It reads recipes; what it has read does not
 * change with what is known later.
 */
public final class Kitchen {
  private final Foods larder;
  private final Preparations preparations;
  private final Tables tables;
  private final OwnWeights own;
  private final Tools tools;
  private final Foods foods;
  private final LineReader lines;
  private final OneLine oneLine;

  /**
   * @param larder where a name is looked up that is not a preparation's
   */
  public Kitchen(
      Foods larder, Preparations preparations, Tables tables, OwnWeights own, Tools tools) {
    this.larder = Objects.requireNonNull(larder, "larder");
    this.preparations = Objects.requireNonNull(preparations, "preparations");
    this.tables = Objects.requireNonNull(tables, "tables");
    this.own = Objects.requireNonNull(own, "own");
    this.tools = Objects.requireNonNull(tools, "tools");
    this.foods = preparations.before(larder);
    this.lines = new LineReader(foods);
    this.oneLine = new OneLine(foods, lines, telling(MeasuringSystem.US));
  }

  /** A kitchen without preparations and without weighings of its own. */
  public static Kitchen of(Foods larder, Tables tables) {
    return new Kitchen(larder, Preparations.NONE, tables, OwnWeights.NONE, Tools.NONE);
  }

  public Kitchen withLarder(Foods other) {
    return new Kitchen(other, preparations, tables, own, tools);
  }

  public Kitchen withPreparations(Preparations other) {
    return new Kitchen(larder, other, tables, own, tools);
  }

  public Kitchen withTables(Tables other) {
    return new Kitchen(larder, preparations, other, own, tools);
  }

  public Kitchen withOwnWeights(OwnWeights other) {
    return new Kitchen(larder, preparations, tables, other, tools);
  }

  public Kitchen withTools(Tools other) {
    return new Kitchen(larder, preparations, tables, own, other);
  }

  /** The cook's own ladles, scoops and irons. */
  Tools tools() {
    return tools;
  }

  /** Reads a recipe. Never throws for what the recipe says; see {@link RecipeReading}. */
  public RecipeReading read(Recipe recipe) {
    return new RecipeReader(this, recipe).read();
  }

  /** Foods and preparations, preparations before foods of the same name. */
  public Foods foods() {
    return foods;
  }

  public LineReader lines() {
    return lines;
  }

  /** Reads texts of any length; cups and spoons are those of a system where amounts are halved. */
  public Telling telling(MeasuringSystem system) {
    return new Telling(foods, lines, new LineWriter(lines, weights(system, new SourceBook())));
  }

  /** Holds each line to one food. */
  OneLine oneLine() {
    return oneLine;
  }

  public Tables tables() {
    return tables;
  }

  /** What amounts weigh, in a book. */
  public Weights weights(MeasuringSystem system, SourceBook book) {
    return new Weights(tables, own, system, book);
  }

  Preparations preparations() {
    return preparations;
  }
}

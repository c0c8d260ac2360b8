package honeststack.app.kitchen;

import honeststack.core.food.Foods;
import honeststack.core.measure.OwnWeights;
import honeststack.core.measure.Tables;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.Preparations;
import honeststack.core.recipe.Recipe.Habit;
import honeststack.core.yield.Tools;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/**
 * What is known now, handed out as one value. Each feature publishes its part once it is stored;
 * whoever reads takes the kitchen once and reads with that.
 */
@Component
public class KitchenNow {
  private Foods larder;
  private Tables tables;
  private Preparations preparations = Preparations.NONE;
  private OwnWeights own = OwnWeights.NONE;
  private Tools tools = Tools.NONE;
  private volatile Function<String, Optional<Habit>> habits = recipeId -> Optional.empty();
  private volatile Kitchen kitchen;

  /**
   * The kitchen of this moment.
   *
   * @throws IllegalStateException while the application has not started
   */
  public Kitchen now() {
    Kitchen now = kitchen;
    if (now == null) {
      throw new IllegalStateException("The kitchen is not open yet");
    }
    return now;
  }

  public synchronized void publishLarder(Foods now) {
    larder = now;
    open();
  }

  public synchronized void publishPreparations(Preparations now) {
    preparations = now;
    open();
  }

  public synchronized void publishTables(Tables now) {
    tables = now;
    open();
  }

  public synchronized void publishOwnWeights(OwnWeights now) {
    own = now;
    open();
  }

  public synchronized void publishTools(Tools now) {
    tools = now;
    open();
  }

  /** What earlier mornings of each recipe showed. */
  public void publishHabits(Function<String, Optional<Habit>> now) {
    habits = now;
  }

  /** What earlier mornings of a recipe showed; empty while there are too few. */
  public Optional<Habit> habit(String recipeId) {
    return habits.apply(recipeId);
  }

  private void open() {
    if (larder != null && tables != null) {
      kitchen = new Kitchen(larder, preparations, tables, own, tools);
    }
  }
}

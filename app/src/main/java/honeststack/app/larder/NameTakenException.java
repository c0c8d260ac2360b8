package honeststack.app.larder;

import honeststack.core.food.Food;

/** Two foods would go by one name. */
public final class NameTakenException extends RuntimeException {
  private final String name;

  NameTakenException(String name, Food holder) {
    super("“" + name + "” is already a name of " + holder.name() + " (" + holder.id() + ").");
    this.name = name;
  }

  public String name() {
    return name;
  }
}

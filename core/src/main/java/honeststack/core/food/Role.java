package honeststack.core.food;

/** What a food does in a batter; swaps are paired by it. */
public enum Role {
  FLOUR,
  LIQUID,
  EGG,
  FAT,
  SUGAR,
  LEAVENING,
  SALT,
  FLAVOUR,
  ADD_IN
}

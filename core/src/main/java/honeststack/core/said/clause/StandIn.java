package honeststack.core.said.clause;

import honeststack.core.food.Role;

/** Which food may stand in for which: the weaker the words that say so, the nearer they must be. */
public final class StandIn {
  private StandIn() {}

  /** Of a kind, or what is added and binds in an egg's place. */
  public static boolean isNear(Element one, Element two) {
    return one.isOfAKind(two) || isEither(one, two, Role.EGG, Role.ADD_IN);
  }

  /** So too what is poured in an egg's place. */
  public static boolean isFor(Element one, Element two) {
    return isNear(one, two) || isEither(one, two, Role.EGG, Role.LIQUID);
  }

  /** So too fruit for fat and for sugar. */
  public static boolean isTold(Element old, Element said) {
    return isFor(old, said) || old.isRole(Role.FAT, Role.SUGAR) && said.isRole(Role.ADD_IN);
  }

  /** "3 tbsp aquafaba for the egg". */
  public static boolean isForEgg(Element said, Element egg) {
    return egg.isRole(Role.EGG) && said.isRole(Role.ADD_IN, Role.LIQUID);
  }

  private static boolean isEither(Element one, Element two, Role role, Role other) {
    return one.isRole(role) && two.isRole(other) || one.isRole(other) && two.isRole(role);
  }
}

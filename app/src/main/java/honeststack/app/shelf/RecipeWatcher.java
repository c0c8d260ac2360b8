package honeststack.app.shelf;

/** Told of what happens to recipes, within the transaction that does it. */
public interface RecipeWatcher {

  /** A recipe is called otherwise now. */
  default void renamed(String recipeId, String name) {}

  /**
   * A draft is saved as worked on from a kept version.
   *
   * @throws honeststack.app.problem.ProblemException if it is not one of this recipe
   */
  default void workedOnFrom(String recipeId, String versionId) {}

  /**
   * A recipe is going to be removed; a watcher may refuse by throwing.
   *
   * @throws honeststack.app.problem.ProblemException if it must stay
   */
  void removing(String recipeId);
}

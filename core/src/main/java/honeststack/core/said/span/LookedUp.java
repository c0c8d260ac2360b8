package honeststack.core.said.span;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.said.clause.Named;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Foods as they are while one text is read, each name looked up once. For one thread. */
public final class LookedUp implements Foods {
  private final Foods foods;
  private final Map<String, Optional<Named>> names = new HashMap<>();
  private final Map<String, List<Food>> kinds = new HashMap<>();
  private final Map<String, Boolean> words = new HashMap<>();
  private final Map<String, Optional<String>> spelt = new HashMap<>();

  public LookedUp(Foods foods) {
    this.foods = foods;
  }

  @Override
  public Optional<Food> byId(String id) {
    return foods.byId(id);
  }

  @Override
  public Optional<Named> byName(String name) {
    return names.computeIfAbsent(name, foods::byName);
  }

  @Override
  public List<Food> kind(String name) {
    return kinds.computeIfAbsent(name, foods::kind);
  }

  @Override
  public boolean isInNames(String word) {
    return words.computeIfAbsent(word, foods::isInNames);
  }

  @Override
  public Optional<String> spelt(String word) {
    return spelt.computeIfAbsent(word, foods::spelt);
  }

  @Override
  public List<Food> nearest(String name, int most) {
    return foods.nearest(name, most);
  }
}

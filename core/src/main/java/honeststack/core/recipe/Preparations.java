package honeststack.core.recipe;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The kitchen's own preparations, looked up as foods are. Implemented outside the core. */
public interface Preparations extends Foods {
  /** No preparations. */
  Preparations NONE =
      new Preparations() {
        @Override
        public Optional<Preparation> of(Food food) {
          return Optional.empty();
        }

        @Override
        public Optional<Food> byId(String id) {
          return Optional.empty();
        }

        @Override
        public Optional<Named> byName(String name) {
          return Optional.empty();
        }

        @Override
        public boolean isInNames(String word) {
          return false;
        }

        @Override
        public List<Food> nearest(String name, int most) {
          return List.of();
        }
      };

  /** What a food found here is made of; empty if it is not a preparation. */
  Optional<Preparation> of(Food food);

  /** These preparations, and after them the foods of a larder. */
  default Foods before(Foods larder) {
    return new Foods() {
      @Override
      public Optional<Food> byId(String id) {
        return Preparations.this.byId(id).or(() -> larder.byId(id));
      }

      @Override
      public Optional<Named> byName(String name) {
        return Preparations.this.byName(name).or(() -> larder.byName(name));
      }

      @Override
      public List<Food> kind(String name) {
        return larder.kind(name);
      }

      @Override
      public boolean isInNames(String word) {
        return larder.isInNames(word) || Preparations.this.isInNames(word);
      }

      @Override
      public Optional<String> spelt(String word) {
        return larder.spelt(word);
      }

      @Override
      public List<Food> nearest(String name, int most) {
        return Stream.concat(
                Preparations.this.nearest(name, most).stream(), larder.nearest(name, most).stream())
            .limit(most)
            .toList();
      }
    };
  }
}

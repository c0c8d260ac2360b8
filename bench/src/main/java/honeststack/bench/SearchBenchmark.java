package honeststack.bench;

import honeststack.app.larder.FoodSearch;
import honeststack.app.larder.Larder;
import honeststack.core.food.Food;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;

/** Looking for a food among 50,000 with typing errors in what is asked. */
final class SearchBenchmark {
  private static final int FOODS = 50_000;
  private static final int WARM_UP = 2000;
  private static final int SEARCHES = 5000;
  private static final List<String> HOW =
      List.of(
          "organic", "raw", "roasted", "frozen", "dried", "canned", "ground", "salted", "sweet");

  private SearchBenchmark() {}

  static void run() {
    Random random = new Random(7);
    List<Food> foods =
        Stream.of("flour", "milk", "sugar", "oil", "nut", "egg", "fruit", "cream", "seed", "butter")
            .flatMap(word -> Larder.reference().nearest(word, 30).stream())
            .distinct()
            .toList();
    Map<String, List<String>> names = new LinkedHashMap<>();
    for (int i = 0; i < FOODS; i++) {
      Food food = foods.get(i % foods.size());
      String how = HOW.get(random.nextInt(HOW.size()));
      String name = food.name() + ", " + how + ", mill " + i / foods.size();
      names.put(food.id() + "-" + i, List.of(name, how + " " + food.name()));
    }
    FoodSearch search = new FoodSearch();
    search.put(names);
    String[] asked = new String[WARM_UP + SEARCHES];
    Arrays.setAll(asked, i -> misspelt(foods.get(random.nextInt(foods.size())).name(), random));
    double[] milliseconds = new double[SEARCHES];
    long found = 0;
    for (int i = 0; i < asked.length; i++) {
      long start = System.nanoTime();
      found += search.nearest(asked[i], 20, id -> 0).size();
      if (i >= WARM_UP) {
        milliseconds[i - WARM_UP] = (System.nanoTime() - start) / 1e6;
      }
    }
    Arrays.sort(milliseconds);
    System.out.printf(
        "looking for a food among %d: p50 %.2f ms, p99 %.2f ms (goal: p99 under 30); %d found%n%n",
        FOODS, milliseconds[SEARCHES / 2], milliseconds[SEARCHES * 99 / 100], found);
  }

  /** One letter of it left out, as a quick finger does. */
  private static String misspelt(String name, Random random) {
    int at = 1 + random.nextInt(name.length() - 1);
    return name.substring(0, at) + name.substring(Math.min(name.length(), at + 1));
  }
}

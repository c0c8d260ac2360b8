package honeststack.core.said;

import honeststack.core.said.told.Told;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** What a text measures, in short: "butter 50, flour 200". */
public final class ToldFoods {
  /** What stands for it in the texts. */
  static final String LIST = "200 g flour, 2 eggs, 300 ml milk, 50 g butter";

  private ToldFoods() {}

  /** Of a text, with the usual foods for "LIST". */
  public static String of(Telling telling, String text) {
    return of(telling.read(text.replace("LIST", LIST)));
  }

  /**
   * The numbers of each food, added; 0 where there is none. Its name is the last word of its line,
   * and of a choice the first counts.
   */
  public static String of(Told told) {
    Map<String, Double> all = new TreeMap<>();
    for (Told.Line line : told.lines()) {
      String first = line.text().replaceFirst("( or |, | \\().*", "");
      String name = first.replaceFirst(".* ", "").replaceFirst("s$", "");
      String number = first.replaceFirst("^(\\d+(?:\\.\\d+)?).*", "$1");
      double amount = number.matches("[\\d.]+") ? Double.parseDouble(number) : 0;
      all.merge(name.toLowerCase(Locale.ROOT), amount, Double::sum);
    }
    return all.entrySet().stream()
        .map(food -> food.getKey() + " " + Math.round(food.getValue()))
        .collect(Collectors.joining(", "));
  }
}

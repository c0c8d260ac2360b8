package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** A text says the same with other capitals, marks, signs and units: it is read the same. */
class VariantsTest {
  private static final List<String> SETS =
      List.of("usual", "plain", "open", "wide", "street", "noon", "hill");

  private static final Map<String, UnaryOperator<String>> VARIANTS =
      new TreeMap<>(
          Map.of(
              "sign for and", text -> text.replace(" and ", " & "),
              "hesitating", text -> text.replace(" and ", " and um "),
              "units apart", text -> text.replaceAll("(\\d)(g|ml|kg|dl|cl)\\b", "$1 $2"),
              "units joined", text -> text.replaceAll("(\\d) (g|ml|kg|l|dl|cl)\\b", "$1$2"),
              "units in words", text -> text.replaceAll("(\\d) ?g\\b", "$1 grams"),
              "curly marks", text -> text.replace('\'', '’').replace('"', '”'),
              "bullets", text -> text.replaceAll("(?m)^(?=\\d)", "• "),
              "thanks", text -> text + (text.matches("(?s).*[.!?]") ? "" : ".") + " Thanks!"));

  private final Judge judge = new Judge();

  /** Texts that are read as a person reads them; of the others nothing can be told. */
  private List<Judged> right() throws IOException {
    List<Judged> right = new ArrayList<>();
    for (String set : SETS) {
      Judged.own("/said/" + set + ".txt").stream()
          .filter(text -> judge.misses(text).isEmpty())
          .forEach(right::add);
    }
    return right;
  }

  @Test
  void anotherWayToWriteItMeansTheSame() throws IOException {
    List<String> misses = new ArrayList<>();
    int changed = 0;
    for (Judged text : right()) {
      for (Map.Entry<String, UnaryOperator<String>> variant : VARIANTS.entrySet()) {
        Judged other = text.withText(variant.getValue().apply(text.text()));
        if (!other.text().equals(text.text())) {
          changed++;
          List<String> wrong = judge.misses(other);
          if (!wrong.isEmpty()) {
            misses.add(variant.getKey() + ": " + other.text() + " → " + wrong);
          }
          assertThat(judge.isOpposite(other)).as(other.text()).isFalse();
        }
      }
    }
    System.out.println("variants: " + (changed - misses.size()) + " of " + changed);
    misses.forEach(miss -> System.out.println("  " + miss.replace('\n', '⏎')));
    assertThat(changed).isGreaterThan(1000);
    assertThat(misses).as(String.join("\n", misses)).hasSizeLessThan(changed / 200);
  }

  /** Units alone change with capitals: "T" is a tablespoon. */
  @Test
  void capitalsMeanNothingButInUnits() throws IOException {
    List<String> misses = new ArrayList<>();
    for (Judged text : right()) {
      String small = text.text().toLowerCase(Locale.ROOT);
      boolean spoons = !small.replaceAll("\\bt\\b", "").equals(small);
      if (!spoons && !judge.misses(text.withText(small)).isEmpty()) {
        misses.add(small);
      }
    }
    assertThat(misses).hasSizeLessThan(6);
  }
}

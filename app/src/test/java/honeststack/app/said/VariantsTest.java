package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
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

  private static final Judge JUDGE = new Judge();

  /** A text that was changed, how, and what was made of it. */
  private record Variant(String how, Judge.Verdict verdict) {
    @Override
    public String toString() {
      return how + ": " + verdict.of().text().replace('\n', '⏎') + " → " + verdict.misses();
    }
  }

  /** Texts that are read as a person reads them; of the others nothing can be told. */
  private static List<Judged> right() throws IOException {
    List<Judged> all = new ArrayList<>();
    for (String set : SETS) {
      all.addAll(Judged.own("/said/" + set + ".txt"));
    }
    return all.parallelStream().filter(text -> JUDGE.of(text).right()).toList();
  }

  private static Stream<Variant> variants(Judged text) {
    return VARIANTS.entrySet().stream()
        .map(one -> Map.entry(one.getKey(), one.getValue().apply(text.text())))
        .filter(one -> !one.getValue().equals(text.text()))
        .map(one -> new Variant(one.getKey(), JUDGE.of(text.withText(one.getValue()))));
  }

  @Test
  void anotherWayToWriteItMeansTheSame() throws IOException {
    List<Variant> changed = right().parallelStream().flatMap(VariantsTest::variants).toList();
    List<Variant> misses = changed.stream().filter(one -> !one.verdict().right()).toList();
    System.out.println("variants: " + (changed.size() - misses.size()) + " of " + changed.size());
    misses.forEach(miss -> System.out.println("  " + miss));
    assertThat(changed).filteredOn(one -> one.verdict().opposite()).isEmpty();
    assertThat(changed).hasSizeGreaterThan(1000);
    assertThat(misses).hasSizeLessThan(changed.size() / 200);
  }

  /** Units alone change with capitals: "T" is a tablespoon. */
  @Test
  void capitalsMeanNothingButInUnits() throws IOException {
    List<String> misses = new ArrayList<>();
    for (Judged text : right()) {
      String small = text.text().toLowerCase(Locale.ROOT);
      boolean spoons = !small.replaceAll("\\bt\\b", "").equals(small);
      if (!spoons && !JUDGE.of(text.withText(small)).right()) {
        misses.add(small);
      }
    }
    assertThat(misses).hasSizeLessThan(6);
  }
}

package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import honeststack.app.doubt.ShippedTables;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Packing;
import honeststack.core.line.LineReader;
import honeststack.core.line.LineWriter;
import honeststack.core.line.ReadLine;
import honeststack.core.measure.Amount;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.OwnWeights;
import honeststack.core.measure.Weights;
import honeststack.core.wording.RefusedException;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines as cooks write them, each with the amount, unit, packing and food that it means. */
class LinesTest {
  private final LineReader reader = new LineReader(Larder.reference());

  private static List<String[]> lines() throws IOException {
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                LinesTest.class.getResourceAsStream("/lines.csv"), StandardCharsets.UTF_8))) {
      List<String> all = lines.lines().toList();
      return all.subList(1, all.size()).stream().map(line -> line.split("\\|", -1)).toList();
    }
  }

  /** Empty if the line was read as it is meant. */
  private String miss(String[] line) {
    try {
      ReadLine read = reader.read(line[0]);
      boolean filled = read.amount().isPresent() && read.amount().get().unit().kind().isVolume();
      String got = read.amount().map(a -> written(a, filled)).orElse("||") + "|" + read.food().id();
      String meant = line[1] + "|" + line[2] + "|" + (filled ? line[3] : "") + "|" + line[4];
      boolean close =
          read.amount().isPresent()
              && !line[1].isEmpty()
              && Math.abs(read.amount().get().first().amount() - Double.parseDouble(line[1]))
                  < 1e-4;
      String rest = got.substring(got.indexOf('|'));
      return got.equals(meant) || (close && rest.equals(meant.substring(meant.indexOf('|'))))
          ? ""
          : line[0] + " → " + got + ", not " + meant;
    } catch (RefusedException refused) {
      return line[0] + " → " + refused.refusal().problem();
    }
  }

  /** Packing counts where something was filled. */
  private static String written(Amount amount, boolean filled) {
    boolean said = filled && amount.packing() != Packing.NOT_SAID;
    String packing = said ? amount.packing().name() : "";
    return amount.first().amount() + "|" + amount.unit() + "|" + packing;
  }

  @Test
  void everyLineIsReadAsItIsMeant() throws IOException {
    List<String> misses = new ArrayList<>();
    for (String[] line : lines()) {
      String miss = miss(line);
      if (!miss.isEmpty()) {
        misses.add(miss);
      }
    }
    assertThat(lines()).hasSizeGreaterThanOrEqualTo(400);
    assertThat(misses).isEmpty();
  }

  /** A wrong food here could hurt someone. */
  @Test
  void freeOfGlutenIsNotTakenForWhatHoldsIt() {
    assertThatThrownBy(() -> reader.read("120 g gluten-free rye flour"))
        .isInstanceOf(RefusedException.class)
        .hasMessageContaining("gluten-free");
    assertThat(reader.read("120 g gluten-free plain flour").food().id())
        .isEqualTo("gluten-free-flour");
    assertThat(reader.read("2 tsp gluten-free baking powder").food().id())
        .isEqualTo("baking-powder");
  }

  /**
   * g; empty where the line measures nothing, or leaves part of it open, or has no known weight.
   */
  private OptionalDouble mass(String text, Weights weights) {
    try {
      ReadLine line = reader.read(text);
      return line.amount().isEmpty() || line.amount().get().more()
          ? OptionalDouble.empty()
          : OptionalDouble.of(weights.of(line.amount().get(), line.food(), Use.of("a")).value());
    } catch (RefusedException refused) {
      return OptionalDouble.empty();
    }
  }

  /** Writes a line anew. */
  private interface Rewriter {
    LineWriter.Rewritten rewrite(LineWriter writer, String line);
  }

  /** Lines that, written anew and read again, are another food or off by more than so much. */
  private List<String> misses(Rewriter rewriter, double factor, double grams, double relative)
      throws IOException {
    Weights weights = weights();
    LineWriter writer = new LineWriter(reader, weights);
    List<String> misses = new ArrayList<>();
    for (String[] line : lines()) {
      OptionalDouble now = mass(line[0], weights);
      if (now.isEmpty()) {
        continue;
      }
      try {
        double wanted = factor * now.getAsDouble();
        LineWriter.Rewritten written = rewriter.rewrite(writer, line[0]);
        ReadLine again = reader.read(written.text());
        double got = weights.of(again.amount().orElseThrow(), again.food(), Use.of("b")).value();
        double off = Math.abs(got / (1 + written.rounding()) - wanted);
        if (off > grams + relative * wanted || !again.food().id().equals(line[4])) {
          misses.add("%s → %s: %.1f g, not %.1f g".formatted(line[0], written.text(), got, wanted));
        }
      } catch (RefusedException refused) {
        misses.add(line[0] + " → " + refused.getMessage());
      }
    }
    return misses;
  }

  /** Written anew, a line means what it is said to mean: the same food, so many times the mass. */
  @ParameterizedTest
  @ValueSource(doubles = {0.5, 2, 3})
  void aScaledLineWeighsSoManyTimesAsMuch(double factor) throws IOException {
    assertThat(misses((w, line) -> w.scaled(line, Optional.empty(), factor), factor, 0, 0.01))
        .isEmpty();
  }

  @Test
  void aLineInGramsWeighsWhatItDid() throws IOException {
    assertThat(misses((w, line) -> w.inGrams(line, Optional.empty()), 1, 0.001, 0)).isEmpty();
  }

  private static Weights weights() {
    return new Weights(ShippedTables.read(), OwnWeights.NONE, MeasuringSystem.US, new SourceBook());
  }
}

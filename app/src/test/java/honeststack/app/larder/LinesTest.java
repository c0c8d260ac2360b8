package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import honeststack.core.food.Packing;
import honeststack.core.measure.Amount;
import honeststack.core.measure.LineReader;
import honeststack.core.measure.RefusedException;
import honeststack.core.measure.Unit;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Lines as cooks write them, each with the amount, unit, packing and food that it means. */
class LinesTest {
  private static final double WANTED = 0.97;

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
      LineReader.Line read = reader.read(line[0]);
      boolean filled =
          read.amount().isPresent() && read.amount().get().unit().kind() == Unit.Kind.VOLUME;
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
  void ofThreeHundredLinesNearlyAllAreReadAsTheyAreMeant() throws IOException {
    List<String> misses = new ArrayList<>();
    for (String[] line : lines()) {
      String miss = miss(line);
      if (!miss.isEmpty()) {
        misses.add(miss);
      }
    }
    misses.forEach(System.out::println);
    assertThat(lines()).hasSizeGreaterThanOrEqualTo(300);
    assertThat(1 - misses.size() / (double) lines().size())
        .as(String.join("\n", misses))
        .isGreaterThanOrEqualTo(WANTED);
  }

  /** A wrong food here could hurt someone. */
  @Test
  void freeOfGlutenIsNotTakenForWhatHoldsIt() {
    assertThatThrownBy(() -> reader.read("120 g gluten-free plain flour"))
        .isInstanceOf(RefusedException.class)
        .hasMessageContaining("gluten-free");
    assertThat(reader.read("2 tsp gluten-free baking powder").food().id())
        .isEqualTo("baking-powder");
  }
}

package honeststack.core.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What may stand behind a printed value: 21 CFR 101.9(c) for the United States; for the European
 * Union the Commission's guidance of 2012 on tolerances (both from memory).
 */
class LabelStyleTest {

  @ParameterizedTest
  @CsvSource({
    "US, ENERGY, 0, 0, 5",
    "US, ENERGY, 50, 47.5, 52.5",
    "US, ENERGY, 60, 55, 65",
    "US, FAT, 0, 0, 0.5",
    "US, FAT, 4.5, 4.25, 4.75",
    "US, FAT, 5, 4.5, 5.5",
    "US, SATURATES, 0.5, 0.25, 0.75",
    "US, SODIUM, 0, 0, 5",
    "US, SODIUM, 140, 137.5, 142.5",
    "US, SODIUM, 150, 145, 155",
    "US, PROTEIN, 0, 0, 0.5",
    "US, PROTEIN, 1, 0.5, 1.5",
    "US, FIBRE, 3, 2.5, 3.5",
    "EU, ENERGY, 0, 0, 0.5",
    "EU, ENERGY, 372, 371.5, 372.5",
    "EU, SATURATES, 0, 0, 0.1",
    "EU, SATURATES, 0.2, 0.15, 0.25",
    "EU, SATURATES, 9.9, 9.85, 9.95",
    "EU, SATURATES, 10, 9.5, 10.5",
    "EU, SALT, 0, 0, 0.0125",
    "EU, SALT, 0.5, 0.495, 0.505",
    "EU, SALT, 1, 0.95, 1.05",
    "EU, SODIUM, 0, 0, 5",
    "EU, SODIUM, 200, 198, 202",
    "EU, SODIUM, 400, 380, 420",
    "EU, FAT, 0, 0, 0.5",
    "EU, FAT, 9.9, 9.85, 9.95",
    "EU, FAT, 10, 9.5, 10.5",
    "EU, FIBRE, 0.6, 0.55, 0.65"
  })
  void standsFor(LabelStyle style, LabelLine line, double value, double low, double high) {
    Printed printed = style.printed(line, value);
    assertThat(printed.low()).isCloseTo(low, within(1e-12));
    assertThat(printed.high()).isCloseTo(high, within(1e-12));
    assertThat(printed.middle()).isCloseTo((low + high) / 2, within(1e-12));
  }
}

package honeststack.core.line;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.wording.RefusedException;
import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TokenTest {
  private final LineReader reader = new LineReader(new TestFoods());

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      textBlock =
          """
          1.5 cups;              1.5,cups
          1,5 dl;                1,5,dl
          .5 tsp;                .5,tsp
          1½ cups;               1,½,cups
          milk...300ml;          milk,.,.,.,300,ml
          self-raising flour;    self-raising,flour
          three-quarters cup;    three,quarters,cup
          baker's yeast;         baker's,yeast
          crème fraîche, 2 tbsp; crème,fraîche,,,2,tbsp
          ~200g;                 ~,200,g
          2%;                    2,%
          around .1/4 cup;       around,.,1,/,4,cup
          """)
  void aLineIsCutIntoNumbersFractionsWordsAndMarks(String line, String pieces) {
    assertThat(Token.of(line).stream().map(Token::text).collect(Collectors.joining(",")))
        .isEqualTo(pieces);
  }

  @Provide
  Arbitrary<String> scribbles() {
    Arbitrary<String> words =
        Arbitraries.of(
            "1",
            "½",
            "1/2",
            "0,5",
            ".5",
            "-",
            "a",
            "half",
            "dozen",
            "to",
            "or",
            "cup",
            "tbsp",
            "g",
            "x",
            "(",
            ")",
            ",",
            "about",
            "less",
            "plus",
            "+",
            "of",
            "flour",
            "milk",
            "eggs",
            "sugar",
            "oil",
            "heaped",
            "packed",
            "large",
            "melted",
            "optional",
            "zest",
            "juice",
            "and",
            "for",
            "the",
            "pan",
            "tin",
            "drained",
            "enough",
            "between",
            "gluten-free",
            "%",
            "type",
            "only",
            "s",
            "spray",
            "with",
            "🥞",
            "’");
    Arbitrary<String> any = Arbitraries.strings().ofMaxLength(40);
    return Arbitraries.frequencyOf(
        Tuple.of(3, words.list().ofMaxSize(12).map(w -> String.join(" ", w))), Tuple.of(1, any));
  }

  @Property
  void nothingButBlanksIsLost(@ForAll("scribbles") String text) {
    List<Token> tokens = Token.of(text);
    StringBuilder left = new StringBuilder();
    int end = 0;
    for (Token token : tokens) {
      left.append(text, end, token.start());
      assertThat(text.substring(token.start(), token.end())).isEqualTo(token.text());
      end = token.end();
    }
    left.append(text.substring(end));
    assertThat(left.toString().replace("-", ""))
        .matches(rest -> rest.chars().allMatch(TokenTest::isBlank));
  }

  private static boolean isBlank(int c) {
    return Character.isWhitespace(c) || Character.isSpaceChar(c);
  }

  /**
   * Whatever is written, a line is read or refused with words that say why; it is never a fault.
   */
  @Property
  void whateverIsWrittenIsReadOrRefused(@ForAll("scribbles") String text) {
    try {
      ReadLine line = reader.read(text);
      line.amount().ifPresent(amount -> assertThat(amount.first().amount()).isNotNegative());
    } catch (RefusedException refused) {
      assertThat(refused.refusal().problem()).endsWith(".");
      assertThat(refused.refusal().accepted()).isNotBlank();
    }
  }
}

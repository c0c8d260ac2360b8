package honeststack.core.said.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NeedsTest {
  private static boolean mayBe(String pattern, String text) {
    return Required.of(Pattern.compile(pattern)).isIn(text);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "colou?r; the color",
        "fo+d; food",
        "o{0,2}ats; ats",
        "(?:two|2) eggs?; 2 egg",
        "(?:(?:no|without) )?salt; salt",
        "(?=.*egg)(?!milk)flour; flour with egg",
        "(?<food>oats|bran)|\\d+ g; 20 g",
        "a(?:b|)cd; acd",
        "[xyz[abc]]ran; bran",
        "(?i)EGGS; eggs",
        "\\p{L}+ flour|eggs; eggs",
        "\\(g\\); all (g)",
        "(?:.* )?(?:ate|eats?)\\b.*# .*|.+ with # .*; we eat # jam",
      })
  void whatIsFoundIsNeverMissed(String pattern, String text) {
    assertThat(Pattern.compile(pattern).matcher(text).find()).isTrue();
    assertThat(mayBe(pattern, text)).isTrue();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "colou?r; the colander",
        "(?:two|2) eggs?; two apples",
        "(?:.* )?(?:ate|eats?)\\b.*# .*|.+ with # .*; we eat jam",
        "(?:.* )?(?:ate|eats?)\\b.*# .*|.+ with # .*; we had # jam",
        "[^#]*(?:kept|left) (?:back )?# ; # milk over",
      })
  void whatCannotBeFoundIsSeen(String pattern, String text) {
    assertThat(mayBe(pattern, text)).isFalse();
  }

  @Test
  void capitalsAreAsSmallLetters() {
    Wanted wanted = Required.of(Pattern.compile("Eggs é", Pattern.CASE_INSENSITIVE));
    assertThat(wanted.isIn("2 EGGS é")).isTrue();
    assertThat(wanted.isIn("2 EGGS and milk")).isFalse();
  }

  @Test
  void nothingIsNeededWhereCapitalsOfAllTonguesAreSmallLetters() {
    int flags = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE;
    assertThat(Required.of(Pattern.compile("eggs", flags))).isSameAs(Wanted.NOTHING);
  }

  @Test
  void whatWasReadBeforeHoldsWordsThatAreNeededLater() {
    String text = "oats, " + "x".repeat(600) + " and a quince";
    assertThat(mayBe("oats", text)).isTrue();
    assertThat(mayBe("quince|medlar", text)).isTrue();
    assertThat(mayBe("medlar", text)).isFalse();
  }
}

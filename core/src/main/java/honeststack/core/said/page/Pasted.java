package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.Map;
import java.util.regex.MatchResult;

/**
 * What copying a page leaves in a text: signs that are written out, "&frac12; cup", and amounts on
 * a line of their own, each before its food. Every other letter stays where it was.
 */
final class Pasted {
  /** As HTML names them. */
  private static final Map<String, String> SIGNS =
      Map.ofEntries(
          Map.entry("nbsp", " "),
          Map.entry("frac12", "½"),
          Map.entry("frac14", "¼"),
          Map.entry("frac34", "¾"),
          Map.entry("frac13", "⅓"),
          Map.entry("frac23", "⅔"),
          Map.entry("deg", "°"),
          Map.entry("amp", "&"),
          Map.entry("ndash", "–"),
          Map.entry("mdash", "—"),
          Map.entry("times", "×"),
          Map.entry("eacute", "é"),
          Map.entry("egrave", "è"),
          Map.entry("uuml", "ü"),
          Map.entry("rsquo", "’"),
          Map.entry("quot", " "),
          Map.entry("#39", "’"),
          Map.entry("#189", "½"),
          Map.entry("#188", "¼"),
          Map.entry("#190", "¾"),
          Map.entry("#160", " "));

  private static final Sought SIGN = Sought.of("&([a-z0-9#]{2,7});");

  private static final String AMOUNT =
      "[ \\t]*(?:\\d[\\d.,/ ]*|[½¼¾⅓⅔])[½¼¾⅓⅔]?(?: ?\\p{L}{1,11}\\.?)?[ \\t]*";

  private static final String NAME = "[ \\t]*\\p{L}[^\\d\\n:½¼¾⅓⅔]{1,40}";

  /** "200 g⏎flour⏎2⏎eggs": at the beginning, or behind an empty line or a heading. */
  private static final Sought PAIRS =
      Sought.of("(?<=^|\\n\\n|:\\n)(?:" + AMOUNT + "\\n" + NAME + "(?:\\n|$)){2,}");

  private static final Sought PAIR =
      Sought.of("(?<=^|\\n)(" + AMOUNT + ")\\n(?=" + NAME + "(?:\\n|$))");

  private Pasted() {}

  static String plain(String said) {
    String text = said.indexOf('&') < 0 ? said : SIGN.replaced(said, Pasted::sign);
    return text.indexOf('\n') < 0
        ? text
        : PAIRS.replaced(text, pairs -> PAIR.replaced(pairs.group(), pair -> pair.group(1) + " "));
  }

  private static String sign(MatchResult written) {
    String sign = SIGNS.get(written.group(1));
    return sign == null
        ? written.group()
        : sign + " ".repeat(written.group().length() - sign.length());
  }
}

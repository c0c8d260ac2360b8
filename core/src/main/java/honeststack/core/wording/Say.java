package honeststack.core.wording;

import java.util.Collection;
import java.util.Locale;

/** Writes sentences in one fixed locale, whatever the machine's is. */
public final class Say {
  private Say() {}

  /** The pattern of {@link java.util.Formatter} filled in, with a point before decimals. */
  public static String of(String pattern, Object... values) {
    return String.format(Locale.ROOT, pattern, values);
  }

  /** A text as somebody wrote it, in quotation marks. */
  public static String quoted(String text) {
    return "“" + text.strip() + "”";
  }

  /** The same sentence with a capital letter. */
  public static String capital(String words) {
    return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  /** Names that may hold commas, one after the other. */
  public static String listed(Collection<String> names) {
    return String.join("; ", names);
  }
}

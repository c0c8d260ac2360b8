package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Something that is written otherwise from now on. What is written instead is filled up with
 * spaces, so that every other letter stays where it was.
 *
 * @param cues without one of these, in small letters, it is nowhere in a text; none to look always
 * @param written what is longer than what was found is not written
 */
record Repair(List<String> cues, Sought found, Function<MatchResult, String> written) {
  /** A pattern, with capitals or without. */
  static Sought said(String pattern) {
    return Sought.of(pattern, Pattern.CASE_INSENSITIVE);
  }

  static Repair of(Sought found, Function<MatchResult, String> written, String... cues) {
    return new Repair(List.of(cues), found, written);
  }

  /** Always written so. */
  static Repair as(Sought found, String written, String... cues) {
    return of(found, at -> written, cues);
  }

  /** A text with all of them, one behind the other. */
  static String all(List<Repair> repairs, String text) {
    String low = text.toLowerCase(Locale.ROOT);
    String repaired = text;
    for (Repair repair : repairs) {
      if (repair.cues.isEmpty() || repair.cues.stream().anyMatch(low::contains)) {
        repaired = repair.found.replaced(repaired, repair::padded);
      }
    }
    return repaired;
  }

  private String padded(MatchResult at) {
    String instead = written.apply(at);
    if (instead.length() > at.group().length()) {
      return at.group(); // there is no room for it
    }
    String spaces = " ".repeat(at.group().length() - instead.length());
    return instead.endsWith(":") // what stands before it is one stretch
        ? instead.substring(0, instead.length() - 1) + spaces + ":"
        : instead + spaces;
  }

  /** Up to a noun: "the" for an article that is as long, and spaces for all else. */
  static String article(String said, int noun) {
    boolean room = said.indexOf(' ') >= "the".length();
    return room ? "the" + " ".repeat(noun - "the".length()) : " ".repeat(noun);
  }

  /** Spaces for all around what is kept. */
  static String kept(MatchResult at, String kept) {
    return " ".repeat(at.group().indexOf(kept)) + kept;
  }
}

package honeststack.core.said.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What a text must hold wherever a pattern is found in it. Read from the pattern itself; of one
 * that it does not understand it requires nothing. Looking for words costs far less than trying the
 * pattern.
 */
final class Required {
  /** Shorter words are everywhere. */
  private static final int SHORTEST = 2;

  /** Flags that say nothing of what a character is. */
  private static final int FLAGS = Pattern.MULTILINE | Pattern.DOTALL | Pattern.CASE_INSENSITIVE;

  /** Escapes that take more characters, or mean something else than one. */
  private static final String LONG_ESCAPES = "pPkQux0123456789";

  private static final List<String> AROUND = List.of("(?=", "(?!", "(?<=", "(?<!");

  private final String pattern;
  private int at;

  /** There is something in it that is not understood. */
  private boolean lost;

  private Required(String pattern) {
    this.pattern = pattern;
  }

  static Wanted of(Pattern pattern) {
    if ((pattern.flags() & ~FLAGS) != 0) {
      return Wanted.NOTHING;
    }
    Required required = new Required(pattern.pattern());
    Needs needs = required.cases();
    boolean lost = required.lost || required.at < required.pattern.length();
    return lost ? Wanted.NOTHING : Wanted.of(needs);
  }

  /** What stands up to a closing bracket or the end. */
  private Needs cases() {
    List<Needs> cases = new ArrayList<>(List.of(sequence()));
    while (is("|")) {
      at++;
      cases.add(sequence());
    }
    return cases.size() == 1 ? cases.get(0) : Needs.any(cases);
  }

  private Needs sequence() {
    List<Needs> needs = new ArrayList<>();
    StringBuilder run = new StringBuilder();
    while (at < pattern.length() && !is("|") && !is(")")) {
      boolean nothing = is("\\b") || is("^") || is("$");
      Needs inside = Needs.NOTHING;
      char literal = 0;
      if (is("(")) {
        nothing = AROUND.stream().anyMatch(this::is);
        inside = group();
      } else if (is("[")) {
        at = behindList();
      } else {
        literal = literal();
      }
      boolean optional = is("?") || is("*") || is("{0");
      boolean counted = optional || is("+") || is("{");
      quantifier();
      if (literal != 0 && !optional) {
        run.append(literal);
      }
      if (counted || literal == 0 && !nothing) {
        end(run, needs);
      }
      if (!optional && !nothing) {
        needs.add(inside);
      }
    }
    end(run, needs);
    return Needs.all(needs);
  }

  private static void end(StringBuilder run, List<Needs> needs) {
    if (run.length() >= SHORTEST) {
      Needs.Words words = Needs.Words.of(Set.of(run.toString()));
      needs.add(new Needs(List.of(words), List.of()));
    }
    run.setLength(0);
  }

  private boolean is(String next) {
    return pattern.startsWith(next, at);
  }

  private void quantifier() {
    if (is("{")) {
      at = pattern.indexOf("}", at) + 1;
    } else if (is("?") || is("*") || is("+")) {
      at++;
    } else {
      return;
    }
    if (is("?") || is("+")) {
      at++;
    }
  }

  private Needs group() {
    if (is("(?<=") || is("(?<!")) {
      at += 4;
    } else if (is("(?:") || is("(?=") || is("(?!")) {
      at += 3;
    } else if (is("(?<")) {
      at = pattern.indexOf(">", at) + 1;
    } else if (is("(?")) {
      return lose();
    } else {
      at++;
    }
    Needs inside = cases();
    if (!is(")")) {
      return lose();
    }
    at++;
    return inside;
  }

  private Needs lose() {
    lost = true;
    at = pattern.length();
    return Needs.NOTHING;
  }

  /** Behind a list of characters. */
  private int behindList() {
    int open = 0;
    for (int i = at; i < pattern.length(); i++) {
      char c = pattern.charAt(i);
      if (c == '\\') {
        i++;
      } else if (c == '[') {
        open++;
      } else if (c == ']' && --open == 0) {
        return i + 1;
      }
    }
    lost = true;
    return pattern.length();
  }

  /** The character that must stand there; 0 where any of several may. */
  private char literal() {
    char c = pattern.charAt(at++);
    if (c != '\\') {
      return c == '.' || c == '^' || c == '$' ? 0 : c;
    }
    char escaped = pattern.charAt(at++);
    if (LONG_ESCAPES.indexOf(escaped) >= 0) {
      lose();
    }
    return Character.isLetterOrDigit(escaped) ? 0 : escaped;
  }
}

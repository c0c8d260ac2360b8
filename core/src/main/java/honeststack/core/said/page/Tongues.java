package honeststack.core.said.page;

import honeststack.core.line.Token;
import honeststack.core.line.UnitWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;

/**
 * Foods and measures by their names in other languages: "maziwa 300 ml", "2 szklanki mąki". The
 * words stand in {@code tongues.properties}.
 */
final class Tongues {
  /** In English; and those that say so only beside another word of their language. */
  private static final Map<String, String> ALWAYS = new HashMap<>();

  private static final Map<String, Map<String, String>> IN_COMPANY = new HashMap<>();

  /** By language. */
  private static final Map<String, Set<String>> WORDS = new HashMap<>();

  /** With what two words begin. */
  private static final Set<String> FIRST = new HashSet<>();

  static {
    ResourceBundle bundle = ResourceBundle.getBundle("honeststack.core.said.tongues", Locale.ROOT);
    for (String language : bundle.keySet()) {
      WORDS.put(language, new HashSet<>());
      for (String entry : bundle.getString(language).split(" ")) {
        read(language, entry);
      }
    }
  }

  private Tongues() {}

  private static void read(String language, String entry) {
    String[] parts = entry.split("=");
    if (entry.startsWith("*")) {
      IN_COMPANY
          .computeIfAbsent(parts[0].substring(1), word -> new HashMap<>())
          .put(language, parts[1]);
      return;
    }
    if (entry.startsWith("~")) { // English has it, too
      parts[0] = parts[0].substring(1);
    } else {
      WORDS.get(language).add(parts[0]);
    }
    int second = parts[0].indexOf('_');
    if (second > 0) {
      FIRST.add(parts[0].substring(0, second));
    }
    if (parts.length > 1) {
      ALWAYS.put(parts[0], parts[1]);
    }
  }

  /** The pieces of a text with such words in English. */
  static List<Token> inEnglish(List<Token> tokens) {
    List<Token> english = new ArrayList<>(tokens.size());
    Set<String> spoken = tokens.stream().anyMatch(Tongues::isOpen) ? spoken(tokens) : Set.of();
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      if (isTwo(tokens, i)) {
        String[] two = ALWAYS.get(token.low() + "_" + tokens.get(i + 1).low()).split("_");
        i++;
        if (two.length == 1) {
          int end = tokens.get(i).end();
          english.add(new Token(Token.Kind.WORD, two[0], two[0], token.start(), end));
        } else {
          english.add(word(two[0], token));
          english.addAll(second(two, tokens.get(i)));
        }
        continue;
      }
      boolean counted = // "2 🥚": what is only painted beside a text counts no food
          i > 0 && token.text().length() > 1 && tokens.get(i - 1).kind() == Token.Kind.NUMBER;
      boolean said = token.kind() == Token.Kind.WORD || counted || isMeasured(tokens, i);
      String word = said ? inEnglish(token.low(), spoken) : null;
      english.add(word == null ? token : word(word, token));
    }
    return english;
  }

  private static Token word(String word, Token said) {
    return new Token(Token.Kind.WORD, word, word, said.start(), said.end());
  }

  /** One word, or the two that it stands for: "d'un". */
  private static List<Token> second(String[] words, Token said) {
    if (words.length == 2) {
      return List.of(word(words[1], said));
    }
    int half = said.start() + (said.end() - said.start()) / 2;
    return List.of(
        new Token(Token.Kind.WORD, words[1], words[1], said.start(), half),
        new Token(Token.Kind.WORD, words[2], words[2], half, said.end()));
  }

  /** "succo di 1 limone": two words that say something only side by side. */
  private static boolean isTwo(List<Token> tokens, int i) {
    return i + 1 < tokens.size()
        && FIRST.contains(tokens.get(i).low())
        && ALWAYS.containsKey(tokens.get(i).low() + "_" + tokens.get(i + 1).low());
  }

  /** "300 ml 🥛". */
  private static boolean isMeasured(List<Token> tokens, int i) {
    return i > 1
        && tokens.get(i).text().length() > 1
        && tokens.get(i - 2).kind() == Token.Kind.NUMBER
        && UnitWords.at(tokens, i - 1).isPresent();
  }

  private static boolean isOpen(Token token) {
    return IN_COMPANY.containsKey(token.low());
  }

  /** Languages of which words are in a text. */
  private static Set<String> spoken(List<Token> tokens) {
    Set<String> said = new HashSet<>();
    tokens.forEach(token -> said.add(token.low()));
    Set<String> spoken = new HashSet<>();
    WORDS.forEach(
        (language, words) -> {
          if (words.stream().anyMatch(said::contains)) {
            spoken.add(language);
          }
        });
    return spoken;
  }

  private static String inEnglish(String low, Set<String> spoken) {
    Map<String, String> languages = IN_COMPANY.get(low);
    if (languages == null) {
      return ALWAYS.get(low);
    }
    return languages.entrySet().stream()
        .filter(language -> spoken.contains(language.getKey()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(null);
  }
}

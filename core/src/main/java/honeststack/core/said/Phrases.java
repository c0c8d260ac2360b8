package honeststack.core.said;

import honeststack.core.line.Token;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;

/** Phrases of speech by what they do, found word by word. */
final class Phrases {
  /** Of which "for the pan" is also "for my pan", and "for pan" on a card. */
  private static final Set<Sort> ANYBODYS =
      EnumSet.of(Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT, Sort.BOWL);

  private static final List<String> WHOSE = List.of(" ", " my ", " your ", " our ", " each ");

  private static final List<String> NEGATIONS =
      words("don't|do not|doesn't|does not|didn't|did not|won't|wouldn't|can't|cannot|never|dont");

  /** What is done with a food that is in it. */
  private static final List<String> USES =
      words(
          "add|use|put|put in|want|like|need|have|do|eat|bother with|include|take|fancy|trust"
              + "|tolerate|touch|drink|go for|care for|hold with|get on with|keep|stock|buy|believe in");

  private static final List<String> SERVED =
      words(
          "mine|them|it|these|ours|theirs|those|each|each one|each waffle|each pancake|each stack"
              + "|each plate|every waffle|every pancake|the waffles|the pancakes|my waffles"
              + "|my pancakes|pancakes|waffles");

  private static final List<String> EATS =
      words("serve|have|like|eat|love|top|finish|take|want|dress|enjoy|prefer|served|had");

  private static final Phrases SHIPPED = read();

  private final Node root = new Node();

  private Phrases() {}

  private static final class Node {
    private final Map<String, Node> next = new HashMap<>();
    private final Set<Sort> sorts = EnumSet.noneOf(Sort.class);
  }

  /**
   * @param to place of the first token after it
   */
  record Found(Set<Sort> sorts, int to) {}

  static Phrases shipped() {
    return SHIPPED;
  }

  private static List<String> words(String between) {
    return List.of(between.split("\\|"));
  }

  private static Phrases read() {
    Phrases phrases = new Phrases();
    Sort sort = null;
    for (String line : PhraseList.TEXT.lines().toList()) {
      String[] parts = line.strip().split("\\s*\\|\\s*");
      sort = parts[0].isEmpty() ? sort : Sort.valueOf(parts[0]);
      for (int i = 1; i < parts.length; i++) {
        phrases.add(parts[i], sort);
        if (ANYBODYS.contains(sort) && parts[i].contains(" the ")) {
          for (String whose : WHOSE) {
            phrases.add(parts[i].replace(" the ", whose), sort);
          }
        }
      }
    }
    for (String not : NEGATIONS) {
      for (String verb : USES) {
        phrases.add(not + " " + verb, Sort.EXCLUDE);
        phrases.add(not + " " + verb + " any", Sort.EXCLUDE);
      }
    }
    for (String who : List.of("i", "we", "they", "the kids", "kids", "you can", "you", "people")) {
      for (String verb : EATS) {
        for (String what : SERVED) {
          phrases.add(who + " " + verb + " " + what + " with", Sort.PLATE_NEXT);
        }
      }
    }
    return phrases;
  }

  private void add(String phrase, Sort sort) {
    Node node = root;
    if (phrase.endsWith(" with")) {
      add(phrase.substring(0, phrase.length() - 3) + " /", sort); // "top w/ honey"
    }
    for (Token word : Token.of(phrase)) {
      node = node.next.computeIfAbsent(word.low(), any -> new Node());
    }
    node.sorts.add(sort);
  }

  /** Every phrase that begins at a token, the longest last. */
  void each(List<Token> tokens, int from, Consumer<Found> found) {
    Node node = root;
    for (int i = from; i < tokens.size(); i++) {
      node = node.next.get(tokens.get(i).low());
      if (node == null) {
        return;
      }
      if (!node.sorts.isEmpty()) {
        found.accept(new Found(node.sorts, i + 1));
      }
    }
  }
}

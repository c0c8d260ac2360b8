package honeststack.core.said.words;

import honeststack.core.line.Token;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Phrases of speech by what they do, found word by word. */
public final class Phrases {
  /** Of which "for the pan" is also "for my pan", and "for pan" on a card. */
  private static final Set<Sort> ANYBODYS =
      EnumSet.of(Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT, Sort.BOWL);

  private static final List<String> WHOSE = List.of(" ", " my ", " your ", " our ", " each ");

  /** "fry (it/them) in": of a group one. */
  private static final Pattern GROUP = Pattern.compile("\\(([^()]*)\\)");

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
  public record Found(Set<Sort> sorts, int to) {}

  /** Those that ship with the product. */
  public static Phrases shipped() {
    return SHIPPED;
  }

  private static Phrases read() {
    Phrases phrases = new Phrases();
    Sort sort = null;
    List<String> lines = new ArrayList<>(PhraseList.TEXT.lines().toList());
    lines.addAll(PhraseForms.TEXT.lines().toList());
    for (String line : lines) {
      String[] parts = line.strip().split("\\s*\\|\\s*");
      sort = parts[0].isEmpty() ? sort : Sort.valueOf(parts[0]);
      for (int i = 1; i < parts.length; i++) {
        phrases.each(parts[i], sort);
      }
    }
    return phrases;
  }

  /** Every phrase that a form stands for. */
  private void each(String form, Sort sort) {
    Matcher group = GROUP.matcher(form);
    if (group.find()) {
      for (String word : group.group(1).split("/", -1)) {
        each(form.substring(0, group.start()) + word + form.substring(group.end()), sort);
      }
      return;
    }
    add(form, sort);
    if (ANYBODYS.contains(sort) && form.contains(" the ")) {
      for (String whose : WHOSE) {
        add(form.replace(" the ", whose), sort);
      }
    }
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
  public void each(List<Token> tokens, int from, Consumer<Found> found) {
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

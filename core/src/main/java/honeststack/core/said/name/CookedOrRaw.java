package honeststack.core.said.name;

import honeststack.core.food.Foods;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.span.Inverted;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * Whether a food was weighed raw or cooked, out of a tin or without its fat: "200 g lentils, cooked
 * weight", "100 g rice (before cooking)", "uncooked chickpeas".
 */
public final class CookedOrRaw {
  private static final int LONGEST = 6;

  /** None of them is said without. */
  private static final Remembered HINT =
      Remembered.part("raw|cook|dry|boil|fry|tin|can\\b|canned|jar|fat|soak");

  private static final String WEIGHED =
      "(?:(?:weighed|measured|weight|when|while|once|still|as|as it comes|it's|they're|that's|already"
          + "|ready|freshly|if|,) )*";

  /** In one word, and the ways to say so. */
  private record State(List<String> words, Sought said) {
    static State of(String words, String said) {
      return new State(List.of(words.split("\\|")), Sought.of(WEIGHED + said));
    }
  }

  private static final List<State> STATES =
      List.of(
          State.of(
              "raw|uncooked",
              "(?:raw|uncooked|un-cooked|dry(?: weight)|(?:not|un) (?:yet )?cooked"
                  + "|before (?:cooking|boiling|frying|soaking|it's cooked|they're cooked|being cooked)"
                  + "|pre-cooking)(?: weight| measure)?"),
          State.of(
              "cooked",
              "(?:cooked|boiled|pre-cooked|precooked|ready-cooked|pre cooked|ready cooked"
                  + "|after (?:cooking|boiling|frying)|post-cooking)(?: weight| measure)?"),
          State.of(
              "canned|cooked",
              "(?:tinned|canned|(?:from|out of) (?:a|the) (?:tin|can|jar)|tin|can)"),
          State.of("fat-free", "(?:with|has) no fat|without (?:any )?fat"));

  private final Foods foods;
  private final Inverted inverted;

  public CookedOrRaw(Foods foods) {
    this.foods = foods;
    this.inverted = new Inverted(foods);
  }

  public void in(Clause clause) {
    if (!clause.says(HINT)) {
      return;
    }
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isFood(i)) {
        told(clause, i);
      }
    }
  }

  private void told(Clause clause, int food) {
    Element plain = clause.get(food);
    int before = food - 1;
    if (clause.has(before) && clause.get(before).kind == Element.Kind.WORD) {
      Optional<Element> meant = meant(plain, clause.low(before));
      if (meant.isPresent()) {
        Element both = // "pre-cooked lentils"
            Element.food(plain.tokens, clause.get(before).from, plain.to, meant.get().food);
        both.instead = meant.get().instead;
        clause.elements.set(food, both);
        clause.elements.remove(before);
        return;
      }
    }
    int from = food + 1;
    if (clause.isMark(from, ":", "-", "–") && clause.isStrong(from + 1)) {
      from += 2;
    } else if (clause.isStrong(from)) {
      from++;
    }
    boolean mark = clause.isMark(from, ",", "-", "–", "—");
    from = mark ? from + 1 : from;
    for (int to = Math.min(clause.size(), from + LONGEST); to > from; to--) {
      Optional<Element> meant = meant(plain, clause.words(from, to));
      if (meant.isPresent()) {
        clause.elements.set(food, meant.get());
        clause.take(mark ? from - 1 : from, to, Part.NOTE);
        return;
      }
    }
  }

  /** "200 g lentils (cooked weight)": whether the brackets say so. */
  public boolean inBrackets(Mention food, Clause inner) {
    Optional<Element> meant =
        food.food == null ? Optional.empty() : meant(food.food, inner.words(0, inner.size()));
    if (meant.isEmpty()) {
      return false;
    }
    food.means(meant.get());
    inner.mentions.clear();
    inner.elements.forEach(element -> element.part = Part.NOTE);
    return true;
  }

  private Optional<Element> meant(Element plain, String words) {
    for (State state : STATES) {
      if (state.said().isAll(words)) {
        return state.words().stream().flatMap(word -> named(plain, word).stream()).findFirst();
      }
    }
    return Optional.empty();
  }

  private Optional<Element> named(Element plain, String word) {
    String name = plain.text();
    return inverted
        .combined(name, word)
        .filter(food -> foods.byName(name).isPresent())
        .map(food -> plain.meaning(food, word + " " + name));
  }
}

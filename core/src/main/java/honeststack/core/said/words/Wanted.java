package honeststack.core.said.words;

import java.util.List;

/**
 * What a text must hold, by the numbers of its words ({@link Clues}): asked of every sentence by
 * every pattern, and so laid out in arrays.
 */
final class Wanted {
  static final Wanted NOTHING = new Wanted(Needs.NOTHING);

  /** Of each one of its words. */
  private final int[] clues;

  private final Choice[] choices;

  private Wanted(Needs needs) {
    this.clues = needs.words().stream().mapToInt(Needs.Words::clue).toArray();
    this.choices = needs.choices().stream().map(Choice::of).toArray(Choice[]::new);
  }

  static Wanted of(Needs needs) {
    return needs.equals(Needs.NOTHING) ? NOTHING : new Wanted(needs);
  }

  /**
   * All that one of the cases needs.
   *
   * @param any a word of each case
   */
  private record Choice(int any, Wanted[] cases) {
    static Choice of(Needs.Choice choice) {
      return new Choice(choice.any().clue(), each(choice.cases()));
    }

    private static Wanted[] each(List<Needs> cases) {
      return cases.stream().map(Wanted::new).toArray(Wanted[]::new);
    }

    private boolean isIn(Clues.Held held) {
      if (held.has(any)) {
        for (Wanted one : cases) {
          if (one.isIn(held)) {
            return true;
          }
        }
      }
      return false;
    }
  }

  boolean isIn(String text) {
    return this == NOTHING || isIn(Clues.in(text));
  }

  private boolean isIn(Clues.Held held) {
    for (int clue : clues) {
      if (!held.has(clue)) {
        return false;
      }
    }
    for (Choice choice : choices) {
      if (!choice.isIn(held)) {
        return false;
      }
    }
    return true;
  }
}

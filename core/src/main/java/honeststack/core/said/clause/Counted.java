package honeststack.core.said.clause;

import honeststack.core.said.told.Told;
import java.util.List;
import java.util.Optional;

/** What a sentence says of how many come out, and how many they serve. */
public final class Counted {
  /** Small numbers in words, each at its own place. */
  public static final List<String> WORDS =
      List.of("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");

  /** How many come out. */
  public Optional<Told.Count> pieces = Optional.empty();

  /** How many they serve. */
  public Optional<Told.Count> serves = Optional.empty();

  /** What each eater gets. */
  public Optional<Told.Count> each = Optional.empty();

  /** Where that is said. */
  public Element eachNumber;

  /** Of how many groups each cooks by itself. */
  public Optional<Told.Count> groups = Optional.empty();

  /** How often the pan is filled. */
  public Optional<Told.Count> rounds = Optional.empty();

  /** How many are in it at once. */
  public Optional<Told.Count> atOnce = Optional.empty();

  /** "There are usually 12": as well so many pieces. */
  public boolean either;

  /** Whether "makes" or the like says the pieces. */
  public boolean sure;

  /** They are only what some eaters had, or what is left: it gives way to any other number. */
  public boolean summed;

  /** None of it was meant. */
  public void clear() {
    pieces = Optional.empty();
    serves = Optional.empty();
    each = Optional.empty();
    groups = Optional.empty();
    rounds = Optional.empty();
    atOnce = Optional.empty();
  }

  /** Of how many come out, how often the pan is filled and how many it holds, two say the third. */
  public void fill() {
    if (atOnce.isEmpty() || atOnce.get().low() < 1) {
      return;
    }
    Told.Count one = atOnce.get();
    if (pieces.isEmpty()) {
      pieces = rounds.map(n -> new Told.Count(n.low() * one.low(), n.high() * one.high()));
    } else if (rounds.isEmpty()) {
      rounds =
          pieces.map(
              n ->
                  new Told.Count(Math.ceil(n.low() / one.high()), Math.ceil(n.high() / one.low())));
    }
  }

  /** Of how many come out, how many eat and how many each gets, any two say the third. */
  public void complete() {
    if (each.isEmpty()) {
      return;
    }
    Told.Count one = each.get();
    if (pieces.isEmpty()) {
      pieces = serves.map(n -> new Told.Count(n.low() * one.low(), n.high() * one.high()));
    } else if (serves.isEmpty()) {
      serves =
          pieces
              .filter(all -> all.low() == all.high() && one.low() == one.high())
              .filter(all -> one.low() > 0 && all.low() % one.low() == 0)
              .map(all -> new Told.Count(all.low() / one.low(), all.low() / one.low()));
    }
  }
}

package honeststack.core.morning;

import honeststack.core.morning.Event.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/** A run as it was, from what was told of it. What was undone does not count. */
public final class Morning {
  private static final double MILLIS_PER_MINUTE = 60_000;

  private final List<Event> counting;

  private Morning(List<Event> counting) {
    this.counting = List.copyOf(counting);
  }

  /**
   * @param told in the order in which it was told
   */
  public static Morning of(List<Event> told) {
    Set<String> undone = new HashSet<>();
    for (int i = told.size() - 1; i >= 0; i--) {
      Event event = told.get(i);
      if (event.kind() == Kind.UNDONE && !undone.contains(event.id())) {
        undone.add(event.about());
      }
    }
    return new Morning(
        told.stream().filter(e -> e.kind() != Kind.UNDONE && !undone.contains(e.id())).toList());
  }

  /** What counts, in the order in which it was told. */
  public List<Event> counting() {
    return counting;
  }

  private List<Event> of(Kind kind) {
    return counting.stream().filter(event -> event.kind() == kind).toList();
  }

  /** How many pieces left the pan, those thrown away included; empty while none did. */
  public OptionalInt pieces() {
    int pieces = each().size();
    return pieces == 0 ? OptionalInt.empty() : OptionalInt.of(pieces);
  }

  /** What was noted of each piece, in the order in which they left the pan; blank for nothing. */
  public List<String> each() {
    List<String> each = new ArrayList<>();
    for (Event event : counting) {
      if (event.kind() == Kind.PIECE) {
        each.add(event.text());
      } else if (event.kind() == Kind.ROUND && event.hasAmount()) {
        for (int i = 0; i < (int) event.amount(); i++) {
          each.add("");
        }
      }
    }
    return each;
  }

  /** Whether something was noted of a piece. */
  public boolean isNoted() {
    return each().stream().anyMatch(text -> !text.isBlank());
  }

  public int discarded() {
    int told = (int) of(Kind.DISCARDED).stream().mapToDouble(Event::amount).sum();
    return Math.min(told, pieces().orElse(0));
  }

  /** What went in or came out while cooking, in its order. */
  public List<Event> adjustments() {
    return of(Kind.ADJUSTED);
  }

  /** The last word on something; empty if nothing was said. */
  public Optional<String> last(Kind kind) {
    List<Event> told = of(kind);
    return told.isEmpty() ? Optional.empty() : Optional.of(told.get(told.size() - 1).text());
  }

  /** Cooked pieces on the scale, the last time: their weight as text, and how many. */
  public Optional<Event> cooked() {
    List<Event> told = of(Kind.COOKED);
    return told.isEmpty() ? Optional.empty() : Optional.of(told.get(told.size() - 1));
  }

  /** Taste and texture, up to five marks; empty if not judged. */
  public Optional<Event> judged() {
    List<Event> told = of(Kind.JUDGED);
    return told.isEmpty() ? Optional.empty() : Optional.of(told.get(told.size() - 1));
  }

  public boolean isFinished() {
    return !of(Kind.FINISHED).isEmpty();
  }

  /** Minutes from the first piece to the last; empty with fewer than two times. */
  public OptionalDouble cooking() {
    List<Long> times =
        counting.stream()
            .filter(e -> e.kind() == Kind.PIECE || e.kind() == Kind.ROUND)
            .map(Event::at)
            .sorted()
            .toList();
    return times.size() < 2
        ? OptionalDouble.empty()
        : OptionalDouble.of((times.get(times.size() - 1) - times.get(0)) / MILLIS_PER_MINUTE);
  }
}

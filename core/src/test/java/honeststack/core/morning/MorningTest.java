package honeststack.core.morning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.morning.Event.Kind;
import honeststack.core.morning.Habits.Shown;
import honeststack.core.recipe.Recipe.Habit;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class MorningTest {
  private final List<Event> told = new ArrayList<>();

  private String tell(Kind kind, String text, double amount, String about) {
    String id = "e" + told.size();
    told.add(new Event(id, told.size() * 60_000L, kind, text, amount, about));
    return id;
  }

  @Test
  void whatIsUndoneDoesNotCountAndUndoingCanBeUndone() {
    tell(Kind.PIECE, "small", Double.NaN, "");
    String second = tell(Kind.PIECE, "", Double.NaN, "");
    tell(Kind.ROUND, "", 3, "");
    tell(Kind.DISCARDED, "", 1, "");
    assertThat(Morning.of(told).pieces()).hasValue(5);
    String undo = tell(Kind.UNDONE, "", Double.NaN, second);
    assertThat(Morning.of(told).pieces()).hasValue(4);
    tell(Kind.UNDONE, "", Double.NaN, undo);
    assertThat(Morning.of(told).pieces()).hasValue(5);
    assertThat(Morning.of(told).each()).containsExactly("small", "", "", "", "");
    assertThat(Morning.of(told).discarded()).isEqualTo(1);
    assertThat(Morning.of(told).cooking()).hasValue(2);
  }

  @Test
  void fewerThanThreeMorningsAreNoHabit() {
    Shown one = new Shown(OptionalDouble.of(0.9), OptionalDouble.of(0.95));
    assertThat(Habits.of(List.of(one, one))).isEmpty();
    List<Shown> three =
        List.of(
            one,
            new Shown(OptionalDouble.of(0.86), OptionalDouble.of(0.9)),
            new Shown(OptionalDouble.of(0.88), OptionalDouble.of(0.85)));
    Habit habit = Habits.of(three).orElseThrow();
    assertThat(habit.cooked()).isCloseTo(0.88, within(1e-9));
    assertThat(habit.lost()).isCloseTo(0.1, within(1e-9));
    // s = 0.02, t(2; 0.975) = 4.3027: half of it is 2.1513; √(1 + 1/3) for the next one
    assertThat(habit.cookedU()).isCloseTo(0.02 * 2.1513 * Math.sqrt(4.0 / 3), within(1e-4));
  }
}

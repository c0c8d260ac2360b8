package honeststack.core.said.name;

import honeststack.core.food.Foods;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.yield.BareCounts;
import honeststack.core.wording.WordSet;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/** Half of a name set right: "baking soda, sorry, powder", "dark chocolate – no, milk". */
public final class HalfName {
  private static final Set<String> CUES =
      WordSet.of("sorry no oops wait rather actually mean meant correction scratch");

  private static final Set<String> FILL =
      WordSet.of("i we or that oh ah er um it the make , – — - !");

  private final Foods foods;

  public HalfName(Foods foods) {
    this.foods = foods;
  }

  public void in(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isFood(i) && clause.get(i).food.isPresent() && clause.low(i).contains(" ")) {
        setRight(clause, i);
      }
    }
  }

  private void setRight(Clause clause, int food) {
    boolean cue = false;
    int i = food + 1;
    while (clause.has(i) && isLead(clause.get(i))) {
      cue |= Arrays.stream(clause.low(i).split(" ")).anyMatch(CUES::contains);
      i++;
    }
    cue &= !clause.isWord(i - 1, "no") || !clause.isFood(i); // "oat milk, no cream"
    boolean bare = cue && clause.has(i) && clause.get(i).to == clause.get(i).from + 1;
    if (!bare || clause.get(i).isAmount() || !BareCounts.isEnd(clause, i + 1)) {
      return;
    }
    Element old = clause.get(food);
    String name = old.text();
    String first = name.substring(0, name.lastIndexOf(' ') + 1);
    String last = name.substring(name.lastIndexOf(' '));
    String said = clause.get(i).text();
    int word = i;
    known(old, first + said)
        .or(() -> known(old, said + last))
        .ifPresent(
            meant -> {
              clause.elements.set(food, meant);
              clause.take(food + 1, word + 1, Part.NOTE);
            });
  }

  private static boolean isLead(Element element) {
    for (String word : element.low().replace('’', '\'').split(" ")) {
      if (!CUES.contains(word) && !FILL.contains(word)) {
        return false;
      }
    }
    return true;
  }

  /** The food of that name, if it is another. */
  private Optional<Element> known(Element old, String name) {
    return foods
        .byName(name)
        .filter(found -> !found.food().equals(old.food.orElseThrow().food()))
        .map(found -> old.meaning(found, name));
  }
}

package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;

/** What is eaten with them, in German: "dazu 80 g Apfelmus", "100 g Erdbeeren dazu". */
final class Alongside {
  private Alongside() {}

  static void in(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isWord(i, "dazu")) {
        serve(clause, i);
      }
    }
  }

  private static void serve(Clause clause, int cue) {
    Mention food = null;
    for (Mention mention : clause.mentions) {
      if (food == null || food.from < cue) {
        food = mention; // the first behind it, or the last before
      }
    }
    if (food != null && !food.placed && isServed(food)) {
      food.place = Place.PLATE;
      food.placed = true;
    }
  }

  /** Of sugar and fat it may be the next step. */
  private static boolean isServed(Mention food) {
    return !Row.isBatter(food) && food.role() != Role.SUGAR && food.role() != Role.FAT;
  }
}

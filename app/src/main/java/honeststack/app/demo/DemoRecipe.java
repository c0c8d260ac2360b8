package honeststack.app.demo;

import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftHelping;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.app.draft.Draft.DraftPreparation;
import honeststack.app.draft.DraftMaking;
import honeststack.core.food.Role;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.morning.Event;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A recipe of the demo as its file has it: what a cook would write down, in the order of the work.
 *
 * @param work the steps of all its versions; absent for none
 * @param versions in the order in which they were kept; the last is on the bench
 * @param runs mornings that were cooked; absent for none
 * @param frozen what is in the freezer of it; absent for nothing
 */
record DemoRecipe(
    String name,
    Draft.Kind kind,
    MeasuringSystem cups,
    List<String> work,
    List<DemoVersion> versions,
    List<DemoRun> runs,
    List<DemoStock> frozen) {

  /**
   * One version.
   *
   * @param bowl lines as typed
   * @param strained shares that are strained out, by the line they belong to
   * @param pieces that came out; absent for a preparation
   * @param serving pieces in a serving; absent for a preparation
   */
  record DemoVersion(
      String reason,
      List<String> bowl,
      Map<String, String> strained,
      Integer pieces,
      Integer thrownAway,
      Portioning portionedBy,
      String left,
      String pan,
      String leftInThePan,
      Double serving,
      List<String> toppings,
      DemoFinish done,
      String portion,
      List<DemoServing> others,
      List<String> work) {}

  /** A further kind of serving. */
  record DemoServing(String whose, String amount) {}

  /**
   * A morning.
   *
   * @param version from 1
   * @param daysAgo before the demo is put on the shelf
   */
  record DemoRun(int version, int daysAgo, String cook, List<DemoEvent> told) {}

  /** Something told, minutes after the morning began. */
  record DemoEvent(
      double after, Event.Kind kind, String text, Double amount, String line, Integer times) {}

  /** Pieces in the freezer. */
  record DemoStock(int version, int daysAgo, int pieces, String note) {}

  /** How a preparation ends. */
  record DemoFinish(Role role, boolean poured, String weighs, String cupWeighs) {}

  Draft draft(int version) {
    DemoVersion made = versions.get(version);
    DemoFinish done = made.done;
    return new Draft(
        kind,
        cups,
        lines("bowl", made.bowl, made.strained == null ? Map.of() : made.strained),
        new DraftGriddle(
            made.pieces,
            made.thrownAway == null ? 0 : made.thrownAway,
            made.portionedBy == null ? Portioning.LADLE : made.portionedBy,
            text(made.left),
            new DraftLine("pan", text(made.pan), null),
            text(made.leftInThePan),
            made.portion == null ? null : DraftMaking.NOT_SAID.portioned(made.portion)),
        new DraftPlate(
            made.serving,
            lines("top", made.toppings == null ? List.of() : made.toppings, Map.of()),
            null,
            made.others == null
                ? null
                : made.others.stream()
                    .map(other -> new DraftHelping(other.whose, other.amount, null))
                    .toList()),
        null,
        done == null
            ? null
            : new DraftPreparation(done.role, done.poured, text(done.weighs), text(done.cupWeighs)),
        made.work == null ? work : made.work);
  }

  private static String text(String text) {
    return text == null ? "" : text;
  }

  private static List<DraftLine> lines(
      String station, List<String> texts, Map<String, String> strained) {
    return IntStream.range(0, texts.size())
        .mapToObj(
            i ->
                new DraftLine(
                    station + "-" + (i + 1),
                    texts.get(i),
                    null,
                    strained.get(texts.get(i)),
                    null,
                    null,
                    null))
        .toList();
  }
}

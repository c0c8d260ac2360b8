package honeststack.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.plan.Plan.Asked;
import honeststack.core.plan.Plan.Block;
import honeststack.core.plan.Plan.Kind;
import honeststack.core.plan.Plan.Task;
import honeststack.core.plan.Rounds.Round;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PlanTest {
  private static final double NINE = 540;

  /**
   * On paper: 12 cakes, 3 a round, 5 minutes each: four rounds, 8:40 to 9:00. Mixing 10 minutes and
   * a rest of 15 end at 8:40, so it begins at 8:15; the pan is switched on at 8:32. The first cakes
   * are done at 8:45 and wait 15 minutes. A second pan: two rounds each, 10 minutes saved.
   */
  @Test
  void twelveCakesOnPaper() {
    Plan plan =
        Plan.of(
            new Asked(
                List.of(new Task("mix", 10, true), new Task("rest", 15, false)),
                8,
                12,
                List.of(new Pan("pan", 3, 5)),
                NINE,
                0));
    assertThat(plan.start()).isEqualTo(NINE - 45);
    assertThat(plan.ready()).isEqualTo(NINE);
    assertThat(plan.late()).isZero();
    assertThat(plan.rounds()).isEqualTo(4);
    assertThat(plan.waits()).isEqualTo(15);
    assertThat(plan.saved()).isEqualTo(10);
    assertThat(plan.blocks())
        .filteredOn(block -> block.kind() == Kind.HEATING)
        .containsExactly(new Block(Kind.HEATING, 1, "heat: pan", NINE - 28, NINE - 20, 0));
  }

  /**
   * On paper: 9 waffles, an iron of 2 in 4 minutes and one of 1 in 3: in 12 minutes 6 and 4. One is
   * too many, so the small iron works three times: 9. It is 8:50 already, and mixing takes 5: ready
   * at 9:07, 7 late.
   */
  @Test
  void nineWafflesOnTwoIronsOnPaper() {
    List<Pan> irons = List.of(new Pan("large iron", 2, 4), new Pan("small iron", 1, 3));
    Plan plan = Plan.of(new Asked(List.of(new Task("mix", 5, true)), 0, 9, irons, NINE, NINE - 10));
    assertThat(plan.cooking()).isEqualTo(12);
    assertThat(plan.ready()).isEqualTo(NINE + 7);
    assertThat(plan.late()).isEqualTo(7);
    assertThat(plan.blocks().stream().mapToInt(Block::pieces).sum()).isEqualTo(9);
  }

  /** Never later than the best of all ways, no pan twice at once, every piece cooked once. */
  @Test
  void asGoodAsTheBestOfAllWays() {
    Random random = new Random(5);
    for (int i = 0; i < 500; i++) {
      List<Pan> pans = new ArrayList<>();
      for (int p = 0; p <= random.nextInt(3); p++) {
        pans.add(new Pan("pan " + p, 1 + random.nextInt(4), 1 + random.nextInt(9)));
      }
      int pieces = 1 + random.nextInt(15);
      List<Round> rounds = Rounds.of(pieces, pans);
      assertThat(Rounds.minutes(pieces, pans)).isEqualTo(best(pieces, pans, 0, 0));
      assertThat(rounds.stream().mapToInt(Round::pieces).sum()).isEqualTo(pieces);
      for (int p = 0; p < pans.size(); p++) {
        int pan = p;
        List<Round> mine =
            rounds.stream()
                .filter(round -> round.pan() == pan)
                .sorted(Comparator.comparingDouble(Round::from).reversed())
                .toList();
        for (int k = 0; k < mine.size(); k++) {
          Round round = mine.get(k);
          assertThat(round.pieces()).isBetween(1, pans.get(p).pieces());
          assertThat(round.from() - round.to()).isCloseTo(pans.get(p).minutes(), within(1e-9));
          if (k > 0) {
            assertThat(mine.get(k - 1).to()).isGreaterThanOrEqualTo(round.from() - 1e-9);
          }
        }
      }
    }
  }

  /** Tries every number of rounds on every pan. */
  private static double best(int pieces, List<Pan> pans, int from, double longest) {
    if (pieces <= 0) {
      return longest;
    }
    if (from == pans.size()) {
      return Double.MAX_VALUE;
    }
    Pan pan = pans.get(from);
    double best = Double.MAX_VALUE;
    for (int k = 0; (k - 1) * pan.pieces() < pieces; k++) {
      double then = Math.max(longest, k * pan.minutes());
      best = Math.min(best, best(pieces - k * pan.pieces(), pans, from + 1, then));
    }
    return best;
  }
}

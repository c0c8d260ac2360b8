package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What cooks say, each with what a person understands of it. */
class SaidTest {
  /** Of a set so many may be answered with other numbers, or another place, without a question. */
  private static final double MOST_QUIET = 0.065;

  private static final Judge JUDGE = new Judge();

  /** Each text is read once, whatever is asked of it. */
  private static final Map<String, List<Judge.Verdict>> VERDICTS = new HashMap<>();

  /**
   * Most texts are right in every part; the report names each that is not. The set "aside" was read
   * for the first time when the reader was done, "later" and "fresh" were written after that, and
   * so were the others; "putby" is the third of "wide" that was set aside, "kept" that of "field".
   * Of each set most were right when they were first read, and the rest were learned from.
   */
  @ParameterizedTest
  @CsvSource({
    "open, 0.95",
    "sample, 0.97",
    "aside, 0.93",
    "later, 0.92",
    "fresh, 0.92",
    "newest, 0.95",
    "last, 0.95",
    "unseen, 0.9",
    "wide, 0.95",
    "putby, 0.92",
    "field, 0.97",
    "kept, 0.90",
    "street, 0.95",
    "lane, 0.96",
    "mile, 0.96",
    "town, 0.96",
    "ring, 0.95",
    "plain, 0.96",
    "dawn, 0.87",
    "dusk, 0.88",
    "noon, 0.94",
    "eve, 0.91",
    "usual, 0.97",
    "inverted, 1",
    "parts, 1",
    "shares, 1",
    "choices, 1",
    "ranges, 1",
    "leftout, 1",
    "places, 1",
    "swaps, 1",
    "corrected, 1",
    "yields, 1",
    "headings, 1",
    "sentences, 1",
    "labels, 1",
    "cards, 1",
    "titles, 1",
    "ratios, 1",
    "undone, 1",
    "turns, 1",
    "lists, 1",
    "optional, 1",
    "hill, 0.94",
    "morn, 0.97",
    "sunday, 0.91",
    "dale, 0.92",
    "weir, 0.92",
    "gate, 0.92",
    "portions, 1",
    "outcome, 1",
    "bygone, 1",
    "rounds, 1",
    "headed, 1",
    "retold, 1",
    "kinds, 1",
    "remarks, 1",
    "shore, 0.98",
    "quay, 0.78",
    "tide, 0.83",
    "pier, 0.85",
    "mole, 0.76",
    "wharf, 0.88",
    "haven, 0.9",
    "amends, 0.8",
    "jetty, 0.95",
    "reckoned, 0.94",
    "cove, 0.86",
    "loft, 0.82",
    "nook, 0.9",
    "barn, 0.85",
    "attic, 0.6",
    "shed, 0.85",
    "vault, 0.85",
    "yard, 0.72",
    "crypt, 0.85",
    "byre, 0.8",
    "silo, 0.7",
    "sorts, 0.93",
    "allergies, 0.97",
    "missing, 0.86",
    "mill, 0.93",
    "kiln, 0.8",
    "brook, 0.9",
    "heath, 0.86",
    "moor, 0.86",
    "tarn, 0.92",
    "fell, 0.88",
    "wold, 0.86",
    "dell, 0.8",
    "ford, 0.9",
    "glen, 0.87",
    "fen, 0.64",
    "holt, 0.6",
    "knoll, 0.68",
    "glade, 0.86",
    "croft, 0.77",
    "sluice, 0.84",
    "weald, 0.94",
    "ridge, 0.84",
    "lee, 0.88",
    "creek, 0.89",
    "mere, 0.87",
    "vale, 0.96",
    "dune, 0.96",
    "beck, 0.85",
    "forge, 0.62",
    "refused, 0.9",
    "outcomes, 0.95",
    "either, 0.78",
    "ontop, 1",
    "reed, 0.83",
    "amended, 0.87",
    "thaw, 0.85",
    "toldafter, 0.94",
    "onlytalk, 0.92",
    "larch, 0.85",
    "manymade, 0.92",
    "alder, 0.83",
    "measuredafter, 0.85",
    "lasttime, 0.8",
    "becameof, 0.8",
    "elm, 0.6",
    "inall, 0.85",
    "birch, 0.6",
    "rowan, 0.65",
    "aspen, 0.5",
    "ash, 0.35",
    "served, 0.88",
    "stayed, 0.9",
    "gaveway, 0.8",
    "elder, 0.75",
    "anew, 0.88"
  })
  void whatIsSaidIsUnderstood(String set, double wanted) throws IOException {
    List<Judge.Verdict> all = verdicts(set);
    List<String> misses = new ArrayList<>();
    List<String> quiet = new ArrayList<>();
    for (Judge.Verdict one : all) {
      if (!one.right()) {
        String text = one.of().text().replace('\n', '⏎');
        misses.add(text + " → " + String.join("; ", one.misses()));
        if (one.complete()) {
          quiet.add(text);
        }
      }
    }
    System.out.println(set + ": " + (all.size() - misses.size()) + " of " + all.size());
    misses.forEach(miss -> System.out.println("  " + miss));
    assertThat(quiet)
        .as("wrong, and nothing in the answer says so: " + quiet)
        .hasSizeLessThanOrEqualTo(Math.max(1, (int) (MOST_QUIET * all.size())));
    double share = 1 - (double) misses.size() / all.size();
    assertThat(share).as(String.join("\n", misses)).isGreaterThanOrEqualTo(wanted);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "open",
        "sample",
        "aside",
        "later",
        "fresh",
        "newest",
        "last",
        "unseen",
        "wide",
        "putby",
        "field",
        "kept",
        "street",
        "lane",
        "mile",
        "town",
        "ring",
        "plain",
        "dawn",
        "dusk",
        "noon",
        "eve",
        "usual",
        "inverted",
        "parts",
        "shares",
        "ranges",
        "leftout",
        "places",
        "swaps",
        "corrected",
        "yields",
        "headings",
        "sentences",
        "labels",
        "cards",
        "titles",
        "ratios",
        "undone",
        "turns",
        "lists",
        "optional",
        "hill",
        "morn",
        "sunday",
        "dale",
        "weir",
        "gate",
        "portions",
        "outcome",
        "bygone",
        "rounds",
        "headed",
        "retold",
        "kinds",
        "remarks",
        "shore",
        "quay",
        "tide",
        "pier",
        "mole",
        "wharf",
        "haven",
        "amends",
        "jetty",
        "cove",
        "loft",
        "nook",
        "reckoned",
        "heath",
        "moor"
      })
  void nothingIsAnsweredWithItsOppositeOrCountedInPart(String set) throws IOException {
    assertThat(verdicts(set)).filteredOn(Judge.Verdict::opposite).isEmpty();
    assertThat(verdicts(set)).filteredOn(Judge.Verdict::silent).isEmpty();
  }

  private static List<Judge.Verdict> verdicts(String set) throws IOException {
    List<Judge.Verdict> known = VERDICTS.get(set);
    if (known == null) {
      List<Judged> texts =
          set.equals("sample")
              ? Judged.sample("/said/sample.jsonl")
              : Judged.own("/said/" + set + ".txt");
      known = texts.parallelStream().map(JUDGE::of).toList();
      VERDICTS.put(set, known);
    }
    return known;
  }
}

package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Punctuation that was spoken, "two eggs comma a cup of kefir full stop", and dots that are none:
 * "2 t. B.P.", "w/o". With it all else in a text that is written oddly is made plain.
 */
public final class SpokenMarks {
  private static final Sought WITHOUT = Sought.of("\\bw/o\\b", Pattern.CASE_INSENSITIVE);

  /** Not an inch: nothing stands right before it. */
  private static final Sought QUOTED =
      Sought.of("(?<![\\w½¼¾.])[\"“„”]([^\"“„”\\n]{1,40})[\"“”](?!\\w)");

  private static final Sought ZEROS = Sought.of("['‘]00['’]");

  /** "pinch o' salt". */
  private static final Sought OF = Sought.of("\\bo['’](?= )");

  /** "240 ml (half milk, half water)": no remark, but what it is. */
  private static final Sought HALVES =
      Sought.of(
          "(?<=\\b(?:ml|dl|cl|l|g|cups?) ?)\\((half [a-z ]{3,20}),?( (?:and )?half [a-z ]{3,20})\\)",
          Pattern.CASE_INSENSITIVE);

  /** "salt 'n pepper". */
  private static final Sought AND = Sought.of("(?<= )['’]n['’]?(?= )");

  /** "100 g sugar – no! 10 g": nothing ends there. */
  private static final Sought NO =
      Sought.of("(?<=[,(–—…-] )no!+(?= [\\da-z])|(?<=\\()no!+(?= [\\da-z])");

  /** "ca. 10", "6 Stk. Eier": nothing ends there. */
  private static final Sought SHORT =
      Sought.of(
          "\\b(?:ca|env|circa|incl)\\.(?= ?\\d)|(?<=\\d )(?:stk|stck)\\.",
          Pattern.CASE_INSENSITIVE);

  /** So a dictated text ends. */
  private static final Sought ENDED =
      Sought.of("\\b(?:full stop|period)[ .]*$", Pattern.CASE_INSENSITIVE);

  /** At the end of all, or before what is measured next: no period of time. */
  private static final Sought END =
      Sought.of(
          "\\b(?<!\\b(?:the|this|that|whole|long|short|rest|resting|time) )(?:full stop|period)"
              + "(?= *$|(?: and)? (?:an?|one|two|three|four|five|six|half|\\d\\S*)\\b)",
          Pattern.CASE_INSENSITIVE);

  private static final Sought COMMA = word("comma|semicolon");
  private static final Sought NEW_LINE = word("new ?line|next line|new paragraph");
  private static final Sought STOP = word("full stop|period");

  private static final List<Repair> MARKS =
      List.of(
          Repair.of(QUOTED, at -> " " + at.group(1), "\"", "“", "„", "”"), // type "00"
          Repair.as(ZEROS, " 00", "'00'", "‘00’"),
          Repair.as(OF, "of", "o'", "o’"),
          sign("-->", "→"),
          sign("=>", "→"),
          sign("->", "→"),
          sign(">>", ","),
          sign("i.e.", "so"),
          sign(":)", ""),
          sign(";)", ""),
          sign(":-)", ""),
          Repair.of(HALVES, at -> "," + at.group(1) + at.group(2), "(half "),
          Repair.of(AND, at -> at.group().length() == 2 ? "&" : " &", "'n", "’n"),
          Repair.of(NO, at -> at.group().replaceFirst("!", ",").replace('!', ' '), "no!"),
          Repair.of(
              SHORT, at -> at.group().replace('.', ' '), "ca.", "env.", "incl.", "stk.", "stck."),
          Repair.as(WITHOUT, "no", "w/o"));

  private static final List<Repair> SPOKEN =
      List.of(Repair.as(COMMA, ","), Repair.as(NEW_LINE, "\n"), Repair.as(STOP, "."));

  private static final List<Repair> ALL = all();

  private SpokenMarks() {}

  private static List<Repair> all() {
    List<Repair> all = new ArrayList<>(MARKS);
    all.addAll(AlreadyScaled.REPAIRS);
    all.addAll(SwapTurns.REPAIRS);
    all.addAll(OtherTurns.REPAIRS);
    all.addAll(TableMarks.REPAIRS);
    all.addAll(SpokenNumbers.REPAIRS);
    all.addAll(OddUnits.REPAIRS);
    all.addAll(TakenBack.REPAIRS);
    all.addAll(FreeOf.REPAIRS);
    all.addAll(ChoiceLists.REPAIRS);
    all.addAll(YieldTurns.REPAIRS);
    all.addAll(DishWords.NAMES);
    all.addAll(ServedTurns.REPAIRS);
    all.addAll(PieceTurns.REPAIRS);
    all.addAll(CountTurns.REPAIRS);
    all.addAll(FateTurns.REPAIRS);
    all.addAll(PastTurns.REPAIRS);
    all.addAll(PartsLeft.REPAIRS);
    all.addAll(Reweighed.REPAIRS);
    all.addAll(WholeTurns.REPAIRS);
    all.addAll(KitchenTurns.REPAIRS);
    all.addAll(SumTurns.REPAIRS);
    all.addAll(PartsOfAll.REPAIRS);
    all.addAll(EachAhead.REPAIRS);
    all.addAll(OddWords.REPAIRS);
    all.addAll(ToldAnew.REPAIRS);
    all.addAll(StoreTurns.REPAIRS);
    all.addAll(CameBack.REPAIRS);
    all.addAll(LeftBehind.REPAIRS);
    all.addAll(FryingTurns.REPAIRS);
    all.addAll(FatTurns.REPAIRS);
    all.addAll(PanWords.REPAIRS);
    all.addAll(DishWords.REPAIRS);
    all.addAll(PlaceTags.REPAIRS);
    all.addAll(Rephrased.REPAIRS);
    return List.copyOf(all);
  }

  public static String written(String all) {
    String text =
        ScaleReadings.plain(
            ListInBrackets.plain(
                Enumerated.plain(Repair.all(ALL, AlreadyScaled.plain(Pasted.plain(all))))));
    if (ENDED.isIn(text)) {
      text = Repair.all(List.of(Repair.as(END, ".")), text);
    }
    boolean spoken = COMMA.isIn(text) || NEW_LINE.isIn(text);
    return spoken ? Repair.all(SPOKEN, text) : text;
  }

  private static Repair sign(String sign, String written) {
    return Repair.as(Sought.of(Pattern.quote(sign)), written, sign);
  }

  private static Sought word(String words) {
    return Sought.of("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE);
  }
}

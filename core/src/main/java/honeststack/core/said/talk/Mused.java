package honeststack.core.said.talk;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.People;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * A food without an amount that somebody only thinks of, asks about or takes elsewhere: "maybe
 * cocoa next time", "my mum uses buttermilk", "how much sugar is that?", or does not like. It says
 * nothing of what went in.
 */
public final class Mused {
  private static final String END = "(?: ?[,;–-] .*)?[ .!?]*";

  private static final String FOOD =
      "(?:(?:some|a few|a little|a bit of|more|in|of) )*(?:the |a |an )?@";

  private static final String KIN =
      "(?:(?:my|our|his|her|the|your) (?:[a-z]+ )?"
          + People.KIN
          + "|"
          + People.NAMED
          + "|some people|others|most people|people)";

  /** None of them is without. */
  private static final Remembered HINT =
      Remembered.part(
          "though|think|on hers|on his|on theirs|consider|tempted|dream|maybe|perhaps|next time|another|tomorrow|day|week|could|might|can|uses?|makes?|takes|likes?|prefer|swears"
              + "|normally|usually|always|often|sometimes|much|lot|enough|hate|dislike|loathe|detest|stand");

  private static final List<Sought> FORMS =
      List.of(
          Sought.of(
              "(?:and |but |so )?(?:i |we )?(?:'d |had |was |were |am )?(?:also )?(?:thought|think|thinking|considered|considering|tempted|dreaming)(?: of| about| to)?"
                  + "(?: (?:adding|using|trying|putting in|throwing in|add|use|try))* "
                  + FOOD
                  + END),
          Sought.of(
              "(?:maybe|perhaps|or|and)(?: with| add| try| use| even)* "
                  + FOOD
                  + " (?:next time|another time|another day|tomorrow|some day|one day|next week).*"),
          Sought.of(
              "(?:maybe |perhaps )?next time(?: ,)?(?: (?:i'll|i'd|i might|i will|we'll|maybe|try|add|use|with|perhaps|i want to))* "
                  + FOOD
                  + END),
          Sought.of(
              "(?:and |or )?(?:you|one|i|we|they) (?:could|might|can)(?: (?:also|even|always|of course))* (?:add|use|try|throw in|put in|stir in|have) "
                  + FOOD
                  + END),
          Sought.of(
              KIN
                  + " (?:always |usually |often |only )?(?:uses?|used|makes? (?:hers|his|them|it|theirs|pancakes) with|takes|likes|prefers?|swears by) "
                  + FOOD
                  + END),
          Sought.of(
              "(?:i|we) (?:normally|usually|always|often|sometimes|used to) (?:add|use|put in|throw in|have|take) "
                  + FOOD
                  + " ?,? (?:but|only|except) .*(?:none|no|out|not|n't|ran|left|forgot|skipped|without).*"),
          Sought.of(
              "(?:(?:but|though|and) )?(?:(?:my|our|the) (?:boy|girl|youngest|eldest|"
                  + People.KIN
                  + ")|he|she|"
                  + People.NAMED
                  + ")"
                  + " (?:really |still |just )?(?:hates?|dislikes|loathes|detests|can't stand|doesn't like|does not like) "
                  + FOOD
                  + "[ .!]*"),
          Sought.of(
              "(?:and |but )?(?:my|our|his|her|the) (?:roommate|room-mate|housemate|flatmate|friend|mate|colleague|neighbou?r|boss|boyfriend|girlfriend|cousin|uncle|aunt) (?:puts|has|likes|eats|takes|wants|pours) (?:a |some )?"
                  + "@ on (?:hers|his|theirs) (?:, )?(?:which|but|yuck|ugh|and i don't|not me|i don't|no thanks|weird|god|heaven)\\b.*"),
          Sought.of("(?:and |so )?how much @ (?:is|are|was|goes|does).*"),
          Sought.of("is (?:that|this|it) (?:a lot of|too much|much|enough) @[ ?]*"));

  private Mused() {}

  public static void in(Clause clause) {
    if (clause.hasAmount() || !clause.hasFood() || !clause.says(HINT)) {
      return;
    }
    boolean mused =
        FORMS.stream()
            .anyMatch(form -> Shape.of(clause, 0).flatMap(s -> s.whole(form)).isPresent());
    if (mused) {
      clause.take(0, clause.size(), Part.ASIDE);
    }
  }
}

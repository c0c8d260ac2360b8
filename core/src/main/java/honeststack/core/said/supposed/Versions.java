package honeststack.core.said.supposed;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Two versions of a recipe in one text: "Version A: 200 g flour, 2 eggs … Version B: 150 g flour, 3
 * eggs …", "Old: … New: …". They are not one recipe: the first counts, or the new one; the other is
 * left out, and marked so.
 */
public final class Versions {
  /** So many foods of a batter nobody lists twice in one recipe. */
  private static final int REPEATED = 3;

  private static final int LABELLED = 2;

  /** Two versions stand no more lists apart. */
  private static final int FAR = 8;

  private static final int LONGEST_LABEL = 6;

  /** What replaces the other. */
  private static final Sought OLD =
      Sought.of(
          "^(?:the )?(?:old|before|previously|was|original|last time|last week|yesterday|used to be"
              + "|left ?overs?|still (?:in|have)|have|had|bought|buy|to buy|shopping|stock|in stock|spare"
              + "|in the (?:cupboard|house|fridge|pantry|larder|bag|box|tin|jar))\\b");

  private static final Sought NEW =
      Sought.of(
          "^(?:the )?(?:new|after|now|today|this time|this week|mine now|updated|revised"
              + "|use[ds]?|recipe|batter|mix|takes?|needs?|in(?:to)? the (?:bowl|batter|mix)|for the (?:batter|mix|bowl))\\b");

  private static final String NUMBERED =
      "(?:(?:version|recipe|variant|option|variation|trial|attempt|test|v|plan)\\.? ?(?:no\\.? |# ?)?)";

  private static final List<Sought[]> PAIRS =
      List.of(
          pair(NUMBERED + "?(?:a|1|one|i)", NUMBERED + "?(?:[b-f]|[2-9]|two|three|four|ii|iii)"),
          pair("(?:the )?first(?: one| version)?", "(?:the )?second(?: one| version)?"),
          pair("mine|ours|me", "hers|his|theirs|yours|my .*"),
          pair("(?:the )?(?:thick|fluffy|american)\\b.*", "(?:the )?(?:thin|flat|french)\\b.*"),
          pair("with\\b.*", "without\\b.*"),
          pair("(?:the )?(?:classic|original|regular|normal|usual|standard|full)\\b.*", ".*"),
          pair(
              "(?:for )?(?:the )?(?:waffles?|pancakes?|crepes?|crêpes?)",
              "(?:for )?(?:the )?(?:waffles?|pancakes?|crepes?|crêpes?)"),
          pair(
              "(?:mon|tues|wednes|thurs|fri|satur|sun)day",
              "(?:mon|tues|wednes|thurs|fri|satur|sun)day"));

  /** More of the same, or its next part. */
  private static final Sought PART =
      Sought.of(
          "\\b(?:another|more|again|then|also|plus|batch|layer|dough|half|add|added|extra|second|next|day|"
              + "evening|morning|night|for the|sauce|topping|filling|glaze|crumble|serves?|makes|for \\d+)\\b");

  private static final class Group {
    final List<Clause> clauses = new ArrayList<>();
    final List<Mention> mentions = new ArrayList<>();
    String label = "";

    Set<String> foods() {
      return mentions.stream()
          .flatMap(mention -> mention.known().map(Food::id).stream())
          .collect(Collectors.toCollection(HashSet::new));
    }

    /** What makes it a batter. */
    Set<Role> roles() {
      return mentions.stream()
          .map(Mention::role)
          .filter(role -> role == Role.FLOUR || role == Role.EGG || role == Role.LIQUID)
          .collect(Collectors.toSet());
    }
  }

  private Versions() {}

  private static Sought[] pair(String first, String second) {
    return new Sought[] {Sought.of("(?:" + first + ") ?:?"), Sought.of("(?:" + second + ") ?:?")};
  }

  /** Leaves out what is another version of what counts. */
  public static void once(List<Clause> read) {
    read.forEach(Versions::against);
    List<Group> groups = groups(read);
    for (int i = 0; i < groups.size(); i++) {
      for (int j = i + 1; j < Math.min(groups.size(), i + FAR); j++) {
        Group first = groups.get(i);
        Group second = groups.get(j);
        if (first.label.isEmpty() && second.label.isEmpty()) {
          continue;
        }
        Set<String> shared = first.foods();
        shared.retainAll(second.foods());
        boolean renewed = OLD.isIn(first.label) && NEW.isIn(second.label);
        boolean paired = renewed || isPair(first.label, second.label);
        boolean instead =
            paired && first.roles().stream().filter(second.roles()::contains).count() >= LABELLED;
        boolean repeats = shared.size() >= REPEATED && !PART.isIn(second.label);
        if (paired && shared.size() >= (renewed ? 1 : LABELLED) || instead || repeats) {
          leaveOut(renewed ? first : second);
          groups.remove(renewed ? i : j);
          j = renewed ? i : j - 1;
        }
      }
    }
  }

  private static boolean isPair(String first, String second) {
    return !first.equals(second)
        && PAIRS.stream().anyMatch(pair -> pair[0].isAll(first) && pair[1].isAll(second));
  }

  private static List<Group> groups(List<Clause> read) {
    List<Group> groups = new ArrayList<>();
    Group open = null;
    String heading = "";
    for (Clause clause : read) {
      List<Mention> measured =
          clause.mentions.stream()
              .filter(m -> m.isMeasured() && m.food != null && m.place == Place.NOT_SAID)
              .toList();
      if (measured.isEmpty()) {
        boolean plain = clause.size() <= LONGEST_LABEL && clause.mentions.isEmpty();
        heading = plain ? clause.words(0, clause.size()) : "";
        open = null;
        continue;
      }
      String label = label(clause, measured.get(0));
      boolean renews = OLD.isIn(label) || NEW.isIn(label);
      boolean begins = !label.isEmpty() && (measured.size() >= LABELLED || renews);
      if (open == null || begins) {
        open = new Group();
        open.label = label.isEmpty() ? heading : label;
        groups.add(open);
      }
      heading = "";
      open.clauses.add(clause);
      open.mentions.addAll(measured);
    }
    groups.removeIf(
        group ->
            group.mentions.size() < LABELLED && !OLD.isIn(group.label) && !NEW.isIn(group.label));
    return groups;
  }

  /** What stands before a colon, if it is few words and no food stands before it. */
  private static String label(Clause clause, Mention first) {
    int colon = 0;
    while (colon <= LONGEST_LABEL && clause.has(colon) && !clause.isMark(colon, ":")) {
      colon++;
    }
    return clause.isMark(colon, ":") && first.from >= colon ? clause.words(0, colon) : "";
  }

  /** "200 g flour, 2 eggs vs 150 g flour, 3 eggs". */
  private static void against(Clause clause) {
    for (int i = 1; i + 1 < clause.size(); i++) {
      if (!clause.isWord(i, "vs", "versus")) {
        continue;
      }
      int at = i;
      Group first = new Group();
      Group second = new Group();
      clause.mentions.stream()
          .filter(Mention::isMeasured)
          .forEach(m -> (m.from < at ? first : second).mentions.add(m));
      Set<String> shared = first.foods();
      shared.retainAll(second.foods());
      if (shared.size() >= LABELLED) {
        second.mentions.forEach(mention -> mention.mark(Part.EXCLUDED));
        clause.mentions.removeAll(second.mentions);
      }
    }
  }

  private static void leaveOut(Group group) {
    group.clauses.forEach(Versions::leaveOut);
  }

  /** Nothing that a sentence says counts: it is of another version. */
  public static void leaveOut(Clause clause) {
    clause.mentions.forEach(mention -> mention.mark(Part.EXCLUDED));
    clause.mentions.clear();
    clause.counts.clear();
    clause.batch = Optional.empty();
    clause.loose.clear();
    clause.passOverAmounts();
  }
}

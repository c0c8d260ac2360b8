package honeststack.core.said.instead;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.clause.StandIn;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What was taken in a measured food's place, or that it was left out, with the reason for it: "My
 * daughter can't have milk so it was oat milk.", "It's margarine because butter is too dear.", "He
 * can't eat eggs so I left them out." As much of the other counts.
 */
public final class Reasoned {
  private static final String LEAD =
      "(?:(?:and|but|so|oh|well|right|also|actually|sadly|turns out|today|this time|again|,) )*";

  private static final String THE =
      "(?:(?:the|a|an|some|my|our|her|his|just|only|all|actually|really|in fact|now|then) )*";

  private static final String USED =
      "(?:used|use|took|take|had|had to (?:use|take|go with|make do with)|have to use|ended up (?:using|with|taking)"
          + "|made do with|make do with|went (?:for|with)|reached for|opened|grabbed|got|bought|put(?: in)?|tipped in|poured in"
          + "|resorted to|fell back on|settled for|chose|switched to|changed to|swapped to|went over to|made|made (?:it|them) with"
          + "|did (?:it|them) with|turned to|always use)";

  private static final String DID =
      "(?:went in|had to do|has to do|it was|it is|it had to be|did|did the job|took its place|stood in|stepped in"
          + "|instead|in its place|was what we had|was used|was all there was|came to the rescue|got used)";

  /** What there is in it. */
  private static final String TAKEN =
      "(?:(?:it|they|that|this|these)(?: was| is|'s|'re| were| are| had to be| has to be) "
          + THE
          + "(?<a># )?(?<b>@ )|"
          + THE
          + "(?<old>@ )(?:(?:was|is|were|are|'s|had to be|has to be|became) )+"
          + THE
          + "(?<c>@ )|(?:(?:i|we)(?:'ve| have|'d|'ll| will| would| might| could| may)? )?(?:(?:just|only|simply|always|then|therefore|had|did) )*"
          + USED
          + " "
          + THE
          + "(?<d># )?(?:of )?(?<e>@ )|"
          + THE
          + "(?<f>@ )"
          + DID
          + " )";

  private static final String HERE =
      "(?:(?:in|in there|in it|in (?:these|this|the mix|the batter)|instead|today|this time|here|again|throughout|now|all round|this morning|for (?:all of us|us all"
          + "|everyone|everybody|once|a change)) )*";

  /** The reason, behind it. */
  private static final String FOR =
      "(?:[,–—-] )?(?:because|since|as(?! (?:much|many|little|few|needed|required|desired|wanted|liked"
          + "|usual|always|well|per|big|small|large|thin|thick|long|you|a|an|garnish)\\b)"
          + "|seeing|for(?! \\w+ing\\b)|due|on account|thanks|in case|owing) [^#.]*";

  private static final String SO =
      "(?:[,–—-] )?(?:and |, )?\\b(?:so|hence|therefore|thus|meaning|which meant|instead)(?: , )? ?(?:today |this time |next time )?";

  /**
   * The reason where nothing else says that it took another's place: "walnuts for crunch" do not.
   */
  private static final String WHY =
      "(?:(?!(?:[,–—-] )?for\\b)"
          + FOR
          + "|(?:[,–—-] )?for (?:[\\w'’]+ )*(?:allerg\\w*|sake|intolerance|vegans?|stomach|tummy|who|whose) [^#.]*)";

  private static final String END = "[ .!]*";

  private static final List<Sought> INSTEAD =
      List.of(
          Sought.of("[^#]*?" + SO + TAKEN + HERE + END),
          Sought.of("[^#]*?" + SO + "(?:(?:just|only) )*(?<g>@ )" + HERE + END),
          Sought.of(
              "(?:since|because|as|with|seeing|given|if|when|whenever|unless) [^#]*? (?:, )?"
                  + TAKEN
                  + HERE
                  + END),
          Sought.of(
              "(?:for|because of) [^#@]*(?:, )?(?:the|my|our) (?<old>@ )(?:was|is|were|are) (?<c>@ )"
                  + HERE
                  + END),
          Sought.of(LEAD + TAKEN + HERE + "(?:" + FOR + "|[,–—;:-] [^#.]*)" + END),
          Sought.of(LEAD + "(?<g>@ )" + HERE + WHY + END));

  /** "The flour was gluten-free": the name holds what it is. */
  private static final Sought DESCRIBED =
      Sought.of("[^#]*?(?:the|my|our|all the) (?<g>@ )(?:is|was|are|were) (?:@ free )?[^#@]*");

  /** Of the foods that it names before. */
  private static final List<Sought> WITHOUT =
      List.of(
          Sought.of(
              "[^#]*?"
                  + SO
                  + "(?:(?:i|we) )?(?:(?:just|always|then) )*(?:left|leave|skipped|skip|kept|omitted) (?:them|it|that|those|this)(?: all)?(?: out)?(?: of (?:it|this|the batter|the mix))? ?"
                  + HERE
                  + END),
          Sought.of(
              "[^#]*?"
                  + SO
                  + "(?:they|it|that|those|these) (?:all )?(?:stayed|stays|stay|were left|was left|got left|had to stay|had to go|is|was|were|are) (?:out|in the (?:box|fridge|carton|packet|cupboard|bag|jar|tin)) ?"
                  + HERE
                  + END),
          Sought.of(
              "[^#]*?"
                  + SO
                  + "(?:there(?:'s| is| was| are| were) |i put |we put |i used |we used |i put in |i do |we do )?(?:no|none of the) (?<old>@ )"
                  + HERE
                  + END));

  /** Nothing was done yet, or it was done for somebody alone, or to more than was told. */
  private static final Sought OTHERWISE =
      Sought.of(
          "\\b(?:can(?!'t|not)|should|maybe|perhaps|try|sometimes|or|instead of"
              + "|hers|his|theirs|he gets|she gets|he had|she had|he got|she got|they had|they got|more|another|extra|also|too(?= ?(?:[.,!]|$))|plus|as well"
              + "|on top|for the pan|fried|frying|half|some of)\\b|\\?");

  /** Nothing of it was done. */
  private static final Sought LATER =
      Sought.of(
          "\\b(?:if|when|whenever|unless|next time|i'd|we'd|i'll|we'll|would|could|might|may|going to)\\b");

  /** No such sentence has more words. */
  private static final int LONGEST = 50;

  private static final Sought FOR_AN_EGG = Sought.of("\\beggs?$");

  private static final String[] NOW = {"b", "c", "e", "f", "g"};

  private Reasoned() {}

  /** Whether words behind a list say so. */
  public static boolean isSaid(List<Element> words) {
    String signs = Shape.signs(words);
    return words.size() <= LONGEST
        && words.stream().noneMatch(Reasoned::isPlaced)
        && Stream.concat(INSTEAD.stream(), WITHOUT.stream()).anyMatch(form -> form.isAll(signs));
  }

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    String words = clause.words(0, clause.size());
    if (clause.size() > LONGEST) {
      return false;
    }
    if (LATER.isIn(words)) {
      return later(read, clause, shape);
    }
    if (OTHERWISE.isIn(words) || clause.elements.stream().anyMatch(Reasoned::isPlaced)) {
      return false;
    }
    for (Sought form : WITHOUT) {
      Optional<Shape.Found> found = shape.whole(form);
      if (found.isPresent()) {
        return leaveOut(read, clause);
      }
    }
    if (!clause.hasFood()) {
      return false;
    }
    return INSTEAD.stream()
            .map(shape::whole)
            .flatMap(Optional::stream)
            .anyMatch(found -> instead(read, clause, now(clause, found)))
        || shape
            .whole(DESCRIBED)
            .flatMap(found -> described(clause, found.at("g")))
            .filter(food -> instead(read, clause, food))
            .isPresent();
  }

  /** The food that was told to be another. */
  private static Optional<Element> described(Clause clause, int food) {
    Element said = clause.get(food);
    boolean renamed = clause.get(food + 1).part == Part.NOTE;
    return clause.mentions.stream()
        .map(mention -> mention.food)
        .filter(e -> e != null && e.from == said.from && (renamed || e != said))
        .findFirst();
  }

  /** "If my niece comes I use gluten-free flour.": nothing of it was done. */
  private static boolean later(List<Clause> read, Clause clause, Shape shape) {
    return clause.hasFood()
        && INSTEAD.stream()
            .map(shape::whole)
            .flatMap(Optional::stream)
            .map(found -> now(clause, found))
            .anyMatch(food -> old(read, clause, food).isPresent() && pass(clause));
  }

  private static boolean pass(Clause clause) {
    clause.passOver();
    return true;
  }

  private static boolean isPlaced(Element element) {
    return element.is(Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT);
  }

  private static Element now(Clause clause, Shape.Found found) {
    String pattern = found.said().pattern().pattern();
    return Stream.of(NOW)
        .filter(group -> pattern.contains("<" + group + ">") && found.has(group))
        .map(group -> clause.get(found.at(group)))
        .findFirst()
        .orElseThrow();
  }

  private static boolean leaveOut(List<Clause> read, Clause clause) {
    boolean done = false;
    for (Element food : clause.elements.stream().filter(Element::isFood).toList()) {
      Optional<Mention> old = Rescaled.before(read, food);
      old.ifPresent(
          mention -> {
            mention.mark(Part.EXCLUDED);
            read.forEach(before -> before.mentions.remove(mention));
          });
      done |= old.isPresent();
    }
    if (done) {
      clause.passOver();
    }
    return done;
  }

  /** In the place of the food that it names, or else of the only one of its kind. */
  private static Optional<Mention> old(List<Clause> read, Clause clause, Element now) {
    List<Mention> told =
        read.stream()
            .flatMap(before -> before.mentions.stream())
            .filter(m -> m.isMeasured() && m.amount != null && m.food != null)
            .toList();
    List<Mention> named = told.stream().filter(m -> isNamed(clause, m)).toList();
    List<Mention> of = named.isEmpty() ? told : named;
    List<Mention> alike =
        of.stream()
            .filter(m -> named.isEmpty() ? isKin(m.food, now) : StandIn.isTold(m.food, now))
            .toList();
    return alike.size() == 1 ? Optional.of(alike.get(0)) : Optional.empty();
  }

  private static boolean isNamed(Clause clause, Mention mention) {
    return clause.elements.stream().anyMatch(e -> e.isFood() && e.isSameFood(mention.food));
  }

  /** Of its kind, or an egg that is none. */
  private static boolean isKin(Element old, Element now) {
    return old.isOfAKind(now) || old.isRole(Role.EGG) && FOR_AN_EGG.isIn(now.low());
  }

  private static boolean instead(List<Clause> read, Clause clause, Element now) {
    Optional<Mention> own = clause.mentions.stream().filter(m -> m.food == now).findFirst();
    boolean again = now.food.isEmpty() || Rescaled.before(read, now).isPresent();
    Optional<Mention> old = again ? Optional.empty() : old(read, clause, now);
    if (old.isEmpty()) {
      return false;
    }
    Mention other = own.filter(Mention::isMeasured).orElse(null);
    boolean named = isNamed(clause, old.get()) || FOR_AN_EGG.isIn(now.low());
    if (other != null && !named) {
      return false; // "it was thick so I put 50 ml water in"
    }
    Element was = old.get().food;
    if (other != null) {
      other.place = old.get().place;
      read.forEach(before -> before.mentions.remove(old.get()));
      old.get().mark(Part.EXCLUDED);
      clause.passOver();
      other.amount.part = Part.AMOUNT;
      clause.mentions.add(other);
    } else if (isKin(old.get().food, now)) { // two eggs are no two of anything
      clause.passOver();
      old.get().means(now);
      was.part = Part.EXCLUDED;
    } else {
      return false;
    }
    return true;
  }
}

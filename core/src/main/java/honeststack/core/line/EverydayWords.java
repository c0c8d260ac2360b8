package honeststack.core.line;

import java.util.Arrays;
import java.util.Set;

/**
 * Words of every day that are no food's name, nor a part of one: "already", "grandma", "stirring".
 */
public final class EverydayWords {
  private static final Set<String> WORDS =
      Set.copyOf(
          Arrays.asList(
              """
      about above accident accompanied account across actually add added adding adds adjust
      adjusted adjusting advice afford after afternoon afterward afterwards again against age ago
      agree agreed ah ahead aim air alarm all allow allowed allowing almost alone along alongside
      already alright also although always am amazing among amongst amount amounts and angry
      annoying another answer any anybody anyhow anymore anyone anything anyway anywhere apart
      appear appears are aren't around arrange arranged arrive arrived article as aside ask asked
      asking asks at ate atop attempt attention aunt automatic available average avoid awake away
      awful babies baby back bake bakes balance basic basically batch bath be beat beating beats
      beautiful became because become bed been before began begin beginning behave behind being
      believe below bench beneath beside besides best bet better between beyond bill bin birthday
      bit bits blame blend blended blender blending blends blog bloody bored borrow borrowed boss
      both bother bottle bottom bought boy boys brain breakfast breath bright brilliant bring
      break breaks brings broke broken brother brought brunch brush bubble bubbles bubbling budget build burn
      burning business busy but button buy buys by cafe calculate calculated calculator call calls
      calm came camp camping can can't cancel cancelled cannot canteen car card care careful carefully carry cat
      catch caught cause celebrate center centre certainly chance change changed changes changing
      chart cheat check checked checking cheers chef child children choose chose chosen christmas
      chuck chucked chucking chucks church class classic clean cleaned clear clearly clever clock
      close closed clothes club coat cold colleague college color colour combine combined combines
      combining come comes comfort comfortable coming comment comments company compare compared
      comparison complain complete completely complicated computer concerned confused consistency
      contain container contains continue continued continues control conversation cook cooked
      cooks cool cooling copied copy corner correct cost costs cosy could couldn't count counted
      counter counting country couple course cousin cover covered covering covers crack cracking
      cracks crazy crew crowd cry cupboard cure current customer customers cutting dad damage
      dance danger dark daughter day days dead deal dear decide decided deep definitely degree
      degrees delicious delivery depend depending depends describe described desk despite diabetes
      diabetic did didn't dietitian difference different difficult dig dinner dirty discover
      discovered divide divided dividing do doctor does doesn't dog doing don't done door dot
      doubling doubt down drain drained draining draw drawer drive drop dropped dropping drops dry
      drying due dumb dump dumped dumping dumps during dust each earlier early easier easily east
      easter easy eat eats edges edition educator effort eh either electric else elsewhere
      emergency empty end ended ending energy enjoy enjoyed enjoying enough entire equal equally
      equipment er error especially essential estimate estimated etc even evening event eventually
      ever every everybody everyday everyone everything everywhere evidence exact exactly example
      excellent except excess exchange excited excuse exercise expect expected expensive
      experience experiment explain explained express eye eyes face fact factor fail failed
      failing fairly fall falls family famous fan fancy far fashion fast faster father favor
      favorite favour favourite fear feed feeding feeds feel feels felt few fewer fight figure
      figures fill filled final finally find fine finger fingers finish finished finishes fire
      first firstly fit fits fix fixed flame flat flatter flavor flavour flip flipped flipping
      floor floppy flow fluffier fluffy focus foam fold folded folding folds follow followed following
      foot for force forever form format former formula forth fortnight forward found free freeze
      freezer freezes freezing frequent fresh fridge friend friends fries from fry fun funny
      further furthermore gadget gallery game garden gas gave gear generally gentle gently get
      gets getting girl girls give given gives glad gloves go goal god goes going gone gonna good
      got gotta grab grabbed gradual gram grandma grandpa granny greased greasing greasy great
      greatest grew grill group grow grown guess guest guests guide guy guys gym habit had hadn't
      hair hand handle handles handy hang happen happened happily happy hard harder hardest hardly
      has hasn't have haven't having he he'd he'll he's heads health healthier healthy hear heard
      heat heated heater heating heavily heavy height held hello help helped helpful helping helps
      hence her here here's hers herself hey hi hidden hide high higher highest him himself hint
      his history hit hmm hob hobby hold holds hole holes holiday home honest honestly hope hoped
      hopefully hospital hot hotel hotter hour hours house household how how's however hungry
      hurry hurt husband i i'd i'll i'm i've idea ideal ideas identical if ignore ignored image
      imagine immediately important impossible improve improved in inch inches incident include
      includes including increase increased indeed information ingredient ingredients inside
      insist instead instruction instructions interest interested interesting internet into introduce
      invented invite invited iron is isn't issue it it'd it'll it's item items its itself job
      join joined joke journal journey judge judged jump just keen keep keeping keeps kept key
      kick kids kind kinda king kit kitchen kneel knew know knows label labels lack ladle lady
      last lastly late lately later latter laugh laundry law lay layer lazy lead learn learned learning
      least leave leaving left leftover leftovers leg lend length lesson lest let let's letting
      level levelled lid lie life lift lifted lighter lightly like likely likes limit line lined
      lines list listed listen lit little live lives load loaded loads local lock logic long
      longer look looked looking looks loose lose loss lost lot lots loud love lovely loves low
      lower lowest luck lucky lumps lumpy lunch machine mad made magic main make maker makes
      making man manage managed manual many mark marked market married matter matters max maximum
      may maybe me mealtime mean meaning means meant meanwhile measure measured measurement
      measurements measures measuring medical medicine meet member memory men mention mentioned
      mess messy met metal method metric mhm mid middle might million mind mine minimum minor
      minute minutes mistake mistakes mixed mixer mixes mixing mmm modern moment monday money
      month months mood mood's more moreover morning most mostly mother motion mouth move moved
      moving much multiply mum music must mustn't my myself naked name named namely nana narrow
      natural nature near nearby nearly neat necessary need needed needing needs neighbour nervous
      net never nevertheless new news next nice nicer night nights nobody noise nonetheless nope
      normal normally note noted notes nothing notice noticed noticing now nowadays nowhere number
      numbers nurse nursery nutrition nutritionist object obviously occasion occasionally odd off
      offer office often oh ok okay older oldest on once one ones only onto onwards open opened
      opens opinion opposite option optional options order ordered ordinarily organise organised
      original other others otherwise ought our ours ourselves out outside oven over overall
      overnight own owner pack packed page pages pain paint pair pan pans paper parent parents
      park part particular particularly partner parts party pass past pat patch patience patient
      pause pay paying pen pencil people per perfect perfectly perhaps person personal personally
      phone photo photos pick picked picking picture pictures piece pieces pile place placed
      places plan planned plans plastic play playing pleasant please pleased pleasure plenty plus
      poach poached poaches poaching pocket point points poor popped popular portion portions position possible possibly post
      poster pour poured pouring pours power practical practically practice practise prefer
      preferably prefers prep prepare prepared preparing present press pressed pressing presumably
      pretty price print printed probably problem problems process produce product project promise
      proof proper properly proportion proportions protect proud prove provided public pull pulled
      purpose push pushed put puts putting quality quantities quantity quarter question questions
      quick quicker quickly quiet quietly quit quite rack radio rain raise raised ran rare rarely
      rate rather ratio reach reached read reading reads ready real realise realised reality
      realize really reason reasonable reasons receive recently recipe recipes reckon recommend
      recommended record recorded reduce refer refuse regarding regular reheat reheated relative
      release reliable rely remain remaining remains remember remind remove removed rent repair
      repeat repeated repeating replace reply report require requires research rest rested resting
      rests result results return review reviews rhythm rich ride right rinse rinsed rinsing rise
      risen rises risk road role room rooms rough roughly round rounded route routine row rubber
      rubbish rule rules run runny runs rush sad safe safely safety said sake same saturday
      saucepan save saved saving saw say saying says scale scales school schools science score
      scrape scraping screen screw search season seat second secondly secret section see seem seems
      seldom sell sense sensible sentence separate separately separating serious seriously serve
      served serves serving servings set sets setting settle settled settles several sex shake
      shall shame shape shaped shapes shared sharing sharp she she'd she'll she's sheet shelf
      shift shine ship shirt shock shoes shop shopping shops short shorter shot should shoulder
      shouldn't shout show showed shower shown shows shut shy sick side sides sift sifted sifting
      sifts sign signal silent silicone silly similar simmer simple simpler simply simultaneously
      since single sink sister sit sits sitting situation size sized sizes skill skip skipped
      sleep sleeping slept slide slight slightly slip slow slower slowly smart smell smells smile
      smooth smoother snow so social soft soften softer softly softness solid solution solve some
      somebody somehow someone something sometimes somewhat somewhere son song soon sorry sort
      sorta sound sounds source space spare spatula speak special specific speed spent spill
      spilled splash split spoiled sport spot spots staff stage stages stand standard standing
      stare start started starting starts station stay stayed steady steam steaming steel step
      steps sticking sticky tops still stir stirred stirring stirs stomach stop stopped stops storage
      store stored stores storing story stove straight straightaway strain strained strange
      stranger stress strict strike strong stronger struggle stuck student students study stuff
      style subject success such sudden suddenly suggest suggested suit suitable sum summer sun
      sunday support supported suppose supposed supposedly sure surely surface surprise surprised
      surprising survive suspect swap swapped swear sweat sweep swirl swirled switch symbol system
      table take takeaway taken takes taking tall tap tape task taste tasted tastes tasting tasty
      teacher team tear technique telephone television tell temperature temperatures tempted tend
      tends term terms terrible test tested testing tests text texture thank thanks that that'd
      that'll that's their theirs them themselves then there there's thereafter therefore these
      they they'd they'll they're they've thicken thickened thickens thicker thickness thin thing
      things think thinned thinner thinning third thirdly this those though thought thousand threw
      through throughout throw throwing thrown throws thumb thus ticket tidy tight till time timed
      timer times timing tip tipping tips tired title to today toddler toddlers together told
      tomorrow tonight too took tool tools tooth top topic topped tossed total totally touch
      touched tough tour toward towards towel town toy track tradition traditional train transfer
      transferred transparent trap travel treat treated trial triangle trick tricks tricky tried
      tries trip trouble true truly trust truth try trying tuesday tune turn turned turning turns
      tv twice twist twisted type types typical typically ugh uh um unable uncle uncover under
      underneath understand understood uneven uniform unit universe unknown unless unlike until
      unto unusual up upon upper upset upside urge us use used useful useless uses using usual
      usually vacation value variation variations variety various version versions very vessel via
      video view village visit visitor visitors visual volume vote wait waited waiting wake walk
      walked wall wanna want wanted wants warm warmed warmer warming warms warn warning was wash
      washed washing wasn't waste watch watched watching wave way we we'd we'll we're we've weak
      weather web website wedding week weekend weigh weighed weighing weighs weights weird
      welcome well were weren't wet what what's whatever wheel when when's whenever where where's
      whereas wherever whether which whichever while whisk whisked whisking whisks who who's
      whoever whom whose why wide wider width wife will willing window wine winter wipe wiped
      wiping wire wise wish wished with within woman women won won't wonder wondered wonderful
      wooden word words work worked worker workers working works world worry worse worst worth
      would wouldn't wow wrap wrapped wrist write writing written wrong wrote yard yeah year years
      yell yep yes yesterday yet yoga you you'd you'll you're you've young youngest your yours
      yourself youtube zone
              """
                  .strip()
                  .split("\\s+")));

  /** Without their apostrophes. */
  private static final Set<String> HASTY =
      Set.of(
          "thats",
          "its",
          "im",
          "ive",
          "youll",
          "dont",
          "isnt",
          "wont",
          "cant",
          "didnt",
          "doesnt",
          "weve",
          "theyre",
          "youre",
          "whats",
          "theres",
          "heres",
          "hes",
          "shes",
          "lets",
          "havent",
          "hasnt",
          "wasnt",
          "couldnt",
          "wouldnt",
          "shouldnt",
          "theyll",
          "youve",
          "theyve",
          "whos");

  private EverydayWords() {}

  /** Whether a word, in small letters, is one. */
  public static boolean is(String low) {
    return WORDS.contains(low) || HASTY.contains(low) || WORDS.contains(low.replace('’', '\''));
  }
}

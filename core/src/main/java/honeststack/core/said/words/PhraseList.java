package honeststack.core.said.words;

/**
 * Words of speech that are neither amount nor food, by what they do: data, one {@link Sort} after
 * another, phrases between bars.
 */
final class PhraseList {
  static final String TEXT =
      """
          EXCLUDE | forgot to add | forgot to put in | forgot to add the | forgot to put in the | not used : | unused : | left out : | omitted : | not included :
          EXCLUDE | stopped adding | stop adding | i've stopped adding | stopped using | stop using
              | stopped putting | neither | scratch the | forget the | forget about | ditch | ditch the | ditched the | lose the | nix the
              | bin the | scrap the | cut out the | cut out | gave up | given up | giving up
              | anything but | everything but | all but | which isn't | which is not | it isn't
              | isn't | aren't | wasn't | weren't | none of your | no more | no extra | not any
              | no need for | go without | goes without | going without | do without | done without
              | sin | sans | ohne | senza | run out of | ran out of | i've run out of | we've run out of | we're out of | i'm out of
              | we ran out of | may contain | may contain traces of | contains : | allergens : | never put | never add | i'd never put | i'd never add | wouldn't put | wouldn't add | except | except for | other than | apart from | but no
              | some people use | others use | most people use | my sister uses
              | my mother uses | i never use | never use | i don't like | we don't like
              | i don't eat | we don't eat | no | without | without any | without the | never
              | not a drop of | zero | none of the | don't add | don't add any
              | do not add | don't put | don't use | please don't use | do not use | doesn't need
              | don't need | do not need | don't bother with | skip | skip the | skipping the
              | omit | omit the | omitting | leave out | leave out the | leaving out the
              | can't have | cannot have | can't eat | don't eat | doesn't eat | won't touch
              | allergic to | free of | free from | minus the | i leave out the | nor | no added
              | instead of using | does not contain | contains no | has no | have no | there is no
              | there's no | avoid | avoid the | hold the | not | nothing like
          INSTEAD | goes in for | goes in for the | going in for | going in for the | in for the
              | stepping in for | steps in for | steps in for the | 1 : 1 for | 1 : 1 for the | one to one for | one for one for | takes the place of
              | take the place of | taking the place of | do for | does for | stand in for | it was | used to be | instead of | in place of | rather than
              | as a replacement for | replacing | replaces | replaces the | replacing the
              | in lieu of | and not | but not | stands in for | stands in for the | and never
          SWAP | swop | swop the | swopped | sub | subs | subbed | subbing | sub in | replaced | swapped | swapped the | replaced the | substituted | exchanged | replacing
              | swap | swap the | swap out the | replace | replace the | substitute
              | exchange the | change the | changed | trade the | swapping the
              | replacing half the
          SWAPPED | for | with | w | by | to | ->
          OUT | forgotten | was forgotten | is out | are out | 's out | is not for | are not for | is not | isn't for
              | is left out | left out | is off limits | is forbidden
          OR | or | or else | or use | or simply | or else use
          PLATE_NEXT | i like mine with | i like them with | i like it with | we like them with
              | i have mine with | i eat mine with | i love them with | we have ours with
              | top : | plate : | topping - | to serve : | on top : | serve hot with
              | top with | top it with | top them with | topped with | top each with
              | top his with | top hers with | top mine with | serve with | serve them with
              | serve it with | served with | eat with | eat them with | eat it with
              | we eat them with | have them with | drizzle with | drizzled with | dust with
              | dusted with | sprinkle with | sprinkled with | scatter over | scatter with
              | scatter | spread with | spread | spread on | finish with | finish it with
              | roll them up with | roll up with | fill with | filled with | fill them with
              | fill each with | stuff with | garnish with | decorate with | smother in | drown in
              | drown them in | dip in | drizzle | dust | and then on top | then on top
              | dipped in | dunk in | dunked in | what goes on | what goes on top | on it goes | on top i do | on top goes | on top go | on top we have
              | on top everybody takes what they like | crumble over | pour over | poured over
              | poured over it | spoon over | pile on | heap on | squirt | on the side | each stack gets | a stack gets | each gets
              | each order | per guest | fillings | filling | for the filling | toppings
              | topping per waffle | topping per pancake | i put on top | serve warm with
              | serving | to finish | for the topping | for topping | for the top | for the plate
              | for the table | to serve | to top | topping | tops with | dollop on | dress with
          PLATE | on it | on em | on ' em | over top | over the lot | on the very top | on my pancakes | on their pancakes | on the waffle | on the waffles | on the pancakes | as topping | as a topping | as the topping | to go on top | for on top
              | on top | on the top | on top pls | to serve | for serving | for the top
              | for topping | for the topping | to top | on them | on each | on each one
              | on each serving | on every serving | on every plate | on every portion | on every stack | on every one | on each portion | on each stack | on the plate | on the side | on the stack | over the top
              | over the waffle | over the waffles | over the pancakes | over the pancake
              | at the table | for the table | to finish | to garnish | as a garnish | for garnish
              | to drizzle | for drizzling | to drizzle over | to dust | for dusting
              | to dust over | to sprinkle | to sprinkle over | to scatter | to decorate | to dip
              | for dipping | for the dip | to dollop over | to dollop | to spread | to spoon over
              | to pour over | per person | per serving | per waffle | per pancake each
              | for each serving | for the filling | for filling | on hers | on mine | on his
              | on top of each | over at the end | squeezed over | squeezed over at the table
              | dolloped on | spooned on | smeared on | scattered on | dotted on | drizzled on | as an accompaniment | to pass round | to hand round | passed round | in a jug to pour | inside once cooked | if you're having toppings
              | crumbled over | piled on | heaped on | spooned over | scattered over | grated over | drizzled over
              | poured over | melting on top | for the party | with the pancakes | alongside
          PAN_NEXT | fry with | cook with | fried with | grease the iron each time with | brush the plates with | in the skillet | on the griddle
              | cooking fat : | fat for the pan : | pan fat :
              | fry in | fried in | frying in | fry them in | fry thin in | i fry them in
              | cook in | cook them in | cooked in | shallow-fry in | shallow fry in | deep fry in
              | deep-fry in | grease with | grease the pan with | grease the iron with
              | grease the waffle iron with | grease the griddle with | greased with | brush with
              | brush the pan with | brush the iron with | brush the waffle iron with
              | brush the griddle with | oil the pan with | wipe the pan with | wipe with
              | wipe the pans with | grease the pans with | oil the pans with
              | for the pan | for the pan you take | for frying | for frying i am putting
              | for frying i use | for greasing | in the pan | pan | the pan gets | bake in hot
              | bake in | brown in | sizzle in | swirl the pan with | for the iron
              | for the griddle | for the tawa | coat the pan with | spray the pan with
              | spray with | for cooking
          PAN | for pan | between pancakes | between waffles | between crepes | in the cast iron | in a cast iron pan | in cast iron | in a hot skillet | in the wok | on the bakestone
              | in the tin | on the hot plate | on the girdle | in a hot pan | for the pans | in the pans | for the griddles | for the irons | for the pan | in the pan | for frying | for the frying | for fryin'
              | for the griddle | on the flattop | on the flat-top | on the flat top | for the flattop | for the flat top | for the iron | for the waffle iron | for the skillet
              | for the tawa | for the flat top | for greasing | for greasing the pan
              | for cooking | for brushing | for brushing the iron | for brushing the waffle iron
              | for brushing the pan | to fry | to fry in | to fry them in | to grease
              | for shallow frying | for deep frying | for shallow-frying | for deep-frying
              | for the frying pan | to grease the pan | to grease the iron | to brush the pan | to brush the iron
              | to coat the pan | in the iron | in the skillet | in the frying pan
              | in the hot pan | in a frying pan | goes in the skillet | on the griddle
              | on the tawa | per pancake | for every pancake | for each pancake | between cakes
              | spray | for the pan as well | in a pan | on a fork
          BOWL | to finish the batter | to finish the mix | to loosen the batter | in the batter | into the batter | to the batter | for the batter | in the mix
              | in the bowl | into the bowl | for the dough | batter | dry | wet | the batter
              | dry ingredients | wet ingredients | in the batter as well | goes in the batter
              | hidden in the batter
          YIELD | i count on | batch for | i shape | we shape | shape into | ended up with | end up with | wound up with | came out at | managed | squeezed out | yielded
              | number of | number of pancakes : | number of waffles : | number of pieces : | i'd say | i'd guess | i reckon | we reckon | reckon | we did | i did | reckon on | we reckon on | i reckon on | allow for | allowing for | gets | gets me | yielding | this yields | that yields | makes | makes about | made | yields | yield | batch yields | recipe makes
              | gives | gives me | gives us | give me | give us | you get | we get | i get | i usually get
              | i always get | i got | get | got | that makes | this makes | it makes
              | should make | makes up to | makes roughly | come out | comes out | comes to
              | turns out | should give | this gives me | batter for | cook
          SERVES | serves | serves about | feeds | feeds about | enough for | enough for about | portions | servings
              | serving size for | serves up to | for a family of | feeds a family of | feed
              | will feed | persons | enough to feed
          PIECES | gofry | wafels | wafle | silver dollars | silver dollar pancakes | silver dollar size | silver dollar sized | minis | mini ones | tiddlers | big ones | pancake | pancakes | waffle | waffles | crepe | crepes | crêpe | crêpes
              | pikelet | pikelets | flapjack | flapjacks | hotcake | hotcakes | griddlecake
              | griddlecakes | blini | blinis | pieces | ones | littlies | tiddlers | little ones | small ones | cakes
              | pfannkuchen | fritters | appam | appams | puri | puris | poori | pooris | paratha | parathas | chilla | chillas | cheela | cheelas | syrniki | oladi | latke | latkes | bannock | bannocks | arepa | arepas | poffertjes | idli | idlis | hoppers | johnnycakes | boxties | uttapam | uttapams | dosas | drop scones
              | scotch pancakes | crumpets | of em | of 'em | out of it | out of this | out of that | come out
              | rounds | heart waffles | nos | pcs
          PEOPLE | pers | pers . | people | persons | person | guests | eaters | portions | portion | servings
              | serving | kids | children | teachers | adults | of us | ppl | hungry children
              | patient | patients | residents | campers | guys | blokes | teammates | grown-ups | hungry people | walkers | mouths | diners | students | pupils | to share
          PER | per | a piece | apiece | each
          UNIT_OTHER | minutes | minute | mins | min | hours | hour | hrs | hr | h | seconds | second
              | secs | sec | days | day | weeks | week | months | month | years | year | year old
              | o'clock | am | pm | degrees | degree | ° | °c | °f | celsius | fahrenheit | cm
              | mm | centimetre | centimeter | millimetre | millimeter | inch | inches | centimetres | centimeters | metres | times | strokes
              | rounds of | tries | attempts | points | out of ten | votes | thumbs up | reviews | stars | ratings | % | percent | per cent | kcal | calories
              | calorie | cal | cals | kj | side | sides | watt | watts | readers | star | dogs
              | km | kilometres | kilometers | miles | grandchildren | cent | cents | euro | euros | dollars | halves | goes | steps | additions | thirds | instalments | stages
              | minutes a side | flips | layers | batches | pans | irons | bowls | batch | -inch
              | inches across | across
          NUTRIENT | protein | proteins | carbs | carb | carbohydrate | carbohydrates | net carbs
              | fat | fats | fibre | fiber | calories | kcal | sodium | saturated fat | saturates
              | of which sugars | sugars | total fat | cholesterol | energy | macros | potassium
          NUTRITION | nutrition | nutrition per serving | nutritional info
              | nutritional information | nutrition facts | per serving calories | macros
              | macros are | macros are something like | net carbs | calories | kcal
          LIKE | if i use | if i used | if i took | if i take | if we use | if you use | if using | when using | if you only have | if you have no
              | like | as thick as | thick as | thick like | thin as | as thin as | the colour of
              | the color of | colour of | the thickness of | thickness of | the consistency of
              | consistency of | consistency like | the texture of | texture of | the size of
              | size of | runs like | look like | looks like | should look like | the colour of a
              | sweet as | as sweet as | smells of | tastes like | drop off the spoon like
              | no thicker than a slice of | thicker than | no thicker than
              | not as rich as | same as | golden as | next to | next to the | beside the | as big as | as large as | about as big as | no bigger than | no larger than | bigger than | big as
          THING | scoop | scoops | kitchen | room | wall | walls | apron | dress | light | cat | dog | bread crumbs on | bread | cake | cakes | crumble | pie | noodles | salad | smoothie | smell | flavour of | trees | seller | man | lady | street
              | knife | knives | tree | paper | spoon | fork | ring | plate | plates | stain
              | stains | pot | jug | dish | tray | sauce pan | coloured | colored | brown crust
              | box | allergy | allergies | allergic | intolerance | farm | shop | market
              | company | season | lover | lovers | day | cup full | bun | crust | shell | shells
              | fields | merchant | wash | soup | mould | mold | sized | shaped | scented | stack
              | beater | cloth | burner | pan
          CORRECT | edit | edit : | on second thoughts | on second thought | on reflection | come to think of it | no better | typo : | misprint : | should read | should say | should be : | hmm | hmm better | better make it | let's say | no let's do | let's do | no let's say | but it's | but it is | hang on | hold on | scrap that | no hang on | oh no sorry | oh no | correction : | no i mean
              | no | no wait | wait | no make that | make that | no sorry | sorry
              | scratch that | i mean | i meant | or rather | correction | actually | actually no
              | make it | no make it | oops | um no | that is to say | let me say | strike that
              | rather
          EACH | both | of either | of every one | ea | ea . | of both | both of | each | of each | each of | apiece | of each one | per each
          ALL_GRAMS | all g | weights in grams | everything in g | amounts in grams | in g | all grams | all in grams | everything in grams | all in g | in grams
          MORE | plus more | plus extra | plus a little more | plus some | plus a bit
              | plus an extra | and more | with more
          PART_OF | of which | half of it | half of them | the other half | the rest
              | the rest of the | rest of the | the remaining | remaining | most of it
              | half of the | half the | some of the | a little of the | a bit of the
              | a third of the | a quarter of the | two thirds of the | the last
              | that much of the | hold back | hold back about | keep back | set aside | reserve | put aside
              | save | the other | you kept | the lot | in three goes
              | everything else | half of | most of the | the reserved | the measured
          HOLD | hold back | hold back about | keep back | set aside | reserve | put aside | save
          BATTER | batter | of batter | of the batter | the mixture | mixture | of mixture
              | the mix | of the mix
          VERB | dollop | strew | increase | reduce | raise | lower | decrease | bump up | dial back | shimmers | shimmer | sizzles | browns | add | adding | mix | mixing | whisk
              | whisking | beat | stir | stir in | stir through | stir that into | fold | fold in
              | fold through | pour | pour in | sift | sieve | blend | blitz | combine | melt
              | grate | mash | chop | rub | cream the | knead | rest | rests | soak | swell | heat
              | preheat | cook | fry | bake | boil | poach | simmer | stew | toast | flip | turn | cover
              | leave | let | keep | cool | chill | freeze | store | reheat | put | take | use
              | using | make | making | separate | whip | whizz | dissolve | squeeze | wring
              | drain | strain | press | roll | cut | slice | dice | peel | wash | rinse | season
              | taste | toss | tip | throw | chuck | drop | spoon | ladle | start with | bring
              | wait | remove | lift | push | swirl | spread out | wipe | grease | brush
              | butter it | butter the | butter it lightly | oil the | salt the | flour the | go
              | goes | went | comes | come | is | are | was | were | be | being | been | has
              | have | had | do | does | did | should | would | could | can | will | need | needs
              | want | wants | like to | get it | give | gives it | put in | puts | pop | dump
              | crack | warm | double it | triple it | halve the | make a well | feed | rinse them
              | serve | eat | sprinkle in | work in | drizzle in | dip | set | measure | weigh
              | scoop
          IDLE | drop off the spoon | drops off the spoon | drop from the spoon | drops from the spoon | falls off the spoon | coat the back of a spoon | coats the back of a spoon | one more thing | one last thing | one other thing | never less than | no less than | if liked | if wanted | like for like | one for one | one to one | weight for weight | cup for cup | gram for gram | spoon for spoon | i figure | call it | until it was | till it was | until i had | let me see | let me think | let's see | lemme see | where's my note | what was it | how much was it | no idea | no doubt | no problem | no worries | no matter | no fuss | no rush | no hurry
              | no question | no wonder
          IDLE | the icing on the cake | the cherry on top | you need | you will need | for the sake of | for safety's sake | for heaven's sake | yours | ours | theirs | you should have | you should have about | you want | you want about | you'll want | that should be
              | should weigh | should come to | which came to | came to | weighing | weighing in at | you'll need | don't forget | don't forget the | do not forget | do not forget the | not to forget the
              | never forget the | remember the | creamy | buttery | milky | salty | sugary | oily | eggy | nutty
              | fruity | lemony | cheesy | spicy | watery | floury | chocolatey | chocolaty | saucy | at a time | a stack of | a pile of | a batch of | a plate of | back to | right back to | way down to | down to | right down to | for each egg | to each egg | for every egg | to every egg | with each egg | for every egg | per egg | all told | all in all | in all | in total | altogether | no more than | not more than | at most | at least | up to | or thereabouts
              | my sugars | blood sugar | blood sugars | sugar levels | weighs | weigh
              | salt of the earth | like a peach | a piece of cake | plus | scrambled eggs | i
              | i'm | i've | i'd | we | we've | you | you'd | you've | he | she | they | it | it's
              | its | that | that's | this | these | those | them | his | her | hers | mine | my
              | our | your | their | him | me | us | who | which | what | whatever | whichever
              | when | where | while | then | than | so | ok | okay | um | uh | erm | well | right
              | just | only | maybe | perhaps | about | around | roughly | some | any | a | an
              | the | of | and | n | & | + | with | in | into | on | onto | at | to | from | by
              | for | as | if | but | because | cause | since | until | till | after | before
              | first | next | second | last | finally | again | also | too | very | really
              | quite | rather big | bit | little | lot | lots | all | both | more | less | much
              | many | same | other | another | every | everything | nothing | nobody | everyone
              | people say | please | pls | thanks | cheers | etc | now | today | tonight
              | tomorrow | either | always | usually | often | sometimes | never mind | there | here | up
              | down | off | out | over | under | between | through | together | gently | slowly
              | gradually | quickly | immediately | straight | overnight | morning | evening
              | night | room | temperature | hot | warm | cold | smooth | golden | thick | thin
              | nice | good | great | ready | done | side | middle | bowl | jug | blender
              | saladier | pan | batter | dough | mixture | mix | stuff | dry | wet | recipe | way
              | kitchen | grandmother | gran | mother | daughter | son | sister | friends | family
              | time | simple | easy | enough | kind | whole | half | bit by bit
              | little by little | give or take | or so | or two | whatever you have
              | whichever you have | if you like | if you have it | if you want | if needed
              | as needed | to taste | as you like | of your choice
              | depending on how big they are | that's it | that's the lot | don't | doesn't
              | won't | can't | not | isn't | yes | no | x
          H_LIST | ingredients | ingredient list | you need | you will need
              | shopping list for one batch | what you need | ingrédients | zutaten
          H_METHOD | step by step | making the pancakes | making the waffles | making them | how i make them | what you do | what to do | make them | make it | how to make it | how to make them | how i make them | how i make it | how it's made | here's how | procedure | process | cooking instructions | the method | let's cook | do this | method | directions | instructions | preparation | steps | step | how to
              | how to make it | do like this | to make | procedure | the method | what to do
              | to cook | making them | cooking
          H_NOTES | remarks | remark | ps | p . s . | my two cents | notes & tips | notes and tips | tips & notes | tips and notes | afterthoughts | good to know | recipe notes | cook's tip | cook's tips | cooks tip | chef's notes | chef's tip | top tip | top tips | tips and tricks | tips & tricks | hints | faq | variations | variation | substitutions | swaps | storage | storing | make ahead | leftovers | troubleshooting | did you know | notes | note | tip | tips | notes from the group | cook's notes | comments
              | reviews | storage | variations | make ahead | serving tip | equipment
              | you will also need | prep time | total time | cook time
          H_NUTRITION | nutrition | nutrition per serving | nutrition facts
              | nutritional information | macros | per serving nutrition | nutrition information
          H_SHOPPING | shopping | shopping list | to buy
          H_BOWL | batter | for the batter | the batter | dry | wet | dry ingredients
              | wet ingredients | for the dough | dough | for the pancakes | for the waffles
              | pancakes | waffles | meringue | yolk mix | for the base | the base | day
          H_PAN | frying | greasing | cooking fat | pan fat | frying fat | fat for frying
              | fat for the pan | fat for greasing | for baking | pan | for the pan | for frying | to fry | in the pan | for cooking
              | for the iron | for greasing | for the griddle
          H_PLATE | topping | toppings | for the topping | for the toppings | for the top | top
              | to serve | for serving | serve with | serving | on top | plate | for the plate
              | to finish | finishing touches | filling | fillings | for the filling | for the sauce | sauce | compote
              | for the compote | for the syrup | to top | garnish
      """;

  private PhraseList() {}
}

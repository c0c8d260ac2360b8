package honeststack.core.said.words;

/**
 * Phrases that are made of parts, as {@link PhraseList} is written: of each group in brackets one
 * of the words between the slashes, which may be none.
 */
final class PhraseForms {
  static final String TEXT =
      """
          EXCLUDE | (i/we/you/he/she/they) (couldn't/could not/can't/cannot/can never/could never) (get/find/buy/lay hands on) (/any/hold of/hold of any) | (unable/not able) to (get/find/buy) (/any) | (couldn't/can't/cannot) (get/find/buy) (/any) | no way to (get/find/buy) (/any)
          EXCLUDE | (it/this/that/which/this one/this version/that one) (drops/leaves out/omits/skips/lacks/cuts out) (/the/all the) | (everything/all) bar (/the) | (don't/do not/doesn't/does not/didn't/did not/won't/wouldn't/can't/cannot/never/dont) (contain/hold/add/use/put/put in/want/like/need/have/do/eat/bother with/include/take/fancy/trust/tolerate/touch/drink/go for/care for/hold with/get on with/keep/stock/buy/believe in) (/any)
              | nothing with (/any) | out with (/the)
              | (no/not a) (trace/grain/crumb/hint/speck/pinch/spoon/drop/gram) of (/any)
              | minus | wo | forget | (i/he/she/we/the kids/they) (hate/hates/loathe/loathes/dislike/dislikes/detest/detests/can't stand/cannot stand/can't abide) (/the)
              | (/i've/i have/he's/she's/we've) gone off (/the) | (i was/we were/i'm/we're/we are/i am) (/all/clean) out of
              | (steer clear/stay clear/stay away/keep away/keep clear) (of/from) (/the)
              | (better/healthier/cheaper/lighter/tastier/nicer/leaner/kinder/easier) than (/the) | unlike (/with)
              | (some/others/many people/most people/people) (use/used/add) | save the
              | contains (gluten/nuts/dairy/wheat/soy/soya/sesame/traces of)
              | (not/no longer/never/without/stop/stopped/quit/quitting/against/rather not) (using/adding/having/eating/including/putting in/buying) (/any/the)
              | no longer (use/add/put in/eat/have/need/want/take/buy) (/any/the) | no need (of/for/to add/to use) (/any/the)
              | (i/we/he/she/they/i've/we've/i have/we have) (left out/left off/dropped/cut out/ditched/skipped/omitted/removed/binned/scrapped/eliminated/banned/avoided/banished/done away with/missed out) (/the/all the/all/any)
              | (cutting out/ditching/avoiding/missing out/scrapping/eliminating/banning) (/the/all/all the/any) | (dropping/losing/forgetting/removing/binning) (the/all/all the/any)
              | less the | (intolerant/sensitive/averse) to (/the) | (refuse/refuses/refused/prefer not/prefers not/try not/tries not/choose not/decided not/tend not) to (use/add/eat/have/put in/include/buy) (/any)
              | (haven't/hadn't/hasn't/have not/had not/has not/didn't have/don't have) (got/used/added/bought/put in/got any/any) (/any/the)
              | (nobody/no one/none of us/none of them/not one of us) (/here/at home/in this house/in the house) (eats/drinks/likes/wants/uses/takes/has/can have/can eat/touches)
              | (i'm/we're/he's/she's/they're/i am/we are/been/staying/stay/stays/keep/keeping/come/came) off (/the/all)
          EXCLUDE | (nobody/no one/no-one/no - one/none of us/none of them/not one of us) (/here/in the house/in this house/in our house) (likes/like/eats/eat/wants/want/touches/tolerates) (/the/any) | never mind (the/about the/any) | none of (that/those/your/the usual)
          EXCLUDE | (pass/passing/passed/i pass) on the | (resist/resisting) the | hold off on (/the) | (has/have/had) (forbidden/banned/outlawed/ruled out) (/me/us/him/her) (/the/all) | under no circumstances | least of all
          EXCLUDE | (left out/left off/missed out/leave off/leaving off/missing out/dropped out/leaving out) (/the/all the/all/any/my)
              | drop the | (i/we/he/she/they/you) (quit/have quit/stopped eating/can't eat/can't have) (/the) | can't stand (/the) | hate | hating
          OUT | (can/has to/have to/must/had to/may/should) go | cut completely | (but/so/and/) (don't/do not/didn't/did not/won't) count (that/it/this/them/those)
              | (which/that) (you/i/we) (need not/needn't/don't need to/don't have to/do not/don't/didn't) count | not counted (here/in this/in)
          EXCLUDE | (dropped/ditched/binned/skipped/omitted/removed/scrapped) (the/all the/any)
              | (cancel/scrap/scratch/strike/delete/ditch) the
          OUT | (stays/stay/is/are/was/were/goes/go/gets/get/has been/have been/was all/got) (left out/omitted/skipped/off the list/off the menu/not in it/not in there/not used/avoided/out of the question/not in this/not in these/not included/not part of it)
              | (stays/stay/stayed/staying) (out/out of it/in the cupboard/in the fridge/in the jar) | (don't/doesn't/do not/does not) (agree/go/sit) (/well) with (me/us/him/her/them)
              | (i/we) (leave/left/have left/always leave) out
          SWAP | switch (/out) (/the) | switched (/out) (/the) | switching (/out) (/the)
          CORRECT | (/no/oh/ah/um/er/sorry/wait/nope/but) (should be/should have been/should read/that should be/it should be/that should have been/it should have been/i should say/i should have said/i take that back/i tell a lie/i lie/i'm lying/my mistake/my bad/my error/silly me/excuse me/pardon/pardon me/apologies/forget that/ignore that/cross that out/cross that/check that/strike that/that's wrong/that was wrong/that's not right/that isn't right/that's way off/that's miles off/that's far too much/that's too much/that's way too much/that's too little/that's rubbish/that's nonsense/that can't be/that's not it/what am i saying/what am i on about/what am i talking about/wrong/i got that wrong/i'm wrong/nope/no no/no i lie/better/better say/better make that/better make it/now i think of it/now i think about it/thinking about it/when i think of it/when i think about it/i stand corrected/let me correct that/well/well no/well actually/make it/turned out to be/it was really/it's really/it's actually/it was actually/that was/or was it/or is it/let me think)
              | (/that/it/which) (/must be/is/was/has to be/'s) a typo | typo | hm | nej | nein | eh | er no | erm no | uh no | uhm no | ah no | er | erm | uh
          IDLE | (never/nobody/no one) (measured/measure/measures/weighed/weigh/weighs) the | not sure (how much/how many/of the) | (/i) (don't know/no idea of/not sure of) the (weight/amount) of (/the)
          IDLE | (in/into) (a/another/the/your/my) (large/big/medium/medium-sized/small/separate/second/mixing/clean/deep/roomy/wide/large mixing/big mixing) (bowl/jug/basin) | last but not least | (its/sell-by/best before/use-by/expiry) date | (up to/out of/past its/near its) date
          IDLE | on top of (that/this/those/all that) | for myself | ofc | tbh | imo | imho | lol | btw | obvs | thx | ngl | haha | hehe | idk | fyi | omg | yum | innit | mate | bro | y'all | folks | d'you know what i mean | do you know what i mean | if you know what i mean | (depends/depending/it depends/that depends) (on/upon) (/the/your/your own/which/what/what kind of/how dry the) | (it's down to/it's up to/goes by/varies with) (the/your)
              | er | erm | uh | well | better
          LIKE | (make/makes/making/will make/gives/get/gets/becomes/become/form/forms) a (thick/smooth/thin/soft/runny/stiff/loose/pouring/light) | (depends/depending/it depends/that depends) (on/upon) (/the/your/your own/which/what/what kind of/how dry the) | (it's down to/it's up to/goes by/varies with) (the/your)
              | as (white/red/thin/light/brown/dark/smooth/flat/soft/hard/stiff/yellow/black/pale/runny/sticky/heavy/big/small/wide/high/good/easy/fluffy/cold/hot/rich/dense/green/round/crisp/fine) as (/a/an/the/your/my)
          INSTEAD | (egg/eggs/milk/butter/sugar/flour) (replacement/substitute/alternative) for (/the/my) | (replacement/substitute/stand-in/alternative/equivalent/substitution) for (/the/my) | (equal/equivalent) (to/of) (/the)
          INSTEAD | (as/is/makes/being) (a/an/my/the/our) (/good/fine/great) (substitute/alternative/stand-in/replacement/swap/sub/substitution) (for/to) (/the)
              | (as/in) (the role/the place/the stead) of (/the) | (does/do/doing) (the job/the work/duty) of (/the) | (makes/make/making) up for (/the)
              | where (others/most people/people/you'd/you would/some/they/i'd/many) (/normally/usually) (use/have/put/take/used/add) (/the)
              | does (/very well/fine/nicely) instead of (/the)
              | (replaces/replace/replaced/replacing) all (/of) the | to replace (/the/all the) | which replaces (/the)
              | where (it/the recipe/the book/the original/the card) (says/said/calls for/asks for/wants/had/has) (/the)
          PAN | (on/for) the (griddles/irons/bakestones/hot plates/stone/bilig/plancha/hotplate/crêpière) | (went/goes/was spent/was used) on (/the) frying (/them) | sees (me/us) through (/the lot/the batch/the whole batch/the lot of them)
          PAN_NEXT | (brush/brushed/oil/oiled/grease/greased/wipe/wiped) (each/both/the/the two) (/waffle) (plate/plates) (/of the iron/of the waffle iron) (with/using)
          PAN_NEXT | (i/we) (do/did/make/made/cook/cooked) (them/mine/these/ours) in
          PLATE_NEXT | (helped/help/helps) (themselves/ourselves/yourself/yourselves/himself/herself) to (/the/some)
          PLATE_NEXT | (/he/she/they/who/i/the kids/dad/mum/grandad/granny) (drowns/drown/drowned/smothers/smother/smothered/floods/drenches/drench/drenched/slathers/slathered/douses/doused) (his/hers/theirs/mine/it/them/each) (in/with)
          PLATE_NEXT | (he/she/they/who/the kids/dad/mum) (tops/top/topped/tops off) (it/them/his/hers/theirs/each/that) with
          YIELD | (it/this/that/which/it all) (comes/came/works/worked) out (at/to/as) (/about/around/roughly) | there (should/will/ought to/might/could/may) be | there'll be | see you to | see us to | see me to | exit : | target (/is/of/:) | output (/is/of/:) | (aiming/hoping/shooting/aim) for | (i/we) (/usually/normally/generally/always/can) (manage/managed) | could make | does me | does us | (portion/portions/portioned) into | rende | rinde | ergibt | (das/es/die menge) (gibt/macht/ergibt) | gibt | salen | vengono | venian | pour environ | rendement : | (turned out/turning out/churns out/churned out/got us/ended up being/which makes/which gives/giving/and gives/and makes/came out as/i ended up with)
              | came to | it came to | that came to | produces | (one/a/the/each) batch is | quantity :
              | (makes/make/made/gives/gave/get/got/yields/does) (like/what/oh/easily/a good/a generous/a decent/, what ,/a bare/a full)
              | (ought to/will/should/would/might/it'll/that'll/this'll/that will) (make/give/do/yield/get) (/you/us/me) | (ends up as/end up as/ended up as/ends up at/you'll have/we'll have/you'll get/you will have/to make/to yield)
              | (that's/that is/it's/this is) (about/around/roughly/approximately) | (bakes/it baked/fries up into/cooks up into/fried up into/cooked up into/fries up/cooks up)
              | (with/from/out of) (this/that/these/it/the lot) (i/we/you) (have/had/get/got/make/made) (/about) | (the/this/that) (bowl/batter/lot/amount) (is/was) good for
              | (the/this/my/our/one/a) (batter/mix/batch/lot/bowl) (does/was/makes/made/gives/gave/yields) | it gave | that gave | this gave | gave us | gave me | number : | count : | (no ./number of/no) (/of) (pancakes/waffles/pieces/crepes) :
          H_BOWL | (/for the /the )(dry/wet/liquid) (mix/mixture/ingredients/bits/things/stuff/part/parts)
          H_BOWL | (teig/der teig/für den teig/pâte/la pâte/pour la pâte/para la masa/impasto/per l'impasto/beslag/massa/ciasto/smet)
          H_PAN | (zum braten/zum backen/für die pfanne/zum einfetten/pour la poêle/pour la cuisson/para freír/para la sartén/per la padella/per friggere/til stegning/till stekning/voor de pan/om te bakken/do smażenia)
          H_PLATE | (belag/zum servieren/zum bestreuen/zum anrichten/dazu/füllung/garniture/pour servir/pour garnir/para servir/relleno/para el relleno/per servire/per guarnire/ripieno/til servering/till servering/för servering/om te serveren/vulling/recheio/do podania/nadzienie)
          H_METHOD | (zubereitung/préparation/preparación/preparo/modo de preparo/procedimento/bereiding/gør sådan/gör så här/sposób przygotowania/przygotowanie)
          H_LIST | (ingredientes/ingredienti/ingrediënten/ingredienser/składniki)
          H_PAN | fry
          H_PLATE | crème chantilly | creme chantilly
          H_PLATE | what goes (on/on top/over/with it)
          H_PLATE | (on/at/for) the table | (/for the /the )(dipping sauce/dip) | inside | inside them | to go inside
          H_PLATE | (/for the /the )(glaze/icing/frosting/drizzle/coulis/whipped cream/caramel/salsa/dip/decoration/garnish/finish/finishing touch/fruit/chantilly/berry sauce/caramel sauce/chocolate sauce/cream cheese frosting/streusel/crumble/extras)
              | (optional/suggested/my/our/favourite/favorite/possible) (toppings/topping/extras/fillings) | serving suggestion | serving suggestions | to decorate | to garnish | for garnish | for decoration | for dusting | to dust | accompaniments | on the side
          YIELD | (divides/divided/portioned) into
          SERVES | (splits/split/enough) (into/for) | (divides/divided) for | reicht für | genug für | assez pour | suficiente para | genoeg voor | nok til
          SERVES | does for | did for | fed | it fed | a family of | we were | there were | there are | serving | (/for/feeds/serves) (my/our) (family/party/table/group/class) of | (we're/we are) (a house/a household/a table/a party/a crew) of | (for/feeds/serves/feed/serve) (a party of/a crowd of/a table of/a group of/a class of/a team of/a household of/a family of) | to share (between/among) | to share | (split/divided/shared) (between/by/among) | we are | we're | it does | that does | does
          PEOPLE | (personnes/personen/personas/pessoas/persone/porções/porciones/porzioni/portionen/porties/portioner/porcji/osób/annosta) | (pax/covers/cover/toddler/toddlers/babies/teen/teens/teenager/teenagers/adult/child/kid/friend/friends/of you/helpings/helping/child's portions/breakfasts/hungry teenagers/hungry boys/boys/girls/players/pupils/scouts/men/women)
          PEOPLE | meals | (athlete/runner/rider/cyclist/swimmer/rower/hiker/camper/resident/lodger/soldier/volunteer/diner)(/s) | mates | pals | grandkids | grandchildren | little ones of ours | farmhands
          PIECES | (moulds/molds/egg rings/muffin holes) | (hearts/half-moons/half moons/poffertjes/farls/dinosaurs/teddies/bears/heart waffles/heart-shaped waffles/mini hearts/shapes/letters/mini pancakes/mini waffles/heart shapes) | (panqueques/panquecas/waffeln/gaufres/galettes/naleśników/plättar/pannenkoeken/wafels/stück/stk/stck/stuks/unidades/piezas/pièces) | came out | (fat/thin/thick/big/fluffy/fair) ones | (come/came) out of (it/this/that/the bowl)
          IDLE | idk | (cost/costs/price/compare/compared/comparing) (per/for each/of each) (pancake/waffle/piece/person/serving/portion/head)
          EXCLUDE | my (sister/brother/friend/neighbour/neighbor/flatmate/colleague/cousin) (swears/swore) by | (others/some/some people/they/people) swear by
          PLATE_NEXT | (good/great/nice/lovely/gorgeous/delicious/perfect/best/nicest/amazing/yummy/divine) (with/under) | (eaten/enjoyed/devoured/scoffed) (/hot/warm/cold/straight away )with
              | (drenched/drowned/smothered/slathered/doused/swimming/dripping/dolloped/lashed/showered/crowned/adorned/blanketed/drizzled/anointed) (with/in) | (a/with a) side of | (mine/ours/hers/theirs) with
              | once (plated/served/stacked/on the plate/dished up/they're on the plate) | (dip/dips) into | (dunk/dunked) (in/into) | (rolled/roll/folded/fold/wrapped/wrap) (/up )(around/round) | folded over
              | (everyone/everybody/they/we) (helps themselves/help themselves/help ourselves) to | (serves/goes/go/pairs/pair) (well/nicely/great/best) with | when (they're/they are) (golden/done/cooked/ready) add | top =
          PAN | zum (braten/ausbacken/backen/anbraten/einfetten) | zum rausbacken | til steking | til stegning | till stekning | om in te bakken | do smażenia | na smažení
          IDLE | dazu | env | environ | circa | zirka | cirka | ungefähr | etwa | ungefär | omkring | około
          PLATE | in the middle of each | on the table | while (still hot/still warm/they're hot/they're warm) | just before serving | before eating | on before (eating/serving) | just before (eating/you eat/they're eaten)
          PAN | zum (braten/ausbacken/anbraten/einfetten) | pour la (poêle/cuisson) | para freír | per friggere | (til/till) (stegning/stekning)
          PLATE | zum (servieren/bestreuen/anrichten/füllen/bestreichen/garnieren/bestäuben/beträufeln/belegen/dekorieren/verzieren) | als (topping/belag)
              | pour (servir/garnir/saupoudrer/napper/décorer/accompagner/la garniture/le dessus) | para (servir/decorar/adornar/espolvorear/acompañar/cubrir/untar)
              | (per/for) (servire/guarnire/spolverare/decorare/accompagnare/farcire/condire) | (til/till/för/for) (servering/topping/pynt) | om te serveren
              | (voor/for) (erop/erbij/erover/ernaast) | erbij | erover | do (posypania/polania/dekoracji)
          YIELD | (donne/donnent/rendent) | (es/das) (wurden/ergab/gab/macht/reicht für/werden) | ergaben | (on en/j'en/nous en) (a fait/ai fait/avons fait/ai eu/a eu) | ça (fait/a fait/donne) | (me/nos) (salieron/salen) | (ne/me ne) (vengono/sono venuti/ho fatti) | (ik/we) (kreeg/kregen/had/haalde) er | (wyszło/wychodzi) (/mi/nam) | (det/de) (blev/blir) | blir (/ca/about) | blev (/ca/about)
          PAN_NEXT | (die pfanne/das waffeleisen/die pfanne dünn) (mit/with) | (cuire/cuisez/faire cuire/faire dorer/dorer/frire/saisir) (dans/in) | (beurrer/graisser/huiler/beurrez/graissez) (la poêle/le gaufrier/la crêpière) (avec/with/de/of)
              | (cuocere/friggere/cuocete/friggete/dorare) (in/nel/con/with) | (ungere/imburrare) (la padella/la piastra) (con/with) | (freír/cocinar/dorar/hacer) (en/in/con/with) | engrasar la sartén (con/with)
              | (stek/steka/stekes/grädda/gräddas/stekt/steges/steg/stegt) i | (fritar/frite/grelhar/dourar) em | smør panden (med/with) | (smażyć/smaż/smażymy) (na/on) | (bak/bakken) (ze in/in)
          PAN | braten | anbraten | ausbacken | rausbacken | einfetten | für die pfanne | für (das/die) (waffeleisen/form) | (per/for) (la padella/friggere/ungere/ungere la padella/la cottura) | (voor/for) de (pan/koekenpan) | para la sartén | om te bakken | (na/do) patelni | na patelnię | (till stekpannan/til stekepannen/i stekpannan/i stekepannen/på panden/til panden)
          PLATE | on-top | on - top | servieren | beträufeln | bestreuen | bestreichen | garnieren | (per/for) (servire/guarnire) | do podania | obendrauf | obenauf | darauf | drauf | obendrüber | darüber | erop | bovenop | eroverheen | par-dessus | par - dessus | par dessus | au-dessus | au - dessus | por encima | sopra | ovanpå | ovenpå | oppå | på toppen | na wierzch | serviert | geserveerd
          PLATE_NEXT | (per/for) (servire/guarnire) | encima | hertil | (jeder/jede) (bekam/bekommt/nahm/nimmt) | chacun (a eu/prend) | do podania | obendrauf | obenauf | darauf | darüber | erop | bovenop | par-dessus | par - dessus | por encima | ovanpå | ovenpå | na wierzch
              | (servieren/serviert/servir/servi/servis/servie/servies/servire/servite/serviti/servita/servidas/servida/servera/serveras/servere/serveres/podawać/podać/serveer/serveren/geserveerd) (mit/avec/con/med/met/z/ze/with)
              | (garnieren/garniert/bestreuen/bestreut/beträufeln/beträufelt/bestreichen/bestrichen) (mit/with) | (garnir/garnies/napper/nappées/tartiner/arroser) (de/avec/with/of) | (guarnire/cospargere/farcire) (con/di/with/of)
          PAN | (for/before) the first (one/pancake/waffle/crepe/round) (/only) | for the first only
          PLATE | between them (/all) | (on/over/for) all of them
          PAN | for (their/his/her/each/every) (pan/griddle/iron/skillet) | wiped (round/around/over/on) (/with paper/with a paper/with kitchen paper/with a cloth) | on (a piece of/some/) (kitchen paper/paper towel/kitchen towel)
          PAN_NEXT | (grease/greased/greasing) (it/them) (/lightly /well )with | (buttered/oiled) it with
          PAN_NEXT | (we/i) (bake/baked) (/them/these) in | (iron/griddle/pan/skillet/tawa) (brushed/greased/oiled/wiped/rubbed/wetted) with | (bakken/gebakken/braten/gebraten/ausbacken) in
          PAN_NEXT | (the/my/our) (pan/iron/waffle iron/griddle/skillet/tawa/frying pan/hot plate/pans/irons) (took/takes/needed/needs/wanted/wants/drank/swallowed/was given/is given/were given/got/had)
          PAN_NEXT | (brush/brushed/brushing/grease/greased/greasing/oil/oiled/oiling/wipe/wiped/rub/rubbed/coated/sprayed/swirled) (the/my/our) (pan/iron/waffle iron/griddle/skillet/tawa/frying pan/hotplate/hot plate/flat top/plates/pans/irons) (/lightly /first /well )(with/in)
          PAN_NEXT | in a (/hot /small /large /big /cast iron /non-stick /nonstick /frying )pan with
          PLATE_NEXT | the (top one/topmost/topmost one/top pancake/uppermost/last one of the stack) (gets/wears/has/carries/got) | on the (topmost/topmost one/top one/uppermost) (goes/go/sits/went)
          PLATE_NEXT | (we/they) (/all )(shared/share/emptied/demolished)
          PAN_NEXT | (pan-fried/pan - fried/fried) with | (cook/cooked/cooking) using | lubricate with | (pan-fry/pan-fried/pan - fry/pan - fried/sauté/sautéed/saute/sauteed/crisp them/crisp/crisped/sizzle/sizzled) in | (coat/coating) the (pan/iron/griddle/skillet) (in/with) | (cooking/frying) (took/takes/needs/used)
          PAN | till formen | till stekning | into (the/a) (hot/heated) (pan/skillet/griddle/iron) | frying them | to fry the lot | in the hot pan
          IDLE | (perfect/great/good/lovely/best/nice/delicious/enjoy/enjoyed/wonderful) with (a/your/my) (cup/mug/pot/glass) of (coffee/tea/milk/orange juice/juice)
          LIKE | (when/until/till/if) a (drop/droplet/bead/few drops/flick) of | (test/check) (/it/the pan/the heat )with a (drop/few drops/flick) of
          IDLE | or (/any )(other/another/similar) (hard/soft/firm/mild/sharp/strong/neutral/plant/plain/fresh/dried/) (cheese/milk/oil/fat/flour/sugar/syrup/fruit/berries/nuts/yogurt/yoghurt)
          BOWL | (the/my/our/for the) (dry/wet) (mix/mixture/stuff/part/side) (is/are/has/contains/consists of)
          PLATE | (go/goes) on (at the end/last/afterwards/right at the end)
          PLATE | (on/over/on top/on them/over them) (after/afterwards/at the end/once cooked/once done/when done/when cooked/after cooking/once (they're/they are) (cooked/done/ready)/when (they're/they are) (cooked/done/ready))
          PLATE_NEXT | (/i/we/he/she/they) (/all )had (them/mine/ours/these) (/hot/warm/all) with
          PLATE_NEXT | (give/gave) (everyone/everybody/each/each one/each of us/all of them/all of us)
          BOWL | for (rolling/shaping) (/them/them in) | to (roll/shape) them (/in/with)
          PLATE_NEXT | (next to/beside/alongside) (it/them/these) (/there was/there were/we had/i had/went/goes/go) | (/and/or) on the side we had
          PLATE_NEXT | (dad/mum/mom/grandad/grandma/gran/the baby/the toddler/my husband/my wife/my daughter/my son/the kids/the boys/the girls/the children/everyone) (gets/get)
          AMOUNTS_TO | (i/we) (get/go/got/went) through | (i/we) end up using | (i/we) use up
          PLATE_NEXT | (has/have/eats/eat/takes/take/likes/like/enjoys/enjoy/wants/prefers/prefer/serves) (it/them/these/his/hers/theirs/ours/one/his one/hers hot) with
          IDLE | on top of (that/this/it all/all that)
          OUT | (was/were/is/are) (impossible/hard/too hard) to (get/find/come by) | no tengo | no hay | haben wir nicht
          OUT | (i/we/you) (don't/can't/cannot/couldn't/never/didn't) (get/find/buy/have) (here/it here/any here/it/any/in the shops/where we live) | (i/we/you) (don't/can't/cannot/couldn't) get
          OUT | (went/gone/has gone/is gone/are gone/was gone) (out/off the list/by the board) | (went/goes/has gone) (/long) years ago
              | (is/are/was/were) (not/never) (required/needed/used/wanted/allowed) | (isn't/aren't/wasn't/weren't) (required/needed/used/wanted/allowed)
              | (won't/wouldn't/doesn't/would not/will not) (do/work) | not required | not wanted | not allowed | (would/will/just) (burn/stick/spoil/ruin) | burns | burn
              | (is/are/was) (banned/forbidden/off the table/off the menu/verboten) | disagrees with | disagree with | (gives/give/gave) (me/him/her/them/us)
              | (is/are/was) too (dear/expensive/rich/heavy/fatty/salty/sweet) | was last (year/time/week) | (makes/make/made) (them/it/me/him/her/us) (soggy/heavy/ill/sick/itch/tough/greasy/flat)
              | not included | not in it | not needed | not used | omitted | excluded
          PLATE_NEXT | (topped/top/finished/finish) (/them/it) off with | (beside/next to/alongside) them (/go/goes/i put/i have) | (and/then/) on the stack
          PLATE | (does/does for/is for/makes up) the (top/topping/plate) | to dip (into/in) | to dip (them/it) (in/into) | for dipping (in/into)
          PAN | (does/does for) the (pan/griddle/iron/skillet)
          PAN_NEXT | grease (once/lightly/well) with | greased (once/lightly/well) with
          PLATE_NEXT | (/then/and then) (pour/spoon/slather/ladle/heap/pile/pour) on | (eat/eats/eaten) (/them/it) (hot/warm/straight away/while hot/at once) with | best (served/eaten) (/hot/warm) with
              | (go/goes/went) (well/nicely/beautifully/lovely/great/down well) with | (mine/his/hers/theirs/yours) (get/gets/come with) | (finish/finished/finishes) (mine/his/hers/theirs/them all/the stack/the lot) (/off) with
              | (served/serve) (under/beneath/alongside) | under (a/the) (layer/blanket/mound/heap/pile/drift/cloud) of | (hand/pass/send) (round/around) | sandwich (two/them/pairs/two together/them together/pairs together) with
              | (a/one) (final/last) (flourish/touch) of | (/then/and then) (load/load up/pile/pile up/heap/heap up) (/them/it/high/them high) with | (drench/drown/dunk/dunked) (/them/it) (in/with)
          PLATE_NEXT | (i/we) (eat/have/had/ate) (/all/both) (one/two/three/four/five/six/1/2/3/4/5/6/of them/the lot) (/of them/of these) with
              | (comes/come/it comes/they come/go/goes) with (/a side of) | (people/they/guests/kids) (put on/add) (/whatever :/whatever) | (i/we/they/the kids/kids/you can/you/people/he/she) (serve/have/has/like/likes/eat/eats/love/loves/top/fill/stuff/spread/dip/cover/finish/take/takes/want/wants/dress/enjoy/prefer/served/had/ate) (mine/them/it/these/ours/theirs/those/his/hers/each/each one/each waffle/each pancake/each stack/each plate/every waffle/every pancake/the waffles/the pancakes/my waffles/my pancakes/pancakes/waffles) (/warm/hot/cold/plain/best/always/usually/straight away) with
              | (and/then) (have/eat/serve/top) (them/it/mine/ours) (/warm/hot) with
              | (each one/every one/everyone/everybody/each plate/each pancake/each waffle/each stack/they all/the kids/every plate/every waffle/each kid/each child/every child/each box/every box/each lunchbox/every lunchbox/each tub/every tub/each container/each portion/every portion/each serving/each person) (/also/then/each) (get/gets)
              | (into/in/to) (each/every) (box/lunchbox/tub/container/portion) (go/goes/went/:) | (each/every) (box/lunchbox/tub/container) (/also) (has/had/holds) (/also)
              | (smother/drown/cover/slather/heap/pile/load/layer/sandwich/fill/top/finish/dress/dust/drizzle/serve/spread/stack/scatter/sprinkle/roll/stuff) (them/it/each/these/each one/the pancakes/the waffles/the stack/the lot/everything) (/hot/warm/cold/straight away/at once/while hot) (with/in/up with)
              | fold around | wrap around | (right before/just before/right when/just when) (eating/we eat/you eat) (/add/put/i add)
              | (smother/drown/cover/slather/heap/pile/load/layer/sandwich/fill/top/finish/dress/dust/drizzle/serve/spread/stack/scatter/sprinkle/roll/stuff) (each/every/the/one/your/hot/warm) (pair/pairs/portion/serving/arepa/arepas/galette/galettes/dosa/dosas/blini/blinis/cake/cakes/square/wedge/slice/pancake/pancakes/waffle/waffles/crepe/crepes/crêpe/crêpes/pikelet/pikelets/stack/stacks/uttapam/uttapams/ones) with
              | (smothered/drowned/covered/slathered/heaped/piled/loaded/layered/sandwiched/filled/scattered/spread/stacked/stuffed/rolled up) with
              | (smother/slather/heap/pile/load/sandwich/stack/layer/plate/plate up/enjoy/crown/accompany/round off/finish off) with
              | (stack/stacks) of (two/three/four/five/six/2/3/4/5/6) with
              | (goes/go/going/sent/went/comes/come) out with | (/i/we) (pile/heap) on | garnish | (shake/sift/grate/squeeze/dust/spoon/ladle) over
              | with (it/them) , | with (it/them) :
              | with (it/them/these) (we/i/they/you/everyone/everybody) (take/have/eat/serve/like/had/ate/took/takes/has/eats/put) | with (it/them/these) (go/goes/come/comes/went/came) | inside (come/comes/came/i have/we have)
              | (finished/garnished/decorated/crowned/enjoyed/slathered/layered/stacked/plated/dressed/finished off) with | (serve/served/eat/eaten) (warm/hot/cold) , with | accompanied by
              | (smothered/drowned/covered/drenched/swimming/rolled) in | (finish/round/polish/top) (them/it/each/these) off with
              | (enjoy/crown/accompany/stack/layer/plate) (them/it/each/these/the pancakes/the waffles) with
              | (to go with/to accompany/to go alongside) (/it/them/these) | (eats/eat/has/have/takes/take/likes/loves/wants) (mine/his/hers/theirs/ours) with
              | (on top/for the top/to serve) (i put/we put/i have/we have/goes/go/i like/you put/i add/it's/there's)
          BOWL | (in/into/for/to) (the/my/our) (mix/mixture/batter/bowl/dough) | (in/into) the (well/middle) | to (thin/loosen) (/it/the batter/the mix)
          UNIT_OTHER | (more/further/extra) (minute/minutes/mins/min/seconds/secs/hour/hours) | (minute/minutes/mins/min/seconds/secs) (more/longer)
          PAN | (between/across/over/in) (/the /my /both /all )(two/three/both) (pans/griddles/irons/frying pans/skillets)
          PAN | (greases/oils/butters) (the/my) (pan/griddle/iron/skillet/waffle iron)
          PAN | gebraten | ausgebacken | angebraten | herausgebacken
          PAN | (in/into/on/onto) the (griddle/iron/tawa/skillet/frying pan)
          BOWL | (sprinkle/scatter/drizzle/dribble/dust/sift/shake/spoon/crumble) in
          PLATE_NEXT | (brush/paint/glaze/baste/dust/spread/sprinkle) the (pancakes/waffles/crepes/crêpes/stack) with
          PLATE_NEXT | (top/finish/cover/dust/dress/drizzle/serve/topped/finished) (the/each/every/both) (plate/plates/last one/last ones/last two/pile/bowl/bowls) with
          PLATE | (between/among/on/onto/over) (the/all the/two/three/four/five/six/each of the) (plates/bowls/portions/stacks) | on (theirs/ours/yours/everyone's/everybody's/each pancake/each waffle/every one/every pancake/every waffle/each piece/every piece/each crepe/every crepe)
              | over (them/it/each/each one/everything/all of it/the stack/the pancakes/the waffles/the crepes/the whole lot)
              | (between/between the/in between the/in between) (layers/pancakes/waffles/two waffles/two pancakes)
              | (layered/sandwiched) (between/in between) (/them/the layers/the pancakes/the waffles) | to sandwich (/them/the waffles/the pancakes)
              | for (dolloping/spreading/decoration/decorating/garnishing/the plate/each plate/stuffing/finishing/pouring/pouring over/scattering/sprinkling/the side/afters)
              | (when/before/just before/right before/while) (serving/you serve/we serve/plating/they're served/they go out)
              | to (eat/have/enjoy/go) (/them/it) with (/them/it) | (to/for) (roll/rolling/toss/tossing/dredge/dredging) (them/these/the pancakes) in
              | to (smear/spread/put/go/lay/pile/spoon/sprinkle/pour/scatter/drizzle/heap/dollop) (on/over/on top/on them/over them/inside/in between/on top of them)
              | on the (finished/hot/warm/cooked/baked/ready) (stack/pancakes/waffles/crepes/ones) | on top of (/the/my/each) (pancakes/waffles/stack/crepes/them/pancake/waffle)
              | as (/a/the) (filling/spread/dip/garnish/finish/sauce/drizzle/side/decoration) | to fill (/them/the pancakes/the crepes/each/the waffles)
              | inside (them/each/the crepes/the pancakes/the waffles/each one) | rolled (up/up in them/up inside/inside/into them/in them)
              | once (they're/they are/it's) (done/cooked/baked/ready/on the plate/out of the pan) | (after/when) (cooking/frying/baking/they're cooked/they're done/they come off/they're on the plate/they are done)
              | for (the kids/everyone/everybody/people/guests/the children) to (put on/pour on/pour over/add/spread)
              | in (the/a/my/our) (dip/dipping sauce/topping/sauce/glaze/filling/frosting/icing/syrup/compote/drizzle)
              | between each layer | between every layer
              | on the (oat/sweet/savoury/plain/kids'/other/last/first/big/small/buckwheat/protein) ones
              | (into/in/to) (each/every) (box/lunchbox/tub/container)
              | (over/on) (each/every) (pancake/waffle/one/plate/stack/crepe/crêpe/galette/portion)
              | (over/onto) (mine/yours/hers/his/theirs/ours) | to serve with
              | per (plate/stack/portion)
              | (over/on/onto) the (lot/plate/plates/whole stack/top of the stack/stack/pile/piles/last ones/last one/last two/last few)
          PLATE_NEXT | (brush/paint/glaze/baste/dust/sprinkle/sift/spread) (the/each of the/your/all the) (cooked/finished/hot/warm/baked/fried) (pancakes/waffles/crepes/ones/cakes) with
          PLATE | (on/over) while (hot/warm/still hot/still warm/they're hot/they're warm/they are hot/they are warm/they're still hot/they're still warm)
          PLATE_NEXT | on the tables | on every table
          PAN_NEXT | (cloth/paper/kitchen paper/potato/brush/towel/kitchen towel/rag/onion) dipped in
          PAN | for the (billig/bilig/crêpe maker/crepe maker/crêpière/crepe pan/crêpe pan)
          PLATE_NEXT | (had/ate/eaten/enjoyed) (/them/these/the lot/all of them) with | inside (was/were/is/are/goes/go/went/we put/i put/we had/they had) | (dredge/flambé/flambe) with | (roll/toss/coat/dip) (the/your) (hot/warm/cooked/finished) (ones/pancakes/waffles/pieces/strips) in
          PLATE_NEXT | (cover/covered/best/great/nice/lovely/delicious/yummy/gorgeous/amazing/heavenly) with | (topping/toppings)-wise
              | serve (immediately/at once/straight away/right away/while hot/while warm/fresh) with
          IDLE | (works/work/worked) (great/well/best/good/fine/better/nicely) with
          PAN | for (/the/my/your) (form/dish/oven dish/baking dish/mold/ramekins/roasting tin/baking tin/tins/tin/moulds/mould/waffle irons/irons/griddles/pans/skillets)
          PAN_NEXT | (for the pan/for frying/for the iron/for the griddle/on the flattop/on the flat-top/on the flat top/for greasing/in the pan/to fry) (i use/we use/use/you use/i take/you need/i put/i add/it's/there's/you want/we take/i like)
              | (fry/cook/bake/brown/i fry/we fry/you fry/i cook/we cook/you cook/fried/cooked) (it/them/these/this/each/each one/the pancakes/the batter) (in/on)
              | (oil/butter/grease/brush/wipe/coat/rub/spray/season/line/swirl/film/moisten/lubricate) (the/my/your/a/each) (pan/iron/griddle/skillet/hotplate/hot plate/flat top/tray/sheet/baking tray/baking sheet/sheet pan/tin/dish/waffle iron/waffle maker/tawa/plates/grids/grid/machine/crepe pan/frying pan/bakestone/girdle) with
              | (frying/cooking/browning/baking/crisping) (them/it/these/each) in
              | for (frying/greasing/the pan/cooking/brushing) : | frying : | greasing :
              | (cook/fry/bake/brown/cook them/fry them/bake them/cook it) (in a/in the/on the/on a) (/hot/non-stick/big/warm) (pan/griddle/iron/skillet/waffle iron/frying pan) with
              | (the/each/every) (iron/griddle/skillet/flat-top/flattop/waffle iron/round/batch/pan/panful) (gets/takes/needs/wants/got/has)
              | (in/into) the (pan/skillet/iron) (goes/go/went)
          PAN | (in/on/into/onto) the (tray/sheet/baking tray/baking sheet/sheet pan/dish/oven dish) | shallow fry | shallow-fry | deep fry | deep-fry | in (the/a) (big/hot/large/roasting/baking/deep/oven) (tin/dish/tray)
              | (in/on) (the/a/a hot/the hot) (tava/tavah/tawa/tawah/frypan/fry pan/flat top/crepe pan/crêpe pan/kadhai/dosa pan)
          PAN | in a skillet | on the (iron/waffle iron/hotplate) | (for/over/across/during) (all/the whole/all of/the entire/all the/the whole of/the whole of the/the rest of the) (frying/the frying/cooking/the cooking)
              | to the (pan/skillet/griddle/iron/frying pan)
              | (in/on) (the/a/a hot/the hot) (tava/tavah/tawa/tawah/frypan/fry pan/flat top/crepe pan/crêpe pan/kadhai/dosa pan)
              | for (the/my/your/each) (tray/sheet/baking tray/baking sheet/sheet pan/baking dish)
              | for (/the/my/your/each) (pan/iron/griddle/skillet/tawa/waffle maker/hot plate/hotplate/flat-top/flat top/flattop/tin/waffle plates/crepe pan/cast iron/waffle machine/crepe maker/pancake pan/frypan/grill/hob/wok/grids)
              | for (/the/pan/shallow) (frying/greasing/cooking/brushing/oiling/coating/roasting) (/the pan/the iron/the griddle/them/the pancakes/the waffles/with)
              | to (cook/fry/grease/oil/brush/coat/line/wipe/season/bake/brown) (/the pan/the iron/the griddle/the skillet/the waffle iron/them/it/each/the pancakes/the waffles/the crepes/pancakes/waffles) (/in/with)
              | (goes/go/went/melted/heated/used/put/melting/sizzling) (in/on/into) the (pan/griddle/iron/skillet/tawa/frying pan)
              | to (stop/keep/prevent) (/them/it/the batter/the pancakes/the waffles) (/from) sticking | against sticking
              | so (it/they/the pancakes/the waffles/nothing/the batter) (doesn't/don't/won't/will not/do not/does not/can't/dont/wont/sticks) (/stick)
              | (between/in between) (batches/rounds/goes) | (for/with/before/after) (each/every) (batch/round/panful/go)
              | as (/the/a) (pan grease/cooking fat/frying fat/pan fat/grease for the pan/fat for the pan) | pan only
              | (per/for each/for every/each) (panful/pan) | in a (hot/large/small/big/wide/heavy/dry/non-stick/nonstick/non stick/cast-iron/cast iron/heavy-based/medium) (pan/frying pan/skillet/frypan)
              | in a (large/small/big/hot/heavy) (non-stick/nonstick/cast-iron) (pan/frying pan/skillet)
              | for (frying/greasing/the pan/cooking/brushing) : | to (cook/fry/bake/brown) (/them/it/each/these) in
              | (round/around/over/across/into/onto) the (pan/iron/griddle/skillet/tawa/grids/plates/waffle iron)
              | to (oil/grease/brush/coat/film/wipe/season/line) (/the/my) (pan/iron/griddle/skillet/tawa/grids/plates/waffle iron/waffle maker)
              | for (oiling/coating/wiping/swirling/shallow frying) (/the pan/the iron/the griddle)
          AMOUNTS_TO | (should/will/must/has to/have to/needs to/need to/would/could) be (/about/around/roughly)
              | (i'd/we'd/you'd/i'll/you'll/we'll) (say/use/take/need/want/guess/put) (/about/around/roughly)
              | (let's/lets) say | let us say | adds up to | amounts to | all in | qty | qty : | quantity : | amount : | weight : | needed : | required :
          OR | alternatively | or alternatively | failing that | or failing that | or if not | or else
          BATTER | (dry/wet) ingredients
          THING | tea towel | tea towels | tea cloth | coffee table | egg timer | egg box | cheese grater | (salt/pepper) mill | salt cellar | potato masher | apple corer | rice cooker
              | honey dipper | lemon squeezer | garlic press | milk jug | egg slicer | butter dish | sugar bowl | coffee pot
          THING | (banana/vine/lotus/bamboo) (leaf/leaves)
          IDLE | (at/round/around) (the/our/my) table | (stays/stay/remains/remain/stayed) (/the same/unchanged/as is/as it is/as it was/as they are) | at a pinch | (just/only) for (me/myself) | single (serving/portion) | in with | (make/makes/making) up for (it/that/this) (/with)
              | (never/don't/do not/not/i never/we never/i don't/we don't/wouldn't/i wouldn't/i'd never) (/use/add/put in/put/take/need/have/want/go) (more than/over/above/any more than)
              | (don't/doesn't/do not/does not/didn't/never) (use/add/need/like/put in/take/want) (much/a lot of/lots of/too much/very much/that much/many/so much)
              | (ice/fridge/stone/freezing) cold | you know | sort of | kind of | as it were | or something | or other | or whatever
              | (i/we/you/they/he/she/i'd/we'd/you'd/i would/kids/people) (like/likes/love/loves) (/to have/to use/to put/to add)
              | once (peeled/drained/shelled/cooked/mashed/grated/stoned/pitted/cored/trimmed/squeezed/chopped/thawed) | (after/before) (peeling/draining/shelling/cooking/mashing/grating/thawing/trimming/soaking/popping/grinding/sifting) | when (peeled/cooked/drained/ripe) | (peeled/drained/cooked/dry/raw) weight
              | later | later on | (from/out of) (a/the) (carton/tin/jar/packet/bottle/box/bag/fridge/shop/tap/freezer/pot/tub)
              | (stir/mix/whisk/fold) (/it/this/that/everything/all) (together/through/well/in)
      """;

  private PhraseForms() {}
}

package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How many came out, what became of them, and who had how many. */
class HeadcountSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 300 ml milk, 2 eggs. Eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Twelve.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Ten in all.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Ten altogether.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Ten in total.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Ten in the end.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. 11 in the end not counting the first one.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 11
      200 g flour, 300 ml milk, 2 eggs. So ten altogether.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Ten, all told.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Ten plus the first one that went wrong.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Ten and the dog got one.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Nine good ones and a broken one.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 300 ml milk, 2 eggs. I counted ten.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. I counted eleven, the first doesn't count.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 11
      200 g flour, 300 ml milk, 2 eggs. Ten if you don't count the first.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Ten without the first one.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Got 32. Four went on the table, the rest are in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 32
      200 g flour, 300 ml milk, 2 eggs. Makes 32, I freeze most of them.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 32
      200 g flour, 300 ml milk, 2 eggs. We ate four and froze the other eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. We ate six and the other six are in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Twelve, of which four are in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Twelve. Half of them went in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Twelve. Two were left over.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Twelve; the kids ate most of them.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Twelve, and there were four left for tomorrow.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Twelve and we had two left.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Twelve small ones. Kids had four each, I had the other four.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 3
      200 g flour, 300 ml milk, 2 eggs. The lads eat four each and there's three of them, so twelve altogether.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 3
      200 g flour, 300 ml milk, 2 eggs. We eat three each and there are four of us, so twelve.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs. Four of us had three each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs. Three each for the four of us.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs. That was three each for four people.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs. The four of us got three each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs. Enough for three each, four of us.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs. The kids had two each and we had three each, that's ten.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Two kids ate two each, two adults three each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10;serves 4
      200 g flour, 300 ml milk, 2 eggs. I had four and my wife had three.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 7;serves 2
      200 g flour, 300 ml milk, 2 eggs. He ate five, I ate three.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 2
      200 g flour, 300 ml milk, 2 eggs. I ate four of them, my son the other four.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 2
      200 g flour, 300 ml milk, 2 eggs. Eight, so two each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. Eight, two each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. Eight. We had two each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. Eight; that's four each for the two of us.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 2
      200 g flour, 300 ml milk, 2 eggs. Eight for the two of us.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 2
      200 g flour, 300 ml milk, 2 eggs. Eight pancakes between four.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. Eight split between four people.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. Eight big ones, cut in half.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Six waffles, each in quarters.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 300 ml milk, 2 eggs. Eight, give or take.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Eight or so.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Eight, maybe nine.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8..9
      200 g flour, 300 ml milk, 2 eggs. About eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. I made eight and one was tiny.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Eight, though the last was tiny.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Eight, the last one half size.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Seven and a small one.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 7..8
      200 g flour, 300 ml milk, 2 eggs. Should have been ten, got eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. It's meant to make ten, I got eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. I was hoping for ten but it only made eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. The recipe says ten. I got eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Came out as 18 but two of them got burnt and went in the bin.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 16
      200 g flour, 300 ml milk, 2 eggs. Eighteen but two burnt.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 16
      200 g flour, 300 ml milk, 2 eggs. Made ten, two of which burnt.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Made ten, ate eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Made ten and ate them all myself.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. They're for my girls who are three and five.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The kids are only one and three.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. My daughter is four and my son is six.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I've made this about ten times.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I've been making these for twenty years.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It took two goes to get it right.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Cooked them two at a time.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Three fit in my pan.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I do them three at a time in four rounds.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Four rounds of three.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour⏎300 ml milk⏎2 eggs⏎eight|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour⏎300 ml milk⏎2 eggs⏎Twelve.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs but ten altogether|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs, but ten in total.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs, ten in the end.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Ten in the end.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour⏎300 ml milk⏎2 eggs⏎11 in the end not counting the first one|egg=100,milk-whole=309,wheat-flour-white=200;pieces 11
      200 g flour⏎300 ml milk⏎2 eggs⏎So ten altogether.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs but ten plus the first one that went wrong|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs, but ten and the dog got one.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs, nine good ones and a broken one.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Nine good ones and a broken one.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour⏎300 ml milk⏎2 eggs⏎I counted ten|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour⏎300 ml milk⏎2 eggs⏎I counted eleven, the first doesn't count.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 11
      200 g flour, 300 ml milk, 2 eggs – ten if you don't count the first.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs but ten without the first one|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs, but got 32. Four went on the table, the rest are in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 32
      200 g flour, 300 ml milk, 2 eggs, makes 32, I freeze most of them.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 32
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Makes 32, I freeze most of them.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 32
      200 g flour⏎300 ml milk⏎2 eggs⏎we ate four and froze the other eight|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour⏎300 ml milk⏎2 eggs⏎We ate six and the other six are in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs – twelve, of which four are in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Twelve; the kids ate most of them.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour⏎300 ml milk⏎2 eggs⏎twelve, and there were four left for tomorrow|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour⏎300 ml milk⏎2 eggs⏎Twelve and we had two left.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs – twelve small ones. Kids had four each, I had the other four.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 3
      200 g flour, 300 ml milk, 2 eggs but the lads eat four each and there's three of them, so twelve altogether|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 3
      200 g flour, 300 ml milk, 2 eggs, but we eat three each and there are four of us, so twelve.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs, four of us had three each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Four of us had three each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour⏎300 ml milk⏎2 eggs⏎three each for the four of us|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour⏎300 ml milk⏎2 eggs⏎That was three each for four people.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs – the four of us got three each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs but enough for three each, four of us|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12;serves 4
      200 g flour, 300 ml milk, 2 eggs, but the kids had two each and we had three each, that's ten.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs, two kids ate two each, two adults three each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10;serves 4
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Two kids ate two each, two adults three each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10;serves 4
      200 g flour⏎300 ml milk⏎2 eggs⏎I had four and my wife had three|egg=100,milk-whole=309,wheat-flour-white=200;pieces 7;serves 2
      200 g flour⏎300 ml milk⏎2 eggs⏎He ate five, I ate three.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 2
      200 g flour, 300 ml milk, 2 eggs – I ate four of them, my son the other four.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 2
      200 g flour, 300 ml milk, 2 eggs but eight, so two each|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs, but eight, two each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Eight. We had two each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour⏎300 ml milk⏎2 eggs⏎eight; that's four each for the two of us|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 2
      200 g flour⏎300 ml milk⏎2 eggs⏎Eight for the two of us.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 2
      200 g flour, 300 ml milk, 2 eggs – eight pancakes between four.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs but eight split between four people|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour⏎300 ml milk⏎2 eggs⏎six waffles, each in quarters|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour⏎300 ml milk⏎2 eggs⏎Eight, give or take.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs, I made eight and one was tiny.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. I made eight and one was tiny.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour⏎300 ml milk⏎2 eggs⏎eight, though the last was tiny|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour⏎300 ml milk⏎2 eggs⏎Eight, the last one half size.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs, it's meant to make ten, I got eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. It's meant to make ten, I got eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour⏎300 ml milk⏎2 eggs⏎I was hoping for ten but it only made eight|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour⏎300 ml milk⏎2 eggs⏎The recipe says ten. I got eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs – came out as 18 but two of them got burnt and went in the bin.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 16
      200 g flour, 300 ml milk, 2 eggs but eighteen but two burnt|egg=100,milk-whole=309,wheat-flour-white=200;pieces 16
      200 g flour, 300 ml milk, 2 eggs, but made ten, two of which burnt.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs, made ten, ate eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Made ten, ate eight.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour⏎300 ml milk⏎2 eggs⏎made ten and ate them all myself|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour⏎300 ml milk⏎2 eggs⏎They're for my girls who are three and five.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – the kids are only one and three.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but my daughter is four and my son is six|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, but I've made this about ten times.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, I've been making these for twenty years.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. I've been making these for twenty years.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎it took two goes to get it right|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎Cooked them two at a time.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but I do them three at a time in four rounds|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 300 ml milk, 2 eggs, but four rounds of three.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      """;

  @Test
  void itCountsWhatCameOut() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

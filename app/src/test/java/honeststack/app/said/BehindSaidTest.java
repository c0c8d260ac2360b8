package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * Sorts, parts and other lists said behind or beside what is measured: "half a kilo of flour,
 * spelt".
 */
class BehindSaidTest {
  private static final String TEXTS =
      """
      Three eggs - whites whisked to soft peaks, 200 g flour|egg=150,wheat-flour-white=200
      200 g flour and three eggs, split|egg=150,wheat-flour-white=200
      200 g flour and four eggs: whites to peaks, yolks in the batter|egg=200,wheat-flour-white=200
      200 g flour and 2 eggs, whites whipped|egg=100,wheat-flour-white=200
      200 g flour and four eggs with the whites beaten stiff|egg=200,wheat-flour-white=200
      200 g flour and three eggs, separated|egg=150,wheat-flour-white=200
      2 eggs, separated, 200 g flour|egg=100,wheat-flour-white=200
      2 eggs, split, 200 g flour|egg=100,wheat-flour-white=200
      2 eggs (whites beaten), 200 g flour|egg=100,wheat-flour-white=200
      200 g flour and 2 eggs; beat the whites|egg=100,wheat-flour-white=200
      Three eggs, separated, 200 g flour|egg=150,wheat-flour-white=200
      200 g flour and four eggs, separated|egg=200,wheat-flour-white=200
      1 cup milk of choice (I used almond), 125 g flour|almond-drink=244,wheat-flour-white=125
      A litre of milk, oat.|oat-drink=1031
      • Butter – 50g: 30 in the batter, 20 for the pan⏎• Eggs – 2|butter=30,butter=20@PAN,egg=100
      150 g blueberries, 100 folded in and the rest on top|blueberries=100,blueberries=50@PLATE
      Half a kilo of flour, spelt.|spelt-flour=500
      30 g sugar, brown|sugar-brown=30
      30 g sweetener*, 125 g flour⏎*erythritol here|erythritol=30,wheat-flour-white=125
      50 g nuts, pecans|pecans=50
      2 tbsp oil, coconut|oil-coconut=27
      Half a kilo of flour - spelt - and 6 eggs|egg=300,spelt-flour=500
      50 g butter (30 batter, 20 pan)|butter=30,butter=20@PAN
      1 cup milk of choice, 125 g flour. Mine was soy.|soy-drink=244,wheat-flour-white=125
      Half a kilo of flour, spelt, and 6 eggs|egg=300,spelt-flour=500
      Half a kilo of flour (spelt)|spelt-flour=500
      100 g berries, blueberries|blueberries=100
      butter, 50 g: 30 for the batter and 20 for frying|butter=30,butter=20@PAN
      Butter – 50 g: 30 g for the batter, 20 g for frying|butter=30,butter=20@PAN
      50 g butter – 20 of it for the pan|butter=30,butter=20@PAN
      50 g butter, 30 in the batter, 20 for the pan|butter=30,butter=20@PAN
      50 g of butter – 30 batter, 20 pan|butter=30,butter=20@PAN
      Butter 50 g, 30 g for the batter, 20 g for frying|butter=30,butter=20@PAN
      50 g of butter, 30 batter, 20 pan|butter=30,butter=20@PAN
      Butter 50 g, 30 batter, 20 pan|butter=30,butter=20@PAN
      Butter 50 g – 30 for the batter and 20 for frying|butter=30,butter=20@PAN
      Butter 50 g – 20 of it for the pan|butter=30,butter=20@PAN
      Butter 50 g, 30 for the batter and 20 for frying|butter=30,butter=20@PAN
      Butter – 50 g (30 batter, 20 pan)|butter=30,butter=20@PAN
      50 g of butter – 20 of it for the pan|butter=30,butter=20@PAN
      butter, 50 g – 30 g for the batter, 20 g for frying|butter=30,butter=20@PAN
      butter, 50 g: 30 g for the batter, 20 g for frying|butter=30,butter=20@PAN
      The hotel recipe was 2 kg flour, 4 litres of milk and 24 eggs, mine is 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      They do 2 kg flour, 4 litres of milk and 24 eggs at the church. We do 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      I used to do 2 kg flour, 4 litres of milk and 24 eggs; nowadays I do 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      My gran made 2 kg flour and 24 eggs for the whole village. I make 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      It was 2 kg flour, 4 litres of milk and 24 eggs yesterday and 200 g flour, 400 ml milk and 3 eggs today.|egg=150,milk-whole=412,wheat-flour-white=200
      At work it's 2 kg flour, 4 litres of milk and 24 eggs. At home I use 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      The cafe uses 2 kg flour and 24 eggs; I use 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      Last Sunday I did 2 kg flour and 24 eggs. This morning only 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      The big batch is 2 kg flour, 4 litres of milk and 24 eggs, the small one 200 g flour, 400 ml milk and 3 eggs. I made the small one.|egg=150,milk-whole=412,wheat-flour-white=200
      Back in the army: 2 kg flour, 4 litres of milk and 24 eggs. These days: 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      Her recipe: 2 kg flour, 4 litres of milk and 24 eggs. Mine: 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      At school we'd make 2 kg flour, 4 litres of milk and 24 eggs, at home it's 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      Each boy gets 60 g oats, 200 ml milk and one egg. There are eleven boys.|egg=550,milk-whole=2269,oats-rolled=660;serves 11
      Each athlete gets 60 g oats, 200 ml milk and one egg, and there's eleven of them.|egg=550,milk-whole=2269,oats-rolled=660;serves 11
      Every camper has 60 g oats, 200 ml milk and one egg; we're eleven.|egg=550,milk-whole=2269,oats-rolled=660;serves 11
      60 g oats, 200 ml milk and one egg for each rider, there are 11 riders.|egg=550,milk-whole=2269,oats-rolled=660;serves 11
      The original is 2 kg flour, 4 litres of milk and 24 eggs; I cut it down: 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      In the canteen we did 2 kg flour, 4 litres of milk and 24 eggs. At home I do 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      On Shrove Tuesday it's 2 kg flour and 24 eggs, on a normal day 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      At work it's 2 kg flour and 24 eggs. At home I use 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      Back in the army: 2 kg flour and 24 eggs. These days: 200 g flour, 400 ml milk and 3 eggs.|egg=150,milk-whole=412,wheat-flour-white=200
      The big batch is 2 kg flour and 24 eggs, the small one 200 g flour, 400 ml milk and 3 eggs. I made the small one.|egg=150,milk-whole=412,wheat-flour-white=200
      """;

  @Test
  void countsWhatIsMeant() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

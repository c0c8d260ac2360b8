package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What was told and taken back, or decided, and what is made of several things. */
class TakenBackSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 25 g sugar, none today. 2 eggs.|wheat-flour-white=200,egg=100
      25 g sugar, no sorry that was for the other recipe, none in this one|
      30 g butter, no wait, that's from another recipe. 2 eggs.|egg=100
      25 g sugar, sorry, that was for the other recipe|
      3 g cinnamon, oh no that's the muffins|
      200 g flour, 25 g sugar, strike that, 2 eggs|wheat-flour-white=200,egg=100
      200 g flour, 25 g sugar, scratch that. 2 eggs|wheat-flour-white=200,egg=100
      200 g flour, 25 g sugar, no, leave it out, 2 eggs|wheat-flour-white=200,egg=100
      200 g flour, 25 g sugar - forget that - and 2 eggs|wheat-flour-white=200,egg=100
      25 g sugar. Sorry, none in this one. 200 g flour.|wheat-flour-white=200
      100 g sugar, scratch that, 80|sugar-white=80
      100 g sugar, scratch that, 80 g|sugar-white=80
      100 g sugar, strike that, 80 g of sugar|sugar-white=80
      30 g butter, no that was last time, 40 g|butter=40
      25 g sugar, not this time|
      200 g flour, 40 g raisins (not today), 2 eggs|wheat-flour-white=200,egg=100
      20 g honey, oops, wrong recipe. 200 g flour|wheat-flour-white=200
      20 g honey, ignore that. 200 g flour|wheat-flour-white=200
      20 g honey – no, wait, that's for the tea – and 200 g flour|wheat-flour-white=200
      Grease with 5 g butter, none for the second round.|butter@PAN=5
      60 g butter, all but 10 g in the batter, the rest in the pan|butter=50,butter@PAN=10
      60 g butter, all but 10 g of it in the batter, that 10 g for the pan|butter=50,butter@PAN=10
      Brown 60 g butter and whisk all but 10 g into the batter; the rest greases the iron.|butter=50,butter@PAN=10
      Melt 60 g butter, all but a tablespoon goes in the batter, the tablespoon is for the pan.|butter=46,butter@PAN=14
      300 ml milk, all but 50 ml at first, then the rest|milk-whole=309
      oat or soy milk, 300 ml, I used soy|soy-drink=308
      oat or soy milk, 300 ml, I used oat|oat-drink=311
      almond or oat milk, 200 ml, today oat|oat-drink=207
      rye or spelt flour, 200 g, it was spelt|spelt-flour=200
      200 g rye or spelt flour, took the rye|rye-flour-medium=200
      apple or pear juice, 50 ml – apple this time|apple-juice=52
      15 g chia in 90 ml water where the eggs were|chia-seeds=15,water=90
      100 g applesauce where the butter was|applesauce=100
      60 g applesauce where the oil used to be, 200 g flour|applesauce=60,wheat-flour-white=200
      half the flour (100 g of 200 g) is almond flour|almonds-ground=100,wheat-flour-white=100
      half the milk (150 ml of the 300) is oat milk|oat-drink=155,milk-whole=155
      ham 40 g, batter as usual|ham=40
      cheddar 60 g, chives 5 g, ham 40 g, batter as usual|cheddar=60,chives=5,ham=40
      30 g walnuts, the rest as always|walnuts=30
      Sucralose blend 10 g, not sugar|sucralose-granular=10
      Erythritol blend 10 g, never sugar|erythritol=10
      orange syrup: 100 g sugar, 50 ml orange juice|sugar-white@PLATE=100,orange-juice@PLATE=52
      200 g flour⏎2 eggs⏎Cherry compote⏎200 g cherries⏎30 g sugar|wheat-flour-white=200,egg=100,cherries-sweet@PLATE=200,sugar-white@PLATE=30
      200 g flour⏎2 eggs⏎Lemon glaze⏎- 200 g icing sugar⏎- 30 g lemon juice|wheat-flour-white=200,egg=100,sugar-icing@PLATE=200,lemon-juice@PLATE=30
      Cherry compote⏎200 g cherries⏎30 g sugar⏎Batter⏎200 g flour⏎2 eggs|wheat-flour-white=200,egg=100,cherries-sweet@PLATE=200,sugar-white@PLATE=30
      25 g sugar, not now, 2 eggs|egg=100
      2 eggs. 25 g sugar, not today|egg=100
      2 eggs, 25 g sugar, that's for the tea, 200 g flour|egg=100,wheat-flour-white=200
      """;

  @Test
  void whatWasTakenBackIsOut() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

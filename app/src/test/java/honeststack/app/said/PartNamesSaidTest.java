package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Parts told by their own word alone, and amounts taken back where names stand first. */
class PartNamesSaidTest {
  private static final String TEXTS =
      """
      flour two hundred grams water three hundred and fifty no sorry three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 no sorry 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty no sorry forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred no sorry four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml no sorry 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water no sorry 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      flour two hundred grams water three hundred and fifty no three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 no 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty no forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred no four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml no 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water no 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      flour two hundred grams water three hundred and fifty sorry three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 sorry 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty sorry forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred sorry four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml sorry 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water sorry 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      flour two hundred grams water three hundred and fifty no wait three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 no wait 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty no wait forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred no wait four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml no wait 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water no wait 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      flour two hundred grams water three hundred and fifty I mean three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 I mean 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty I mean forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred I mean four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml I mean 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water I mean 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      flour two hundred grams water three hundred and fifty actually three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 actually 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty actually forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred actually four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml actually 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water actually 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      flour two hundred grams water three hundred and fifty make that three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 make that 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty make that forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred make that four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml make that 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water make that 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      flour two hundred grams water three hundred and fifty scratch that three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 scratch that 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty scratch that forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred scratch that four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml scratch that 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water scratch that 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      flour two hundred grams water three hundred and fifty er no three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 er no 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty er no forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred er no four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml er no 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water er no 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      flour two hundred grams water three hundred and fifty no hang on three hundred and seventy salt six grams one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour 200 g water 350 no hang on 370 salt 6 g one egg|wheat-flour-white=200,water=370,salt=6,egg=50
      flour two hundred grams sugar thirty no hang on forty grams salt five grams two eggs|wheat-flour-white=200,sugar-white=40,salt=5,egg=100
      flour two hundred and fifty grams milk three hundred no hang on four hundred two eggs|wheat-flour-white=250,milk-whole=412,egg=100
      milk 300 ml no hang on 400 ml, 2 eggs, flour 250 g|wheat-flour-white=250,milk-whole=412,egg=100
      200 g flour, 300 g water no hang on 350 g, 6 g salt|wheat-flour-white=200,water=350,salt=6
      2 c flour (1 white 1 whole wheat)|wheat-flour-white=135,wheat-flour-whole=130
      2 cups flour (1 plain, 1 wholemeal)|wheat-flour-white=135,wheat-flour-whole=130
      3 cups flour (2 plain 1 rye)|wheat-flour-white=270,rye-flour-medium=110
      2 cups flour (one white, one whole wheat)|wheat-flour-white=135,wheat-flour-whole=130
      2 cups flour: 1 white, 1 whole wheat|wheat-flour-white=135,wheat-flour-whole=130
      2 cups of flour, one white and one whole wheat|wheat-flour-white=135,wheat-flour-whole=130
      2 cups flour - 1 of white, 1 of whole wheat|wheat-flour-white=135,wheat-flour-whole=130
      2 cups milk (1 oat 1 almond)|oat-drink=245,almond-drink=244
      2 cups milk (1 of oat, 1 of almond)|oat-drink=245,almond-drink=244
      3 eggs (2 duck 1 hen)|egg-duck=140,egg=50
      3 eggs, 2 of them duck|egg-duck=140,egg=50
      2 cups flour (1 1/2 white 1/2 rye)|wheat-flour-white=203,rye-flour-medium=55
      2 cups flour (1½ white, ½ rye)|wheat-flour-white=203,rye-flour-medium=55
      4 tbsp sugar (2 white 2 brown)|sugar-white=25,sugar-brown=23
      4 tbsp sugar (3 white + 1 brown)|sugar-white=38,sugar-brown=12
      2 cups flour, half white half whole wheat|wheat-flour-white=135,wheat-flour-whole=130
      2 cups flour (half white, half whole wheat)|wheat-flour-white=135,wheat-flour-whole=130
      300 ml milk (200 oat, 100 soy)|oat-drink=206,soy-drink=103
      300 ml milk: 200 oat, 100 soy|oat-drink=206,soy-drink=103
      300 ml milk, 200 oat, 100 soy|oat-drink=206,soy-drink=103
      300 ml milk, 200 of it oat|milk-whole=103,oat-drink=206
      300 ml milk (200 of it oat)|milk-whole=103,oat-drink=206
      300 g flour, 100 of it rye|wheat-flour-white=200,rye-flour-medium=100
      300 g flour (100 of that rye)|wheat-flour-white=200,rye-flour-medium=100
      300 g flour, of which 100 rye|wheat-flour-white=200,rye-flour-medium=100
      300 g flour, 100 g of which is rye|wheat-flour-white=200,rye-flour-medium=100
      4 eggs, 3 hen and 1 goose|egg=150,egg-goose=144
      3 cups flour: 2 white,1 rye|wheat-flour-white=270,rye-flour-medium=110
      300 ml milk. 200 oats, 100 almonds|milk-whole=309,oats-rolled=200,almonds=100
      300 ml milk, 200 g oats, 100 g almonds|milk-whole=309,oats-rolled=200,almonds=100
      2 cups milk, 1 cup oats, 1 cup almonds|milk-whole=488,oats-rolled=81,almonds=143
      3 eggs, 2 bananas, 1 apple|egg=150,banana=236,apple=182
      """;

  @Test
  void partsCountAndWholesDoNot() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

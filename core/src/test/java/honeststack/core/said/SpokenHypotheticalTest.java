package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a sentence beside a list only supposes: on a condition, of others, of another time. */
class SpokenHypotheticalTest {
  private static final String LINES = "200 g flour\n2 eggs\n300 ml milk\n50 g butter\n";
  private static final String FOODS = "butter 50, egg 2, flour 200, milk 300";

  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** Behind the list it changes nothing, wherever it stands. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "If it's too thick add a splash more milk.",
        "If too thick, a splash more milk.",
        "If the batter's too thick a splash more milk.",
        "Too thick? A splash more milk.",
        "Too runny, add a spoon of flour.",
        "If it's runny, a spoonful more flour.",
        "Should it be too stiff, another 50 ml milk.",
        "Too stiff and you want another splash of milk.",
        "When it thickens, loosen with 2 tbsp milk.",
        "Add up to 50 ml more milk if it thickens overnight.",
        "You may need an extra splash of milk.",
        "You might want another egg if they're small.",
        "An extra tablespoon of milk helps if it has stood.",
        "If your eggs are small use three.",
        "If you only have small eggs, use 3.",
        "With large eggs use a bit less milk.",
        "In humid weather use 20 g less flour.",
        "For thicker ones use 250 g flour.",
        "For thinner ones use 400 ml milk.",
        "Hold back a tablespoon or two of the milk.",
        "Of the milk, hold back 2 tbsp.",
        "Keep 50 ml of the milk back.",
        "Keep back 50 ml milk for thinning.",
        "Reserve 2 tbsp milk in case.",
        "Leave 50 ml milk out until you see how thick it is.",
        "Don't put all the milk in, keep 50 ml aside.",
        "Add 250 ml milk first and see if it needs the other 50.",
        "Put in 250 ml of milk, then the last 50 if needed.",
        "Use unsalted butter or leave out the salt.",
        "If using salted butter skip the salt.",
        "If you use salted butter, halve the salt.",
        "The salt can be half a teaspoon if the butter is salted.",
        "Double the lot for 8 people.",
        "For a double batch use 4 eggs.",
        "For half a batch use 1 egg.",
        "Vegans can use 300 ml oat milk and 2 flax eggs.",
        "For vegans: oat milk, flax eggs and oil.",
        "To make it gluten free use 200 g rice flour instead.",
        "To make them lighter swap 50 g of the flour for cornflour.",
        "You can replace half the flour with wholemeal.",
        "Oat milk works too.",
        "Some people add 20 g sugar.",
        "My mum adds a tablespoon of sugar to hers.",
        "I've seen recipes with 4 eggs, no need.",
        "Some recipes want 100 g butter, far too much.",
        "It would be nicer with 50 g more butter.",
        "Next time I'd use 250 ml milk.",
        "Next time I'll try 3 eggs.",
        "Last time I used 400 ml milk and it was soup.",
        "I once put 5 eggs in, never again.",
        "It used to be 50 g butter.",
        "The old card says 40 g butter.",
        "The original has 50 g of sugar in it.",
        "The kids' version has 30 g sugar.",
        "You'd normally use 50 g butter.",
        "If the batter seems stiff, let it down with 2 tbsp more milk.",
        "Should the batter thicken on standing, thin it with 30 ml of milk.",
        "Batter too loose? Another 20 g of flour.",
        "In case it's claggy, add 50 ml milk.",
        "If it doesn't pour, another splash of milk.",
        "If it's sloppy, 1 tbsp extra flour.",
        "Depending on the flour you may want 50 ml more milk.",
        "Older flour might take another 40 ml of milk.",
        "If your flour is wholemeal you'll need 50 ml extra milk.",
        "If you're feeding six, use 300 g flour.",
        "For a crowd, take 1 kg flour and 10 eggs.",
        "For crêpes, use 500 ml milk.",
        "For something richer use 60 g butter.",
        "For a sweeter version add 40 g sugar.",
        "Vegan? Use 300 ml soya milk and a mashed banana.",
        "To veganise, swap the eggs for 2 tbsp flax.",
        "A dairy-free version with 300 ml oat milk is just as good.",
        "Coeliacs can use 200 g buckwheat flour.",
        "My neighbour puts 50 g sugar in hers.",
        "My brother swears by 4 eggs.",
        "Other people use 100 g butter, I think that's greasy.",
        "The cookbook asks for 250 g flour.",
        "The recipe on the bag says 3 eggs.",
        "The version in the magazine had 60 g sugar.",
        "The first time I made them with 400 ml milk and they fell apart.",
        "Last week I tried 3 eggs and they were rubbery.",
        "In the past I've added 20 g sugar.",
        "We had it with 50 g butter for years.",
        "Before the diet it was 80 g butter.",
        "I might try 250 ml of milk next time.",
        "Next time maybe 40 g butter.",
        "I'd like to try it with 50 g less flour.",
        "You could go up to 350 ml milk.",
        "You could add 20 g sugar, I don't.",
        "You can get away with 20 g butter.",
        "It's possible to use 1 egg.",
        "Without salt they taste of nothing.",
        "Got a thick batter? Loosen it with 3 tbsp milk.",
        "Whenever it looks too thick I'd let it down with 40 ml milk.",
        "A touch more milk, say 20 ml, if it drags.",
        "If they come out pale, a teaspoon of sugar helps.",
        "If your pan sticks use 10 g more butter.",
        "If it's for toddlers I'd halve the salt.",
        "For two, use 100 g flour and 1 egg.",
        "For twice as many: 400 g flour, 4 eggs.",
        "For a firmer pancake go to 230 g flour.",
        "My nan swore by 3 eggs.",
        "My aunt in Leeds uses 500 ml milk and they're like lace.",
        "The Dutch use 500 ml milk.",
        "They sell them with 60 g butter in at the market.",
        "Online it says 400 g flour, which can't be right.",
        "I read somewhere you should use 4 eggs.",
        "As a student I made them with 1 egg.",
        "When I was small it was 60 g butter.",
        "On holiday we had 100 g sugar in them.",
        "Back home it's 3 eggs.",
        "I've done it with 3 eggs and it's fine.",
        "I'd normally go for 40 g butter.",
        "It'd take another 50 g flour easily.",
        "3 eggs would be too many.",
        "400 ml of milk is too much.",
        "100 g butter? No thanks."
      })
  void isSupposedBehind(String sentence) {
    assertThat(counted("LIST. " + sentence)).isEqualTo(FOODS);
    assertThat(counted(LINES + "\n" + sentence)).isEqualTo(FOODS);
    assertThat(counted("LIST. They freeze well. " + sentence)).isEqualTo(FOODS);
  }

  /** Nor before it. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "Last time I used 400 ml milk and it was soup.",
        "I once put 5 eggs in, never again.",
        "My mum adds a tablespoon of sugar to hers.",
        "Some people add 20 g sugar. I don't.",
        "Most recipes call for 100 g butter. Mine doesn't.",
        "The cookbook asks for 250 g flour. I don't bother.",
        "The first time I made them with 400 ml milk and they fell apart.",
        "We had it with 50 g butter for years. Not any more.",
        "Next time I'd use 250 ml milk.",
        "I've seen recipes with 4 eggs, no need.",
        "My old recipe had 100 g butter in it, which was silly.",
        "You don't need 100 g of butter.",
        "Forget the recipes with 6 eggs.",
        "The diner does them with 50 g butter each, I don't.",
        "When I was small it was 60 g butter.",
        "I used to make them with 4 eggs.",
        "The shop ones have 12 g sugar each.",
        "I had 5 eggs left.",
        "I bought 1 kg flour yesterday.",
        "There were 10 eggs in the fridge.",
        "My scales only go to 100 g flour at a time.",
        "A kilo of flour does me five goes.",
        "A stack at the diner has 90 g of syrup on it.",
        "Anything over 3 eggs is an omelette."
      })
  void isSupposedBefore(String sentence) {
    assertThat(counted(sentence + " LIST")).isEqualTo(FOODS);
  }

  /** In other words it is put in. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "I made them with 50 g raisins.",
        "Soak 50 g raisins in the fridge.",
        "As a treat I add 50 g raisins.",
        "When thick, add 50 g raisins.",
        "When it's thick enough add 50 g raisins.",
        "I got 50 g raisins from the market and they went in.",
        "I had 50 g raisins to use up, in they went.",
        "For a bit of bite add 50 g raisins.",
        "To make it sweeter I add 50 g raisins.",
        "If it's a Sunday, 50 g raisins.",
        "There were 50 g raisins in the bag so I used those.",
        "We did 50 g raisins this time.",
        "It also has 50 g raisins in it.",
        "They have 50 g raisins in them.",
        "What makes it is the 50 g raisins.",
        "Grandma would add 50 g raisins and so do I.",
        "If you like, add 50 g raisins.",
        "It was too thick so I added 50 g raisins.",
        "When it's rested, stir in 50 g raisins.",
        "I usually add 50 g raisins.",
        "I always put 50 g raisins in.",
        "My kids like it with 50 g raisins in.",
        "My sister gave me 50 g raisins so those went in.",
        "Today I also put in 50 g raisins.",
        "This time I added 50 g raisins.",
        "If I have them, 50 g raisins.",
        "For the kids I add 50 g raisins.",
        "Then you can fold in 50 g raisins.",
        "Now you can add 50 g raisins.",
        "To make it special I stir in 50 g raisins.",
        "For texture I use 50 g raisins.",
        "For sweetness, 50 g raisins.",
        "You need 50 g raisins too.",
        "Some 50 g of raisins go in as well.",
        "Once it's smooth, add 50 g raisins.",
        "Once rested, 50 g raisins.",
        "Normally I'd stop there but I add 50 g raisins.",
        "And if the mood takes me 50 g raisins.",
        "My secret: 50 g raisins.",
        "My mum taught me to add 50 g raisins.",
        "The recipe says to add 50 g raisins.",
        "The last thing is 50 g raisins.",
        "If using, add 50 g raisins now.",
        "I like to add 50 g raisins.",
        "You should add 50 g raisins at this point.",
        "One thing I'd never skip is the 50 g of raisins.",
        "For the finish, 50 g raisins.",
        "Optionally 50 g raisins.",
        "I could not do without my 50 g of raisins.",
        "Someone at work said to add 50 g raisins, so I do."
      })
  void isPutIn(String sentence) {
    assertThat(counted("LIST. " + sentence)).isEqualTo(FOODS + ", raisin 50");
  }

  private String counted(String text) {
    return ToldFoods.of(telling, text);
  }
}

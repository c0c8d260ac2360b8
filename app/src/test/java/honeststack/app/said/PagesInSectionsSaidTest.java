package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Pages with sections, cells, boxes, rules and greetings around a list. */
class PagesInSectionsSaidTest {
  private static final String TEXTS =
      """
      Dry:⏎200 g flour⏎30 g sugar⏎Wet:⏎300 ml milk⏎2 eggs|wheat-flour-white=200,sugar-white=30,milk-whole=309,egg=100
      DRY⏎200 g flour⏎30 g sugar⏎WET⏎300 ml milk⏎2 eggs|wheat-flour-white=200,sugar-white=30,milk-whole=309,egg=100
      Bowl 1: 200 g flour, 30 g sugar⏎Bowl 2: 300 ml milk, 2 eggs|wheat-flour-white=200,sugar-white=30,milk-whole=309,egg=100
      Evening before⏎200 g flour⏎300 ml milk⏎In the morning⏎2 eggs⏎30 g sugar|wheat-flour-white=200,sugar-white=30,milk-whole=309,egg=100
      Day 1⏎200 g flour⏎300 ml milk⏎Day 2⏎2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      Waffles (8)⏎200 g flour⏎300 ml milk⏎2 eggs|wheat-flour-white=200,milk-whole=309,egg=100;pieces 8
      Ingredients (serves 4)⏎200 g flour⏎300 ml milk⏎2 eggs|wheat-flour-white=200,milk-whole=309,egg=100;serves 4
      Ingredients for 4 people:⏎200 g flour⏎300 ml milk⏎2 eggs|wheat-flour-white=200,milk-whole=309,egg=100;serves 4
      For 8 pancakes you need:⏎200 g flour⏎300 ml milk⏎2 eggs|wheat-flour-white=200,milk-whole=309,egg=100;pieces 8
      What you need⏎200 g flour⏎300 ml milk⏎2 eggs⏎What you do⏎Mix it all, fry 2 minutes a side.|wheat-flour-white=200,milk-whole=309,egg=100
      Shopping: flour, milk, eggs⏎⏎Recipe⏎200 g flour⏎300 ml milk⏎2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      Equipment: whisk, 24 cm pan, 60 ml ladle⏎⏎200 g flour⏎300 ml milk⏎2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Fry in:⏎10 g butter|wheat-flour-white=200,milk-whole=309,egg=100,butter@PAN=10
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Frying⏎10 g butter|wheat-flour-white=200,milk-whole=309,egg=100,butter@PAN=10
      200 g flour⏎300 ml milk⏎2 eggs⏎10 g butter (pan)⏎40 g jam (plate)|wheat-flour-white=200,milk-whole=309,egg=100,butter@PAN=10,jam@PLATE=40
      200 g flour⏎300 ml milk⏎2 eggs⏎To finish⏎40 g jam⏎20 g icing sugar|wheat-flour-white=200,milk-whole=309,egg=100,jam@PLATE=40,sugar-icing@PLATE=20
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Serve with⏎- 40 g jam⏎- 100 g yogurt|wheat-flour-white=200,milk-whole=309,egg=100,jam@PLATE=40,yogurt-whole@PLATE=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Filling⏎- 100 g ricotta⏎- 50 g spinach|wheat-flour-white=200,milk-whole=309,egg=100,ricotta-whole@PLATE=100,spinach@PLATE=50
      Topping (per person)⏎20 g honey⏎⏎Batter (4 people)⏎200 g flour⏎2 eggs|wheat-flour-white=200,egg=100,honey@PLATE=20;serves 4
      200 g flour⏎2 eggs⏎⏎Notes: use 250 g flour for thicker ones|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Tip: a pinch of salt in 2 litres of water...|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Variations⏎- add 50 g raisins⏎- use 200 g rye flour instead|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Variation: 50 g raisins|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Substitutions: 2 eggs = 100 g applesauce|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Storage: 3 days in the fridge, 2 months frozen|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Nutrition per piece: 120 kcal, 4 g protein, 3 g fat, 18 g carbs|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Per serving⏎Calories 240⏎Protein 8 g⏎Fat 6 g⏎Carbs 36 g|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Cost: 0.85 for 8|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Prep 10 min, cook 20 min, rest 30 min|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎1. Whisk. 2. Rest 30 min. 3. Fry at 180 °C, 2 min a side.|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Step 1: Mix the flour with 1 egg.⏎Step 2: Add the other egg.|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎⏎Mix 150 g of the flour with the eggs, then fold in the rest.|wheat-flour-white=200,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Whisk the eggs with 100 ml of the milk, add the flour, then the remaining 200 ml.|wheat-flour-white=200,milk-whole=309,egg=100
      Qty  Item⏎200 g  flour⏎300 ml  milk⏎2  eggs|wheat-flour-white=200,milk-whole=309,egg=100
      Item | Qty⏎flour | 200 g⏎milk | 300 ml⏎eggs | 2|wheat-flour-white=200,milk-whole=309,egg=100
      flour;200;g⏎milk;300;ml⏎eggs;2;pcs|wheat-flour-white=200,milk-whole=309,egg=100
      flour	200 g⏎milk	300 ml⏎eggs	2|wheat-flour-white=200,milk-whole=309,egg=100
      [ ] 200 g flour⏎[x] 300 ml milk⏎[ ] 2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      ☐ 200 g flour⏎☑ 300 ml milk⏎☐ 2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      1) 200 g flour⏎2) 300 ml milk⏎3) 2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      a) 200 g flour⏎b) 300 ml milk⏎c) 2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      > 200 g flour⏎> 300 ml milk⏎> 2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      * 200 g flour⏎** sifted⏎* 300 ml milk⏎* 2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour - sifted⏎300 ml milk - warm⏎2 eggs - beaten|wheat-flour-white=200,milk-whole=309,egg=100
      Flour ........ 200 g⏎Milk ......... 300 ml⏎Eggs ......... 2|wheat-flour-white=200,milk-whole=309,egg=100
      FLOUR 200G⏎MILK 300ML⏎EGGS 2|wheat-flour-white=200,milk-whole=309,egg=100
      flour (g): 200⏎milk (ml): 300⏎eggs: 2|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour 720 kcal⏎300 ml milk 190 kcal⏎2 eggs 140 kcal⏎total 1050 kcal|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour (0.20)⏎300 ml milk (0.30)⏎2 eggs (0.50)|wheat-flour-white=200,milk-whole=309,egg=100
      200 g (1 2/3 cups) flour⏎300 ml (1 1/4 cups) milk⏎2 eggs|wheat-flour-white=200,milk-whole=309,egg=100
      200 g / 1 2/3 cups flour⏎300 ml / 1 1/4 cups milk⏎2 large eggs|wheat-flour-white=200,milk-whole=309,egg=100
      Batter⏎======⏎200 g flour⏎2 eggs⏎⏎Topping⏎=======⏎20 g honey|wheat-flour-white=200,egg=100,honey@PLATE=20
      ## Batter⏎200 g flour⏎2 eggs⏎## Topping⏎20 g honey|wheat-flour-white=200,egg=100,honey@PLATE=20
      **Batter**⏎200 g flour⏎2 eggs⏎**Topping**⏎20 g honey|wheat-flour-white=200,egg=100,honey@PLATE=20
      --- Batter ---⏎200 g flour⏎2 eggs⏎--- Topping ---⏎20 g honey|wheat-flour-white=200,egg=100,honey@PLATE=20
      BATTER:⏎200 g flour⏎2 eggs⏎PAN:⏎5 g oil⏎PLATE:⏎20 g honey|wheat-flour-white=200,egg=100,oil-sunflower@PAN=5,honey@PLATE=20
      Batter – 200 g flour, 2 eggs⏎Pan – 5 g oil⏎Plate – 20 g honey|wheat-flour-white=200,egg=100,oil-sunflower@PAN=5,honey@PLATE=20
      200 g flour → batter⏎10 g butter → pan⏎20 g honey → plate|wheat-flour-white=200,butter@PAN=10,honey@PLATE=20
      10 g butter -> pan, 200 g flour|wheat-flour-white=200,butter@PAN=10
      Hi! Here is what we had:⏎200 g flour⏎2 eggs⏎Thanks, Jo|wheat-flour-white=200,egg=100
      Dear Ann,⏎as promised: 200 g flour, 2 eggs, 300 ml milk. Makes 8.⏎Love, Jo|wheat-flour-white=200,egg=100,milk-whole=309;pieces 8
      Sent from my phone⏎200 g flour⏎2 eggs|wheat-flour-white=200,egg=100
      Saturday 28.11.⏎200 g flour⏎2 eggs⏎8 pcs|wheat-flour-white=200,egg=100;pieces 8
      9:15 200 g flour in⏎9:20 2 eggs in⏎9:50 first waffle|wheat-flour-white=200,egg=100
      p. 34⏎200 g flour⏎2 eggs|wheat-flour-white=200,egg=100
      """;

  @Test
  void whatIsListedCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

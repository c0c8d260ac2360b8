package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Where a food of a list goes, in a bare word. */
class PlaceTagsSaidTest {
  private static final String TEXTS =
      """
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g butter (goes in the pan)|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g honey (finish)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎to drizzle: 20 g honey|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g butter (for greasing)|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g honey (for decorating)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎to finish: 20 g honey|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎raspberries (for drizzling) 20 g|egg=100,milk-whole=309,raspberries=20@PLATE,wheat-flour-white=200
      flour 200 g, milk 300 ml, eggs 2, raspberries 20 g (for dusting)|egg=100,milk-whole=309,raspberries=20@PLATE,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g rapeseed oil – pan|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g rapeseed oil – to cook|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎rapeseed oil, pan: 20 g|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g honey (to serve)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g butter (for frying)|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g butter, to cook|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g honey, for dusting|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g honey (spread on)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g honey (afterwards)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g raspberries – when served|egg=100,milk-whole=309,raspberries=20@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g sugar (batter)|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎raspberries, afterwards: 20 g|egg=100,milk-whole=309,raspberries=20@PLATE,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎rapeseed oil (for the pan) 20 g|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎rapeseed oil (waffle iron) 20 g|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      flour 200 g, milk 300 ml, eggs 2, rapeseed oil 20 g (to fry)|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g honey (for drizzling)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g honey (as topping)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g sugar (in the mix)|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g honey (for decorating)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g sugar (for the batter)|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎when served: 20 g honey|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g sugar (in it)|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      flour 200 g, milk 300 ml, eggs 2, raspberries 20 g (on each plate)|egg=100,milk-whole=309,raspberries=20@PLATE,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g rapeseed oil – cooking|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g rapeseed oil – on the griddle|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎rapeseed oil, cooking: 20 g|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g honey (decoration)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g raspberries – as topping|egg=100,milk-whole=309,raspberries=20@PLATE,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g honey (for topping)|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g rapeseed oil – used in the pan|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g butter (the pan)|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g rapeseed oil – shallow frying|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g rapeseed oil – griddle|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour; 2 eggs; 300 ml milk; 20 g rapeseed oil – for frying|egg=100,milk-whole=309,oil-canola=20@PAN,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎butter, in it: 20 g|butter=20,egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void placed() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

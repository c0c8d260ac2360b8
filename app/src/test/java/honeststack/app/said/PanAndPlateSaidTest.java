package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What is said to go into the pan and onto the plate. */
class PanAndPlateSaidTest {
  private static final String TEXTS =
      """
      200 g flour⏎2 eggs⏎300 ml milk⏎oil the pan with 10 g coconut oil⏎plate: 5g chopped walnuts|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=10,walnuts@PLATE=5
      200 g flour, 2 eggs, 300 ml milk. Maple syrup to serve, 15g.|wheat-flour-white=200,egg=100,milk-whole=309,maple-syrup@PLATE=15
      200 g flour, 2 eggs, 300 ml milk. In the pan 5g coconut oil. On top: 5 g maple syrup.|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=5,maple-syrup@PLATE=5
      200 g flour, 2 eggs, 300 ml milk, oil, 5g, for the pan, 5 g chopped walnuts for serving|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=5,walnuts@PLATE=5
      200 g flour⏎2 eggs⏎300 ml milk⏎on the plate 30 g chopped walnuts|wheat-flour-white=200,egg=100,milk-whole=309,walnuts@PLATE=30
      200 g flour, 2 eggs, 300 ml milk⏎10g raspberries for serving|wheat-flour-white=200,egg=100,milk-whole=309,raspberries@PLATE=10
      200 g flour, 2 eggs, 300 ml milk⏎Plus 15g lard for frying⏎With 30g golden syrup on|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=15,golden-syrup@PLATE=30
      200 g flour, 2 eggs, 300 ml milk⏎For the pan: 50 g coconut oil|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=50
      200 g flour, 2 eggs, 300 ml milk⏎Plus 30 g oil for frying⏎Plus 20g raspberries to serve|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=30,raspberries@PLATE=20
      200 g flour, 2 eggs, 300 ml milk. Lard, 15g, for the pan. 20g jam for drizzling.|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=15,jam@PLATE=20
      200 g flour, 2 eggs, 300 ml milk. Used 15g butter for frying. Topped with 10g chopped walnuts.|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=15,walnuts@PLATE=10
      200 g flour, 2 eggs, 300 ml milk, greased the griddle with 5g butter, top with 5g maple syrup|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=5,maple-syrup@PLATE=5
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g raspberries to serve|wheat-flour-white=200,egg=100,milk-whole=309,raspberries@PLATE=50
      200 g flour, 2 eggs, 300 ml milk. The pan gets 50 g lard. 20 g golden syrup for the top.|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=50,golden-syrup@PLATE=20
      200 g flour, 2 eggs, 300 ml milk. Serve with 15 g maple syrup.|wheat-flour-white=200,egg=100,milk-whole=309,maple-syrup@PLATE=15
      200 g flour, 2 eggs, 300 ml milk. Melt 10g ghee in the skillet. Toppings: 10 g golden syrup.|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=10,golden-syrup@PLATE=10
      200 g flour, 2 eggs, 300 ml milk⏎In the pan 50 g oil|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=50
      200 g flour, 2 eggs, 300 ml milk. Brush the iron with 15 g lard. 5 g maple syrup over the top.|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=15,maple-syrup@PLATE=5
      200 g flour, 2 eggs, 300 ml milk, 20 g lard for the pan|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=20
      200 g flour, 2 eggs, 300 ml milk⏎Pan - 20 g ghee⏎On the plate 20g honey|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=20,honey@PLATE=20
      200 g flour, 2 eggs, 300 ml milk. Topped with 30 g maple syrup.|wheat-flour-white=200,egg=100,milk-whole=309,maple-syrup@PLATE=30
      200 g flour, 2 eggs, 300 ml milk, topped with 20 g maple syrup|wheat-flour-white=200,egg=100,milk-whole=309,maple-syrup@PLATE=20
      200 g flour, 2 eggs, 300 ml milk, 10 g coconut oil (for the pan)|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=10
      200 g flour, 2 eggs, 300 ml milk⏎20g butter for the iron⏎Golden syrup on top, 20g|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=20,golden-syrup@PLATE=20
      200 g flour, 2 eggs, 300 ml milk⏎+ 5 g coconut oil for the pan⏎50g maple syrup to top|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=5,maple-syrup@PLATE=50
      200 g flour, 2 eggs, 300 ml milk⏎For the pan: 10 g coconut oil⏎Topping: 5g jam|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=10,jam@PLATE=5
      200 g flour⏎2 eggs⏎300 ml milk⏎10g maple syrup for drizzling|wheat-flour-white=200,egg=100,milk-whole=309,maple-syrup@PLATE=10
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g lard - pan⏎10g raspberries over the top|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=20,raspberries@PLATE=10
      200 g flour, 2 eggs, 300 ml milk⏎Grease the pan with 15g oil⏎Served with 20 g golden syrup|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=15,golden-syrup@PLATE=20
      200 g flour, 2 eggs, 300 ml milk⏎Plus 30 g honey to serve|wheat-flour-white=200,egg=100,milk-whole=309,honey@PLATE=30
      200 g flour⏎2 eggs⏎300 ml milk⏎20g lard - pan|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=20
      200 g flour, 2 eggs, 300 ml milk, the pan gets 15 g oil, 20 g jam for drizzling|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=15,jam@PLATE=20
      200 g flour⏎2 eggs⏎300 ml milk⏎10 g ghee to fry⏎30 g raspberries poured over|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=10,raspberries@PLATE=30
      200 g flour, 2 eggs, 300 ml milk. The pan gets 5 g butter. Finished with 30 g honey.|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=5,honey@PLATE=30
      200 g flour, 2 eggs, 300 ml milk⏎Oil, 20 g, for the pan⏎Toppings: 5g jam|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=20,jam@PLATE=5
      200 g flour, 2 eggs, 300 ml milk. 50 g oil for the pan. 5 g maple syrup on the side.|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=50,maple-syrup@PLATE=5
      200 g flour⏎2 eggs⏎300 ml milk⏎plate: 20g raspberries|wheat-flour-white=200,egg=100,milk-whole=309,raspberries@PLATE=20
      200 g flour, 2 eggs, 300 ml milk⏎And 10g ghee for the griddle⏎50 g honey over the top|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=10,honey@PLATE=50
      200 g flour⏎2 eggs⏎300 ml milk⏎20 g oil for cooking⏎topped with 30 g chopped walnuts|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=20,walnuts@PLATE=30
      200 g flour, 2 eggs, 300 ml milk⏎15 g lard to cook them in⏎5g chopped walnuts alongside|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=15,walnuts@PLATE=5
      200 g flour, 2 eggs, 300 ml milk. Melt 10 g oil in the skillet.|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=10
      200 g flour⏎2 eggs⏎300 ml milk⏎I fry them in 20 g butter⏎30 g raspberries to finish|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=20,raspberries@PLATE=30
      200 g flour, 2 eggs, 300 ml milk⏎15g oil for the waffle maker⏎Drizzled over 10 g jam|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=15,jam@PLATE=10
      200 g flour, 2 eggs, 300 ml milk⏎Wipe the pan with 15 g ghee⏎Spread with 20 g jam|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=15,jam@PLATE=20
      200 g flour, 2 eggs, 300 ml milk. 30 g oil to fry. Drizzled over 20g honey.|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=30,honey@PLATE=20
      200 g flour, 2 eggs, 300 ml milk⏎Grease the pan with 20 g butter⏎15 g jam to drizzle|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=20,jam@PLATE=15
      200 g flour, 2 eggs, 300 ml milk. Shallow fry in 5g coconut oil. 15g chopped walnuts over the top.|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=5,walnuts@PLATE=15
      200 g flour, 2 eggs, 300 ml milk, and 15 g ghee for the griddle, 10g maple syrup - on top|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=15,maple-syrup@PLATE=10
      200 g flour, 2 eggs, 300 ml milk⏎Pan - 10 g oil⏎Plate: 15 g raspberries|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=10,raspberries@PLATE=15
      200 g flour⏎2 eggs⏎300 ml milk⏎wipe the pan with 5 g oil⏎had them with 20 g chopped walnuts|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=5,walnuts@PLATE=20
      200 g flour, 2 eggs, 300 ml milk⏎50g honey over the top|wheat-flour-white=200,egg=100,milk-whole=309,honey@PLATE=50
      200 g flour, 2 eggs, 300 ml milk⏎With 20g golden syrup on|wheat-flour-white=200,egg=100,milk-whole=309,golden-syrup@PLATE=20
      200 g flour, 2 eggs, 300 ml milk, put 30 g oil in the pan, 10 g maple syrup to serve|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=30,maple-syrup@PLATE=10
      200 g flour⏎2 eggs⏎300 ml milk⏎heat 20 g coconut oil in a frying pan⏎15g chopped walnuts on top|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=20,walnuts@PLATE=15
      200 g flour, 2 eggs, 300 ml milk. Pan: 15g oil. Put 10 g maple syrup on them.|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=15,maple-syrup@PLATE=10
      200 g flour, 2 eggs, 300 ml milk, 5 g oil goes in the pan|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=5
      200 g flour⏎2 eggs⏎300 ml milk⏎toppings: 15 g chopped walnuts|wheat-flour-white=200,egg=100,milk-whole=309,walnuts@PLATE=15
      200 g flour, 2 eggs, 300 ml milk⏎5g coconut oil for greasing⏎10 g raspberries over them|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=5,raspberries@PLATE=10
      200 g flour, 2 eggs, 300 ml milk, 15 g coconut oil to cook them in, maple syrup on top, 50g|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=15,maple-syrup@PLATE=50
      200 g flour, 2 eggs, 300 ml milk. Brush the iron with 50 g ghee. Spread with 30g jam.|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=50,jam@PLATE=30
      200 g flour⏎2 eggs⏎300 ml milk⏎on top: 5g jam|wheat-flour-white=200,egg=100,milk-whole=309,jam@PLATE=5
      200 g flour, 2 eggs, 300 ml milk⏎Grease the pan with 20g oil⏎20g honey for the top|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=20,honey@PLATE=20
      200 g flour, 2 eggs, 300 ml milk. 5g honey (to serve).|wheat-flour-white=200,egg=100,milk-whole=309,honey@PLATE=5
      200 g flour⏎2 eggs⏎300 ml milk⏎brush the iron with 10 g lard⏎on top: 5g raspberries|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=10,raspberries@PLATE=5
      200 g flour, 2 eggs, 300 ml milk⏎Another 50 g butter for the pan|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=50
      200 g flour⏎2 eggs⏎300 ml milk⏎fried in 20g coconut oil⏎on top: 20 g honey|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=20,honey@PLATE=20
      200 g flour⏎2 eggs⏎300 ml milk⏎15 g honey to top|wheat-flour-white=200,egg=100,milk-whole=309,honey@PLATE=15
      200 g flour, 2 eggs, 300 ml milk, the pan gets 50g lard|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=50
      200 g flour, 2 eggs, 300 ml milk, 30 g butter for frying, 30 g raspberries for the top|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=30,raspberries@PLATE=30
      200 g flour, 2 eggs, 300 ml milk⏎10 g ghee goes in the pan⏎10 g golden syrup to top|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=10,golden-syrup@PLATE=10
      200 g flour, 2 eggs, 300 ml milk⏎+ 20g coconut oil for the pan⏎5 g maple syrup (to serve)|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=20,maple-syrup@PLATE=5
      200 g flour, 2 eggs, 300 ml milk⏎Grease the pan with 15g coconut oil⏎Served with 20g jam|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=15,jam@PLATE=20
      200 g flour, 2 eggs, 300 ml milk⏎And 50 g ghee for the griddle⏎Topped with 30 g maple syrup|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=50,maple-syrup@PLATE=30
      200 g flour, 2 eggs, 300 ml milk, brush the iron with 15 g oil, finished with 20g golden syrup|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=15,golden-syrup@PLATE=20
      200 g flour⏎2 eggs⏎300 ml milk⏎Pan - 5 g oil⏎eaten with 30g maple syrup|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=5,maple-syrup@PLATE=30
      200 g flour, 2 eggs, 300 ml milk, drizzled over 50g raspberries|wheat-flour-white=200,egg=100,milk-whole=309,raspberries@PLATE=50
      200 g flour, 2 eggs, 300 ml milk⏎Toppings: 10 g chopped walnuts|wheat-flour-white=200,egg=100,milk-whole=309,walnuts@PLATE=10
      200 g flour, 2 eggs, 300 ml milk⏎+ 20 g lard for the pan|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=20
      200 g flour, 2 eggs, 300 ml milk. Grease the pan with 20 g ghee. Serve with 10g honey.|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=20,honey@PLATE=10
      200 g flour, 2 eggs, 300 ml milk⏎10g of oil for the pan⏎30g raspberries on the side|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=10,raspberries@PLATE=30
      200 g flour, 2 eggs, 300 ml milk. Melt 10 g ghee in the skillet. Topped with 30g honey.|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=10,honey@PLATE=30
      200 g flour, 2 eggs, 300 ml milk⏎Pan - 30 g ghee⏎30 g golden syrup to top|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=30,golden-syrup@PLATE=30
      200 g flour, 2 eggs, 300 ml milk, 50 g butter for the iron|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=50
      200 g flour⏎2 eggs⏎300 ml milk⏎put 20g maple syrup on them|wheat-flour-white=200,egg=100,milk-whole=309,maple-syrup@PLATE=20
      200 g flour, 2 eggs, 300 ml milk. 50 g golden syrup to top.|wheat-flour-white=200,egg=100,milk-whole=309,golden-syrup@PLATE=50
      200 g flour, 2 eggs, 300 ml milk⏎30 g chopped walnuts on the side|wheat-flour-white=200,egg=100,milk-whole=309,walnuts@PLATE=30
      200 g flour⏎2 eggs⏎300 ml milk⏎10 g butter for the pan|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=10
      200 g flour, 2 eggs, 300 ml milk, 20g chopped walnuts to drizzle|wheat-flour-white=200,egg=100,milk-whole=309,walnuts@PLATE=20
      200 g flour⏎2 eggs⏎300 ml milk⏎50g lard to cook them in⏎had them with 50g raspberries|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=50,raspberries@PLATE=50
      200 g flour⏎2 eggs⏎300 ml milk⏎swirl 20 g lard round the pan⏎20 g raspberries on top|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=20,raspberries@PLATE=20
      200 g flour⏎2 eggs⏎300 ml milk⏎in the pan 10 g oil⏎15 g maple syrup to drizzle|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=10,maple-syrup@PLATE=15
      200 g flour, 2 eggs, 300 ml milk⏎Pan: 10g coconut oil|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=10
      200 g flour, 2 eggs, 300 ml milk. Used 10g coconut oil for frying. 15 g maple syrup on the side.|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=10,maple-syrup@PLATE=15
      200 g flour, 2 eggs, 300 ml milk, with 30g chopped walnuts on|wheat-flour-white=200,egg=100,milk-whole=309,walnuts@PLATE=30
      200 g flour, 2 eggs, 300 ml milk⏎Used 10g coconut oil for frying⏎Spread with 20g jam|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=10,jam@PLATE=20
      200 g flour, 2 eggs, 300 ml milk, shallow fry in 50g coconut oil|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=50
      200 g flour⏎2 eggs⏎300 ml milk⏎5 g oil for the pan⏎20 g chopped walnuts over them|wheat-flour-white=200,egg=100,milk-whole=309,oil-sunflower@PAN=5,walnuts@PLATE=20
      200 g flour⏎2 eggs⏎300 ml milk⏎they were fried in 30 g coconut oil⏎5g maple syrup for the top|wheat-flour-white=200,egg=100,milk-whole=309,oil-coconut@PAN=30,maple-syrup@PLATE=5
      200 g flour, 2 eggs, 300 ml milk. Pan - 5 g lard. 5 g raspberries over them.|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=5,raspberries@PLATE=5
      200 g flour⏎2 eggs⏎300 ml milk⏎10 g ghee to grease the iron⏎5 g chopped walnuts on top|wheat-flour-white=200,egg=100,milk-whole=309,ghee@PAN=10,walnuts@PLATE=5
      200 g flour, 2 eggs, 300 ml milk. The pan gets 10g butter.|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=10
      200 g flour, 2 eggs, 300 ml milk, melt 5g lard in the skillet, 20g jam poured over|wheat-flour-white=200,egg=100,milk-whole=309,lard@PAN=5,jam@PLATE=20
      """;

  @Test
  void eachGoesWhereItIsSaid() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

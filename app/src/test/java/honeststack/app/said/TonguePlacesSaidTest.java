package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Where something goes, and how many came out, said in other languages. */
class TonguePlacesSaidTest {
  private static final String TEXTS =
      """
      200 g Mehl, 2 Eier, 300 ml Milch. 10 g Butter zum Braten.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. 10 g Butter für die Pfanne.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. In 10 g Butter ausbacken.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. In 10 g Butter gebraten.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. Die Pfanne mit 10 g Butter einfetten.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. Mit 10 g Butter braten.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. 20 g Honig obendrauf.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. Mit 20 g Honig servieren.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. Darauf 20 g Honig.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. Mit 20 g Honig beträufeln.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. Serviert mit 20 g Honig.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. 20 g Honig darüber.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g Mehl, 2 Eier, 300 ml Milch. 10 g Butter zum Braten. 20 g Honig obendrauf. Ergibt 8 Stück.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. 10 g Butter für die Pfanne. Mit 20 g Honig servieren. Ergibt 8 Stück.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. In 10 g Butter ausbacken. Darauf 20 g Honig. Ergibt 8 Stück.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. In 10 g Butter gebraten. Mit 20 g Honig beträufeln. Ergibt 8 Stück.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. Die Pfanne mit 10 g Butter einfetten. Serviert mit 20 g Honig. Ergibt 8 Stück.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. Mit 10 g Butter braten. 20 g Honig darüber. Ergibt 8 Stück.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de farine, 2 œufs, 300 ml de lait. 10 g de beurre pour la poêle.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g de farine, 2 œufs, 300 ml de lait. 10 g de beurre pour la cuisson.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g de farine, 2 œufs, 300 ml de lait. Cuire dans 10 g de beurre.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g de farine, 2 œufs, 300 ml de lait. Beurrer la poêle avec 10 g de beurre.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g de farine, 2 œufs, 300 ml de lait. 20 g de miel par-dessus.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g de farine, 2 œufs, 300 ml de lait. Servir avec 20 g de miel.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g de farine, 2 œufs, 300 ml de lait. Garnir de 20 g de miel.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g de farine, 2 œufs, 300 ml de lait. Napper de 20 g de miel.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g de farine, 2 œufs, 300 ml de lait. 10 g de beurre pour la poêle. 20 g de miel par-dessus. Pour 8 crêpes.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de farine, 2 œufs, 300 ml de lait. 10 g de beurre pour la cuisson. Servir avec 20 g de miel. Pour 8 crêpes.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de farine, 2 œufs, 300 ml de lait. Cuire dans 10 g de beurre. Garnir de 20 g de miel. Pour 8 crêpes.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de farine, 2 œufs, 300 ml de lait. Beurrer la poêle avec 10 g de beurre. Napper de 20 g de miel. Pour 8 crêpes.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g di farina, 2 uova, 300 ml di latte. 10 g di burro per la padella.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g di farina, 2 uova, 300 ml di latte. 10 g di burro per friggere.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g di farina, 2 uova, 300 ml di latte. Cuocere in 10 g di burro.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g di farina, 2 uova, 300 ml di latte. 10 g di burro per ungere la padella.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g di farina, 2 uova, 300 ml di latte. 20 g di miele sopra.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g di farina, 2 uova, 300 ml di latte. Servire con 20 g di miele.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g di farina, 2 uova, 300 ml di latte. Guarnire con 20 g di miele.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g di farina, 2 uova, 300 ml di latte. Per servire 20 g di miele.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g di farina, 2 uova, 300 ml di latte. 10 g di burro per la padella. 20 g di miele sopra. 8 pezzi.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g di farina, 2 uova, 300 ml di latte. 10 g di burro per friggere. Servire con 20 g di miele. 8 pezzi.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g di farina, 2 uova, 300 ml di latte. Cuocere in 10 g di burro. Guarnire con 20 g di miele. 8 pezzi.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g di farina, 2 uova, 300 ml di latte. 10 g di burro per ungere la padella. Per servire 20 g di miele. 8 pezzi.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de harina, 2 huevos, 300 ml de leche. 10 g de mantequilla para la sartén.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g de harina, 2 huevos, 300 ml de leche. 10 g de mantequilla para freír.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g de harina, 2 huevos, 300 ml de leche. Freír en 10 g de mantequilla.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g de harina, 2 huevos, 300 ml de leche. 20 g de miel por encima.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g de harina, 2 huevos, 300 ml de leche. Servir con 20 g de miel.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g de harina, 2 huevos, 300 ml de leche. Para servir 20 g de miel.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g de harina, 2 huevos, 300 ml de leche. 10 g de mantequilla para la sartén. 20 g de miel por encima. 8 tortitas.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de harina, 2 huevos, 300 ml de leche. 10 g de mantequilla para freír. Servir con 20 g de miel. 8 tortitas.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de harina, 2 huevos, 300 ml de leche. Freír en 10 g de mantequilla. Para servir 20 g de miel. 8 tortitas.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g bloem, 2 eieren, 300 ml melk. 10 g boter om te bakken.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g bloem, 2 eieren, 300 ml melk. 10 g boter voor de pan.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g bloem, 2 eieren, 300 ml melk. Bakken in 10 g boter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g bloem, 2 eieren, 300 ml melk. 20 g honing erop.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g bloem, 2 eieren, 300 ml melk. Serveren met 20 g honing.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g bloem, 2 eieren, 300 ml melk. Geserveerd met 20 g honing.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g bloem, 2 eieren, 300 ml melk. 10 g boter om te bakken. 20 g honing erop. 8 pannenkoeken.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g bloem, 2 eieren, 300 ml melk. 10 g boter voor de pan. Serveren met 20 g honing. 8 pannenkoeken.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g bloem, 2 eieren, 300 ml melk. Bakken in 10 g boter. Geserveerd met 20 g honing. 8 pannenkoeken.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mjöl, 2 ägg, 300 ml mjölk. 10 g smör till stekning.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g mjöl, 2 ägg, 300 ml mjölk. Stek i 10 g smör.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g mjöl, 2 ägg, 300 ml mjölk. 20 g honung ovanpå.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g mjöl, 2 ägg, 300 ml mjölk. Servera med 20 g honung.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g mjöl, 2 ägg, 300 ml mjölk. Till servering 20 g honung.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g mjöl, 2 ägg, 300 ml mjölk. 10 g smör till stekning. 20 g honung ovanpå. 8 pannkakor.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mjöl, 2 ägg, 300 ml mjölk. Stek i 10 g smör. Till servering 20 g honung. 8 pannkakor.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mąki, 2 jajka, 300 ml mleka. 10 g masła do smażenia.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g mąki, 2 jajka, 300 ml mleka. 10 g masła na patelnię.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g mąki, 2 jajka, 300 ml mleka. Smażyć na 10 g masła.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g mąki, 2 jajka, 300 ml mleka. 20 g miodu na wierzch.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g mąki, 2 jajka, 300 ml mleka. Podawać z 20 g miodu.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g mąki, 2 jajka, 300 ml mleka. Do podania 20 g miodu.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g mąki, 2 jajka, 300 ml mleka. 10 g masła do smażenia. 20 g miodu na wierzch. 8 naleśników.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mąki, 2 jajka, 300 ml mleka. 10 g masła na patelnię. Podawać z 20 g miodu. 8 naleśników.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mąki, 2 jajka, 300 ml mleka. Smażyć na 10 g masła. Do podania 20 g miodu. 8 naleśników.|butter=10@PAN,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. Es wurden 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. Das ergab 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. Es wurden 8 Stück.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. Das macht 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. Es ergab 8 Pfannkuchen.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. Macht 8 Pfannkuchen.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g Mehl, 2 Eier, 300 ml Milch. Ergibt 8 Stück.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de farine, 2 œufs, 300 ml de lait. On en a fait 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de farine, 2 œufs, 300 ml de lait. J'en ai fait 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de farine, 2 œufs, 300 ml de lait. J'en ai eu 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de farine, 2 œufs, 300 ml de lait. Pour 8 crêpes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de farine, 2 œufs, 300 ml de lait. Ça fait 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g bloem, 2 eieren, 300 ml melk. Ik kreeg er 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g bloem, 2 eieren, 300 ml melk. We kregen er 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g bloem, 2 eieren, 300 ml melk. 8 pannenkoeken.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g bloem, 2 eieren, 300 ml melk. 8 stuks.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mąki, 2 jajka, 300 ml mleka. Wyszło 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mąki, 2 jajka, 300 ml mleka. Wyszło 8 sztuk.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mąki, 2 jajka, 300 ml mleka. Wychodzi 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mąki, 2 jajka, 300 ml mleka. 8 naleśników.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mjöl, 2 ägg, 300 ml mjölk. Det blev 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mjöl, 2 ägg, 300 ml mjölk. Blir 8 st.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mjöl, 2 ägg, 300 ml mjölk. 8 pannkakor.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g mjöl, 2 ägg, 300 ml mjölk. Det blir 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de harina, 2 huevos, 300 ml de leche. Salen 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de harina, 2 huevos, 300 ml de leche. Me salieron 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de harina, 2 huevos, 300 ml de leche. 8 tortitas.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g de harina, 2 huevos, 300 ml de leche. Nos salen 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g di farina, 2 uova, 300 ml di latte. Ne vengono 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g di farina, 2 uova, 300 ml di latte. Me ne sono venuti 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g di farina, 2 uova, 300 ml di latte. 8 pezzi.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g di farina, 2 uova, 300 ml di latte. Ne ho fatti 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      """;

  @Test
  void placed() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

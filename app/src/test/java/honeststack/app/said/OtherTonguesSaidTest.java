package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * Lists in German, French, Spanish, Italian, Dutch, Swedish and Polish, with what is for the pan
 * and the plate, how many come out and who eats.
 */
class OtherTonguesSaidTest {
  private static final String TEXTS =
      """
      2 cucharaditas de polvo de hornear, 2 huevos, 200 g de harina y 40 g de mantequilla. 10 g de mantequilla para la sartén. 50 g de miel para servir. Salen 12.|baking-powder=9,egg=100,wheat-flour-white=200,butter=40,butter@PAN=10,honey@PLATE=50;pieces 12
      2 cucharaditas de polvo de hornear, 3 cucharadas de azúcar, 1 cucharada de aceite, 300 ml de leche y 40 g de mantequilla. 50 g de miel para servir.|baking-powder=9,sugar-white=38,oil-sunflower=14,milk-whole=309,butter=40,honey@PLATE=50
      40 g Butter, 1 TL Salz, 30 g Zucker, 200 g Mehl und 2 Eier. 10 g Butter zum Braten. 100 g Erdbeeren dazu. Ergibt 6 Stück.|butter=40,salt=6,sugar-white=30,wheat-flour-white=200,egg=100,butter@PAN=10,strawberries@PLATE=100;pieces 6
      2 tsk bakpulver, 2 ägg, 1 msk olja, 30 g socker, 1 tsk salt, 3 dl mjölk och 3 dl vetemjöl. 10 g smör till stekning. 50 g honung till servering. 6 stycken.|baking-powder=9,egg=100,oil-sunflower=14,sugar-white=30,salt=6,milk-whole=309,wheat-flour-white=171,butter@PAN=10,honey@PLATE=50;pieces 6
      3 dl mjölk, 1 tsk salt, 40 g smör, 2 ägg, 3 dl vetemjöl, 30 g socker, 2 msk smör till stekpannan. 2 portioner.|milk-whole=309,salt=6,butter=40,egg=100,wheat-flour-white=171,sugar-white=30,butter@PAN=28;serves 2
      200 g de harina, 3 cucharadas de azúcar, 2 huevos, 2 cucharaditas de polvo de hornear, 300 ml de leche, 1 cucharadita de sal, 50 g de miel para servir.|wheat-flour-white=200,sugar-white=38,egg=100,baking-powder=9,milk-whole=309,salt=6,honey@PLATE=50
      300 ml Milch, 30 g Zucker, 2 Eier, 2 EL Öl zum Ausbacken, 60 g Ahornsirup obendrauf. Für 3 Personen.|milk-whole=309,sugar-white=30,egg=100,oil-sunflower@PAN=27,maple-syrup@PLATE=60;serves 3
      30 g socker, 3 dl mjölk, 40 g smör.|sugar-white=30,milk-whole=309,butter=40
      Für 2 Personen⏎30 g Zucker⏎40 g Butter⏎1 TL Salz⏎200 g Mehl⏎Dazu 80 g Apfelmus|sugar-white=30,butter=40,salt=6,wheat-flour-white=200,applesauce@PLATE=80;serves 2
      1 cucharadita de sal, 2 cucharaditas de polvo de hornear, 2 huevos y 40 g de mantequilla. 10 g de mantequilla para la sartén. 50 g de miel para servir. Para 10 tortitas.|salt=6,baking-powder=9,egg=100,butter=40,butter@PAN=10,honey@PLATE=50;pieces 10
      300 ml Milch, 1 EL Öl, 100 g Quark, 2 TL Backpulver. Reicht für 12 Pfannkuchen.|milk-whole=309,oil-sunflower=14,quark-lean=100,baking-powder=9;pieces 12
      2 œufs, 3 dl de lait, 1 c. à soupe d'huile, 2 cuillères à café de levure chimique, 200 g de farine, 40 g de beurre, 2 c. à soupe d'huile pour la poêle. Pour 10 pancakes.|egg=100,milk-whole=309,oil-sunflower=14,baking-powder=9,wheat-flour-white=200,butter=40,oil-sunflower@PAN=27;pieces 10
      1 c. à café de sel, 2 cuillères à café de levure chimique et 200 g de farine. Pour 2 personnes.|salt=6,baking-powder=9,wheat-flour-white=200;serves 2
      10 stycken⏎2 ägg⏎1 tsk salt⏎3 dl mjölk⏎1 msk olja⏎3 dl vetemjöl⏎40 g smör⏎10 g smör till stekning|egg=100,salt=6,milk-whole=309,oil-sunflower=14,wheat-flour-white=171,butter=40,butter@PAN=10;pieces 10
      2 tsk bakpulver, 30 g socker och 40 g smör. 50 g honung till servering. 2 portioner.|baking-powder=9,sugar-white=30,butter=40,honey@PLATE=50;serves 2
      200 g de farine, 40 g de beurre, 3 dl de lait et 30 g de sucre.|wheat-flour-white=200,butter=40,milk-whole=309,sugar-white=30
      2 TL Backpulver⏎1 EL Öl⏎300 ml Milch⏎1 TL Salz⏎30 g Zucker⏎10 g Butter zum Braten⏎Das gibt 10 Waffeln|baking-powder=9,oil-sunflower=14,milk-whole=309,salt=6,sugar-white=30,butter@PAN=10;pieces 10
      2 eieren⏎100 g boekweitmeel⏎1 el olie⏎300 ml melk⏎100 g aardbeien voor erbij⏎Voor 8 pannenkoeken|egg=100,buckwheat-flour=100,oil-sunflower=14,milk-whole=309,strawberries@PLATE=100;pieces 8
      3 dl mjölk, 1 tsk salt, 2 ägg, 1 msk olja, 3 dl vetemjöl, 2 tsk bakpulver och 30 g socker. 2 msk smör till stekpannan. 1 dl sylt till servering. Ger 10 st.|milk-whole=309,salt=6,egg=100,oil-sunflower=14,wheat-flour-white=171,baking-powder=9,sugar-white=30,butter@PAN=28,jam@PLATE=135;pieces 10
      1 msk olja, 3 dl mjölk, 2 ägg, 40 g smör, 1 dl sylt till servering.|oil-sunflower=14,milk-whole=309,egg=100,butter=40,jam@PLATE=135
      1 c. à café de sel, 300 ml de lait, 200 g de farine. Pour 4 personnes.|salt=6,milk-whole=309,wheat-flour-white=200;serves 4
      30 g de azúcar, 2 huevos, 40 g de mantequilla, 200 g de harina, 2 cucharaditas de polvo de hornear, 1 cucharada de aceite, 300 ml de leche, 100 g de fresas para decorar.|sugar-white=30,egg=100,butter=40,wheat-flour-white=200,baking-powder=9,oil-sunflower=14,milk-whole=309,strawberries@PLATE=100
      1 cucharada de aceite, 300 ml de leche, 1 cucharadita de sal y 2 cucharaditas de polvo de hornear. 30 g de mermelada por encima. 2 porciones.|oil-sunflower=14,milk-whole=309,salt=6,baking-powder=9,jam@PLATE=30;serves 2
      40 g di burro⏎1 cucchiaio di olio⏎2 uova⏎200 g di farina⏎30 g di zucchero⏎300 ml di latte⏎10 g di burro per la padella⏎3 porzioni|butter=40,oil-sunflower=14,egg=100,wheat-flour-white=200,sugar-white=30,milk-whole=309,butter@PAN=10;serves 3
      2 huevos, 200 g de harina, 1 cucharada de aceite, 300 ml de leche, 30 g de azúcar y 1 cucharadita de sal. 30 g de mermelada por encima. 3 porciones.|egg=100,wheat-flour-white=200,oil-sunflower=14,milk-whole=309,sugar-white=30,salt=6,jam@PLATE=30;serves 3
      2 huevos, 40 g de mantequilla, 2 cucharaditas de polvo de hornear, 30 g de azúcar, 1 cucharadita de sal, 200 g de harina, 10 g de mantequilla para la sartén, 30 g de mermelada por encima.|egg=100,butter=40,baking-powder=9,sugar-white=30,salt=6,wheat-flour-white=200,butter@PAN=10,jam@PLATE=30
      4 personer⏎40 g smör⏎3 dl vetemjöl⏎2 tsk bakpulver⏎1 msk olja⏎3 dl mjölk⏎30 g socker⏎1 tsk salt|butter=40,wheat-flour-white=171,baking-powder=9,oil-sunflower=14,milk-whole=309,sugar-white=30,salt=6;serves 4
      200 g mąki⏎1 łyżeczka soli⏎2 jajka⏎30 g cukru⏎40 g masła⏎12 sztuk|wheat-flour-white=200,salt=6,egg=100,sugar-white=30,butter=40;pieces 12
      100 g boekweitmeel⏎30 g suiker⏎2 eieren⏎40 g boter⏎1 el olie⏎1 tl zout⏎200 g bloem⏎100 g aardbeien voor erbij⏎Voor 10 pannenkoeken|buckwheat-flour=100,sugar-white=30,egg=100,butter=40,oil-sunflower=14,salt=6,wheat-flour-white=200,strawberries@PLATE=100;pieces 10
      2 uova⏎40 g di burro⏎300 ml di latte⏎1 cucchiaio di olio⏎30 g di zucchero⏎50 g di miele per servire⏎Dosi per 6 pancake|egg=100,butter=40,milk-whole=309,oil-sunflower=14,sugar-white=30,honey@PLATE=50;pieces 6
      1 cucchiaino di sale, 30 g di zucchero, 100 g di ricotta, 200 g di farina e 2 uova. 10 g di burro per la padella. Per 10 pezzi.|salt=6,sugar-white=30,ricotta-whole=100,wheat-flour-white=200,egg=100,butter@PAN=10;pieces 10
      40 g di burro, 2 uova, 200 g di farina, 100 g di ricotta. Per 2 persone.|butter=40,egg=100,wheat-flour-white=200,ricotta-whole=100;serves 2
      1 c. à soupe d'huile, 30 g de sucre, 2 œufs, 2 cuillères à café de levure chimique et 300 ml de lait. 10 g de beurre pour la poêle. 8 pièces.|oil-sunflower=14,sugar-white=30,egg=100,baking-powder=9,milk-whole=309,butter@PAN=10;pieces 8
      100 g di ricotta, 200 g di farina, 1 cucchiaino di sale e 1 cucchiaio di olio. 10 g di burro per la padella. Per 8 pezzi.|ricotta-whole=100,wheat-flour-white=200,salt=6,oil-sunflower=14,butter@PAN=10;pieces 8
      40 g boter⏎2 tl bakpoeder⏎300 ml melk⏎2 el olie om in te bakken⏎100 g aardbeien voor erbij⏎Ongeveer 6 stuks|butter=40,baking-powder=9,milk-whole=309,oil-sunflower@PAN=27,strawberries@PLATE=100;pieces 6
      2 cucharaditas de polvo de hornear, 40 g de mantequilla, 2 huevos y 1 cucharadita de sal. Para 6 tortitas.|baking-powder=9,butter=40,egg=100,salt=6;pieces 6
      1 cucharada de aceite, 3 cucharadas de azúcar, 2 huevos y 300 ml de leche. 2 cucharadas de aceite para freír. 30 g de mermelada por encima. 2 raciones.|oil-sunflower=14,sugar-white=38,egg=100,milk-whole=309,oil-sunflower@PAN=27,jam@PLATE=30;serves 2
      200 g de harina, 1 cucharada de aceite, 2 huevos, 2 cucharaditas de polvo de hornear, 1 cucharadita de sal.|wheat-flour-white=200,oil-sunflower=14,egg=100,baking-powder=9,salt=6
      3 dl de lait⏎1 c. à soupe d'huile⏎1 c. à café de sel⏎30 g de sucre⏎2 cuillères à café de levure chimique⏎60 g de confiture pour servir|milk-whole=309,oil-sunflower=14,salt=6,sugar-white=30,baking-powder=9,jam@PLATE=60
      300 ml de lait, 2 œufs, 1 c. à soupe d'huile. Pour 10 crêpes.|milk-whole=309,egg=100,oil-sunflower=14;pieces 10
      100 g boekweitmeel, 40 g boter, 300 ml melk, 2 eieren en 2 tl bakpoeder. Goed voor 8 pannenkoeken.|buckwheat-flour=100,butter=40,milk-whole=309,egg=100,baking-powder=9;pieces 8
      1 łyżka oleju, 2 jajka, 1 łyżeczka soli, 40 g masła, 30 g cukru, 300 ml mleka i 200 g mąki. 100 g truskawek do podania. 2 porcje.|oil-sunflower=14,egg=100,salt=6,butter=40,sugar-white=30,milk-whole=309,wheat-flour-white=200,strawberries@PLATE=100;serves 2
      1 tsk salt, 30 g socker och 3 dl mjölk.|salt=6,sugar-white=30,milk-whole=309
      Rinde 10 tortitas⏎1 cucharadita de sal⏎40 g de mantequilla⏎30 g de azúcar⏎300 ml de leche⏎200 g de harina⏎1 cucharada de aceite⏎2 cucharadas de aceite para freír⏎50 g de miel para servir|salt=6,butter=40,sugar-white=30,milk-whole=309,wheat-flour-white=200,oil-sunflower=14,oil-sunflower@PAN=27,honey@PLATE=50;pieces 10
      1 TL Salz⏎100 g Quark⏎300 ml Milch⏎10 g Butter zum Braten⏎100 g Himbeeren als Topping⏎Das gibt 8 Waffeln|salt=6,quark-lean=100,milk-whole=309,butter@PAN=10,raspberries@PLATE=100;pieces 8
      100 g di ricotta, 2 uova, 300 ml di latte, 40 g di burro e farina 200 g. Dosi per 3 persone.|ricotta-whole=100,egg=100,milk-whole=309,butter=40,wheat-flour-white=200;serves 3
      farina 200 g, 100 g di ricotta, 30 g di zucchero, 300 ml di latte, 1 cucchiaino di sale. Dosi per 8 pancake.|wheat-flour-white=200,ricotta-whole=100,sugar-white=30,milk-whole=309,salt=6;pieces 8
      3 dl vetemjöl⏎2 ägg⏎1 msk olja|wheat-flour-white=171,egg=100,oil-sunflower=14
      1 tl zout⏎2 tl bakpoeder⏎100 g boekweitmeel⏎2 eieren⏎50 g honing erop⏎Voor 3 personen|salt=6,baking-powder=9,buckwheat-flour=100,egg=100,honey@PLATE=50;serves 3
      6 sztuk⏎40 g masła⏎30 g cukru⏎300 ml mleka⏎100 g truskawek do podania|butter=40,sugar-white=30,milk-whole=309,strawberries@PLATE=100;pieces 6
      2 uova, 1 cucchiaino di sale, 40 g di burro, 1 cucchiaio di olio, 30 g di zucchero, farina 200 g. Per 6 crespelle.|egg=100,salt=6,butter=40,oil-sunflower=14,sugar-white=30,wheat-flour-white=200;pieces 6
      1 tsk salt, 3 dl mjölk, 40 g smör, 3 dl vetemjöl, 30 g socker, 2 ägg, 1 msk olja. 3 portioner.|salt=6,milk-whole=309,butter=40,wheat-flour-white=171,sugar-white=30,egg=100,oil-sunflower=14;serves 3
      10 sztuk⏎300 ml mleka⏎40 g masła⏎2 jajka⏎30 g cukru⏎1 łyżka oleju⏎2 łyżki oleju do smażenia⏎100 g truskawek do podania|milk-whole=309,butter=40,egg=100,sugar-white=30,oil-sunflower=14,oil-sunflower@PAN=27,strawberries@PLATE=100;pieces 10
      30 g socker, 1 tsk salt, 40 g smör, 2 tsk bakpulver, 3 dl mjölk och 2 ägg. 4 portioner.|sugar-white=30,salt=6,butter=40,baking-powder=9,milk-whole=309,egg=100;serves 4
      300 ml de leche, 2 huevos, 3 cucharadas de azúcar y 1 cucharada de aceite. 10 g de mantequilla para la sartén. Para 12 tortitas.|milk-whole=309,egg=100,sugar-white=38,oil-sunflower=14,butter@PAN=10;pieces 12
      200 g de harina, 300 ml de leche, 1 cucharada de aceite, 2 cucharaditas de polvo de hornear, 3 cucharadas de azúcar y 40 g de mantequilla. Para 3 personas.|wheat-flour-white=200,milk-whole=309,oil-sunflower=14,baking-powder=9,sugar-white=38,butter=40;serves 3
      200 g bloem, 30 g suiker, 2 tl bakpoeder, 1 tl zout, 10 g boter voor de pan. Goed voor 8 pannenkoeken.|wheat-flour-white=200,sugar-white=30,baking-powder=9,salt=6,butter@PAN=10;pieces 8
      40 g Butter, 1 EL Öl, 300 ml Milch, 2 TL Backpulver, 100 g Quark und 1 TL Salz. Ergibt 12 Pfannkuchen.|butter=40,oil-sunflower=14,milk-whole=309,baking-powder=9,quark-lean=100,salt=6;pieces 12
      200 g di farina, 1 cucchiaino di sale e 100 g di ricotta. 10 g di burro per ungere. Per 3 persone.|wheat-flour-white=200,salt=6,ricotta-whole=100,butter@PAN=10;serves 3
      farina 200 g⏎300 ml di latte⏎1 cucchiaio di olio⏎40 g di burro⏎1 cucchiaino di sale⏎2 uova|wheat-flour-white=200,milk-whole=309,oil-sunflower=14,butter=40,salt=6,egg=100
      1 c. à café de sel, 40 g de beurre, 1 c. à soupe d'huile, 3 dl de lait, 2 œufs, 2 cuillères à café de levure chimique et 30 g de sucre.|salt=6,butter=40,oil-sunflower=14,milk-whole=309,egg=100,baking-powder=9,sugar-white=30
      1 c. à café de sel, 200 g de farine, 40 g de beurre, 10 g de beurre pour la cuisson. Pour environ 6 crêpes.|salt=6,wheat-flour-white=200,butter=40,butter@PAN=10;pieces 6
      40 g de mantequilla, 1 cucharada de aceite y 2 huevos. 10 g de mantequilla para la sartén. Rinde 12 tortitas.|butter=40,oil-sunflower=14,egg=100,butter@PAN=10;pieces 12
      2 tsk bakpulver, 2 ägg, 40 g smör, 3 dl mjölk, 2 msk smör till stekpannan. 4 personer.|baking-powder=9,egg=100,butter=40,milk-whole=309,butter@PAN=28;serves 4
      Goed voor 12 pannenkoeken⏎2 eieren⏎300 ml melk⏎40 g boter⏎1 tl zout⏎30 g suiker⏎2 el olie om in te bakken⏎100 g aardbeien voor erbij|egg=100,milk-whole=309,butter=40,salt=6,sugar-white=30,oil-sunflower@PAN=27,strawberries@PLATE=100;pieces 12
      300 ml de lait⏎1 c. à café de sel⏎1 c. à soupe d'huile⏎2 c. à soupe d'huile pour la poêle⏎Pour 2 personnes|milk-whole=309,salt=6,oil-sunflower=14,oil-sunflower@PAN=27;serves 2
      300 ml melk, 1 tl zout, 1 el olie, 40 g boter, 200 g bloem, 30 g suiker, 2 eieren, 50 g honing erop.|milk-whole=309,salt=6,oil-sunflower=14,butter=40,wheat-flour-white=200,sugar-white=30,egg=100,honey@PLATE=50
      2 eieren, 40 g boter, 1 el olie en 30 g suiker. 2 el olie om in te bakken. 100 g aardbeien voor erbij. Ongeveer 8 stuks.|egg=100,butter=40,oil-sunflower=14,sugar-white=30,oil-sunflower@PAN=27,strawberries@PLATE=100;pieces 8
      2 cuillères à café de levure chimique, 40 g de beurre, 2 œufs, 1 c. à café de sel et 300 ml de lait. 10 g de beurre pour la poêle. 50 g de miel pour servir. Pour environ 6 crêpes.|baking-powder=9,butter=40,egg=100,salt=6,milk-whole=309,butter@PAN=10,honey@PLATE=50;pieces 6
      Para 2 personas⏎300 ml de leche⏎1 cucharadita de sal⏎30 g de azúcar⏎2 huevos⏎2 cucharaditas de polvo de hornear|milk-whole=309,salt=6,sugar-white=30,egg=100,baking-powder=9;serves 2
      100 g Quark, 1 EL Öl und 30 g Zucker.|quark-lean=100,oil-sunflower=14,sugar-white=30
      40 g de beurre, 1 c. à soupe d'huile et 2 cuillères à café de levure chimique. 10 g de beurre pour la poêle. 100 g de fraises pour garnir. Pour 10 pancakes.|butter=40,oil-sunflower=14,baking-powder=9,butter@PAN=10,strawberries@PLATE=100;pieces 10
      30 g socker, 3 dl vetemjöl, 40 g smör, 2 ägg, 3 dl mjölk, 2 tsk bakpulver, 1 tsk salt. 6 stycken.|sugar-white=30,wheat-flour-white=171,butter=40,egg=100,milk-whole=309,baking-powder=9,salt=6;pieces 6
      1 tl zout, 300 ml melk, 30 g suiker, 200 g bloem, 2 tl bakpoeder en 2 eieren. 30 g poedersuiker voor erop. 12 stuks.|salt=6,milk-whole=309,sugar-white=30,wheat-flour-white=200,baking-powder=9,egg=100,sugar-icing@PLATE=30;pieces 12
      1 łyżeczka soli, 200 g mąki, 30 g cukru, 1 łyżka oleju, 40 g masła, 2 jajka, 300 ml mleka, 100 g truskawek do podania. 6 sztuk.|salt=6,wheat-flour-white=200,sugar-white=30,oil-sunflower=14,butter=40,egg=100,milk-whole=309,strawberries@PLATE=100;pieces 6
      2 eieren, 300 ml melk, 2 tl bakpoeder, 1 tl zout, 10 g boter om te bakken, 100 g aardbeien voor erbij. Voor 4 personen.|egg=100,milk-whole=309,baking-powder=9,salt=6,butter@PAN=10,strawberries@PLATE=100;serves 4
      Voor 8 pannenkoeken⏎200 g bloem⏎2 tl bakpoeder⏎1 el olie⏎30 g suiker⏎300 ml melk⏎2 eieren⏎10 g boter voor de pan⏎100 g aardbeien voor erbij|wheat-flour-white=200,baking-powder=9,oil-sunflower=14,sugar-white=30,milk-whole=309,egg=100,butter@PAN=10,strawberries@PLATE=100;pieces 8
      40 g de beurre, 200 g de farine et 2 cuillères à café de levure chimique. 10 g de beurre pour la cuisson. 60 g de confiture pour servir. Pour 4 personnes.|butter=40,wheat-flour-white=200,baking-powder=9,butter@PAN=10,jam@PLATE=60;serves 4
      2 cucharaditas de polvo de hornear, 3 cucharadas de azúcar, 1 cucharadita de sal, 1 cucharada de aceite y 2 huevos. 2 cucharadas de aceite para freír. 30 g de mermelada por encima. 12 unidades.|baking-powder=9,sugar-white=38,salt=6,oil-sunflower=14,egg=100,oil-sunflower@PAN=27,jam@PLATE=30;pieces 12
      40 g smör, 2 tsk bakpulver, 3 dl vetemjöl, 30 g socker, 3 dl mjölk, 1 msk olja, 2 ägg. 12 stycken.|butter=40,baking-powder=9,wheat-flour-white=171,sugar-white=30,milk-whole=309,oil-sunflower=14,egg=100;pieces 12
      1 EL Öl, 1 TL Salz und 40 g Butter. 50 g Honig zum Servieren.|oil-sunflower=14,salt=6,butter=40,honey@PLATE=50
      1 łyżeczka soli⏎300 ml mleka⏎1 łyżka oleju⏎2 jajka⏎30 g cukru⏎40 g masła⏎10 g masła do smażenia⏎100 g truskawek do podania|salt=6,milk-whole=309,oil-sunflower=14,egg=100,sugar-white=30,butter=40,butter@PAN=10,strawberries@PLATE=100
      1 łyżeczka soli, 1 łyżka oleju, 300 ml mleka, 40 g masła i 2 jajka. 50 g miodu do podania.|salt=6,oil-sunflower=14,milk-whole=309,butter=40,egg=100,honey@PLATE=50
      30 g de azúcar⏎2 cucharaditas de polvo de hornear⏎1 cucharadita de sal⏎200 g de harina⏎1 cucharada de aceite⏎40 g de mantequilla⏎10 g de mantequilla para la sartén⏎Para 10 tortitas|sugar-white=30,baking-powder=9,salt=6,wheat-flour-white=200,oil-sunflower=14,butter=40,butter@PAN=10;pieces 10
      """;

  @Test
  void eachCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How many come out and for how many, and the usual foods, as other kitchens write them. */
class TonguesSaidTest {
  private static final String TEXTS =
      """
      250 g Mehl|wheat-flour-white=250
      250 g Weizenmehl Type 550|wheat-flour-white=250
      100 g Vollkornmehl|wheat-flour-whole=100
      100 g Dinkelmehl|spelt-flour=100
      100 g Buchweizenmehl|buckwheat-flour=100
      50 g Speisestärke|corn-starch=50
      1 Pck. Backpulver|baking-powder=15
      1 TL Natron|baking-soda=5
      2 EL Zucker|sugar-white=25
      30 g Puderzucker|sugar-icing=30
      1 Päckchen Vanillezucker|vanilla-sugar=8
      250 ml Buttermilch|buttermilk=256
      100 ml Sahne|cream-whipping=100
      100 ml Mineralwasser|water=100
      50 g Butter, geschmolzen|butter=50
      2 EL Öl|oil-sunflower=27
      100 g Apfelmus|applesauce=100
      1 Apfel|apple=182
      2 Eigelb|egg-yolk=34
      3 Eiweiß|egg-white=99
      30 g Haferflocken|oats-rolled=30
      50 g Grieß|semolina=50
      20 g Hefe|yeast-fresh=20
      100 g Heidelbeeren|blueberries=100
      100 g Himbeeren|raspberries=100
      20 g Ahornsirup|maple-syrup=20
      20 g Honig|honey=20
      250 g de farine de sarrasin|buckwheat-flour=250
      250 g de farine complète|wheat-flour-whole=250
      1 c. à café de bicarbonate|baking-soda=5
      50 cl d'eau|water=500
      20 cl de crème|cream-whipping=200
      1 pincée de sel|salt=0
      1 jaune d'œuf|egg-yolk=17
      2 blancs d'œufs|egg-white=66
      60 g de sucre glace|sugar-icing=60
      100 g de compote de pommes|applesauce=100
      1 sachet de sucre vanillé|vanilla-sugar=8
      25 cl de bière|beer=250
      harina de trigo 200 g|wheat-flour-white=200
      harina integral 200 g|wheat-flour-whole=200
      leche entera 200 ml|milk-whole=206
      1 cucharadita de levadura química|baking-powder=5
      1 cucharadita de bicarbonato|baking-soda=5
      2 huevos|egg=100
      aceite de oliva 2 cucharadas|oil-olive=27
      azúcar moreno 30 g|sugar-brown=30
      mantequilla 30 g|butter=30
      miel 20 g|honey=20
      plátano 1|banana=118
      farina integrale 200 g|wheat-flour-whole=200
      200 ml di latte|milk-whole=206
      2 uova|egg=100
      30 g di zucchero a velo|sugar-icing=30
      1 bustina di lievito|baking-powder=16
      olio di semi 2 cucchiai|oil-sunflower=27
      burro 30 g|butter=30
      farina de trigo 2 xícaras|wheat-flour-white=270
      leite 1 xícara|milk-whole=247
      ovos 2|egg=100
      manteiga 30 g|butter=30
      açúcar 2 colheres de sopa|sugar-white=25
      fermento em pó 1 colher de sopa|baking-powder=14
      volkorenmeel 200 g|wheat-flour-whole=200
      zelfrijzend bakmeel 200 g|wheat-flour-self-rising=200
      bloem 200 g|wheat-flour-white=200
      karnemelk 200 ml|buttermilk=205
      poedersuiker 20 g|sugar-icing=20
      bruine suiker 20 g|sugar-brown=20
      snufje zout|salt=0
      roomboter 30 g|butter=30
      zonnebloemolie 2 el|oil-sunflower=27
      vetemjöl 200 g|wheat-flour-white=200
      mjölk 3 dl|milk-whole=309
      smält smör 50 g|butter=50
      socker 30 g|sugar-white=30
      ägg 2 st|egg=100
      bakpulver 2 tsk|baking-powder=9
      vaniljsocker 1 tsk|vanilla-sugar=4
      sylt 20 g|jam=20
      hvetemel 200 g|wheat-flour-white=200
      melk 3 dl|milk-whole=309
      hvedemel 200 g|wheat-flour-white=200
      mælk 3 dl|milk-whole=309
      sukker 30 g|sugar-white=30
      smør 30 g|butter=30
      rømme 100 g|sour-cream=100
      kardemomme 1 ts|cardamom=2
      maitoa 5 dl|milk-whole=515
      kananmunaa 2|egg=100
      sokeria 1 dl|sugar-white=85
      voita 50 g|butter=50
      suolaa 1 tl|salt=6
      mąka pszenna 200 g|wheat-flour-white=200
      mleko 300 ml|milk-whole=309
      jajka 2|egg=100
      cukier 30 g|sugar-white=30
      masło 30 g|butter=30
      proszek do pieczenia 2 łyżeczki|baking-powder=9
      soda oczyszczona 1 łyżeczka|baking-soda=5
      maślanka 250 ml|buttermilk=256
      śmietana 100 g|sour-cream=100
      hladká mouka 200 g|wheat-flour-white=200
      mléko 300 ml|milk-whole=309
      vejce 2|egg=100
      cukr 30 g|sugar-white=30
      liszt 200 g|wheat-flour-white=200
      tej 300 ml|milk-whole=309
      tojás 2|egg=100
      cukor 30 g|sugar-white=30
      мука 200 г|wheat-flour-white=200
      молоко 300 мл|milk-whole=309
      яйцо 2 шт|egg=100
      сахар 30 г|sugar-white=30
      сода 1 ч. л.|baking-soda=5
      кефир 250 мл|kefir=258
      масло сливочное 30 г|butter=30
      соль щепотка|salt=0
      süt 300 ml|milk-whole=309
      yumurta 2|egg=100
      şeker 30 g|sugar-white=30
      tepung terigu 200 g|wheat-flour-white=200
      susu 300 ml|milk-whole=309
      telur 2 butir|egg=100
      Dosi per 12 crêpes|;pieces 12
      Dosi per 4 persone|;serves 4
      Ingredienti per 4 persone|;serves 4
      Ingredienti (per 12 crêpes):|;pieces 12
      Ingredientes para 8 tortitas|;pieces 8
      Ingredientes para 4 personas|;serves 4
      Zutaten für 4 Personen|;serves 4
      Zutaten für 12 Stück|;pieces 12
      Zutaten (für 12 Pfannkuchen)|;pieces 12
      Ergibt 12 Stück|;pieces 12
      Ingrédients pour 4 personnes|;serves 4
      Ingrédients pour 12 crêpes|;pieces 12
      Pour 12 crêpes environ|;pieces 12
      Voor 4 personen|;serves 4
      Voor 12 pannenkoeken|;pieces 12
      ger ca 8 våfflor|;pieces 8
      4 portioner|;serves 4
      Til 4 personer|;serves 4
      12 stk|;pieces 12
      ca. 12 stk.|;pieces 12
      4 annosta|;serves 4
      Składniki na 12 naleśników|;pieces 12
      Porcje: 4|;serves 4
      4 porce|;serves 4
      Rendimento: 12 panquecas|;pieces 12
      Rende 8 porções|;serves 8
      Porções: 4|;serves 4
      На 4 порции|;serves 4
      12 штук|;pieces 12
      Serves: 4 personen|;serves 4
      makes 12 stuks|;pieces 12
      Makes: approx. 12 no.|;pieces 12
      4 kişilik|;serves 4
      """;

  @Test
  void otherKitchensAreUnderstood() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

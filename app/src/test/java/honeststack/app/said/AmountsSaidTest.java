package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.told.Told;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Amounts in the many ways in which they are said. */
class AmountsSaidTest {
  private final Listener listener = new Listener();

  /**
   * Grams of milk that a person would pour, and 5 % over: a US cup is 236.6, a pint 473.2, a quart
   * 946.4, a gallon 3,785.4 mL (NIST Handbook 44, App. C); milk 1.03 g/mL.
   */
  @Test
  void anAmountIsReadInEveryWording() {
    String amounts =
        """
        one and a half cups of|354..375
        1 1/2 cups|354..375
        1.5 cups|354..375
        1½ c.|354..375
        a cup and a half of|354..375
        1-1/2 cups|354..375
        1 and 1/2 cups|354..375
        one and one half cups of|354..375
        half a cup of|118..125
        ½ a cup of|118..125
        half cup|118..125
        1/2 of a cup of|118..125
        a half cup of|118..125
        0.5 cup|118..125
        ,5 cup|118..125
        .5 cup|118..125
        two thirds of a cup of|155..168
        two-thirds cup|155..168
        2/3 cup|155..168
        ⅔ c|155..168
        three quarters of a cup of|178..187
        three-quarter cup|178..187
        3/4ths of a cup of|178..187
        3/4 of a cup of|178..187
        a cup and three quarters of|415..440
        one and three quarter cups of|415..440
        1 3/4 c|415..440
        a couple of cups of|476..500
        a couple cups of|476..500
        two or three cups of|476..750
        2-3 cups|476..750
        2 to 3 cups|476..750
        between 2 and 3 cups of|476..750
        two to three cups|476..750
        a scant cup of|210..250
        a good cup of|238..300
        a heaping cup of|238..375
        just under a cup of|200..250
        a little under a cup of|200..250
        a little over a cup of|238..280
        a bit more than a cup of|238..280
        a bit less than a cup of|200..250
        nearly a cup of|200..250
        almost 1 cup|200..250
        about a cup of|238..250
        roughly 1 cup|238..250
        approx. 1 cup|238..250
        ca 1 cup|238..250
        1 cup or so of|238..250
        maybe a cup of|238..250
        say a cup of|238..250
        1 cup plus 2 tbsp|260..285
        1 cup + 2 tbsp|260..285
        1 cup and 2 tablespoons of|260..285
        1 cup less 1 tbsp|220..240
        1 cup minus 1 tablespoon|220..240
        a full cup of|238..250
        a level cup of|238..250
        one whole cup of|238..250
        a measuring cup of|238..250
        1C.|238..250
        1 CUP|238..250
        one cup|238..250
        1cup|238..250
        1 x cup|238..250
        1 (one) cup|238..250
        250ml|250..260
        250 mL|250..260
        250 mls of|250..260
        250 millilitres of|250..260
        250 milliliters of|250..260
        250 cc|250..260
        25 cl|250..260
        25cl of|250..260
        2.5 dl|250..260
        2½ dl|250..260
        2,5 dl|250..260
        a quarter of a litre of|250..260
        a quarter litre of|250..260
        quarter of a litre of|250..260
        1/4 l|250..260
        ¼ litre of|250..260
        0.25 L|250..260
        0,25 l|250..260
        two hundred and fifty ml of|250..260
        two hundred fifty mils of|250..260
        two fifty mils of|250..260
        250 (ml)|250..260
        250 ml (1 cup)|250..260
        1 cup (250 ml)|236..260
        250ml/1 cup|240..260
        250 ml or 1 cup|240..260
        250ml = 1 cup|240..260
        8 fl oz|230..250
        8 fluid ounces of|230..250
        8 oz|220..250
        half a pint of|230..300
        ½ pt|230..300
        1/2 pint|230..300
        a cupful of|238..250
        two half cups of|238..250
        2 x 125 ml|250..260
        2 × 125 ml|250..260
        16 tbsp|230..255
        16 tablespoons of|230..255
        250 g|249..251
        250g|249..251
        250 gr|249..251
        250 gr.|249..251
        250 gms|249..251
        250 grams of|249..251
        250 grammes of|249..251
        0.25 kg|249..251
        ¼ kilo of|249..251
        a quarter of a kilo of|249..251
        a quarter kilo of|249..251
        quarter kilo|249..251
        250-ish grams of|240..260
        250 or so grams of|240..260
        around 250g|240..260
        250g-ish|240..260
        ~250 g|240..260
        ≈250 g|240..260
        c. 250 g|240..260
        circa 250 g|240..260
        240-260 g|240..260
        240–260g|240..260
        240 to 260 grams of|240..260
        240/260 g|235..265
        9 oz (250 g)|249..256
        250 g (9 oz)|249..256
        250g/9oz|249..256
        9oz/250g|249..256
        1/2 lb|225..228
        half a pound of|225..228
        half pound of|225..228
        ½lb|225..228
        0.5 lbs|225..228
        8 ounces of|220..250
        1 lb 2 oz|505..515
        1lb 2oz|505..515
        1 pound 2 ounces of|505..515
        1 kg 200 g|1195..1205
        a kilo and a half of|1495..1505
        one and a half kilos of|1495..1505
        1½ kg|1495..1505
        1,5 kg|1495..1505
        1 litre|1000..1040
        a litre of|1000..1040
        one liter of|1000..1040
        1l|1000..1040
        1 L.|1000..1040
        a quart of|940..1200
        half a gallon of|1880..2000
        a pint and a half of|700..900
        1½ pints|700..900
        one and a half pints|700..900
        2 cups (divided)|476..500
        2 cups, divided,|476..500
        two cups total of|476..500
        a total of 2 cups|476..500
        in total 2 cups|476..500
        twice 1 cup|236..500
        an extra cup of|238..250
        1 more cup of|238..250
        exactly 250 g of|249..251
        precisely 250 g|249..251
        no more than 250 g of|249..251
        at least 250 g of|249..251
        up to 250 g|120..251
        at most 250 g of|120..251
        not quite 250 g of|200..251
        barely 250 g|200..251
        a little more than 250 g of|249..280
        a little bit over 250 g of|249..280
        just over 250 g of|249..280
        just shy of 250 g of|220..251
        """;
    List<String> wrong = new ArrayList<>();
    for (String line : amounts.lines().toList()) {
      String[] parts = line.strip().split("\\|");
      String[] ends = parts[1].split("\\.\\.");
      String bare = parts[0].replaceFirst(" of$", "");
      List<String> texts =
          List.of(
              parts[0] + " milk",
              parts[0] + " milk and 2 eggs",
              "I use " + parts[0] + " milk in it.",
              "milk: " + bare,
              "2 eggs, " + parts[0] + " milk, 100 g butter");
      for (String text : texts) {
        double milk = 0;
        boolean asked = false;
        for (Told.Line said : listener.told(text).lines()) {
          LineReading reading = listener.reading(said);
          asked |= !said.understood() || !(reading instanceof Understood);
          if (reading instanceof Understood read && read.food().id().equals("milk-whole")) {
            milk += read.mass().value();
          }
        }
        double low = Double.parseDouble(ends[0]) * 0.99;
        double high = Double.parseDouble(ends[1]) * 1.05;
        if (asked || milk < low || milk > high) {
          wrong.add(text + " → " + milk + " g");
        }
      }
    }
    assertThat(wrong).isEmpty();
  }
}

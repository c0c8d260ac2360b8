package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * A recipe dictated with one amount taken back while it is said: the second counts, and of that
 * food alone.
 */
class DictatedMendsSaidTest {
  private static final String TEXTS =
      """
      then 60 grams oats scratch that 50 grams you know 40 grams of sugar uh 100 grams flour and uh 2 teaspoons cinnamon I get 8 fry in ten grams of butter|oats-rolled=50,sugar-white=40,wheat-flour-white=100,cinnamon=5,butter@PAN=10;pieces 8
      um three teaspoons baking powder make that two teaspoons of baking powder okay forty grams of butter like a hundred grams rye flour and okay one teaspoon of cinnamon that makes about 8 and ten grams of butter for the pan|baking-powder=9,butter=40,rye-flour-medium=100,cinnamon=3,butter@PAN=10;pieces 8
      150 mil of milk um 50 grams of oats no 60 grams and right 2 teaspoons of cinnamon fry in ten grams of butter|milk-whole=155,oats-rolled=60,cinnamon=5,butter@PAN=10
      like forty grams of sugar make that thirty grams and then thirty grams of butter and right three hundred mil of milk that makes about 12|sugar-white=30,butter=30,milk-whole=309;pieces 12
      you know one teaspoon of baking powder actually two teaspoons you know fifty grams sugar okay two teaspoons cinnamon okay sixty grams of butter and right three hundred grams of flour makes 6|baking-powder=9,sugar-white=50,cinnamon=5,butter=60,wheat-flour-white=300;pieces 6
      two teaspoons baking powder and uh fifty grams of rye flour wait no sixty and then four eggs and you know one teaspoon of cinnamon and thirty grams of honey over the top|baking-powder=9,rye-flour-medium=60,egg=200,cinnamon=3,honey@PLATE=30
      and then thirty grams of sugar right a hundred and fifty mil of milk and then three eggs I mean two then ten grams of butter in the pan then thirty grams of honey on top|sugar-white=30,milk-whole=155,egg=100,butter@PAN=10,honey@PLATE=30
      um 50 grams rye flour no 60 grams of rye flour, right 40 grams of sugar, 40 grams of oats, 20 grams of butter, right 2 teaspoons of baking powder and right 4 eggs and I put thirty grams of honey on top|rye-flour-medium=60,sugar-white=40,oats-rolled=40,butter=20,baking-powder=9,egg=200,honey@PLATE=30
      thirty grams sugar you know two hundred and fifty grams of flour like sixty grams of oats wait no forty and so forty grams of butter um one teaspoon baking powder and like two hundred and fifty millilitres of milk then ten grams of butter in the pan and thirty grams of honey over the top|sugar-white=30,wheat-flour-white=250,oats-rolled=40,butter=40,baking-powder=5,milk-whole=258,butter@PAN=10,honey@PLATE=30
      like fifty grams of oats then two teaspoons cinnamon oops one and twenty grams sugar two hundred millilitres of milk uh four eggs twenty grams butter and ten grams of butter for the pan|oats-rolled=50,cinnamon=3,sugar-white=20,milk-whole=206,egg=200,butter=20,butter@PAN=10
      50 grams butter and uh 60 grams rye flour and like 350 millilitres of milk and then 60 grams oats and so 2 eggs and 3 teaspoons baking powder actually 2 teaspoons of baking powder and it makes 10|butter=50,rye-flour-medium=60,milk-whole=361,oats-rolled=60,egg=100,baking-powder=9;pieces 10
      60 grams oats then 4 eggs sorry 3 eggs 50 grams sugar okay 20 grams butter like 3 teaspoons baking powder and like 150 grams of flour I get 8 and I put thirty grams of honey on top|oats-rolled=60,egg=150,sugar-white=50,butter=20,baking-powder=14,wheat-flour-white=150,honey@PLATE=30;pieces 8
      you know three eggs two teaspoons of cinnamon so two teaspoons of baking powder well three teaspoons really and then twenty grams of sugar um three hundred grams flour makes 12 and thirty grams of honey over the top|egg=150,cinnamon=5,baking-powder=14,sugar-white=20,wheat-flour-white=300,honey@PLATE=30;pieces 12
      two eggs actually three and okay two teaspoons cinnamon then fifty grams of rye flour um three hundred and fifty ml milk then three teaspoons baking powder then ten grams of butter in the pan and thirty grams of honey over the top|egg=150,cinnamon=5,rye-flour-medium=50,milk-whole=361,baking-powder=14,butter@PAN=10,honey@PLATE=30
      um 200 grams flour, um 100 grams oats, um 40 grams sugar, 3 teaspoons baking powder, then 3 eggs sorry 2 eggs and 30 grams butter I get 12|wheat-flour-white=200,oats-rolled=100,sugar-white=40,baking-powder=14,egg=100,butter=30;pieces 12
      3 eggs and 300 grams of flour no sorry 250 and then 60 grams of oats and 250 ml milk|egg=150,wheat-flour-white=250,oats-rolled=60,milk-whole=258
      and then two hundred ml milk you know two hundred grams flour forty grams of sugar then thirty grams butter actually forty and okay three teaspoons of baking powder|milk-whole=206,wheat-flour-white=200,sugar-white=40,butter=40,baking-powder=14
      2 eggs no 3 and 40 grams sugar and like 150 grams of flour|egg=150,sugar-white=40,wheat-flour-white=150
      uh two hundred ml milk, and then fifty grams of sugar oops forty and and then a hundred grams rye flour, uh sixty grams of oats, okay three eggs and then three teaspoons of baking powder that makes about 8 fry in ten grams of butter then thirty grams of honey on top|milk-whole=206,sugar-white=40,rye-flour-medium=100,oats-rolled=60,egg=150,baking-powder=14,butter@PAN=10,honey@PLATE=30;pieces 8
      then 100 grams of oats 40 grams butter um 60 grams of rye flour no 100 grams of rye flour I get 12|oats-rolled=100,butter=40,rye-flour-medium=100;pieces 12
      one teaspoon of cinnamon thirty grams sugar um sixty grams of oats make that a hundred grams of oats two teaspoons baking powder fifty grams butter|cinnamon=3,sugar-white=30,oats-rolled=100,baking-powder=9,butter=50
      40 grams of butter like 2 teaspoons of baking powder scratch that 3 and uh 350 ml milk|butter=40,baking-powder=14,milk-whole=361
      fifty grams of rye flour like two hundred and fifty ml milk one teaspoon baking powder uh a hundred grams of oats um fifty grams of butter I mean thirty grams of butter and then thirty grams sugar fry in ten grams of butter topped with thirty grams of honey|rye-flour-medium=50,milk-whole=258,baking-powder=5,oats-rolled=100,butter=30,sugar-white=30,butter@PAN=10,honey@PLATE=30
      and then 2 eggs um 40 grams oats well 60 really like 200 grams of flour and uh 30 grams sugar and it makes 6 and ten grams of butter for the pan|egg=100,oats-rolled=60,wheat-flour-white=200,sugar-white=30,butter@PAN=10;pieces 6
      20 grams of sugar scratch that 30 and right 50 grams rye flour right 2 eggs and uh 2 teaspoons of baking powder topped with thirty grams of honey|sugar-white=30,rye-flour-medium=50,egg=100,baking-powder=9,honey@PLATE=30
      two hundred millilitres of milk and sixty grams of rye flour and two eggs oops four|milk-whole=206,rye-flour-medium=60,egg=200
      like three eggs, you know two teaspoons cinnamon, like a hundred grams oats sorry sixty grams oats and you know twenty grams sugar I get 10|egg=150,cinnamon=5,oats-rolled=60,sugar-white=20;pieces 10
      so 60 grams of oats 30 grams of sugar and you know 100 grams of rye flour I mean 60 grams rye flour fry in ten grams of butter|oats-rolled=60,sugar-white=30,rye-flour-medium=60,butter@PAN=10
      uh fifty grams of butter and uh two teaspoons baking powder and like two hundred and fifty mil of milk I mean three hundred mil|butter=50,baking-powder=9,milk-whole=309
      so forty grams oats actually fifty grams of oats three eggs two hundred and fifty mil of milk then one teaspoon of baking powder then ten grams of butter in the pan|oats-rolled=50,egg=150,milk-whole=258,baking-powder=5,butter@PAN=10
      then 1 teaspoon of cinnamon and you know 2 teaspoons baking powder and and then 200 grams of flour wait no 150 grams I get 10|cinnamon=3,baking-powder=9,wheat-flour-white=150;pieces 10
      you know forty grams butter, um sixty grams of rye flour, um two eggs make that three and so three teaspoons of baking powder and thirty grams sugar makes 6 topped with thirty grams of honey|butter=40,rye-flour-medium=60,egg=150,baking-powder=14,sugar-white=30,honey@PLATE=30;pieces 6
      right two teaspoons of cinnamon actually one and two eggs and fifty grams rye flour|cinnamon=3,egg=100,rye-flour-medium=50
      1 teaspoon cinnamon make that 2 teaspoons of cinnamon um 50 grams of sugar 40 grams of oats you know 200 mil of milk you know 150 grams flour fry in ten grams of butter|cinnamon=5,sugar-white=50,oats-rolled=40,milk-whole=206,wheat-flour-white=150,butter@PAN=10
      you know one teaspoon of cinnamon forty grams oats right two hundred ml milk no three hundred and fifty millilitres of milk makes 6|cinnamon=3,oats-rolled=40,milk-whole=361;pieces 6
      okay three eggs, sixty grams butter wait no thirty grams, um thirty grams sugar fry in ten grams of butter then thirty grams of honey on top|egg=150,butter=30,sugar-white=30,butter@PAN=10,honey@PLATE=30
      okay 60 grams of rye flour and so 2 eggs and then 20 grams of butter make that 30 grams|rye-flour-medium=60,egg=100,butter=30
      then twenty grams sugar I mean thirty grams sugar and you know sixty grams of butter and then three teaspoons of baking powder|sugar-white=30,butter=60,baking-powder=14
      uh thirty grams of butter okay one teaspoon baking powder wait no two and uh two eggs and then one teaspoon of cinnamon and uh forty grams of oats|butter=30,baking-powder=9,egg=100,cinnamon=3,oats-rolled=40
      and then 40 grams butter and okay 350 mil of milk and 60 grams of oats and uh 1 teaspoon cinnamon and 250 grams flour and you know 2 eggs no wait 4 eggs makes 12|butter=40,milk-whole=361,oats-rolled=60,cinnamon=3,wheat-flour-white=250,egg=200;pieces 12
      then one teaspoon baking powder, like two eggs and okay fifty grams of butter well twenty grams really|baking-powder=5,egg=100,butter=20
      and then 60 grams of rye flour and so 100 grams oats and you know 40 grams butter or rather 30 grams butter and I put thirty grams of honey on top|rye-flour-medium=60,oats-rolled=100,butter=30,honey@PLATE=30
      you know fifty grams of sugar actually forty grams of sugar and so two hundred ml milk and so two eggs fry in ten grams of butter topped with thirty grams of honey|sugar-white=40,milk-whole=206,egg=100,butter@PAN=10,honey@PLATE=30
      2 teaspoons cinnamon and uh 40 grams butter sorry 20 grams of butter and um 200 millilitres of milk|cinnamon=5,butter=20,milk-whole=206
      and then two eggs I mean four and uh sixty grams of rye flour and you know two teaspoons baking powder and um forty grams of sugar and okay two hundred mil of milk and uh thirty grams of butter makes 6 fry in ten grams of butter|egg=200,rye-flour-medium=60,baking-powder=9,sugar-white=40,milk-whole=206,butter=30,butter@PAN=10;pieces 6
      and then 60 grams rye flour 1 teaspoon of cinnamon um 3 teaspoons baking powder uh 2 eggs no sorry 3 and you know 20 grams of sugar and it makes 12 and I put thirty grams of honey on top|rye-flour-medium=60,cinnamon=3,baking-powder=14,egg=150,sugar-white=20,honey@PLATE=30;pieces 12
      okay fifty grams of butter I mean twenty and okay thirty grams of sugar then three eggs then ten grams of butter in the pan and thirty grams of honey over the top|butter=20,sugar-white=30,egg=150,butter@PAN=10,honey@PLATE=30
      four eggs, sixty grams oats or rather fifty grams oats and like a hundred and fifty millilitres of milk fry in ten grams of butter|egg=200,oats-rolled=50,milk-whole=155,butter@PAN=10
      okay a hundred grams rye flour, and then forty grams sugar, so three eggs or rather four eggs|rye-flour-medium=100,sugar-white=40,egg=200
      fifty grams rye flour uh forty grams butter actually fifty and right fifty grams of sugar makes 6 then ten grams of butter in the pan|rye-flour-medium=50,butter=50,sugar-white=50,butter@PAN=10;pieces 6
      right two teaspoons of cinnamon right fifty grams of rye flour okay three teaspoons of baking powder like three eggs wait no two and okay two hundred ml milk I get 10|cinnamon=5,rye-flour-medium=50,baking-powder=14,egg=100,milk-whole=206;pieces 10
      uh three hundred and fifty millilitres of milk and okay three eggs and um thirty grams of sugar make that fifty grams sugar and you know one teaspoon cinnamon and uh fifty grams of butter|milk-whole=361,egg=150,sugar-white=50,cinnamon=3,butter=50
      okay one teaspoon of cinnamon uh sixty grams rye flour then three eggs so two hundred and fifty ml milk right three teaspoons baking powder sorry two teaspoons of baking powder makes 8|cinnamon=3,rye-flour-medium=60,egg=150,milk-whole=258,baking-powder=9;pieces 8
      60 grams oats, uh 2 teaspoons baking powder, uh 150 grams flour and so 2 teaspoons of cinnamon actually 1|oats-rolled=60,baking-powder=9,wheat-flour-white=150,cinnamon=3
      okay four eggs and you know fifty grams sugar sorry forty grams of sugar and one teaspoon cinnamon and a hundred and fifty grams flour and sixty grams oats and okay thirty grams butter that makes about 10|egg=200,sugar-white=40,cinnamon=3,wheat-flour-white=150,oats-rolled=60,butter=30;pieces 10
      you know two teaspoons baking powder I mean three teaspoons baking powder, you know forty grams of sugar, okay two eggs, then fifty grams of oats, uh one teaspoon cinnamon and I put thirty grams of honey on top|baking-powder=14,sugar-white=40,egg=100,oats-rolled=50,cinnamon=3,honey@PLATE=30
      um a hundred grams flour hang on three hundred and so a hundred grams of oats uh two teaspoons cinnamon makes 10|wheat-flour-white=300,oats-rolled=100,cinnamon=5;pieces 10
      2 teaspoons cinnamon then 50 grams of rye flour right 100 grams oats hang on 50 and uh 30 grams butter 2 eggs|cinnamon=5,rye-flour-medium=50,oats-rolled=50,butter=30,egg=100
      so forty grams of sugar and uh three hundred ml milk and and then fifty grams rye flour scratch that a hundred|sugar-white=40,milk-whole=309,rye-flour-medium=100
      right 3 eggs 300 mil of milk you know 50 grams of rye flour well 100 grams really uh 40 grams sugar 40 grams of butter and 1 teaspoon of cinnamon then ten grams of butter in the pan|egg=150,milk-whole=309,rye-flour-medium=100,sugar-white=40,butter=40,cinnamon=3,butter@PAN=10
      20 grams sugar uh 40 grams of butter right 50 grams rye flour you know 3 eggs hang on 2 and right 2 teaspoons cinnamon|sugar-white=20,butter=40,rye-flour-medium=50,egg=100,cinnamon=5
      and then three teaspoons of baking powder right one teaspoon cinnamon sorry two teaspoons of cinnamon okay fifty grams butter and then thirty grams sugar then ten grams of butter in the pan|baking-powder=14,cinnamon=5,butter=50,sugar-white=30,butter@PAN=10
      um forty grams butter, two hundred and fifty grams of flour, forty grams oats and then fifty grams sugar or rather thirty grams sugar and thirty grams of honey over the top|butter=40,wheat-flour-white=250,oats-rolled=40,sugar-white=30,honey@PLATE=30
      like fifty grams rye flour or rather a hundred grams of rye flour and okay a hundred and fifty mil of milk and fifty grams sugar and one teaspoon baking powder|rye-flour-medium=100,milk-whole=155,sugar-white=50,baking-powder=5
      fifty grams rye flour and then fifty grams of butter I mean forty grams of butter and two teaspoons of baking powder|rye-flour-medium=50,butter=40,baking-powder=9
      um 2 teaspoons cinnamon and so 300 ml milk and uh 30 grams butter and um 2 eggs and okay 100 grams oats and okay 100 grams rye flour wait no 50 grams|cinnamon=5,milk-whole=309,butter=30,egg=100,oats-rolled=100,rye-flour-medium=50
      uh 60 grams rye flour and uh 40 grams sugar well 50 grams really and um 4 eggs|rye-flour-medium=60,sugar-white=50,egg=200
      20 grams sugar and uh 100 grams oats and so 3 eggs and uh 200 millilitres of milk and you know 3 teaspoons baking powder sorry 1 teaspoon of baking powder then thirty grams of honey on top|sugar-white=20,oats-rolled=100,egg=150,milk-whole=206,baking-powder=5,honey@PLATE=30
      """;

  @Test
  void theSecondCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

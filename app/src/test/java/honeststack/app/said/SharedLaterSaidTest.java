package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Some of a listed food that goes elsewhere, in a sentence of its own. */
class SharedLaterSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. 10 g of the butter went into the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎10 g of the butter went into the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. 10 g of the butter went in the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎10 g of the butter went in the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. 10 g of that butter is for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎10 g of that butter is for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. I kept 10 g of the butter for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎I kept 10 g of the butter for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. I saved 10 g of the butter for frying.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎I saved 10 g of the butter for frying. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. 10 g of the butter was for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎10 g of the butter was for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. I used 10 g of the butter for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎I used 10 g of the butter for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. I held back 10 g of the butter for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎I held back 10 g of the butter for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. 10 g of it for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎10 g of it for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. 10 g of this in the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎10 g of this in the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. Of the butter 10 g went into the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎Of the butter 10 g went into the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. Of the butter, 10 g is for frying.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎Of the butter, 10 g is for frying. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. A quarter of the butter went into the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎A quarter of the butter went into the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. I fried them in 10 g of the butter.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎I fried them in 10 g of the butter. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. I brushed the iron with 10 g of the butter.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎I brushed the iron with 10 g of the butter. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. For the pan I took 10 g of the butter.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎For the pan I took 10 g of the butter. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. The pan got 10 g of the butter.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎The pan got 10 g of the butter. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. The pan took 10 g of it.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎The pan took 10 g of it. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. Keep 10 g of the butter for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎Keep 10 g of the butter for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. Reserve 10 g of the butter for frying.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎Reserve 10 g of the butter for frying. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. Set aside 10 g of the butter for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎Set aside 10 g of the butter for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. Melt the butter, keep 10 g for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎Melt the butter, keep 10 g for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. Melt the butter; 10 g stays in the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎Melt the butter; 10 g stays in the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. 30 g of the butter goes in the batter and 10 g in the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎30 g of the butter goes in the batter and 10 g in the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. 30 g of the butter in the batter, the rest in the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎30 g of the butter in the batter, the rest in the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. The last 10 g of butter were for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎The last 10 g of butter were for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. Leave 10 g of the butter for the pan.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎Leave 10 g of the butter for the pan. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 40 g butter. 10 g of the butter I used for frying.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎10 g of the butter I used for frying. Makes 8.|butter=30,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. 50 g of the blueberries went on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎50 g of the blueberries went on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. I kept 50 g of the blueberries for the top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎I kept 50 g of the blueberries for the top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. 50 g of the blueberries were for the top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎50 g of the blueberries were for the top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. I saved 50 g of the blueberries for serving.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎I saved 50 g of the blueberries for serving.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. Half of the blueberries went on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎Half of the blueberries went on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. Keep half the blueberries for the top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎Keep half the blueberries for the top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. 50 g of them on the plate.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎50 g of them on the plate.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. I put 50 g of the blueberries on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎I put 50 g of the blueberries on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. Of the blueberries 50 g went on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎Of the blueberries 50 g went on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. Scatter 50 g of the blueberries over.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎Scatter 50 g of the blueberries over.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. Reserve 50 g of the blueberries to serve.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎Reserve 50 g of the blueberries to serve.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. Use 50 g of the blueberries for the topping.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎Use 50 g of the blueberries for the topping.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. Half the blueberries in the batter, half on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎Half the blueberries in the batter, half on top.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. 50 g of the blueberries to finish.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎50 g of the blueberries to finish.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries. The last 50 g of blueberries went over the stack.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎100 g blueberries⏎300 ml milk⏎The last 50 g of blueberries went over the stack.|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void shared() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

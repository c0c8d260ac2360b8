package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What another puts in, beside what one puts in oneself. */
class TwoListsSaidTest {
  private static final String TEXTS =
      """
      The recipe says 100 g yogurt and 80 g oats. I make it with 150 g yogurt and 100 g oats.|yogurt-whole=150,oats-rolled=100
      The recipe says 300 g flour, 100 g yogurt. I used 250 g flour, 150 g yogurt.|wheat-flour-white=250,yogurt-whole=150
      The book says 300 ml milk and 300 g flour; mine: 400 ml milk and 200 g flour.|milk-whole=412,wheat-flour-white=200
      The book says 150 g yogurt and 200 ml milk. I measured 100 g yogurt and 300 ml milk.|yogurt-whole=100,milk-whole=309
      The card says 50 g butter and 20 g sugar. I used 20 g butter and 30 g sugar.|butter=20,sugar-white=30
      It says 80 g oats and 250 g flour. Today it was 100 g oats and 300 g flour.|oats-rolled=100,wheat-flour-white=300
      It says 20 g sugar and 200 g flour. I make it with 60 g sugar and 250 g flour.|sugar-white=60,wheat-flour-white=250
      The packet says 300 ml milk and 20 g butter. I used 200 ml milk and 50 g butter.|milk-whole=206,butter=50
      The original has 50 g butter and 400 ml milk. I took 40 g butter and 300 ml milk.|butter=40,milk-whole=309
      The original has 40 g butter, 100 g yogurt, 100 g oats. Mine has 50 g butter, 150 g yogurt, 80 g oats.|butter=50,yogurt-whole=150,oats-rolled=80
      Mum uses 100 g oats, 200 ml milk and 150 g yogurt. For me it is 80 g oats, 300 ml milk and 100 g yogurt.|oats-rolled=80,milk-whole=309,yogurt-whole=100
      Mum uses 200 ml milk and 150 g yogurt. In the end I used 300 ml milk and 100 g yogurt.|milk-whole=309,yogurt-whole=100
      My sister puts 100 g yogurt, 60 g sugar, 20 g butter. Today it was 150 g yogurt, 30 g sugar, 50 g butter.|yogurt-whole=150,sugar-white=30,butter=50
      The blog wants 100 g yogurt, 250 g flour. Today it was 150 g yogurt, 300 g flour.|yogurt-whole=150,wheat-flour-white=300
      The blog wants 20 g butter, 200 g flour and 60 g sugar. What I actually used was 50 g butter, 300 g flour and 30 g sugar.|butter=50,wheat-flour-white=300,sugar-white=30
      The recipe calls for 100 g yogurt and 200 ml milk and 250 g flour. For me it is 150 g yogurt and 400 ml milk and 200 g flour.|yogurt-whole=150,milk-whole=412,wheat-flour-white=200
      Her recipe is 20 g butter and 20 g sugar. I measured 40 g butter and 60 g sugar.|butter=40,sugar-white=60
      Her recipe is 20 g sugar, 50 g butter, 200 ml milk. Me, I take 30 g sugar, 20 g butter, 400 ml milk.|sugar-white=30,butter=20,milk-whole=412
      The magazine has 80 g oats, 250 g flour; mine: 100 g oats, 200 g flour.|oats-rolled=100,wheat-flour-white=200
      The magazine has 250 g flour and 80 g oats. I went for 300 g flour and 100 g oats.|wheat-flour-white=300,oats-rolled=100
      The old version had 40 g butter and 200 ml milk. What I actually used was 50 g butter and 300 ml milk.|butter=50,milk-whole=309
      Last time I used 300 g flour and 30 g sugar and 100 g yogurt. In the end I used 250 g flour and 20 g sugar and 150 g yogurt.|wheat-flour-white=250,sugar-white=20,yogurt-whole=150
      Last time I used 300 g flour and 200 ml milk. Me, I take 200 g flour and 300 ml milk.|wheat-flour-white=200,milk-whole=309
      Yesterday it was 300 ml milk, 100 g oats. This time 200 ml milk, 80 g oats.|milk-whole=206,oats-rolled=80
      Normally I take 40 g butter and 200 g flour. Mine is 20 g butter and 300 g flour.|butter=20,wheat-flour-white=300
      Normally I take 40 g butter and 100 g yogurt. I used 20 g butter and 150 g yogurt.|butter=20,yogurt-whole=150
      In the book it is 50 g butter and 150 g yogurt. Mine is 20 g butter and 100 g yogurt.|butter=20,yogurt-whole=100
      In the book it is 300 ml milk and 30 g sugar and 20 g butter. For me it is 200 ml milk and 20 g sugar and 40 g butter.|milk-whole=206,sugar-white=20,butter=40
      On the box it says 80 g oats and 40 g butter. Mine is 100 g oats and 20 g butter.|oats-rolled=100,butter=20
      They say 300 g flour and 20 g sugar; I use 250 g flour and 60 g sugar.|wheat-flour-white=250,sugar-white=60
      They say 150 g yogurt, 100 g oats and 200 ml milk. I measured 100 g yogurt, 80 g oats and 400 ml milk.|yogurt-whole=100,oats-rolled=80,milk-whole=412
      My neighbour takes 20 g sugar and 100 g yogurt. We use 30 g sugar and 150 g yogurt.|sugar-white=30,yogurt-whole=150
      The website says to use 120 g ricotta and 60 g sugar and 200 ml milk. I changed it to 80 g ricotta and 20 g sugar and 300 ml milk.|ricotta-whole=80,sugar-white=20,milk-whole=309
      The website says to use 120 g ricotta and 20 g sugar. I cut that to 80 g ricotta and 30 g sugar.|ricotta-whole=80,sugar-white=30
      Old recipes ask for 20 g butter, 2 eggs. I went with 40 g butter, 4 eggs.|butter=40,egg=200
      Grandma would take 120 g ricotta, 3 eggs, 200 ml milk. I went with 100 g ricotta, 2 eggs, 300 ml milk.|ricotta-whole=100,egg=100,milk-whole=309
      Grandma would take 250 g flour and 20 g sugar and 200 ml milk; we do 200 g flour and 30 g sugar and 400 ml milk.|wheat-flour-white=200,sugar-white=30,milk-whole=412
      The tin suggests 100 g ricotta, 300 ml milk, 60 g sugar. I weighed out 80 g ricotta, 400 ml milk, 30 g sugar.|ricotta-whole=80,milk-whole=412,sugar-white=30
      In class we learned 30 g sugar, 4 eggs and 400 ml milk. I changed it to 60 g sugar, 3 eggs and 200 ml milk.|sugar-white=60,egg=150,milk-whole=206
      The first version was 50 g butter and 250 g flour. I changed it to 20 g butter and 200 g flour.|butter=20,wheat-flour-white=200
      A friend of mine does 30 g sugar, 300 g flour and 300 ml milk. At home I do 20 g sugar, 250 g flour and 200 ml milk.|sugar-white=20,wheat-flour-white=250,milk-whole=206
      Their way is 3 eggs, 400 ml milk, 30 g sugar; we do 4 eggs, 200 ml milk, 20 g sugar.|egg=200,milk-whole=206,sugar-white=20
      Their way is 120 g ricotta, 400 ml milk and 40 g butter. I weighed out 80 g ricotta, 300 ml milk and 20 g butter.|ricotta-whole=80,milk-whole=309,butter=20
      What the book gives is 250 g flour, 60 g sugar. I weighed out 200 g flour, 20 g sugar.|wheat-flour-white=200,sugar-white=20
      According to the magazine it is 4 eggs, 30 g sugar and 20 g butter; we do 2 eggs, 20 g sugar and 40 g butter.|egg=100,sugar-white=20,butter=40
      The original recipe: 4 eggs, 50 g butter, 200 ml milk. We have settled on 2 eggs, 20 g butter, 300 ml milk.|egg=100,butter=20,milk-whole=309
      Book: 120 g ricotta, 20 g butter; we do 100 g ricotta, 40 g butter.|ricotta-whole=100,butter=40
      Recipe card: 3 eggs and 60 g sugar. I weighed out 2 eggs and 20 g sugar.|egg=100,sugar-white=20
      My mother-in-law swears by 2 eggs and 40 g butter. These days it is 4 eggs and 50 g butter.|egg=200,butter=50
      My mother-in-law swears by 4 eggs, 250 g flour and 200 ml milk. I like 3 eggs, 300 g flour and 300 ml milk.|egg=150,wheat-flour-white=300,milk-whole=309
      The TV cook had 400 ml milk and 120 g ricotta and 200 g flour. Me: 200 ml milk and 100 g ricotta and 300 g flour.|milk-whole=206,ricotta-whole=100,wheat-flour-white=300
      At school we used 30 g sugar, 3 eggs. I use only 20 g sugar, 4 eggs.|sugar-white=20,egg=200
      The back of the bag says 30 g sugar and 200 ml milk and 200 g flour. I like 20 g sugar and 400 ml milk and 300 g flour.|sugar-white=20,milk-whole=412,wheat-flour-white=300
      Sunday’s were made with 2 eggs, 60 g sugar. My own: 4 eggs, 20 g sugar.|egg=200,sugar-white=20
      In the café they use 200 ml milk and 2 eggs. I went with 400 ml milk and 4 eggs.|milk-whole=412,egg=200
      In the café they use 60 g sugar and 300 g flour. I weighed out 20 g sugar and 250 g flour.|sugar-white=20,wheat-flour-white=250
      The recipe wanted 200 g plain flour and 250 ml cow's milk; I did it with 200 g rye flour and 250 ml soy milk, still 2 eggs.|rye-flour-medium=200,soy-drink=258,egg=100
      The book says 60 g butter and 40 g sugar. I used 50 g coconut oil and 30 g honey.|oil-coconut=50,honey=30
      Mum's were 200 g white flour and 300 ml milk. Mine are 200 g rye flour and 300 ml oat milk.|rye-flour-medium=200,oat-drink=309
      The book says 200 g flour and 2 eggs. I put 50 g oats and 100 ml milk in as well.|wheat-flour-white=200,egg=100,oats-rolled=50,milk-whole=103
      The recipe says 200 g flour and 2 eggs and that is what I use.|wheat-flour-white=200,egg=100
      It says 200 g flour, which is what I used.|wheat-flour-white=200
      Last week's had two eggs and 200 ml milk to 150 g flour. This week I kept the flour the same, used one egg and 250 ml of milk.|egg=50,milk-whole=258,wheat-flour-white=150
      """;

  @Test
  void onesOwnCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How many come out, for how many, and what each of them has on the plate. */
class EatersHadSaidTest {
  private static final String TEXTS =
      """
      1 tsp salt⏎2 tsp baking powder⏎2 eggs⏎Dinner for 5. Top each serving with 30 g walnuts.|salt=6,baking-powder=9,egg=100,walnuts@PLATE=30;serves 5
      200 g flour⏎30 g sugar⏎2 tsp baking powder⏎2 eggs⏎300 ml milk⏎Yield: 9. We each had 15 g honey with them.|wheat-flour-white=200,sugar-white=30,baking-powder=9,egg=100,milk-whole=309,honey@PLATE=15;pieces 9
      200 g flour, 300 ml milk, 2 eggs. Turned out 12 in total. Top each serving with 20 g jam.|wheat-flour-white=200,milk-whole=309,egg=100,jam@PLATE=20;pieces 12
      2 tsp baking powder, 1 tsp salt, 2 eggs, 30 g sugar. For 2 people. Per plate: 10 g honey.|baking-powder=9,salt=6,egg=100,sugar-white=30,honey@PLATE=10;serves 2
      2 tsp baking powder, 300 ml milk, 200 g flour, 2 eggs, 1 tsp salt. Served four.|baking-powder=9,milk-whole=309,wheat-flour-white=200,egg=100,salt=6;serves 4
      2 eggs, 200 g flour, 2 tsp baking powder. We were 5 at the table. It comes to 12. 30g jam per portion.|egg=100,wheat-flour-white=200,baking-powder=9,jam@PLATE=30;pieces 12;serves 5
      2 tsp baking powder⏎2 eggs⏎1 tsp salt⏎300 ml milk⏎Served two.|baking-powder=9,egg=100,salt=6,milk-whole=309;serves 2
      300 ml milk, 1 tsp salt, 30 g sugar, 200 g flour, 2 eggs. There were 2 of us. About fourteen pancakes. 10 g raspberries each.|milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200,egg=100,raspberries@PLATE=10;pieces 14;serves 2
      1 tsp salt, 30 g sugar, 2 tsp baking powder. Enough for 14 pancakes.|salt=6,sugar-white=30,baking-powder=9;pieces 14
      300 ml milk⏎1 tsp salt⏎200 g flour⏎2 tsp baking powder⏎We ended up with six. With 30 g honey each.|milk-whole=309,salt=6,wheat-flour-white=200,baking-powder=9,honey@PLATE=30;pieces 6
      200 g flour, 300 ml milk, 30 g sugar, 2 tsp baking powder. Enough for 8 pancakes. Top each serving with 10 g walnuts.|wheat-flour-white=200,milk-whole=309,sugar-white=30,baking-powder=9,walnuts@PLATE=10;pieces 8
      2 eggs, 200 g flour, 2 tsp baking powder, 30 g sugar. Yield: 8. Each plate gets 10 g Greek yogurt.|egg=100,wheat-flour-white=200,baking-powder=9,sugar-white=30,yogurt-greek-skim@PLATE=10;pieces 8
      200 g flour⏎2 tsp baking powder⏎2 eggs⏎I make 9 from that. That fed five of us. Each of us had 30 g mascarpone on top.|wheat-flour-white=200,baking-powder=9,egg=100,mascarpone@PLATE=30;pieces 9;serves 5
      200 g flour⏎30 g sugar⏎2 tsp baking powder⏎300 ml milk⏎Per plate: 30 g mascarpone.|wheat-flour-white=200,sugar-white=30,baking-powder=9,milk-whole=309,mascarpone@PLATE=30
      300 ml milk⏎30 g sugar⏎2 tsp baking powder⏎200 g flour⏎1 tsp salt⏎Makes six. Split between three people.|milk-whole=309,sugar-white=30,baking-powder=9,wheat-flour-white=200,salt=6;pieces 6;serves 3
      2 tsp baking powder⏎300 ml milk⏎200 g flour⏎30 g sugar⏎1 tsp salt⏎Serves 4. We each had 15 g honey with them.|baking-powder=9,milk-whole=309,wheat-flour-white=200,sugar-white=30,salt=6,honey@PLATE=15;serves 4
      2 eggs, 300 ml milk, 30 g sugar, 1 tsp salt, 200 g flour. 10 g walnuts per person.|egg=100,milk-whole=309,sugar-white=30,salt=6,wheat-flour-white=200,walnuts@PLATE=10
      30 g sugar, 1 tsp salt, 2 eggs, 2 tsp baking powder. Gives nine small ones. Enough for 5 people. We each had 30 g raspberries with them.|sugar-white=30,salt=6,egg=100,baking-powder=9,raspberries@PLATE=30;pieces 9;serves 5
      300 ml milk, 30 g sugar, 200 g flour. That fed 5 of us. We each had 30 g honey with them.|milk-whole=309,sugar-white=30,wheat-flour-white=200,honey@PLATE=30;serves 5
      200 g flour, 1 tsp salt, 2 eggs, 2 tsp baking powder, 300 ml milk. It made twelve waffles.|wheat-flour-white=200,salt=6,egg=100,baking-powder=9,milk-whole=309;pieces 12
      2 tsp baking powder, 30 g sugar, 300 ml milk. About 10 pancakes. That fed four of us. Each portion with 10 g jam.|baking-powder=9,sugar-white=30,milk-whole=309,jam@PLATE=10;pieces 10;serves 4
      2 tsp baking powder, 2 eggs, 1 tsp salt, 300 ml milk, 200 g flour. I got 8 out of it. Each plate gets 30 g mascarpone.|baking-powder=9,egg=100,salt=6,milk-whole=309,wheat-flour-white=200,mascarpone@PLATE=30;pieces 8
      300 ml milk⏎2 tsp baking powder⏎1 tsp salt⏎30 g sugar⏎2 eggs⏎Made 12. Split between 3 people. Per plate: 30 g walnuts.|milk-whole=309,baking-powder=9,salt=6,sugar-white=30,egg=100,walnuts@PLATE=30;pieces 12;serves 3
      1 tsp salt⏎30 g sugar⏎2 eggs⏎2 tsp baking powder⏎We ended up with 10.|salt=6,sugar-white=30,egg=100,baking-powder=9;pieces 10
      300 ml milk, 30 g sugar, 1 tsp salt, 2 eggs, 200 g flour. 14 pcs.|milk-whole=309,sugar-white=30,salt=6,egg=100,wheat-flour-white=200;pieces 14
      300 ml milk⏎1 tsp salt⏎2 tsp baking powder⏎200 g flour⏎That makes fourteen pancakes. Dinner for 5.|milk-whole=309,salt=6,baking-powder=9,wheat-flour-white=200;pieces 14;serves 5
      1 tsp salt⏎30 g sugar⏎200 g flour⏎300 ml milk⏎2 tsp baking powder⏎It comes to twelve.|salt=6,sugar-white=30,wheat-flour-white=200,milk-whole=309,baking-powder=9;pieces 12
      30 g sugar⏎2 tsp baking powder⏎2 eggs⏎200 g flour⏎1 tsp salt⏎Gives 8 small ones. Each plate gets 10 g walnuts.|sugar-white=30,baking-powder=9,egg=100,wheat-flour-white=200,salt=6,walnuts@PLATE=10;pieces 8
      200 g flour⏎1 tsp salt⏎300 ml milk⏎Enough for four people. Yield: 6. Each of us had 10 g walnuts on top.|wheat-flour-white=200,salt=6,milk-whole=309,walnuts@PLATE=10;pieces 6;serves 4
      2 eggs, 30 g sugar, 1 tsp salt, 300 ml milk. 5 of us ate them. Got eight good ones. 15g walnuts per portion.|egg=100,sugar-white=30,salt=6,milk-whole=309,walnuts@PLATE=15;pieces 8;serves 5
      30 g sugar⏎300 ml milk⏎2 tsp baking powder⏎200 g flour⏎Each of us had 50 g walnuts on top.|sugar-white=30,milk-whole=309,baking-powder=9,wheat-flour-white=200,walnuts@PLATE=50
      30 g sugar, 200 g flour, 1 tsp salt, 300 ml milk. I got ten out of it. For four people.|sugar-white=30,wheat-flour-white=200,salt=6,milk-whole=309;pieces 10;serves 4
      1 tsp salt, 200 g flour, 30 g sugar. Four of us ate them. We ended up with fourteen.|salt=6,wheat-flour-white=200,sugar-white=30;pieces 14;serves 4
      2 eggs, 30 g sugar, 200 g flour. It made six waffles. 2 portions. We each had 50 g honey with them.|egg=100,sugar-white=30,wheat-flour-white=200,honey@PLATE=50;pieces 6;serves 2
      2 tsp baking powder⏎300 ml milk⏎1 tsp salt⏎2 eggs⏎Dinner for 4. That makes twelve pancakes. Everybody got 10 g of walnuts.|baking-powder=9,milk-whole=309,salt=6,egg=100,walnuts@PLATE=10;pieces 12;serves 4
      2 eggs⏎300 ml milk⏎200 g flour⏎1 tsp salt⏎2 tsp baking powder⏎3 of us ate them. It comes to 14.|egg=100,milk-whole=309,wheat-flour-white=200,salt=6,baking-powder=9;pieces 14;serves 3
      200 g flour, 1 tsp salt, 2 tsp baking powder. Made 14.|wheat-flour-white=200,salt=6,baking-powder=9;pieces 14
      30 g sugar, 2 tsp baking powder, 300 ml milk, 200 g flour. Enough for three people. Gives 14 small ones. Per serving 20 g honey on top.|sugar-white=30,baking-powder=9,milk-whole=309,wheat-flour-white=200,honey@PLATE=20;pieces 14;serves 3
      300 ml milk, 2 eggs, 30 g sugar, 1 tsp salt. We each had 10 g maple syrup with them.|milk-whole=309,egg=100,sugar-white=30,salt=6,maple-syrup@PLATE=10
      1 tsp salt⏎30 g sugar⏎300 ml milk⏎2 eggs⏎2 portions. Made eight.|salt=6,sugar-white=30,milk-whole=309,egg=100;pieces 8;serves 2
      200 g flour, 300 ml milk, 1 tsp salt, 30 g sugar, 2 eggs. Split between five people. Made 14. Everyone had 15 g raspberries.|wheat-flour-white=200,milk-whole=309,salt=6,sugar-white=30,egg=100,raspberries@PLATE=15;pieces 14;serves 5
      30 g sugar, 2 eggs, 2 tsp baking powder, 1 tsp salt. It made 14 waffles. Feeds five. With 20 g mascarpone each.|sugar-white=30,egg=100,baking-powder=9,salt=6,mascarpone@PLATE=20;pieces 14;serves 5
      2 tsp baking powder⏎1 tsp salt⏎200 g flour⏎2 eggs⏎Serves 3. Each portion with 15 g mascarpone.|baking-powder=9,salt=6,wheat-flour-white=200,egg=100,mascarpone@PLATE=15;serves 3
      200 g flour⏎1 tsp salt⏎2 tsp baking powder⏎300 ml milk⏎Yield: 12. For three people. Per serving 30 g maple syrup on top.|wheat-flour-white=200,salt=6,baking-powder=9,milk-whole=309,maple-syrup@PLATE=30;pieces 12;serves 3
      300 ml milk⏎1 tsp salt⏎30 g sugar⏎200 g flour⏎2 eggs⏎Yield: 8. 3 portions. We each had 50 g jam with them.|milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200,egg=100,jam@PLATE=50;pieces 8;serves 3
      1 tsp salt⏎200 g flour⏎2 eggs⏎300 ml milk⏎30 g sugar⏎It comes to 10.|salt=6,wheat-flour-white=200,egg=100,milk-whole=309,sugar-white=30;pieces 10
      1 tsp salt⏎30 g sugar⏎200 g flour⏎2 eggs⏎300 ml milk⏎Enough for ten pancakes.|salt=6,sugar-white=30,wheat-flour-white=200,egg=100,milk-whole=309;pieces 10
      2 eggs⏎200 g flour⏎30 g sugar⏎Enough for 4 people. Each of us had 30 g mascarpone on top.|egg=100,wheat-flour-white=200,sugar-white=30,mascarpone@PLATE=30;serves 4
      2 eggs⏎200 g flour⏎1 tsp salt⏎300 ml milk⏎Served four. Per serving 50 g mascarpone on top.|egg=100,wheat-flour-white=200,salt=6,milk-whole=309,mascarpone@PLATE=50;serves 4
      30 g sugar⏎200 g flour⏎1 tsp salt⏎Dinner for three. That makes ten pancakes. Each portion with 15 g jam.|sugar-white=30,wheat-flour-white=200,salt=6,jam@PLATE=15;pieces 10;serves 3
      2 tsp baking powder, 30 g sugar, 300 ml milk, 200 g flour, 2 eggs. Dinner for five. I got 12 out of it.|baking-powder=9,sugar-white=30,milk-whole=309,wheat-flour-white=200,egg=100;pieces 12;serves 5
      200 g flour⏎30 g sugar⏎2 eggs⏎About fourteen pancakes. Split between 3 people.|wheat-flour-white=200,sugar-white=30,egg=100;pieces 14;serves 3
      2 tsp baking powder⏎200 g flour⏎300 ml milk⏎Got nine good ones. Top each serving with 10 g Greek yogurt.|baking-powder=9,wheat-flour-white=200,milk-whole=309,yogurt-greek-skim@PLATE=10;pieces 9
      1 tsp salt, 200 g flour, 30 g sugar. Gives nine small ones. Enough for 2 people. Per serving 20 g walnuts on top.|salt=6,wheat-flour-white=200,sugar-white=30,walnuts@PLATE=20;pieces 9;serves 2
      2 tsp baking powder, 30 g sugar, 300 ml milk, 1 tsp salt, 2 eggs. It comes to fourteen. For five people. We each had 50 g Greek yogurt with them.|baking-powder=9,sugar-white=30,milk-whole=309,salt=6,egg=100,yogurt-greek-skim@PLATE=50;pieces 14;serves 5
      30 g sugar, 2 eggs, 300 ml milk. Split between four people. Each plate gets 15 g maple syrup.|sugar-white=30,egg=100,milk-whole=309,maple-syrup@PLATE=15;serves 4
      2 eggs, 1 tsp salt, 300 ml milk, 30 g sugar. 2 portions.|egg=100,salt=6,milk-whole=309,sugar-white=30;serves 2
      2 eggs, 1 tsp salt, 300 ml milk, 2 tsp baking powder, 200 g flour. We ended up with 9. We each had 10 g honey with them.|egg=100,salt=6,milk-whole=309,baking-powder=9,wheat-flour-white=200,honey@PLATE=10;pieces 9
      1 tsp salt⏎2 tsp baking powder⏎30 g sugar⏎300 ml milk⏎2 servings. Enough for nine pancakes. 15 g maple syrup each.|salt=6,baking-powder=9,sugar-white=30,milk-whole=309,maple-syrup@PLATE=15;pieces 9;serves 2
      30 g sugar⏎200 g flour⏎1 tsp salt⏎300 ml milk⏎2 eggs⏎Made eight. 4 of us ate them.|sugar-white=30,wheat-flour-white=200,salt=6,milk-whole=309,egg=100;pieces 8;serves 4
      1 tsp salt⏎200 g flour⏎2 tsp baking powder⏎14 pcs. 5 servings. We each had 30 g walnuts with them.|salt=6,wheat-flour-white=200,baking-powder=9,walnuts@PLATE=30;pieces 14;serves 5
      1 tsp salt⏎2 tsp baking powder⏎2 eggs⏎200 g flour⏎30 g sugar⏎5 servings. About twelve pancakes.|salt=6,baking-powder=9,egg=100,wheat-flour-white=200,sugar-white=30;pieces 12;serves 5
      200 g flour⏎2 eggs⏎1 tsp salt⏎30 g sugar⏎300 ml milk⏎It comes to 6. Serves three.|wheat-flour-white=200,egg=100,salt=6,sugar-white=30,milk-whole=309;pieces 6;serves 3
      300 ml milk, 2 eggs, 1 tsp salt, 200 g flour, 30 g sugar. Split between four people.|milk-whole=309,egg=100,salt=6,wheat-flour-white=200,sugar-white=30;serves 4
      1 tsp salt⏎300 ml milk⏎2 eggs⏎30 g sugar⏎2 tsp baking powder⏎That makes nine pancakes. Served 4. 10g Greek yogurt per portion.|salt=6,milk-whole=309,egg=100,sugar-white=30,baking-powder=9,yogurt-greek-skim@PLATE=10;pieces 9;serves 4
      2 eggs, 1 tsp salt, 30 g sugar, 2 tsp baking powder. Enough for 14 pancakes. Serves 3.|egg=100,salt=6,sugar-white=30,baking-powder=9;pieces 14;serves 3
      2 eggs, 2 tsp baking powder, 30 g sugar. Shared between two of us. I got 9 out of it. 50g Greek yogurt per portion.|egg=100,baking-powder=9,sugar-white=30,yogurt-greek-skim@PLATE=50;pieces 9;serves 2
      1 tsp salt, 30 g sugar, 2 eggs. There were three of us. About 9 pancakes. 20 g Greek yogurt each.|salt=6,sugar-white=30,egg=100,yogurt-greek-skim@PLATE=20;pieces 9;serves 3
      1 tsp salt⏎200 g flour⏎2 eggs⏎2 tsp baking powder⏎That fed five of us. It made fourteen waffles.|salt=6,wheat-flour-white=200,egg=100,baking-powder=9;pieces 14;serves 5
      300 ml milk⏎30 g sugar⏎1 tsp salt⏎We ended up with 12. Each plate gets 50 g walnuts.|milk-whole=309,sugar-white=30,salt=6,walnuts@PLATE=50;pieces 12
      200 g flour, 30 g sugar, 300 ml milk, 2 eggs, 2 tsp baking powder. That makes 14 pancakes.|wheat-flour-white=200,sugar-white=30,milk-whole=309,egg=100,baking-powder=9;pieces 14
      1 tsp salt⏎2 eggs⏎300 ml milk⏎2 tsp baking powder⏎200 g flour⏎Got 12 good ones. Enough for three people. 15g honey per portion.|salt=6,egg=100,milk-whole=309,baking-powder=9,wheat-flour-white=200,honey@PLATE=15;pieces 12;serves 3
      1 tsp salt, 2 tsp baking powder, 2 eggs, 200 g flour. 8 pcs. Each plate gets 10 g raspberries.|salt=6,baking-powder=9,egg=100,wheat-flour-white=200,raspberries@PLATE=10;pieces 8
      1 tsp salt⏎300 ml milk⏎30 g sugar⏎Dinner for five.|salt=6,milk-whole=309,sugar-white=30;serves 5
      2 tsp baking powder, 200 g flour, 2 eggs, 30 g sugar. There were 4 of us. Turned out 12 in total. Each plate gets 10 g jam.|baking-powder=9,wheat-flour-white=200,egg=100,sugar-white=30,jam@PLATE=10;pieces 12;serves 4
      2 tsp baking powder, 200 g flour, 300 ml milk, 30 g sugar. Should give you twelve. Each plate gets 50 g honey.|baking-powder=9,wheat-flour-white=200,milk-whole=309,sugar-white=30,honey@PLATE=50;pieces 12
      30 g sugar⏎200 g flour⏎2 eggs⏎Feeds 2. Yield: 10. 50 g mascarpone each.|sugar-white=30,wheat-flour-white=200,egg=100,mascarpone@PLATE=50;pieces 10;serves 2
      1 tsp salt⏎200 g flour⏎2 tsp baking powder⏎300 ml milk⏎30 g sugar⏎Gives twelve small ones. For 3 people. Per serving 10 g raspberries on top.|salt=6,wheat-flour-white=200,baking-powder=9,milk-whole=309,sugar-white=30,raspberries@PLATE=10;pieces 12;serves 3
      30 g sugar⏎1 tsp salt⏎200 g flour⏎300 ml milk⏎Twelve came out. Each of us had 15 g honey on top.|sugar-white=30,salt=6,wheat-flour-white=200,milk-whole=309,honey@PLATE=15;pieces 12
      2 tsp baking powder, 1 tsp salt, 300 ml milk, 200 g flour. Turned out ten in total.|baking-powder=9,salt=6,milk-whole=309,wheat-flour-white=200;pieces 10
      300 ml milk, 30 g sugar, 1 tsp salt, 2 eggs. Feeds 5. About ten pancakes.|milk-whole=309,sugar-white=30,salt=6,egg=100;pieces 10;serves 5
      30 g sugar, 2 tsp baking powder, 200 g flour, 300 ml milk. Serves five. We each had 30 g maple syrup with them.|sugar-white=30,baking-powder=9,wheat-flour-white=200,milk-whole=309,maple-syrup@PLATE=30;serves 5
      30 g sugar⏎300 ml milk⏎2 eggs⏎200 g flour⏎1 tsp salt⏎That fed 2 of us. I make nine from that.|sugar-white=30,milk-whole=309,egg=100,wheat-flour-white=200,salt=6;pieces 9;serves 2
      300 ml milk⏎200 g flour⏎2 tsp baking powder⏎Ten came out. Per serving 30 g mascarpone on top.|milk-whole=309,wheat-flour-white=200,baking-powder=9,mascarpone@PLATE=30;pieces 10
      2 eggs, 30 g sugar, 1 tsp salt. Enough for twelve pancakes. There were 4 of us.|egg=100,sugar-white=30,salt=6;pieces 12;serves 4
      300 ml milk, 1 tsp salt, 2 eggs, 2 tsp baking powder. Dinner for four. Made 10. 10 g raspberries each.|milk-whole=309,salt=6,egg=100,baking-powder=9,raspberries@PLATE=10;pieces 10;serves 4
      2 eggs, 2 tsp baking powder, 30 g sugar, 200 g flour, 1 tsp salt. We ended up with 8. That fed 4 of us. Each plate gets 15 g walnuts.|egg=100,baking-powder=9,sugar-white=30,wheat-flour-white=200,salt=6,walnuts@PLATE=15;pieces 8;serves 4
      300 ml milk⏎30 g sugar⏎200 g flour⏎1 tsp salt⏎Made six.|milk-whole=309,sugar-white=30,wheat-flour-white=200,salt=6;pieces 6
      300 ml milk, 2 eggs, 30 g sugar, 2 tsp baking powder. 2 portions. Enough for eight pancakes. Top each serving with 20 g raspberries.|milk-whole=309,egg=100,sugar-white=30,baking-powder=9,raspberries@PLATE=20;pieces 8;serves 2
      200 g flour⏎300 ml milk⏎2 tsp baking powder⏎Got 12 good ones.|wheat-flour-white=200,milk-whole=309,baking-powder=9;pieces 12
      300 ml milk⏎1 tsp salt⏎2 tsp baking powder⏎200 g flour⏎30 g sugar⏎Made nine. 10g jam per portion.|milk-whole=309,salt=6,baking-powder=9,wheat-flour-white=200,sugar-white=30,jam@PLATE=10;pieces 9
      200 g flour⏎2 eggs⏎1 tsp salt⏎I make 8 from that.|wheat-flour-white=200,egg=100,salt=6;pieces 8
      2 tsp baking powder⏎30 g sugar⏎200 g flour⏎2 eggs⏎1 tsp salt⏎Split between 2 people. Enough for 9 pancakes. Top each serving with 15 g mascarpone.|baking-powder=9,sugar-white=30,wheat-flour-white=200,egg=100,salt=6,mascarpone@PLATE=15;pieces 9;serves 2
      1 tsp salt, 2 tsp baking powder, 300 ml milk. Yield: 8.|salt=6,baking-powder=9,milk-whole=309;pieces 8
      2 eggs⏎300 ml milk⏎1 tsp salt⏎Split between 2 people. Made 6. We each had 50 g maple syrup with them.|egg=100,milk-whole=309,salt=6,maple-syrup@PLATE=50;pieces 6;serves 2
      1 tsp salt⏎2 eggs⏎200 g flour⏎14 pcs. Per plate: 15 g raspberries.|salt=6,egg=100,wheat-flour-white=200,raspberries@PLATE=15;pieces 14
      300 ml milk⏎2 tsp baking powder⏎200 g flour⏎30 g sugar⏎2 eggs⏎Enough for 2 people. Each portion with 30 g walnuts.|milk-whole=309,baking-powder=9,wheat-flour-white=200,sugar-white=30,egg=100,walnuts@PLATE=30;serves 2
      300 ml milk⏎30 g sugar⏎2 eggs⏎200 g flour⏎That makes 10 pancakes. 3 servings. Per plate: 30 g walnuts.|milk-whole=309,sugar-white=30,egg=100,wheat-flour-white=200,walnuts@PLATE=30;pieces 10;serves 3
      2 eggs⏎200 g flour⏎2 tsp baking powder⏎1 tsp salt⏎14 pcs. Split between 2 people. 10g maple syrup per portion.|egg=100,wheat-flour-white=200,baking-powder=9,salt=6,maple-syrup@PLATE=10;pieces 14;serves 2
      2 eggs⏎2 tsp baking powder⏎1 tsp salt⏎200 g flour⏎30 g sugar⏎Six came out.|egg=100,baking-powder=9,salt=6,wheat-flour-white=200,sugar-white=30;pieces 6
      300 ml milk⏎200 g flour⏎30 g sugar⏎2 tsp baking powder⏎Enough for 3 people.|milk-whole=309,wheat-flour-white=200,sugar-white=30,baking-powder=9;serves 3
      2 tsp baking powder, 200 g flour, 1 tsp salt, 300 ml milk, 2 eggs. 3 of us ate them. Should give you eight.|baking-powder=9,wheat-flour-white=200,salt=6,milk-whole=309,egg=100;pieces 8;serves 3
      300 ml milk, 30 g sugar, 2 tsp baking powder, 2 eggs. Each plate gets 10 g walnuts.|milk-whole=309,sugar-white=30,baking-powder=9,egg=100,walnuts@PLATE=10
      200 g flour⏎2 tsp baking powder⏎2 eggs⏎1 tsp salt⏎30 g sugar⏎Split between 5 people. It comes to nine. 10g mascarpone per portion.|wheat-flour-white=200,baking-powder=9,egg=100,salt=6,sugar-white=30,mascarpone@PLATE=10;pieces 9;serves 5
      """;

  @Test
  void eachHasIts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

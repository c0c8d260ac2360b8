package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What is left out, swapped or added behind what goes into the pan or on the plate. */
class AfterPlacesSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. 15 g honey stood in for the sugar.|butter=40,butter=10@PAN,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Pan: 15 g lard. We added 30 g cocoa.|butter=40,cocoa=30,egg=100,lard=15@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. Instead of the sugar I used 15 g honey.|butter=40,butter=10@PAN,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. No sugar in the house, so 15 g honey.|butter=40,butter=10@PAN,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Serve with 20 g honey. I took 15 g honey for the sugar.|butter=40,egg=100,honey=15,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. To serve: 30 g raspberries. It was too thick so I added another 50 ml milk.|butter=40,egg=100,milk-whole=361,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Makes 8. The butter got replaced by 30 g oil.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎For the pan: 15 g lard. We added 30 g cocoa.|butter=40,cocoa=30,egg=100,lard=15@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. It rested 20 minutes. 30 g oil instead of the butter.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Topping: 30 g raspberries. Makes 8.|butter=40,egg=100,milk-whole=309,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Topping: 30 g raspberries. I left out the sugar.|butter=40,egg=100,milk-whole=309,raspberries=30@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. It rested 20 minutes. The butter was 30 g oil today.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Pan: 15 g lard.⏎Whisk well and rest 20 minutes.|butter=40,egg=100,lard=15@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Serve with 20 g honey. 30 g oil instead of the butter.|egg=100,honey=20@PLATE,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. In the end no sugar.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎For the pan: 15 g lard.⏎Makes 8.|butter=40,egg=100,lard=15@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎To serve: 30 g raspberries.⏎I only used 250 ml of the milk.|butter=40,egg=100,milk-whole=258,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Topping: 30 g raspberries. We added 30 g cocoa.|butter=40,cocoa=30,egg=100,milk-whole=309,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. I took 30 g oil for the butter.|butter=10@PAN,egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. No sugar in the end.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Makes 8. I took 30 g oil for the butter.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. I didn't add the butter.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. I took 15 g honey for the sugar.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Sugar never went in.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. The sugar I left out.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. It rested 20 minutes. I took 15 g honey for the sugar.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. I took 30 g oil for the butter.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Makes 8. The sugar became 15 g honey.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎To serve: 30 g raspberries. Whisk well and rest 20 minutes.|butter=40,egg=100,milk-whole=309,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Serve with 20 g honey. 15 g honey instead of the sugar.|butter=40,egg=100,honey=15,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Serve with 20 g honey. Instead of the butter I used 30 g oil.|egg=100,honey=20@PLATE,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Serve with 20 g honey. 30 g oil, as there was no butter.|egg=100,honey=20@PLATE,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Makes 8. 15 g honey in place of the sugar.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Pan: 15 g lard.⏎The batter also had 30 g cocoa.|butter=40,cocoa=30,egg=100,lard=15@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎To serve: 30 g raspberries.⏎Whisk well and rest 20 minutes.|butter=40,egg=100,milk-whole=309,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Instead of the butter I used 30 g oil.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎For the pan: 15 g lard.⏎I put 30 g cocoa in it too.|butter=40,cocoa=30,egg=100,lard=15@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. The butter is not in it.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Pan: 15 g lard. It was too thick so I added another 50 ml milk.|butter=40,egg=100,lard=15@PAN,milk-whole=361,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. 15 g honey, as there was no sugar.|butter=40,butter=10@PAN,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. I didn't add the sugar.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎To serve: 30 g raspberries. I left out the sugar.|butter=40,egg=100,milk-whole=309,raspberries=30@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Serve with 20 g honey. 15 g honey stood in for the sugar.|butter=40,egg=100,honey=15,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Scrap the butter.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Serve with 20 g honey. I used 15 g honey instead of the sugar.|butter=40,egg=100,honey=15,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Topping: 30 g raspberries. I added 50 ml more milk.|butter=40,egg=100,milk-whole=361,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Makes 8. 30 g oil stood in for the butter.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. 30 g oil in place of the butter.|butter=10@PAN,egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Topping: 30 g raspberries. Another 50 ml milk went in at the end.|butter=40,egg=100,milk-whole=361,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Serve with 20 g honey. The sugar became 15 g honey.|butter=40,egg=100,honey=15,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. To serve: 30 g raspberries. Whisk well and rest 20 minutes.|butter=40,egg=100,milk-whole=309,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. It rested 20 minutes. No sugar in the house, so 15 g honey.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Made without the sugar.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. 30 g oil, as there was no butter.|butter=10@PAN,egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. There's no butter in it after all.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Makes 8. 30 g oil, as there was no butter.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Makes 8. 30 g oil in place of the butter.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. 15 g honey, as there was no sugar.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. 15 g honey in place of the sugar.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Serve with 20 g honey. 15 g honey in place of the sugar.|butter=40,egg=100,honey=15,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. It rested 20 minutes. 15 g honey, as there was no sugar.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. It rested 20 minutes. 15 g honey in place of the sugar.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. I replaced the butter with 30 g oil.|butter=10@PAN,egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. 30 g oil instead of the butter.|butter=10@PAN,egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎To serve: 30 g raspberries. We added 30 g cocoa.|butter=40,cocoa=30,egg=100,milk-whole=309,raspberries=30@PLATE,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. It rested 20 minutes. We were out of butter so it was 30 g oil.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Pan: 15 g lard.⏎The sugar never went in.|butter=40,egg=100,lard=15@PAN,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. The sugar got replaced by 15 g honey.|butter=40,butter=10@PAN,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. It rested 20 minutes. 30 g oil rather than the butter.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Topping: 30 g raspberries. I left out the sugar.|butter=40,egg=100,milk-whole=309,raspberries=30@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. No butter in the end.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. It rested 20 minutes. 30 g oil, as there was no butter.|egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. The butter never made it in.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Pan: 15 g lard. We added 30 g cocoa.|butter=40,cocoa=30,egg=100,lard=15@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Topping: 30 g raspberries. The sugar never went in.|butter=40,egg=100,milk-whole=309,raspberries=30@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Pan: 15 g lard. Another 50 ml milk went in at the end.|butter=40,egg=100,lard=15@PAN,milk-whole=361,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. 30 g oil rather than the butter.|butter=10@PAN,egg=100,milk-whole=309,oil-sunflower=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Makes 8. Instead of the sugar I used 15 g honey.|butter=40,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎40 g butter⏎20 g sugar⏎Pan: 15 g lard.⏎It was too thick so I added another 50 ml milk.|butter=40,egg=100,lard=15@PAN,milk-whole=361,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g butter, 20 g sugar. Brush the pan with 10 g butter. The sugar became 15 g honey.|butter=40,butter=10@PAN,egg=100,honey=15,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void changed() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

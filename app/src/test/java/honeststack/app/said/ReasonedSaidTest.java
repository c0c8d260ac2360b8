package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A food that took another's place, or was left out, with the reason for it. */
class ReasonedSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My daughter can't have cow's milk so it was oat milk this time.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My daughter can't have milk, so it was oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Milk doesn't agree with my husband so we used oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. One of the kids is allergic to milk so it's oat milk in there.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. The milk had turned, so oat milk went in.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. We were out of milk so oat milk had to do.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. No cow's milk in the house, so oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. There wasn't any milk left so I took oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My sister is lactose intolerant, so the milk was oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Grandad has coeliac so the flour was gluten-free.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Our neighbour's coeliac, so I had to use gluten-free flour.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My niece can't eat wheat so it was gluten-free flour today.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. She's vegan so it was flax eggs.|butter=40,flaxseed-ground=14,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My friend doesn't eat eggs so I made two flax eggs.|butter=40,flaxseed-ground=14,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. He's allergic to eggs, so flax eggs it was.|butter=40,flaxseed-ground=14,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My son is dairy free so it was margarine for the butter.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Butter's too dear at the moment so it was margarine.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. The butter was rock hard so margarine it was.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. I forgot to buy butter so it's margarine.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. There was no butter to be had so I made do with margarine.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. The shop had no butter, so margarine.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Turns out the milk was sour so I ended up using water.|butter=40,egg=100,water=301,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. The kids had finished the milk so it was water.|butter=40,egg=100,water=301,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Someone drank the milk, so water.|butter=40,egg=100,water=301,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My brother had drunk all the milk so I used water.|butter=40,egg=100,water=301,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Since my daughter can't have milk I used oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Because she can't have dairy the milk was oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. As my wife avoids gluten it was gluten-free flour.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. With my niece being coeliac I used gluten-free flour.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My niece being coeliac, the flour was gluten-free.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. For my niece's sake the flour was gluten-free.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Because of my nephew's allergy there was no egg in it.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My nephew is allergic so no eggs.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My nephew can't have eggs so I left them out.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My nephew can't have egg so they stayed out.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My nephew's allergic to eggs, so those stayed in the box.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Mum's watching her cholesterol so no butter this time.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. I'm off dairy this month so there's no butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. We're trying to eat less sugar, so there is none in it.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Doctor told me to watch the salt so none of that.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My mother isn't allowed butter, so she got hers with margarine, the rest of us had butter.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My daughter can't have cow's milk but this one is for us so it's ordinary milk.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My niece is coeliac but she wasn't there.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My niece is coeliac so next time I'd use gluten-free flour.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. If my niece comes I use gluten-free flour.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My niece can't have it because of the milk.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My nephew's allergic to eggs so he had toast.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My nephew is allergic to eggs so he didn't get any.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My son hates butter but he doesn't notice it in here.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. My daughter can't have milk so hers had water instead.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Oat milk because my daughter can't have cow's.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Oat milk, because my daughter can't drink cow's milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. It was oat milk because my daughter can't have dairy.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. I used oat milk since my daughter's intolerant.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Margarine because butter's too dear.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. It's margarine, we don't do dairy.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Flour's gluten-free because of Grandad.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. The eggs are flax eggs, she's vegan.|butter=40,flaxseed-ground=14,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. All lactose-free, because of my husband.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Oh and the milk is lactose free, for my husband.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. The flour is gluten free as my niece is coeliac.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Whisk and fry. My daughter can't have cow's milk so it was oat milk this time.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎my daughter can't have milk, so it was oat milk|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎Milk doesn't agree with my husband so we used oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter – one of the kids is allergic to milk so it's oat milk in there.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter but the milk had turned, so oat milk went in|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, we were out of milk so oat milk had to do.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Makes 8. We were out of milk so oat milk had to do.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Whisk and fry. No cow's milk in the house, so oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎there wasn't any milk left so I took oat milk|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎My sister is lactose intolerant, so the milk was oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter – grandad has coeliac so the flour was gluten-free.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter but our neighbour's coeliac, so I had to use gluten-free flour|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, but my niece can't eat wheat so it was gluten-free flour today.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, she's vegan so it was flax eggs.|butter=40,flaxseed-ground=14,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Makes 8. She's vegan so it was flax eggs.|butter=40,flaxseed-ground=14,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎he's allergic to eggs, so flax eggs it was|butter=40,flaxseed-ground=14,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎My son is dairy free so it was margarine for the butter.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter – butter's too dear at the moment so it was margarine.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter but the butter was rock hard so margarine it was|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, but I forgot to buy butter so it's margarine.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, there was no butter to be had so I made do with margarine.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Makes 8. There was no butter to be had so I made do with margarine.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Whisk and fry. The shop had no butter, so margarine.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎Turns out the milk was sour so I ended up using water.|butter=40,egg=100,water=301,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter – the kids had finished the milk so it was water.|butter=40,egg=100,water=301,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter but someone drank the milk, so water|butter=40,egg=100,water=301,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, but my brother had drunk all the milk so I used water.|butter=40,egg=100,water=301,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, since my daughter can't have milk I used oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Makes 8. Since my daughter can't have milk I used oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Whisk and fry. Because she can't have dairy the milk was oat milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎as my wife avoids gluten it was gluten-free flour|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎With my niece being coeliac I used gluten-free flour.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter – my niece being coeliac, the flour was gluten-free.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter but for my niece's sake the flour was gluten-free|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, but because of my nephew's allergy there was no egg in it.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, my nephew is allergic so no eggs.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Makes 8. My nephew is allergic so no eggs.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Whisk and fry. My nephew can't have eggs so I left them out.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎my nephew can't have egg so they stayed out|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎My nephew's allergic to eggs, so those stayed in the box.|butter=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter – mum's watching her cholesterol so no butter this time.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter but I'm off dairy this month so there's no butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, we're trying to eat less sugar, so there is none in it.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Makes 8. We're trying to eat less sugar, so there is none in it.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Whisk and fry. Doctor told me to watch the salt so none of that.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎my mother isn't allowed butter, so she got hers with margarine, the rest of us had butter|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎My daughter can't have cow's milk but this one is for us so it's ordinary milk.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter – my niece is coeliac but she wasn't there.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter but my niece is coeliac so next time I'd use gluten-free flour|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, but if my niece comes I use gluten-free flour.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, my niece can't have it because of the milk.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Makes 8. My niece can't have it because of the milk.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Whisk and fry. My nephew's allergic to eggs so he had toast.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎my nephew is allergic to eggs so he didn't get any|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎My son hates butter but he doesn't notice it in here.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter – my daughter can't have milk so hers had water instead.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter but oat milk because my daughter can't have cow's|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, but oat milk, because my daughter can't drink cow's milk.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, it was oat milk because my daughter can't have dairy.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Makes 8. It was oat milk because my daughter can't have dairy.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Whisk and fry. I used oat milk since my daughter's intolerant.|butter=40,egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎margarine because butter's too dear|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎It's margarine, we don't do dairy.|egg=100,margarine=40,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter – flour's gluten-free because of Grandad.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      200 g flour, 300 ml milk, 2 eggs, 40 g butter but the eggs are flax eggs, she's vegan|butter=40,flaxseed-ground=14,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, but all lactose-free, because of my husband.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, oh and the milk is lactose free, for my husband.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Makes 8. Oh and the milk is lactose free, for my husband.|butter=40,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter. Whisk and fry. The flour is gluten free as my niece is coeliac.|butter=40,egg=100,gluten-free-flour=200,milk-whole=309
      """;

  @Test
  void itIsWhatWasTaken() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}

package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two amounts side by side: which of them counts is said by the words around them. */
class SpokenDisplacedTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** Butter gives way to oil. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          40 ml oil instead of the 50 g butter. 2 eggs
          Instead of 50 g butter I use 40 ml oil. 2 eggs
          In place of 50 g butter, 40 ml oil. 2 eggs
          Swapped 50 g butter for 40 ml oil. 2 eggs
          Swap out 50 g butter for 40 ml oil. 2 eggs
          I swapped out the 50 g butter and used 40 ml oil. 2 eggs
          50 g butter replaced by 40 ml oil. 2 eggs
          50 g butter swapped for 40 ml oil. 2 eggs
          50 g butter became 40 ml oil. 2 eggs
          50 g butter is now 40 ml oil. 2 eggs
          Change the 50 g butter to 40 ml oil. 2 eggs
          Trade 50 g butter for 40 ml oil. 2 eggs
          Substituting 40 ml oil for 50 g butter. 2 eggs
          40 ml oil as a substitute for 50 g butter. 2 eggs
          40 ml oil as replacement for 50 g butter. 2 eggs
          40 ml oil takes the place of 50 g butter. 2 eggs
          40 ml oil replacing 50 g butter. 2 eggs
          Rather than 50 g butter, 40 ml oil. 2 eggs
          Not 50 g butter, 40 ml oil. 2 eggs
          No 50 g butter but 40 ml oil. 2 eggs
          No 50 g butter – 40 ml oil instead. 2 eggs
          Leave out 50 g butter and use 40 ml oil. 2 eggs
          Omit 50 g butter, use 40 ml oil. 2 eggs
          Drop 50 g butter and put in 40 ml oil. 2 eggs
          Without 50 g butter, but with 40 ml oil. 2 eggs
          Used 40 ml oil where it says 50 g butter. 2 eggs
          The recipe says 50 g butter but I use 40 ml oil. 2 eggs
          It says 50 g butter; I did 40 ml oil. 2 eggs
          Originally 50 g butter, now 40 ml oil. 2 eggs
          Used to be 50 g butter, now it's 40 ml oil. 2 eggs
          50 g butter before, 40 ml oil now. 2 eggs
          Yesterday 50 g butter, today 40 ml oil. 2 eggs
          Normally 50 g butter but today 40 ml oil. 2 eggs
          Usually 50 g butter. Today 40 ml oil. 2 eggs
          We had no 50 g butter so I used 40 ml oil. 2 eggs
          No 50 g butter left, so 40 ml oil. 2 eggs
          My mother used 50 g butter, I use 40 ml oil. 2 eggs
          Most people use 50 g butter, I use 40 ml oil. 2 eggs
          The book has 50 g butter, mine 40 ml oil. 2 eggs
          Original: 50 g butter; mine: 40 ml oil. 2 eggs
          Before: 50 g butter; after: 40 ml oil. 2 eggs
          Should be 50 g butter but I only had 40 ml oil. 2 eggs
          Meant to add 50 g butter but added 40 ml oil. 2 eggs
          50 g butter, scratch that, 40 ml oil. 2 eggs
          50 g butter, actually no, 40 ml oil. 2 eggs
          50 g butter. Wait, no. 40 ml oil. 2 eggs
          50 g butter... no... 40 ml oil. 2 eggs
          50 g butter, hang on, 40 ml oil. 2 eggs
          50 g butter, that was wrong, 40 ml oil. 2 eggs
          50 g butter (sorry, 40 ml oil). 2 eggs
          50 g butter (now 40 ml oil). 2 eggs
          The 50 g butter got replaced with 40 ml oil this time. 2 eggs
          Had to use 40 ml oil because the 50 g butter was off. 2 eggs
          40 ml oil because we ran out of 50 g butter. 2 eggs
          40 ml oil, the 50 g butter being finished. 2 eggs
          40 ml oil, as 50 g butter is too heavy. 2 eggs
          40 ml oil (I don't like 50 g butter). 2 eggs
          40 ml oil (instead of 50 g butter). 2 eggs
          40 ml oil (was 50 g butter). 2 eggs
          40 ml oil [replaces 50 g butter]. 2 eggs
          40 ml oil rather than the 50 g butter in the book. 2 eggs
          40 ml oil and no 50 g butter. 2 eggs
          40 ml oil, without the 50 g butter. 2 eggs
          40 ml oil and definitely not 50 g butter. 2 eggs
          40 ml oil does the job of 50 g butter. 2 eggs
          40 ml oil in the role of 50 g butter. 2 eggs
          40 ml oil makes 50 g butter unnecessary. 2 eggs
          Thanks to 40 ml oil there's no need for 50 g butter. 2 eggs
          I've moved from 50 g butter to 40 ml oil. 2 eggs
          I switched from 50 g butter to 40 ml oil. 2 eggs
          Switching 50 g butter for 40 ml oil. 2 eggs
          We changed 50 g butter into 40 ml oil. 2 eggs
          Turn the 50 g butter into 40 ml oil. 2 eggs
          Out with 50 g butter, in with 40 ml oil. 2 eggs
          Forget 50 g butter, 40 ml oil it is. 2 eggs
          Scrap 50 g butter. 40 ml oil instead. 2 eggs
          Cross out 50 g butter, write 40 ml oil. 2 eggs
          50 g butter is crossed out and 40 ml oil written beside it. 2 eggs
          50 g butter → replaced by 40 ml oil. 2 eggs
          50 g butter, since replaced by 40 ml oil. 2 eggs
          50 g butter (my version: 40 ml oil). 2 eggs
          50 g butter (I use 40 ml oil). 2 eggs
          50 g butter (I had only 40 ml oil). 2 eggs
          50 g butter (today 40 ml oil). 2 eggs
          50 g butter (changed to 40 ml oil). 2 eggs
          50 g butter (replaced with 40 ml oil). 2 eggs
          50 g butter (→ 40 ml oil). 2 eggs
          I was going to put 50 g butter but changed my mind: 40 ml oil. 2 eggs
          I nearly put 50 g butter, then went with 40 ml oil. 2 eggs
          Did I say 50 g butter? It was 40 ml oil. 2 eggs
          No, not 50 g butter: 40 ml oil. 2 eggs
          It isn't 50 g butter, it's 40 ml oil. 2 eggs
          It's not 50 g butter but 40 ml oil. 2 eggs
          Wasn't 50 g butter, was 40 ml oil. 2 eggs
          No longer 50 g butter but 40 ml oil. 2 eggs
          Instead of 50 g butter we now do 40 ml oil. 2 eggs
          40 ml oil used, 50 g butter skipped. 2 eggs
          50 g butter omitted, 40 ml oil added. 2 eggs
          50 g butter left out; 40 ml oil in its place. 2 eggs
          Took 50 g butter out, put 40 ml oil in. 2 eggs
          """)
  void theOtherTakesItsPlace(String text) {
    assertThat(ToldFoods.of(telling, text)).as(text).isEqualTo("egg 2, oil 40");
  }

  /** So much butter, set right. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          50 g butter, no, 40 g. 2 eggs
          50 g butter, no, make it 40 g. 2 eggs
          50 g butter, make it 40 g. 2 eggs
          50 g butter, make that 40 g. 2 eggs
          50 g butter, sorry, 40 g. 2 eggs
          50 g butter, I mean 40 g. 2 eggs
          50 g butter, or rather 40 g. 2 eggs
          50 g butter – or rather 40 g. 2 eggs
          50 g butter, well, 40 g. 2 eggs
          50 g butter, well, actually 40 g. 2 eggs
          50 g butter, actually 40 g. 2 eggs
          50 g butter – actually 40 g. 2 eggs
          50 g butter, scratch that, 40 g. 2 eggs
          50 g butter, wait, 40 g. 2 eggs
          50 g butter, wait no, 40 g. 2 eggs
          50 g butter, hang on, 40 g. 2 eggs
          50 g butter, oops, 40 g. 2 eggs
          50 g butter. No, 40 g. 2 eggs
          50 g butter. No wait. 40 g. 2 eggs
          50 g butter. Sorry, 40 g. 2 eggs
          50 g butter. Actually, 40 g. 2 eggs
          50 g butter. Make that 40 g. 2 eggs
          50 g butter. I meant 40 g. 2 eggs
          50 g butter. Correction: 40 g. 2 eggs
          50 g butter. Hm, no, 40 g. 2 eggs
          50 g butter... no, 40 g. 2 eggs
          50 g butter… 40 g I mean. 2 eggs
          50 g butter (no, 40 g). 2 eggs
          50 g butter (sorry, 40 g). 2 eggs
          50 g butter (make that 40 g). 2 eggs
          50 g butter (actually 40 g). 2 eggs
          50 g butter (should be 40 g). 2 eggs
          50 g butter, it should be 40 g. 2 eggs
          50 g butter, should have been 40 g. 2 eggs
          50 g butter, ought to be 40 g. 2 eggs
          50 g butter, which should be 40 g. 2 eggs
          50 g butter but it should be 40 g. 2 eggs
          50 g butter but it's really 40 g. 2 eggs
          50 g butter, but really it's 40 g. 2 eggs
          50 g butter but I use 40 g. 2 eggs
          50 g butter but I used 40 g. 2 eggs
          50 g butter but I only had 40 g. 2 eggs
          50 g butter, but I only used 40 g. 2 eggs
          50 g butter but I put 40 g. 2 eggs
          50 g butter but I'd go with 40 g. 2 eggs
          50 g butter, but I do 40 g. 2 eggs
          50 g butter, I do 40 g. 2 eggs
          50 g butter, I use 40 g. 2 eggs
          50 g butter, I only use 40 g. 2 eggs
          50 g butter, I take 40 g. 2 eggs
          50 g butter, we use 40 g. 2 eggs
          50 g butter, though I use 40 g. 2 eggs
          50 g butter, although I use 40 g. 2 eggs
          50 g butter in the book, I use 40 g. 2 eggs
          50 g butter in the recipe, 40 g in mine. 2 eggs
          It says 50 g butter, I use 40 g. 2 eggs
          It says 50 g butter but I use 40 g. 2 eggs
          It said 50 g butter; I used 40 g. 2 eggs
          The recipe says 50 g butter. I use 40 g. 2 eggs
          The recipe wants 50 g butter, I do 40 g. 2 eggs
          Recipe calls for 50 g butter, I used 40 g. 2 eggs
          They say 50 g butter, I say 40 g. 2 eggs
          She uses 50 g butter, I use 40 g. 2 eggs
          Mum puts 50 g butter, I put 40 g. 2 eggs
          50 g butter originally, now 40 g. 2 eggs
          Originally 50 g butter, now 40 g. 2 eggs
          Used to be 50 g butter, now 40 g. 2 eggs
          Was 50 g butter, now 40 g. 2 eggs
          50 g butter before, 40 g now. 2 eggs
          50 g butter last time, 40 g this time. 2 eggs
          """)
  void theLaterAmountCounts(String text) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo("butter 40, egg 2");
  }

  /** Words that might tell otherwise. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          50 g butter and 40 ml oil, no lumps. 2 eggs
          50 g butter, no lumps, 40 ml oil. 2 eggs
          50 g butter, not too cold, and 40 ml oil. 2 eggs
          50 g butter was on offer, and 40 ml oil. 2 eggs
          50 g butter was left, plus 40 ml oil. 2 eggs
          50 g butter is in it, and 40 ml oil. 2 eggs
          There was 50 g butter in it and 40 ml oil. 2 eggs
          It has 50 g butter and 40 ml oil. 2 eggs
          It has 50 g butter and also 40 ml oil. 2 eggs
          It says 50 g butter and 40 ml oil. 2 eggs
          The recipe says 50 g butter and 40 ml oil. 2 eggs
          The recipe has 50 g butter, 40 ml oil. 2 eggs
          Mum uses 50 g butter and 40 ml oil. 2 eggs
          Gran always put 50 g butter and 40 ml oil in. 2 eggs
          She puts in 50 g butter and then 40 ml oil. 2 eggs
          Now 50 g butter, then 40 ml oil. 2 eggs
          First 50 g butter, now 40 ml oil. 2 eggs
          Add 50 g butter, now add 40 ml oil. 2 eggs
          50 g butter now, 40 ml oil later. 2 eggs
          50 g butter in the morning, 40 ml oil at night. 2 eggs
          50 g butter today, 40 ml oil tomorrow. 2 eggs
          50 g butter from the fridge, 40 ml oil from the cupboard. 2 eggs
          50 g butter out of the fridge, 40 ml oil. 2 eggs
          50 g butter, off the boil, and 40 ml oil. 2 eggs
          50 g butter and 40 ml oil, never more. 2 eggs
          Never more than 50 g butter, and 40 ml oil. 2 eggs
          Not only 50 g butter but also 40 ml oil. 2 eggs
          Not just 50 g butter but 40 ml oil too. 2 eggs
          Not just 50 g butter, also 40 ml oil. 2 eggs
          50 g butter, but also 40 ml oil. 2 eggs
          50 g butter but with 40 ml oil as well. 2 eggs
          50 g butter though with 40 ml oil as well. 2 eggs
          50 g butter; here goes 40 ml oil. 2 eggs
          Here 50 g butter, there 40 ml oil. 2 eggs
          50 g butter, and here's 40 ml oil. 2 eggs
          Mine has 50 g butter and 40 ml oil. 2 eggs
          My version has 50 g butter and 40 ml oil. 2 eggs
          Ours: 50 g butter and 40 ml oil. 2 eggs
          I use 50 g butter and I use 40 ml oil. 2 eggs
          I used 50 g butter, and I used 40 ml oil. 2 eggs
          We use 50 g butter; we use 40 ml oil. 2 eggs
          I put 50 g butter and my husband puts 40 ml oil. 2 eggs
          Don't skip 50 g butter, and 40 ml oil. 2 eggs
          Don't forget 50 g butter and 40 ml oil. 2 eggs
          Don't forget 50 g butter, then 40 ml oil. 2 eggs
          Never forget 50 g butter, 40 ml oil. 2 eggs
          Never without 50 g butter and 40 ml oil. 2 eggs
          I couldn't do without 50 g butter and 40 ml oil. 2 eggs
          No way around 50 g butter and 40 ml oil. 2 eggs
          No less than 50 g butter and 40 ml oil. 2 eggs
          No more than 50 g butter and 40 ml oil. 2 eggs
          No need to weigh: 50 g butter, 40 ml oil. 2 eggs
          No salt, 50 g butter, 40 ml oil. 2 eggs
          No butter; 50 g butter and 40 ml oil. 2 eggs
          Without butter: 50 g butter, 40 ml oil. 2 eggs
          Without butter but with 50 g butter and 40 ml oil. 2 eggs
          50 g butter instead of butter, and 40 ml oil. 2 eggs
          Swap butter for 50 g butter and 40 ml oil. 2 eggs
          Instead of butter 50 g butter and 40 ml oil. 2 eggs
          Leave out the butter; use 50 g butter and 40 ml oil. 2 eggs
          We ran out of butter, so 50 g butter and 40 ml oil. 2 eggs
          The butter was off, so 50 g butter and 40 ml oil. 2 eggs
          Originally with butter; now 50 g butter and 40 ml oil. 2 eggs
          50 g butter gets mixed with 40 ml oil. 2 eggs
          50 g butter becomes smooth with 40 ml oil. 2 eggs
          50 g butter turns creamy with 40 ml oil. 2 eggs
          Warm 50 g butter, it should be hand-hot, then 40 ml oil. 2 eggs
          50 g butter should be warm, 40 ml oil cold. 2 eggs
          50 g butter is best cold, 40 ml oil warm. 2 eggs
          50 g butter (the last of it) and 40 ml oil. 2 eggs
          The last 50 g butter and 40 ml oil. 2 eggs
          The rest: 50 g butter, 40 ml oil. 2 eggs
          """)
  void bothCount(String text) {
    assertThat(ToldFoods.of(telling, text)).as(text).isEqualTo("butter 50, egg 2, oil 40");
  }
}

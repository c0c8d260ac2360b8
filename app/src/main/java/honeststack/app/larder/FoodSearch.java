package honeststack.app.larder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.en.EnglishAnalyzer;
import org.apache.lucene.analysis.tokenattributes.CharTermAttribute;
import org.apache.lucene.document.Document;
import org.apache.lucene.document.Field;
import org.apache.lucene.document.StringField;
import org.apache.lucene.document.TextField;
import org.apache.lucene.index.IndexWriter;
import org.apache.lucene.index.IndexWriterConfig;
import org.apache.lucene.index.StoredFields;
import org.apache.lucene.index.Term;
import org.apache.lucene.search.BooleanClause.Occur;
import org.apache.lucene.search.BooleanQuery;
import org.apache.lucene.search.BoostQuery;
import org.apache.lucene.search.FuzzyQuery;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.search.PrefixQuery;
import org.apache.lucene.search.Query;
import org.apache.lucene.search.ScoreDoc;
import org.apache.lucene.search.SearcherManager;
import org.apache.lucene.search.TermQuery;
import org.apache.lucene.store.ByteBuffersDirectory;

/** An index in memory of all names of all foods; forgives typing errors and half-typed words. */
public final class FoodSearch {
  private static final String NAME = "name";
  private static final String FOOD = "food";
  private static final int LEAST_HITS = 40;

  /** Words beyond these are not looked for: no food is called so, and each costs time. */
  private static final int MOST_WORDS = 5;

  private static final int LONGEST_WORD = 60;

  /** Longer ones must be spelt right. */
  private static final int LONGEST_MISSPELT = 16;

  /** How much a name that is exactly what was asked for counts over one that holds it. */
  private static final double EXACT = 4;

  /** How much each tenfold use of a food counts. */
  private static final double USED = 0.3;

  private final Analyzer analyzer = new EnglishAnalyzer();
  private final IndexWriter writer;
  private final SearcherManager searchers;

  public FoodSearch() {
    try {
      writer = new IndexWriter(new ByteBuffersDirectory(), new IndexWriterConfig(analyzer));
      searchers = new SearcherManager(writer, null);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  /**
   * Puts foods in, in place of what they were called before.
   *
   * @param names of each food, by its identity
   */
  public void put(Map<String, List<String>> names) {
    try {
      for (Map.Entry<String, List<String>> food : names.entrySet()) {
        List<Document> documents = new ArrayList<>();
        for (String name : food.getValue()) {
          Document document = new Document();
          document.add(new TextField(NAME, name, Field.Store.YES));
          document.add(new StringField(FOOD, food.getKey(), Field.Store.YES));
          documents.add(document);
        }
        Term before = new Term(FOOD, food.getKey());
        if (documents.isEmpty()) {
          writer.deleteDocuments(before);
        } else {
          writer.updateDocuments(before, documents);
        }
      }
      searchers.maybeRefreshBlocking();
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  /**
   * Identities of the foods whose names come closest, best first.
   *
   * @param uses how often a food has been used; more used ones come first among likes
   */
  public List<String> nearest(String text, int most, ToIntFunction<String> uses) {
    Query query = query(text);
    String asked = FoodNames.normal(text);
    try {
      IndexSearcher searcher = searchers.acquire();
      try {
        Map<String, Double> scores = new HashMap<>();
        StoredFields stored = searcher.storedFields();
        for (ScoreDoc hit : searcher.search(query, Math.max(LEAST_HITS, 4 * most)).scoreDocs) {
          Document document = stored.document(hit.doc);
          boolean exact = FoodNames.normal(document.get(NAME)).equals(asked);
          String food = document.get(FOOD);
          double used = 1 + USED * Math.log10(1 + uses.applyAsInt(food));
          scores.merge(food, hit.score * used * (exact ? EXACT : 1), Math::max);
        }
        return scores.entrySet().stream()
            .sorted(
                Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder())
                    .thenComparing(Map.Entry.comparingByKey()))
            .limit(most)
            .map(Map.Entry::getKey)
            .toList();
      } finally {
        searchers.release(searcher);
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  private Query query(String text) {
    BooleanQuery.Builder query = new BooleanQuery.Builder();
    for (String term : terms(text)) {
      if (term.length() > LONGEST_WORD) {
        continue;
      }
      Term word = new Term(NAME, term);
      query.add(new BoostQuery(new TermQuery(word), 4), Occur.SHOULD);
      if (term.length() > 1) {
        query.add(new BoostQuery(new PrefixQuery(word), 2), Occur.SHOULD);
      }
      if (term.length() > 2 && term.length() <= LONGEST_MISSPELT) {
        Query fuzzy = new FuzzyQuery(word, term.length() > 4 ? 2 : 1, 1);
        query.add(new BoostQuery(fuzzy, 3), Occur.SHOULD);
      }
    }
    return query.build();
  }

  private List<String> terms(String text) {
    List<String> terms = new ArrayList<>();
    try (var stream = analyzer.tokenStream(NAME, text)) {
      CharTermAttribute term = stream.addAttribute(CharTermAttribute.class);
      stream.reset();
      while (terms.size() < MOST_WORDS && stream.incrementToken()) {
        terms.add(term.toString());
      }
      stream.end();
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return terms;
  }
}

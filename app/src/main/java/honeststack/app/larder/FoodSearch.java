package honeststack.app.larder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.en.EnglishAnalyzer;
import org.apache.lucene.document.Document;
import org.apache.lucene.document.Field;
import org.apache.lucene.document.StoredField;
import org.apache.lucene.document.TextField;
import org.apache.lucene.index.DirectoryReader;
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
import org.apache.lucene.search.TermQuery;
import org.apache.lucene.store.ByteBuffersDirectory;

/** An index in memory of all names of all foods; forgives typing errors and half-typed words. */
final class FoodSearch {
  private static final String NAME = "name";
  private static final String FOOD = "food";

  private final Analyzer analyzer = new EnglishAnalyzer();
  private final IndexSearcher searcher;

  FoodSearch(List<LarderFiles.Name> names) {
    try {
      ByteBuffersDirectory directory = new ByteBuffersDirectory();
      try (IndexWriter writer = new IndexWriter(directory, new IndexWriterConfig(analyzer))) {
        for (LarderFiles.Name name : names) {
          Document document = new Document();
          document.add(new TextField(NAME, name.name(), Field.Store.NO));
          document.add(new StoredField(FOOD, name.foodId()));
          writer.addDocument(document);
        }
      }
      searcher = new IndexSearcher(DirectoryReader.open(directory));
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  /** Identities of the foods whose names come closest, best first. */
  List<String> nearest(String text, int most) {
    BooleanQuery.Builder query = new BooleanQuery.Builder();
    for (String term : terms(text)) {
      Term word = new Term(NAME, term);
      query.add(new BoostQuery(new TermQuery(word), 4), Occur.SHOULD);
      if (term.length() > 1) {
        query.add(new BoostQuery(new PrefixQuery(word), 2), Occur.SHOULD);
      }
      if (term.length() > 2) {
        Query fuzzy = new FuzzyQuery(word, term.length() > 4 ? 2 : 1, 1);
        query.add(fuzzy, Occur.SHOULD);
      }
    }
    try {
      Set<String> foods = new LinkedHashSet<>();
      StoredFields stored = searcher.storedFields();
      for (ScoreDoc hit : searcher.search(query.build(), 8 * most).scoreDocs) {
        foods.add(stored.document(hit.doc).get(FOOD));
      }
      return foods.stream().limit(most).toList();
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  private List<String> terms(String text) {
    List<String> terms = new ArrayList<>();
    try (var stream = analyzer.tokenStream(NAME, text)) {
      var term =
          stream.addAttribute(org.apache.lucene.analysis.tokenattributes.CharTermAttribute.class);
      stream.reset();
      while (stream.incrementToken()) {
        terms.add(term.toString());
      }
      stream.end();
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return terms;
  }
}

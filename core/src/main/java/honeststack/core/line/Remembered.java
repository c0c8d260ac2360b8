package honeststack.core.line;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/** What was last made of texts, for as many of them as are in use; safe to share. */
public final class Remembered<V> {
  /** A recipe is read at every keystroke, and all of its lines but one are as they were. */
  private static final int MOST = 4000;

  private final Map<String, V> known = Collections.synchronizedMap(new Recent<>());

  private static final class Recent<V> extends LinkedHashMap<String, V> {
    private static final long serialVersionUID = 1;

    Recent() {
      super(64, 0.75f, true);
    }

    @Override
    protected boolean removeEldestEntry(Map.Entry<String, V> eldest) {
      return size() > MOST;
    }
  }

  /** What was made of it before, or is made of it now. */
  public V get(String text, Function<String, V> make) {
    V before = known.get(text);
    if (before != null) {
      return before;
    }
    V made = make.apply(text);
    known.put(text, made);
    return made;
  }
}

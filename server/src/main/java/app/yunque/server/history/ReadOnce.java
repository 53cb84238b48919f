package app.yunque.server.history;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What a reading transaction has asked once it does not ask again. A page is put together from features that each read what is
 * theirs, often from the same table; so a list of findings is fetched for the first that wants it and shared with the others. A
 * transaction that writes always asks anew.
 */
public final class ReadOnce {
    private ReadOnce() {}

    /**
     * @param what which list it is, the same for the same question
     * @param of   whose it is
     * @param ask  the question
     */
    public static <T> T of(String what, Object of, Supplier<T> ask) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()
                || !TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            return ask.get();
        }
        var known = known();
        var key = List.of(what, of);
        if (!known.containsKey(key)) {
            known.put(key, ask.get());
        }
        @SuppressWarnings("unchecked") // the same key is only ever asked with the same question
        var answer = (T) known.get(key);
        return answer;
    }

    private static Map<Object, Object> known() {
        @SuppressWarnings("unchecked") // bound below and nowhere else
        var bound =
                (Map<Object, Object>) TransactionSynchronizationManager.getResource(ReadOnce.class);
        if (bound != null) {
            return bound;
        }
        var known = new HashMap<Object, Object>();
        TransactionSynchronizationManager.bindResource(ReadOnce.class, known);
        TransactionSynchronizationManager.registerSynchronization(new Forget(known));
        return known;
    }

    /** Another transaction in the middle of this one neither sees nor loses what this one knows. */
    private record Forget(Map<Object, Object> known) implements TransactionSynchronization {
        @Override
        public void suspend() {
            TransactionSynchronizationManager.unbindResource(ReadOnce.class);
        }

        @Override
        public void resume() {
            TransactionSynchronizationManager.bindResource(ReadOnce.class, known);
        }

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResourceIfPossible(ReadOnce.class);
        }
    }
}

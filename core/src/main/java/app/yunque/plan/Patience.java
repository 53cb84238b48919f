package app.yunque.plan;

/**
 * Whoever waits for a plan. A search asks now and then whether it is still waited for; when it is not, it ends with the best it has
 * and the bound of that. How much a search looks at does not hang on it: the same question, waited for to its end, has the same answer.
 */
@FunctionalInterface
public interface Patience {
    /** Waits for as long as it takes. */
    Patience ENDLESS = () -> true;

    /** False once nobody waits any more. */
    boolean lasts();
}

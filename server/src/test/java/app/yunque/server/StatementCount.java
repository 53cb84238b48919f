package app.yunque.server;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Supplier;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;

/** Counts what the application asks its database, so that a list that asks again for every row is found out. */
@Component
public class StatementCount implements BeanPostProcessor {
    private static final List<String> ASKED = new CopyOnWriteArrayList<>();

    /** What was asked while something was done, without what keeps the session of who is signed in. */
    public static List<String> during(Supplier<?> work) {
        ASKED.clear();
        work.get();
        return ASKED.stream().filter(s -> !s.toLowerCase().contains("spring_session")).toList();
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source
                ? wrapped(DataSource.class, source, "getConnection")
                : bean;
    }

    private static Object wrapped(Class<?> type, Object target, String opens) {
        return Proxy.newProxyInstance(
                StatementCount.class.getClassLoader(),
                new Class<?>[] {type},
                (proxy, method, given) -> {
                    if (method.getName().equals("prepareStatement")) {
                        ASKED.add((String) given[0]);
                    }
                    try {
                        var answer = method.invoke(target, given);
                        return method.getName().equals(opens) && answer != null
                                ? wrapped(Connection.class, answer, "none")
                                : answer;
                    } catch (InvocationTargetException e) {
                        throw e.getCause();
                    }
                });
    }
}

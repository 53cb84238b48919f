package app.yunque;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.net.MalformedURLException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;

/**
 * No constant may depend on which class happens to be used first: a class and its nested classes that build constants of each
 * other would leave holes in them after one order of loading and none after the other.
 */
class LoadOrderTest {
    private static final Path CLASSES = Path.of("target/classes");

    @Test
    void constantsAreTheSameWhateverIsLoadedFirst()
            throws IOException, ReflectiveOperationException {
        int nested = 0;
        var all = new SoftAssertions();
        for (var outer : named(c -> !c.contains("$"))) {
            var inside = named(c -> c.startsWith(outer + "$") && !c.matches(".*\\$\\d+"));
            for (var inner : inside) {
                nested++;
                all.assertThat(constants(List.of(inner, outer), outer))
                        .as("constants of %s when %s is used first", outer, inner)
                        .isEqualTo(constants(List.of(outer, inner), outer));
            }
        }
        all.assertAll();
        assertThat(nested).as("nested classes looked at").isGreaterThan(100);
    }

    private static List<String> named(java.util.function.Predicate<String> which)
            throws IOException {
        try (Stream<Path> files = Files.walk(CLASSES)) {
            return files.map(p -> CLASSES.relativize(p).toString())
                    .filter(p -> p.endsWith(".class") && !p.endsWith("-info.class"))
                    .map(p -> p.substring(0, p.length() - 6).replace('/', '.'))
                    .filter(which)
                    .sorted()
                    .toList();
        }
    }

    /** Constants of a class in words, after classes were used in an order, in a world of their own. */
    private static TreeMap<String, String> constants(List<String> order, String of)
            throws ReflectiveOperationException, IOException {
        var path =
                Arrays.stream(
                                System.getProperty("java.class.path")
                                        .split(java.io.File.pathSeparator))
                        .map(LoadOrderTest::url)
                        .toArray(URL[]::new);
        try (var world = new URLClassLoader(path, ClassLoader.getPlatformClassLoader())) {
            for (var name : order) {
                Class.forName(name, true, world);
            }
            var told = new TreeMap<String, String>();
            for (Field field : Class.forName(of, true, world).getDeclaredFields()) {
                if (Modifier.isStatic(field.getModifiers()) && !field.isSynthetic()) {
                    field.setAccessible(true);
                    told.put(field.getName(), words(field.get(null)));
                }
            }
            return told;
        }
    }

    /** A value in words that are the same in every world: without addresses, and sets in one order. */
    private static String words(Object value) {
        var told =
                value instanceof Object[] list ? Arrays.deepToString(list) : String.valueOf(value);
        var parts =
                told.replaceAll("(\\$\\$Lambda|@|0x)[\\w$]*/?[0-9a-fx]*", "").split("[,{}\\[\\]]");
        Arrays.sort(parts);
        return String.join(",", parts);
    }

    private static URL url(String path) {
        try {
            return Path.of(path).toUri().toURL();
        } catch (MalformedURLException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}

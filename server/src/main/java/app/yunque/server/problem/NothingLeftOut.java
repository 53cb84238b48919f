package app.yunque.server.problem;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.lang.reflect.Constructor;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.module.SimpleModule;

/**
 * What a record says may not be missing is not missing: a request that leaves it out, or sends nothing in its place, is refused
 * with the name of the value before any code sees it. A record that tells in its own words what is missing implements {@link
 * Missing}.
 */
@Component
public class NothingLeftOut extends SimpleModule {
    private static final String OURS = "app.yunque.";

    /** The demo's own files leave out what has a usual value. */
    private static final String DEMO = "app.yunque.server.demo.";

    /** A record that says itself what is missing. */
    public interface Missing {}

    NothingLeftOut() {
        super("nothing left out");
    }

    @Override
    public void setupModule(SetupContext context) {
        super.setupModule(context);
        context.insertAnnotationIntrospector(new Required());
    }

    private static final class Required extends NopAnnotationIntrospector {
        @Override
        public @Nullable Boolean hasRequiredMarker(MapperConfig<?> config, AnnotatedMember member) {
            return isRequired(member) ? Boolean.TRUE : null;
        }

        @Override
        public JsonSetter.Value findSetterInfo(MapperConfig<?> config, Annotated member) {
            if (isRequired(member)) {
                return JsonSetter.Value.construct(Nulls.FAIL, Nulls.FAIL);
            }
            // A list may be left out, but not hold nothing.
            return ofOurs(member).isPresent()
                    ? JsonSetter.Value.forContentNulls(Nulls.FAIL)
                    : JsonSetter.Value.empty();
        }

        private static boolean isRequired(Annotated member) {
            return ofOurs(member)
                    .filter(made -> !Missing.class.isAssignableFrom(made.getDeclaringClass()))
                    .filter(made -> isRequired(made, ((AnnotatedParameter) member).getIndex()))
                    .isPresent();
        }

        private static boolean isRequired(Constructor<?> made, int index) {
            var type = made.getParameterTypes()[index];
            return !type.isPrimitive()
                    && type != Optional.class
                    && !made.getAnnotatedParameterTypes()[index].isAnnotationPresent(
                            Nullable.class);
        }

        /** The constructor of one of our records; empty for anything else. */
        private static Optional<Constructor<?>> ofOurs(Annotated member) {
            if (member instanceof AnnotatedParameter parameter
                    && parameter.getOwner().getAnnotated() instanceof Constructor<?> made
                    && made.getDeclaringClass().isRecord()
                    && made.getDeclaringClass().getName().startsWith(OURS)
                    && !made.getDeclaringClass().getName().startsWith(DEMO)) {
                return Optional.of(made);
            }
            return Optional.empty();
        }
    }
}

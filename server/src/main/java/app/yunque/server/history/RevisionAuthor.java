package app.yunque.server.history;

import org.hibernate.envers.RevisionListener;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;

/** Writes the signed-in person into each revision. Envers makes it itself, outside the application context. */
public class RevisionAuthor implements RevisionListener {
    @Override
    public void newRevision(Object revision) {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        boolean isKnown =
                authentication != null && !(authentication instanceof AnonymousAuthenticationToken);
        ((Revision) revision).author = isKnown ? authentication.getName() : null;
    }
}

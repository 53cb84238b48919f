package app.yunque.server.begin;

import app.yunque.server.begin.Origin.Kind;
import app.yunque.server.people.PeopleService;
import app.yunque.server.problem.Forbidden;
import app.yunque.server.shop.ShopService;
import app.yunque.server.shop.ShopSettings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins a shop in new records, once. Demo and real records never mix: what has begun is not begun otherwise. */
@Service
public class Begin {
    private final Origin origin;
    private final ShopService shop;
    private final PeopleService people;
    private final Demo demo;

    Begin(Origin origin, ShopService shop, PeopleService people, Demo demo) {
        this.origin = origin;
        this.shop = shop;
        this.people = people;
        this.demo = demo;
    }

    /** To look around. */
    @Transactional
    public void withTheDemo() {
        refuseBegun();
        demo.load();
        origin.becomes(Kind.DEMO);
    }

    /**
     * A shop of one's own.
     *
     * @param lead its first lead
     * @param pin  that person's PIN
     */
    @Transactional
    void withOwnShop(ShopSettings settings, String lead, String pin) {
        refuseBegun();
        people.first(lead, pin);
        shop.begin(settings, lead.strip());
        origin.becomes(Kind.SHOP);
    }

    private void refuseBegun() {
        if (origin.lockedKind() != Kind.NEW) {
            throw new Forbidden("This shop has begun already. Sign in.");
        }
    }
}

package app.yunque.server.parts;

/** Where a part to buy stands. */
public enum OrderState {
    WANTED,
    ORDERED,
    RECEIVED,
    CALLED_OFF;

    public boolean isCalledOff() {
        return this == CALLED_OFF;
    }

    /** Whether the supplier has the order: what was approved is then what is bought. */
    boolean isPlaced() {
        return this == ORDERED || this == RECEIVED;
    }

    /** Whether it may come to stand there from here: nothing is received that was not ordered, nothing comes back from a call-off but wanted anew. */
    boolean mayBecome(OrderState next) {
        return switch (this) {
            case WANTED -> next != RECEIVED;
            case ORDERED -> true;
            case RECEIVED -> next == RECEIVED || next == ORDERED;
            case CALLED_OFF -> next == CALLED_OFF || next == WANTED;
        };
    }
}

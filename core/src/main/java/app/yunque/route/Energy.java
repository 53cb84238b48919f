package app.yunque.route;

/** Sources of energy that have to be locked out before a unit is opened. */
public enum Energy {
    ELECTRIC,
    BATTERY,
    ENGINE,
    HYDRAULIC,
    AIR,
    GRAVITY,
    SPRING,
    HEAT
}

package org.goldentally.core.ideas;

/** How an idea sets its blocks. */
enum Lay {
    STRAIGHT("row on row"),
    ALTERNATE("taking turns with plain squares"),
    SASHED("with sashing between"),
    ON_POINT("on point, plain squares between");

    private final String says;

    Lay(String says) {
        this.says = says;
    }

    String says() {
        return says;
    }
}

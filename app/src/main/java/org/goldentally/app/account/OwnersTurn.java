package org.goldentally.app.account;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * One writer at a time to what an owner keeps under names (cloths, prices, blocks): whoever comes second waits, and then
 * finds what the first one made instead of making it again.
 */
@Component
public class OwnersTurn {

    private final JdbcClient database;
    private final CurrentOwner owner;

    OwnersTurn(JdbcClient database, CurrentOwner owner) {
        this.database = database;
        this.owner = owner;
    }

    /** Waits for the turn; it ends with the transaction. */
    public void take() {
        database.sql("select id from account where id = :owner for update")
                .param("owner", owner.id())
                .query(java.util.UUID.class)
                .single();
    }
}

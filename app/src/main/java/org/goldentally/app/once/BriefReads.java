package org.goldentally.app.once;

import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What a change reads before it works anything out: in a transaction of its own, so that no connection is held over the
 * work. What is read may be out of date when the change is kept; its version tells.
 */
@Component
public class BriefReads {

    private final TransactionTemplate transaction;

    BriefReads(PlatformTransactionManager transactions) {
        transaction = new TransactionTemplate(transactions);
        transaction.setReadOnly(true);
        transaction.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /** Gives what is read, and lets go of the connection. */
    public <T> T read(Supplier<T> what) {
        return transaction.execute(status -> what.get());
    }
}

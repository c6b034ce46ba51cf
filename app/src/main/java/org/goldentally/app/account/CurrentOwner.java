package org.goldentally.app.account;

import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Whose quilts and cloth a request is about. Everything stored has an owner; until there are accounts it is always the
 * one household that the first migration creates.
 */
@Component
public class CurrentOwner {

    private static final UUID HOUSEHOLD = UUID.fromString("00000000-0000-0000-0000-000000000001");

    /** Of the household. */
    public UUID id() {
        return HOUSEHOLD;
    }
}

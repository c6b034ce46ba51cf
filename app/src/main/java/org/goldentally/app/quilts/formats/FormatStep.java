package org.goldentally.app.quilts.formats;

import tools.jackson.databind.node.ObjectNode;

/** Brings a document of one format to the next. */
interface FormatStep {

    /** The format that it reads; it writes the one after it. */
    int from();

    /** A changed copy, its format field not yet changed. */
    ObjectNode next(ObjectNode old);
}

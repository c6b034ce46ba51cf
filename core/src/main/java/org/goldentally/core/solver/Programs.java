package org.goldentally.core.solver;

import java.util.List;
import org.ojalgo.concurrent.Parallelism;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.integer.IntegerStrategy;

/**
 * Linear and integer programs for the general solver, empty, to be filled and solved.
 *
 * <p>Some classes of the solver need one another while they are set up. Two threads that came to them from two sides would
 * wait for each other for ever, and everyone after them too; so the first thread that is here solves small programs of
 * both kinds, and all others wait until it has.
 */
public final class Programs {

    private static final int SMALL = 15;

    static {
        for (boolean sparse : new boolean[] {false, true}) {
            for (ExpressionsBasedModel program : List.of(amounts(), counts(1000))) {
                program.options.sparse = sparse;
                fillWithARing(program);
                program.minimise();
                program.maximise();
            }
        }
    }

    private Programs() {}

    /** A program whose answers may be broken numbers. */
    public static ExpressionsBasedModel amounts() {
        return new ExpressionsBasedModel();
    }

    /**
     * A program that may ask for whole numbers, solved in this thread alone.
     *
     * @param mostSteps of the solver, after which it answers with what it has
     */
    public static ExpressionsBasedModel counts(int mostSteps) {
        ExpressionsBasedModel program = new ExpressionsBasedModel();
        program.options.integer(IntegerStrategy.newConfigurable().withParallelism(Parallelism.ONE));
        program.options.iterations_abort = mostSteps;
        return program;
    }

    /** Counts in a ring, each held to the next so that whole ones have to be searched for. */
    private static void fillWithARing(ExpressionsBasedModel program) {
        for (int i = 0; i < SMALL; i++) {
            program.newVariable("count " + i).integer().lower(0).upper(9).weight(1 + i % 3);
        }
        for (int i = 0; i < SMALL; i++) {
            Expression two = program.newExpression("two " + i).lower(7);
            two.set(i, 2);
            two.set((i + 1) % SMALL, 3);
        }
    }
}

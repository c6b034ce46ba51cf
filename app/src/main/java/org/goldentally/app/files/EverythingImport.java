package org.goldentally.app.files;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.goldentally.app.shelf.ShelfLots;
import org.jspecify.annotations.Nullable;

/**
 * A file of everything on its way in. All of it is read before the first of it is kept; then it comes in portions, each in a
 * transaction of its own, so that nobody waits long for it.
 */
final class EverythingImport implements Runnable {

    /** Fabrics at once (our own figure): a tenth of a second. */
    private static final int CLOTHS_AT_ONCE = 50;

    private final UUID id = UUID.randomUUID();
    private final Everything file;
    private final EverythingFiles files;
    private final CountDownLatch ended = new CountDownLatch(1);
    private final AtomicInteger done = new AtomicInteger();
    private volatile boolean stopped;
    private volatile @Nullable RuntimeException failure;
    private volatile BroughtIn came = new BroughtIn(0, 0, 0, false);

    /** What came in; the rest was here already. */
    record BroughtIn(int quilts, int cloths, int blocks, boolean prices) {}

    /**
     * How far it is.
     *
     * @param done fabrics, blocks and quilts that were read, and then kept
     * @param of of how many
     * @param ended whether nothing more comes
     * @param stopped whether it was stopped before its end
     * @param came what came in so far
     */
    record Progress(UUID id, int done, int of, boolean ended, boolean stopped, BroughtIn came) {}

    EverythingImport(Everything file, EverythingFiles files) {
        this.file = file;
        this.files = files;
    }

    UUID id() {
        return id;
    }

    /** No more portions are begun. */
    void stop() {
        stopped = true;
    }

    /** How far it is, at its end or after so long; what is wrong with the file is thrown. */
    Progress within(long millis) throws InterruptedException {
        boolean over = ended.await(millis, TimeUnit.MILLISECONDS);
        if (failure != null) {
            throw failure;
        }
        int of =
                2 * (file.shelf().size() + file.quilts().size()) + file.blocks().size();
        return new Progress(id, done.get(), of, over, over && done.get() < of, came);
    }

    @Override
    public void run() {
        try {
            files.check(file, () -> {
                done.incrementAndGet();
                return !stopped;
            });
            keep();
        } catch (RuntimeException refused) {
            failure = refused;
        } finally {
            ended.countDown();
        }
    }

    private void keep() {
        Map<String, String> here = new LinkedHashMap<>();
        Optional<Long> act = Optional.empty();
        for (int from = 0; from < file.shelf().size() && !stopped; from += CLOTHS_AT_ONCE) {
            int to = Math.min(file.shelf().size(), from + CLOTHS_AT_ONCE);
            List<Optional<byte[]>> photos = files.photos(file, from, to);
            ShelfLots.InPortions<Integer> portion = files.bringInCloths(file, from, photos, act, here);
            act = Optional.of(portion.act());
            came = new BroughtIn(0, came.cloths + portion.result(), 0, false);
            done.addAndGet(to - from);
        }
        if (stopped) {
            return;
        }
        came = new BroughtIn(0, came.cloths, 0, files.bringInPrices(file, act).result());
        for (int i = 0; i < file.blocks().size() && !stopped; i++) {
            int blocks = came.blocks + (files.bringInBlock(file.blocks().get(i)) ? 1 : 0);
            came = new BroughtIn(0, came.cloths, blocks, came.prices);
            done.incrementAndGet();
        }
        for (int i = 0; i < file.quilts().size() && !stopped; i++) {
            int quilts = came.quilts + (files.bringInQuilt(file, i, here) ? 1 : 0);
            came = new BroughtIn(quilts, came.cloths, came.blocks, came.prices);
            done.incrementAndGet();
        }
    }
}

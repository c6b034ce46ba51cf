package org.goldentally.app.files;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.goldentally.app.problems.NotFoundException;
import org.springframework.stereotype.Component;

/** Files of everything that come in, one after the other, in the background. */
@Component
class Imports {

    private final EverythingFiles files;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("file-", 0).factory());
    private final Cache<UUID, EverythingImport> coming = Caffeine.newBuilder()
            .maximumSize(20)
            .expireAfterAccess(Duration.ofMinutes(30))
            .build();

    Imports(EverythingFiles files) {
        this.files = files;
    }

    EverythingImport start(Everything file) {
        EverythingImport one = new EverythingImport(file, files);
        coming.put(one.id(), one);
        worker.execute(one);
        return one;
    }

    EverythingImport get(UUID id) {
        return Optional.ofNullable(coming.getIfPresent(id)).orElseThrow(() -> new NotFoundException("File coming in"));
    }

    @PreDestroy
    void stopAll() {
        coming.asMap().values().forEach(EverythingImport::stop);
        worker.shutdown();
    }
}

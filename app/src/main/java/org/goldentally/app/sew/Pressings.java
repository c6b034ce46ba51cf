package org.goldentally.app.sew;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.sew.TopPressing;
import org.springframework.stereotype.Component;

/** How tops are pressed. On a large top that takes a moment, and a card is asked for at every tap: it is remembered. */
@Component
public class Pressings {

    private static final int MOST_REMEMBERED = 20;

    private final Cache<QuiltDesign, TopPressing> known =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    TopPressing of(QuiltTop top) {
        return known.get(top.design(), any -> TopPressing.of(top));
    }
}

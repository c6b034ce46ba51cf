package org.goldentally.app.load;

import jakarta.servlet.http.HttpServletRequest;
import java.lang.annotation.Annotation;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExecutionChain;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ServletRequestPathUtils;

/** Which method of a controller will answer a request, asked before it does. */
@Component
class Handlers {

    private final ObjectProvider<RequestMappingHandlerMapping> mappings;

    Handlers(@Qualifier("requestMappingHandlerMapping") ObjectProvider<RequestMappingHandlerMapping> mappings) {
        this.mappings = mappings;
    }

    /** What is said at the method, or at its controller; empty where nothing is, or nobody answers. */
    <A extends Annotation> Optional<A> said(HttpServletRequest request, Class<A> what) {
        return of(request)
                .map(method -> Optional.ofNullable(method.getMethodAnnotation(what))
                        .orElseGet(() -> AnnotatedElementUtils.findMergedAnnotation(method.getBeanType(), what)));
    }

    /** A request that no method answers is told so later, as always. */
    private Optional<HandlerMethod> of(HttpServletRequest request) {
        try {
            ServletRequestPathUtils.parseAndCache(request);
            return Optional.ofNullable(mappings.getObject().getHandler(request))
                    .map(HandlerExecutionChain::getHandler)
                    .filter(HandlerMethod.class::isInstance)
                    .map(HandlerMethod.class::cast);
        } catch (Exception nobody) {
            return Optional.empty();
        } finally {
            ServletRequestPathUtils.clearParsedRequestPath(request);
        }
    }
}

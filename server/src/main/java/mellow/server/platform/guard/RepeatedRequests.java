package mellow.server.platform.guard;

import java.io.InputStream;
import java.lang.reflect.Method;
import java.lang.reflect.UndeclaredThrowableException;
import java.util.stream.Stream;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.springframework.aop.Pointcut;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.StaticMethodMatcherPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.web.bind.annotation.PutMapping;

/**
 * A put changes nothing when it is done again. Where the same is being done beside it, it is done
 * once more and finds it done: {@link Repeated}. A body that comes as a stream comes once.
 */
@Configuration
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class RepeatedRequests {
  @Bean
  @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
  static DefaultPointcutAdvisor repeatedPuts() {
    // each try goes through what is inside of this anew
    MethodInterceptor repeat =
        call -> {
          ProxyMethodInvocation first = (ProxyMethodInvocation) call;
          return Repeated.orDone(() -> proceed(first.invocableClone()));
        };
    DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(puts(), repeat);
    // outside of any transaction: one that failed is over
    advisor.setOrder(Ordered.HIGHEST_PRECEDENCE);
    return advisor;
  }

  private static @Nullable Object proceed(MethodInvocation call) {
    try {
      return call.proceed();
    } catch (RuntimeException | Error thrown) {
      throw thrown;
    } catch (Throwable checked) {
      throw new UndeclaredThrowableException(checked);
    }
  }

  private static Pointcut puts() {
    return new StaticMethodMatcherPointcut() {
      @Override
      public boolean matches(Method method, Class<?> ofClass) {
        return AnnotatedElementUtils.hasAnnotation(method, PutMapping.class)
            && Stream.of(method.getParameterTypes()).noneMatch(InputStream.class::isAssignableFrom);
      }
    };
  }
}

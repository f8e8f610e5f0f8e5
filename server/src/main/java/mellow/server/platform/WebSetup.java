package mellow.server.platform;

import com.fasterxml.jackson.core.StreamWriteFeature;
import com.fasterxml.jackson.databind.Module;
import com.fasterxml.jackson.module.blackbird.BlackbirdModule;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.SimpleLocaleContext;
import org.springframework.http.CacheControl;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.i18n.AbstractLocaleContextResolver;
import org.springframework.web.servlet.i18n.AcceptHeaderLocaleResolver;

/** Wires identity into the controllers, and lets browsers keep what is named by its content. */
@Configuration
class WebSetup implements WebMvcConfigurer {
  static {
    SpringDocUtils.getConfig().addRequestWrapperToIgnore(Acting.class);
  }

  private final ActingResolver acting;
  private final LookingBack lookingBack;

  WebSetup(ActingResolver acting, LookingBack lookingBack) {
    this.acting = acting;
    this.lookingBack = lookingBack;
  }

  /** Reads records through generated code instead of reflection: a page is some 2,000 fields. */
  @Bean
  static Module fastRecords() {
    return new BlackbirdModule();
  }

  /** Writes numbers as briefly as before, by a faster algorithm: a page has some 400 of them. */
  @Bean
  static Jackson2ObjectMapperBuilderCustomizer fastNumbers() {
    return builder ->
        builder.featuresToEnable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER.mappedFeature());
  }

  /**
   * The language is that of the client; a link to a file, which has no header of its own, says it.
   */
  @Bean
  static LocaleResolver localeResolver() {
    LocaleResolver header = new AcceptHeaderLocaleResolver();
    return new AbstractLocaleContextResolver() {
      // asked for at each sentence of a page: settled once a request
      @Override
      public LocaleContext resolveLocaleContext(HttpServletRequest request) {
        String asked = request.getMethod().equals("GET") ? request.getParameter("language") : null;
        return new SimpleLocaleContext(
            asked == null || asked.isBlank()
                ? header.resolveLocale(request)
                : Locale.forLanguageTag(asked));
      }

      @Override
      public void setLocaleContext(
          HttpServletRequest request,
          @Nullable HttpServletResponse response,
          @Nullable LocaleContext context) {
        throw new UnsupportedOperationException("the client says its language");
      }
    };
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(lookingBack).addPathPatterns("/api/**");
  }

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(acting);
  }

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(java.time.Duration.ofDays(365)).immutable());
    registry.addResourceHandler("/licences/*").addResourceLocations("classpath:/static/licences/");
    registry.addResourceHandler("/favicon.svg").addResourceLocations("classpath:/static/");
  }
}

package canthook.server.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import org.apache.catalina.core.StandardHost;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Who may act on the shop, and what a page of it may load. At the machine itself there is no signing in and no session, so there is no token to
 * steal; where a request comes from decides ({@link SameOrigin}). Who comes over the shop's network must have been let in ({@link AtTheDoor}).
 */
@Configuration
class WebSecurity implements WebMvcConfigurer {
    /** Scripts and data from here only; the styles that the controls make for themselves are the one thing inline. */
    private static final String POLICY =
            "default-src 'none'; script-src 'self'; connect-src 'self'; img-src 'self' data:;"
                    + " font-src 'self'; style-src 'self' 'unsafe-inline'; manifest-src 'self'; worker-src 'self'; base-uri 'none'; form-action 'none';"
                    + " frame-ancestors 'none'";

    @Bean
    SecurityFilterChain everyRequest(HttpSecurity http, Hosts hosts, ObjectMapper json) throws Exception {
        return http.authorizeHttpRequests(who -> who.anyRequest().permitAll())
                .csrf(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        .crossOriginOpenerPolicy(opener -> opener.policy(
                                org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter
                                        .CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(resource -> resource.policy(
                                org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter
                                        .CrossOriginResourcePolicy.SAME_ORIGIN))
                        .httpStrictTransportSecurity(strict -> strict.disable())
                        // pages and fonts say themselves how long they keep
                        .cacheControl(cache -> cache.disable()))
                .addFilterAfter(new SameOrigin(hosts, json), HeaderWriterFilter.class)
                .build();
    }

    /** An address or a method that no honest page asks with. */
    @Bean
    RequestRejectedHandler strangeRequests(ObjectMapper json) {
        return (request, response, why) ->
                Problems.refuse(json, response, HttpStatus.BAD_REQUEST, "That cannot be asked here.");
    }

    /** JSON is read by our rules; other notations of it, which a library brings along, are not. */
    @Override
    public void extendMessageConverters(java.util.List<HttpMessageConverter<?>> converters) {
        converters.removeIf(c -> c.getSupportedMediaTypes().stream().anyMatch(t -> {
            String kind = t.getSubtype();
            return kind.contains("yaml") || kind.contains("cbor") || kind.contains("smile") || kind.contains("xml");
        }));
    }

    /** What is refused before it reaches a page of ours, an address that is none, is a problem document too. */
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> errorsAsProblems() {
        return factory -> factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(ProblemValve.class.getName());
            }
        });
    }
}

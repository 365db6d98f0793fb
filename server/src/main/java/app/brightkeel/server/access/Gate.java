package app.brightkeel.server.access;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * What stands in front of every request, from the security framework of the stack: odd addresses are refused, answers
 * bear their headers, and what is not on the short list of {@link #OPEN} wants a session wherever other machines can ask.
 *
 * <p>Whether an address is on the list is decided on the path as the dispatcher reads it, decoded and taken apart, never
 * on its text.
 */
@Configuration
class Gate {

    /** The pages and what they load, which hold no rig, and the door itself. */
    private static final String[] OPEN = {
        "/",
        "/index.html",
        "/assets/*",
        "/garage",
        "/rigs/{id}",
        "/rigs/{id}/{link}",
        "/compare",
        "/compare/{left}/{right}"
    };

    // inline style is allowed because the dialog and list parts inject it; inline script never
    private static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; "
            + "font-src 'self'; img-src 'self' data:; connect-src 'self'; base-uri 'none'; form-action 'none'; "
            + "frame-ancestors 'none'";

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http, Listening listening, KeyHolders keyHolders, SecurityContextRepository sessions)
            throws Exception {
        return http.authorizeHttpRequests(asked -> asked.requestMatchers(HttpMethod.GET, OPEN)
                        .permitAll()
                        .requestMatchers("/api/session")
                        .permitAll()
                        .anyRequest()
                        .access(keyHolders))
                .headers(Gate::headers)
                .addFilterAfter(new Neighbours(listening), HeaderWriterFilter.class)
                .securityContext(kept -> kept.securityContextRepository(sessions))
                .exceptionHandling(refused -> refused.authenticationEntryPoint((request, response, e) ->
                                Refused.write(response, 401, "The passphrase of this Bright Keel is wanted first."))
                        .accessDeniedHandler((request, response, e) ->
                                Refused.write(response, 401, "The passphrase of this Bright Keel is wanted first.")))
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.NEVER))
                // who asks is known by the origin of the page, see Neighbours, and by a cookie that stays on the site
                .csrf(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .anonymous(Customizer.withDefaults())
                .build();
    }

    private static void headers(HeadersConfigurer<HttpSecurity> headers) {
        headers.contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER));
    }

    @Bean
    SecurityContextRepository sessions() {
        return new HttpSessionSecurityContextRepository();
    }

    /** No address of ours has an encoded character, a doubled slash, a dot segment or a semicolon in it. */
    @Bean
    HttpFirewall firewall() {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.getEncodedUrlBlocklist().add("%");
        return firewall;
    }

    @Bean
    RequestRejectedHandler rejected() {
        return (request, response, e) ->
                Refused.write(response, 400, "There is no such address: it is written in a way that none of ours is.");
    }
}

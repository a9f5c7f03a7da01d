package velnik.server.people;

import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.authentication.session.CompositeSessionAuthenticationStrategy;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.firewall.HttpStatusRequestRejectedHandler;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import velnik.server.storage.PersonStore;

/** Who may call what: the editor's calls need a sign-in and a role, everything else is open to visitors. */
@Configuration
class SecurityConfiguration {
    private static final String OWNER = "OWNER";
    private static final String EDITOR = "EDITOR";

    /** What OWASP asks of Argon2id at least: kilobytes, and how often they are gone through. */
    private static final int MEMORY = 19_456;

    private static final int ROUNDS = 2;

    @Bean
    @Order(1)
    SecurityFilterChain calls(
            HttpSecurity http, SecurityContextRepository contexts, ProblemWriter problems, LocalKey local) {
        return http.securityMatcher("/-/api/**")
                .authorizeHttpRequests(calls -> calls.requestMatchers("/-/api/session", "/-/api/owner")
                        .permitAll()
                        .requestMatchers("/-/api/members/**", "/-/api/backups/**")
                        .hasRole(OWNER)
                        .requestMatchers(HttpMethod.GET, "/-/api/**")
                        .authenticated()
                        .requestMatchers(HttpMethod.POST, "/-/api/windows", "/-/api/preferences")
                        .authenticated()
                        .requestMatchers(HttpMethod.POST, "/-/api/releases")
                        .hasRole(OWNER)
                        .anyRequest()
                        .hasAnyRole(OWNER, EDITOR))
                .csrf(csrf -> csrf.spa().ignoringRequestMatchers(local::opens))
                .addFilterBefore(local.filter(), AnonymousAuthenticationFilter.class)
                .securityContext(context -> context.securityContextRepository(contexts))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .exceptionHandling(
                        handling -> handling.authenticationEntryPoint(problems).accessDeniedHandler(problems))
                .build();
    }

    /** Nothing here depends on who asks, so there is no session; each kind of page says its own policy. */
    @Bean
    @Order(2)
    SecurityFilterChain visitors(HttpSecurity http) {
        return http.authorizeHttpRequests(pages -> pages.anyRequest().permitAll())
                .csrf(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .anonymous(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(headers -> headers.cacheControl(cache -> cache.disable())
                        .frameOptions(frames -> frames.disable()) // frame-ancestors in the policies says it
                        .referrerPolicy(referrer -> {}))
                .build();
    }

    /** Addresses like {@code //} or with encoded slashes get the visitors' page for bad requests. */
    @Bean
    RequestRejectedHandler rejectedAddresses() {
        return new HttpStatusRequestRejectedHandler();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    SessionAuthenticationStrategy sessionAuthenticationStrategy() {
        return new CompositeSessionAuthenticationStrategy(List.of(
                new ChangeSessionIdAuthenticationStrategy(),
                new CsrfAuthenticationStrategy(CookieCsrfTokenRepository.withHttpOnlyFalse())));
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return new DelegatingPasswordEncoder(
                "argon2",
                Map.of(
                        "argon2",
                        new Argon2PasswordEncoder(16, 32, 1, MEMORY, ROUNDS),
                        "pbkdf2", // that and bcrypt are what older accounts have
                        Pbkdf2PasswordEncoder.defaultsForSpringSecurity_v5_8(),
                        "bcrypt",
                        new BCryptPasswordEncoder()));
    }

    @Bean
    UserDetailsService accounts(PersonStore store) {
        return name -> store.find(name)
                .map(person -> User.withUsername(person.name())
                        .password(person.passwordHash())
                        .roles(person.role().name())
                        .build())
                .orElseThrow(() -> new UsernameNotFoundException("nobody is called that"));
    }

    @Bean
    AuthenticationManager authenticationManager(UserDetailsService people, PasswordEncoder encoder) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(people);
        provider.setPasswordEncoder(encoder);
        return new ProviderManager(provider);
    }
}

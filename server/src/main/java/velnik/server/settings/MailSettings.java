package velnik.server.settings;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * The mail server that messages go out by.
 *
 * @param host empty where there is none
 * @param user empty where it asks for none
 * @param from whom the mails are from; empty for the address they go to
 * @param to whom they go to; empty for the mail address of the business
 */
@ConfigurationProperties("velnik.mail")
public record MailSettings(
        @DefaultValue("") String host,
        @DefaultValue("587") int port,
        @DefaultValue("") String user,
        @DefaultValue("") String password,
        @DefaultValue("") String from,
        @DefaultValue("") String to) {}

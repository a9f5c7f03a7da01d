package velnik.server.enquiries;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import velnik.core.enquiry.Enquiry;
import velnik.core.text.Messages;
import velnik.core.text.Shortened;
import velnik.server.releasing.LiveSite;
import velnik.server.settings.MailSettings;
import velnik.server.storage.MessageStore;
import velnik.server.storage.VisitorMessage;

/**
 * Sends what visitors wrote on by mail. Without a mail server everything stays in the outbox, where it can be read as it
 * would have gone out.
 */
@Component
class Mailing implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Mailing.class);
    private static final Messages WORDS = Messages.of(Mailing.class);
    private static final int TRIES = 20;
    /** Characters of what went wrong. */
    private static final int SAID = 300;

    private final MailSettings settings;
    private final MessageStore store;
    private final LiveSite live;
    private final ExecutorService sender = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("mail").factory());

    Mailing(MailSettings settings, MessageStore store, LiveSite live) {
        this.settings = settings;
        this.store = store;
        this.live = live;
    }

    /** Whether there is a mail server. */
    boolean isSet() {
        return !settings.host().isEmpty();
    }

    /** Where messages go: as it is set, else to the mail address of the business; empty where neither is known. */
    String recipient() {
        return settings.to().isEmpty() ? live.site().details().contact().mail() : settings.to();
    }

    /** A mail as it goes out, or would. */
    record Mail(String to, String replyTo, String subject, String text) {}

    static Mail mailOf(VisitorMessage message) {
        StringBuilder text = new StringBuilder();
        for (Enquiry.Answer answer : message.answers()) {
            text.append(answer.label())
                    .append(answer.value().contains("\n") ? ":\n" : ": ")
                    .append(answer.value())
                    .append("\n\n");
        }
        text.append(WORDS.say("foot", Map.of("page", message.pageTitle())));
        return new Mail(
                message.sentTo(),
                message.mail(),
                WORDS.say("subject", Map.of("page", message.pageTitle())),
                text.toString());
    }

    /** Sends what waits, without anybody waiting for it. */
    void soon() {
        if (isSet()) {
            sender.execute(this::send);
        }
    }

    @Scheduled(initialDelay = 1, fixedDelay = 2, timeUnit = TimeUnit.MINUTES)
    void again() {
        soon();
    }

    private void send() {
        try {
            store.waiting().forEach(this::send);
        } catch (RuntimeException unreadable) {
            LOG.warn("messages could not be sent on, and are tried again: {}", unreadable.getMessage());
        }
    }

    private void send(VisitorMessage message) {
        String to = recipient();
        VisitorMessage sent = message.tried(VisitorMessage.Sending.SENT, to, "");
        try {
            deliver(mailOf(sent));
            update(sent);
        } catch (MailException | MessagingException failed) {
            boolean given = sent.tries() >= TRIES;
            update(message.tried(
                    given ? VisitorMessage.Sending.FAILED : VisitorMessage.Sending.WAITING,
                    to,
                    Shortened.to(SAID, String.valueOf(failed.getMessage()))));
        }
    }

    /** Somebody may have read, answered or removed it meanwhile. */
    private void update(VisitorMessage tried) {
        store.find(tried.id()).ifPresent(now -> store.replace(tried.marked(now.read(), now.answered())));
    }

    private void deliver(Mail mail) throws MessagingException {
        JavaMailSenderImpl server = new JavaMailSenderImpl();
        server.setHost(settings.host());
        server.setPort(settings.port());
        Properties properties = server.getJavaMailProperties();
        properties.put("mail.smtp.connectiontimeout", "10000");
        properties.put("mail.smtp.timeout", "20000");
        properties.put("mail.smtp.writetimeout", "20000");
        properties.put("mail.smtp.starttls.enable", "true");
        if (!settings.user().isEmpty()) {
            server.setUsername(settings.user());
            server.setPassword(settings.password());
            properties.put("mail.smtp.auth", "true");
            // Never the password over a line that others can read.
            properties.put("mail.smtp.starttls.required", "true");
        }
        MimeMessage message = server.createMimeMessage();
        MimeMessageHelper content = new MimeMessageHelper(message, StandardCharsets.UTF_8.name());
        // What is no single address is refused here, so that nothing that was typed becomes a header.
        content.setTo(new InternetAddress(mail.to(), true));
        content.setFrom(new InternetAddress(settings.from().isEmpty() ? mail.to() : settings.from(), true));
        if (!mail.replyTo().isEmpty()) {
            content.setReplyTo(new InternetAddress(mail.replyTo(), true));
        }
        content.setSubject(mail.subject());
        content.setText(mail.text());
        server.send(message);
    }

    @Override
    public void destroy() {
        sender.shutdownNow();
    }
}

package velnik.server.enquiries;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velnik.server.calls.ProblemException;
import velnik.server.storage.VisitorMessage;

/** What visitors wrote, for whoever answers it. */
@RestController
@RequestMapping("/-/api/messages")
class MessagesController {
    private final Inbox inbox;
    private final Mailing mailing;

    MessagesController(Inbox inbox, Mailing mailing) {
        this.inbox = inbox;
        this.mailing = mailing;
    }

    /**
     * @param mailSet whether there is a mail server that they go out by
     * @param recipient where they go, or would; empty where no address is known
     */
    record MessagesDto(boolean mailSet, String recipient, int unread, List<MessageDto> messages) {}

    /**
     * @param page that its form is on; it may be gone
     * @param mail where to answer; empty where none was given
     * @param outgoing the mail that tells of it
     * @param problem why that could not be sent; empty for nothing
     */
    record MessageDto(
            String id,
            Instant at,
            String page,
            String pageTitle,
            List<AnsweredDto> answers,
            String mail,
            boolean read,
            boolean answered,
            VisitorMessage.Sending sending,
            MailDto outgoing,
            String problem) {}

    record AnsweredDto(String label, String value) {}

    record MailDto(String to, String subject, String text) {}

    /** What is left out stays as it is. */
    record Mark(@Nullable Boolean read, @Nullable Boolean answered) {}

    /** @param unread how many nobody has read yet */
    record UnreadDto(int unread) {}

    @GetMapping
    MessagesDto messages() {
        return new MessagesDto(
                mailing.isSet(),
                mailing.recipient(),
                inbox.unread(),
                inbox.all().stream().map(MessagesController::dto).toList());
    }

    @GetMapping("/unread")
    UnreadDto unread() {
        return new UnreadDto(inbox.unread());
    }

    @PostMapping("/{id}")
    MessagesDto mark(@PathVariable String id, @RequestBody Mark mark) {
        VisitorMessage message = inbox.find(id).orElseThrow(MessagesController::gone);
        inbox.replace(message.marked(
                Optional.ofNullable(mark.read()).orElse(message.read()),
                Optional.ofNullable(mark.answered()).orElse(message.answered())));
        return messages();
    }

    /** For good; nothing brings it back. */
    @DeleteMapping("/{id}")
    MessagesDto remove(@PathVariable String id) {
        inbox.remove(inbox.find(id).orElseThrow(MessagesController::gone).id());
        return messages();
    }

    /** For a spreadsheet. */
    @GetMapping("/all.csv")
    ResponseEntity<byte[]> csv() {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"messages.csv\"")
                .body(MessagesCsv.of(inbox.all()).getBytes(StandardCharsets.UTF_8));
    }

    private static ProblemException gone() {
        return new ProblemException(
                HttpStatus.NOT_FOUND, "message-unknown", "That message is not there any more; somebody removed it.");
    }

    private static MessageDto dto(VisitorMessage message) {
        Mailing.Mail mail = Mailing.mailOf(message);
        return new MessageDto(
                message.id(),
                message.at(),
                message.page(),
                message.pageTitle(),
                message.answers().stream()
                        .map(answer -> new AnsweredDto(answer.label(), answer.value()))
                        .toList(),
                message.mail(),
                message.read(),
                message.answered(),
                message.sending(),
                new MailDto(mail.to(), mail.subject(), mail.text()),
                message.problem());
    }
}

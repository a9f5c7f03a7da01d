package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import velnik.core.enquiry.Enquiry;

@Entity
@Table(name = "message")
class MessageEntity {
    @Id
    String id;

    Instant at;
    String page;

    @Column(name = "page_title")
    String pageTitle;

    /** A JSON list. */
    String answers;

    String mail;

    @Column(name = "is_read")
    boolean read;

    boolean answered;

    @Enumerated(EnumType.STRING)
    VisitorMessage.Sending sending;

    @Column(name = "sent_to")
    String sentTo;

    String problem;
    int tries;

    @SuppressWarnings("NullAway.Init")
    protected MessageEntity() {}

    static MessageEntity of(VisitorMessage message, StoredForms forms) {
        MessageEntity entity = new MessageEntity();
        entity.id = message.id();
        entity.at = message.at();
        entity.page = message.page();
        entity.pageTitle = message.pageTitle();
        entity.answers = forms.writeColumn(message.answers());
        entity.mail = message.mail();
        entity.read = message.read();
        entity.answered = message.answered();
        entity.sending = message.sending();
        entity.sentTo = message.sentTo();
        entity.problem = message.problem();
        entity.tries = message.tries();
        return entity;
    }

    VisitorMessage message(StoredForms forms) {
        return new VisitorMessage(
                id,
                at,
                page,
                pageTitle,
                forms.readColumns(answers, Enquiry.Answer.class),
                mail,
                read,
                answered,
                sending,
                sentTo,
                problem,
                tries);
    }
}

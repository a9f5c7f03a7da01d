package velnik.server.storage;

import java.time.Instant;
import java.util.List;
import velnik.core.enquiry.Enquiry;

/**
 * What a visitor wrote by the form of a page.
 *
 * @param pageTitle as the page was called then
 * @param mail where to answer; empty where none was given
 * @param sending what becomes of it by mail
 * @param sentTo the address it goes to; empty while none is known
 * @param problem why it could not be sent; empty where it could, or was not tried yet
 * @param tries how often it was tried
 */
public record VisitorMessage(
        String id,
        Instant at,
        String page,
        String pageTitle,
        List<Enquiry.Answer> answers,
        String mail,
        boolean read,
        boolean answered,
        Sending sending,
        String sentTo,
        String problem,
        int tries) {

    public enum Sending {
        /** Kept in the outbox, since no mail server is set. */
        KEPT,
        WAITING,
        SENT,
        FAILED
    }

    public VisitorMessage {
        answers = List.copyOf(answers);
    }

    public VisitorMessage marked(boolean nowRead, boolean nowAnswered) {
        return new VisitorMessage(
                id, at, page, pageTitle, answers, mail, nowRead, nowAnswered, sending, sentTo, problem, tries);
    }

    /** After one more try to send it. */
    public VisitorMessage tried(Sending became, String to, String wrong) {
        return new VisitorMessage(id, at, page, pageTitle, answers, mail, read, answered, became, to, wrong, tries + 1);
    }
}

package velnik.server.storage;

import java.util.List;
import java.util.Optional;

/** Keeps what visitors wrote. */
public interface MessageStore {
    /** The newest first. */
    List<VisitorMessage> all();

    /** Those that wait to be sent by mail. */
    List<VisitorMessage> waiting();

    long count();

    long unread();

    Optional<VisitorMessage> find(String id);

    /** On the disk for good once this returns. */
    void add(VisitorMessage message);

    void replace(VisitorMessage message);

    void remove(String id);
}

package velnik.server.storage;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Members, and where they are signed in. What is added, changed or removed is on the disk when a call returns. */
public interface MemberStore {
    /** In the order of their names. */
    List<Member> all();

    Optional<Member> find(String name);

    void add(Member member);

    /** Changes what is kept of a member and ends all their sessions. */
    void replace(Member member);

    /** Removes a member and ends all their sessions. */
    void remove(String name);

    /** Begins a session, and forgets those that are over. */
    void begin(String tokenHash, String member, Instant now, Instant endsAt);

    boolean isRunning(String tokenHash, Instant now);

    void end(String tokenHash);
}

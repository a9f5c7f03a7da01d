package velnik.server.workingcopy;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import velnik.server.calls.ProblemException;
import velnik.server.calls.RequestName;

/**
 * Requests that changed nothing. The journal has no entry for them; without this a repeat could change something that
 * another person has made of it meanwhile.
 */
final class Idle {
    private static final int REMEMBERED = 1000;

    private record Answered(Asked asked, WorkingCopy.Kept kept) {}

    private final Cache<String, Answered> answered =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    void remember(String request, Asked asked, WorkingCopy.Kept kept) {
        answered.put(request, new Answered(asked, kept));
    }

    /** @throws ProblemException when the name was given to another request (409) */
    Optional<WorkingCopy.Kept> find(String request, Asked asked) {
        Answered found = answered.getIfPresent(request);
        if (found != null && !found.asked().equals(asked)) {
            throw RequestName.taken();
        }
        return Optional.ofNullable(found).map(Answered::kept);
    }
}

package velnik.server.calls;

import java.net.URI;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;

/** Answers every error of the editor's calls as {@code application/problem+json}. */
@RestControllerAdvice(annotations = RestController.class)
public class Problems {
    /** Types are addresses relative to the site; nothing needs to stand there. */
    private static final String TYPES = "/-/problems/";

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    private final StorageTrouble storage;

    Problems(StorageTrouble storage) {
        this.storage = storage;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> problem(ProblemException problem) {
        ProblemDetail detail = detail(problem.status(), problem.type(), problem.sentence());
        problem.facts().forEach(detail::setProperty);
        return answer(detail);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException unreadable) {
        if (unreadable.getRootCause() instanceof BodyLimit.TooLarge tooLarge) {
            return answer(detail(HttpStatus.CONTENT_TOO_LARGE, "body-too-large", tooLarge.sentence()));
        }
        if (unreadable.getRootCause() instanceof BodyLimit.TooSlow) {
            return answer(detail(HttpStatus.REQUEST_TIMEOUT, "body-too-slow", BodyLimit.TooSlow.SENTENCE));
        }
        return answer(detail(
                HttpStatus.BAD_REQUEST, "not-understood", "This request cannot be read, so nothing was changed."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> invalid(MethodArgumentNotValidException invalid) {
        var errors = invalid.getFieldErrors().stream()
                .map(error -> new FieldProblem(error.getField(), String.valueOf(error.getDefaultMessage())))
                .toList();
        ProblemDetail detail = detail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "fields-invalid",
                errors.stream()
                        .map(FieldProblem::sentence)
                        .reduce((one, other) -> one + " " + other)
                        .orElse("Something is missing."));
        detail.setProperty("errors", errors);
        return answer(detail);
    }

    /** What is wrong with one field of a form. */
    public record FieldProblem(String field, String sentence) {}

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongMethod(HttpRequestMethodNotSupportedException wrong) {
        return answer(detail(HttpStatus.METHOD_NOT_ALLOWED, "method-not-allowed", "This address takes no such call."));
    }

    /** A number in the address that is none, and the like. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongParameter(TypeMismatchException wrong) {
        return answer(detail(HttpStatus.BAD_REQUEST, "not-understood", "This request cannot be understood."));
    }

    /** Whoever asked left before the answer was written; there is nobody to tell. */
    @ExceptionHandler
    void nobodyThere(AsyncRequestNotUsableException gone) {}

    @ExceptionHandler
    ResponseEntity<ProblemDetail> anythingElse(Exception unexpected) {
        if (unexpected instanceof ErrorResponse response) {
            HttpStatusCode status = response.getStatusCode();
            return answer(
                    detail(HttpStatus.valueOf(status.value()), "not-understood", "This request cannot be understood."));
        }
        Optional<String> trouble = storage.behind(unexpected);
        if (trouble.isPresent()) {
            LOG.error("the database does not answer: {}", unexpected.getMessage());
            return answer(detail(HttpStatus.INSUFFICIENT_STORAGE, "disk-refuses", trouble.get()));
        }
        LOG.error("unexpected", unexpected);
        return answer(detail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unexpected",
                "Something went wrong in Velnik. Nothing was changed; try again."));
    }

    public static ProblemDetail detail(HttpStatus status, String type, String sentence) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, sentence);
        detail.setType(URI.create(TYPES + type));
        return detail;
    }

    private static ResponseEntity<ProblemDetail> answer(ProblemDetail detail) {
        return ResponseEntity.status(detail.getStatus())
                .header(HttpHeaders.CONTENT_TYPE, MediaType.APPLICATION_PROBLEM_JSON_VALUE)
                .body(detail);
    }
}

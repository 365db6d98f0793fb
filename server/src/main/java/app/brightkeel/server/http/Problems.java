package app.brightkeel.server.http;

import app.brightkeel.core.lists.RigList;
import app.brightkeel.core.lists.RigLists;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.RigDifferences;
import app.brightkeel.server.files.JsonRefusals;
import app.brightkeel.server.meter.MeterFault;
import app.brightkeel.server.store.RigNotFound;
import app.brightkeel.server.store.StaleRevision;
import app.brightkeel.server.store.StoreFailure;
import app.brightkeel.server.store.UnreadableRig;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.util.Collection;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.MethodParameter;
import org.springframework.core.ResolvableType;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.util.ClassUtils;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;

/** Every error as a problem detail (RFC 9457) that names the field; no class name and no stack trace leaves. */
@RestControllerAdvice
class Problems {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** Letters of a value that a sentence repeats. */
    private static final int MOST_TOLD = 40;

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_CONTENT, "Refused", sentence(refusal));
        problem.setProperty(
                "code", refusal.code().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        problem.setProperty("pointer", refusal.field());
        problem.setProperty("value", refusal.value());
        problem.setProperty("allowed", refusal.allowed());
        return answer(problem);
    }

    static String sentence(Refusal refusal) {
        String field = refusal.field().substring(refusal.field().lastIndexOf('/') + 1);
        String what = field.isEmpty() ? "The document" : field;
        return refusal.value().isEmpty()
                ? what + ": " + refusal.allowed() + "."
                : what + " is " + refusal.value() + "; allowed: " + refusal.allowed() + ".";
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noBody(HttpMessageNotReadableException unreadable) {
        if (unreadable.getCause() instanceof JacksonException wrong) {
            return refused(JsonRefusals.of(wrong));
        }
        return cut(unreadable)
                .map(Problems::answer)
                .orElseGet(
                        () -> refused(new Refusal(RefusalCode.ABSENT, "", "", "a rig document is wanted in the body")));
    }

    /** A body that did not come whole, or not in time. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> noBody(IOException broken) {
        return answer(cut(broken)
                .orElseGet(() -> problem(HttpStatus.BAD_REQUEST, "Broken off", "The body did not come whole.")));
    }

    private static Optional<ProblemDetail> cut(Throwable thrown) {
        for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
            if (cause instanceof CountedRequest.TooLarge large) {
                return Optional.of(problem(HttpStatus.CONTENT_TOO_LARGE, "Too large", Bodies.tooLarge(large.most())));
            }
            if (cause instanceof CountedRequest.TooSlow || cause instanceof SocketTimeoutException) {
                return Optional.of(problem(HttpStatus.REQUEST_TIMEOUT, "Too slow", Bodies.TOO_SLOW));
            }
        }
        return Optional.empty();
    }

    /** What the firewall or the container finds wrong only when it is asked for: a header, a parameter. */
    @ExceptionHandler({RequestRejectedException.class, InvalidParameterException.class})
    ResponseEntity<ProblemDetail> badLetters(RuntimeException rejected) {
        return answer(problem(
                HttpStatus.BAD_REQUEST, "Not understood", "A parameter or header holds what cannot be read as text."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stale(StaleRevision stale) {
        ProblemDetail problem = problem(
                HttpStatus.PRECONDITION_FAILED,
                "Edited elsewhere",
                "This rig was changed in another window: you edited revision %d, it is at %d now. Nothing was lost and nothing of yours was saved."
                        .formatted(stale.expected(), stale.now()));
        problem.setProperty("revision", stale.now());
        stale.base().ifPresent(base -> {
            stale.theirs().ifPresent(theirs -> problem.setProperty("theirs", RigDifferences.between(base, theirs)));
            stale.mine().ifPresent(mine -> problem.setProperty("yours", RigDifferences.between(base, mine)));
        });
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noTag(IfMatch.Unusable unusable) {
        HttpStatus status = unusable.absent() ? HttpStatus.PRECONDITION_REQUIRED : HttpStatus.BAD_REQUEST;
        return answer(problem(status, "Which revision?", String.valueOf(unusable.getMessage())));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noRig(RigNotFound notFound) {
        return answer(
                notFound.deleted()
                        ? problem(HttpStatus.GONE, "Deleted", "This rig was deleted; it can be brought back.")
                        : problem(HttpStatus.NOT_FOUND, "No such rig", "There is no rig with this id on the shelf."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(UnreadableRig rig) {
        ProblemDetail problem = problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Cannot be read",
                "“%s” cannot be read: %s From the shelf it can be exported as it is, set back to an earlier step, or deleted."
                        .formatted(rig.name(), sentence(rig.why())));
        problem.setProperty("code", "unreadable-rig");
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noChange(ChangeNotOffered change) {
        return answer(problem(
                HttpStatus.NOT_FOUND, "No such change", "The rig as it stands offers no such change; look again."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noRevision(NoSuchRevision revision) {
        return answer(
                problem(HttpStatus.NOT_FOUND, "No such revision", "The rig never had a revision of this number."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noList(NoSuchList list) {
        String known = RigLists.ALL.stream().map(RigList::id).collect(Collectors.joining(", "));
        return answer(problem(
                HttpStatus.NOT_FOUND,
                "No such list",
                "There is no such list, or nothing in the rig that it would be of. Lists are: " + known + "."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noStep(NoSuchStep step) {
        return answer(problem(
                HttpStatus.NOT_FOUND,
                "No such " + step.getMessage(),
                "The rig as it stands has no such " + step.getMessage() + "; look again."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noReading(MeterFault fault) {
        return answer(problem(HttpStatus.BAD_GATEWAY, "No reading", String.valueOf(fault.getMessage())));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stepChanged(StepChanged changed) {
        return answer(problem(
                HttpStatus.CONFLICT,
                "The step has changed",
                "The rig was changed since you looked: read the step again before you tick it. Nothing was saved."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noPicture(FileController.NoPicture picture) {
        return answer(problem(
                HttpStatus.NOT_FOUND, "No picture yet", "This link has no picture yet: figures are missing for it."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> badArgument(MethodArgumentTypeMismatchException mismatch) {
        return answer(problem(
                HttpStatus.BAD_REQUEST,
                "Not understood",
                mismatch.getName() + " is " + Checks.cut(String.valueOf(mismatch.getValue()), MOST_TOLD) + "; allowed: "
                        + allowed(mismatch.getParameter()) + "."));
    }

    private static String allowed(MethodParameter parameter) {
        ResolvableType declared = ResolvableType.forMethodParameter(parameter);
        // of several values each is one of these
        ResolvableType each = Collection.class.isAssignableFrom(declared.toClass()) ? declared.getGeneric(0) : declared;
        Class<?> type = ClassUtils.resolvePrimitiveIfNecessary(each.toClass());
        if (type.isEnum()) {
            return Stream.of(type.getEnumConstants())
                    .map(constant -> ((Enum<?>) constant).name().toLowerCase(Locale.ROOT))
                    .collect(Collectors.joining(", "));
        }
        if (type == Integer.class || type == Long.class) {
            return "a whole number of at most " + (type == Integer.class ? 9 : 18) + " digits";
        }
        return type == Double.class ? "a number" : "true or false";
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noArgument(MissingServletRequestParameterException missing) {
        return answer(
                problem(HttpStatus.BAD_REQUEST, "Not understood", "\"" + missing.getParameterName() + "\" is wanted."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> later(ComeAgain later) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .header(HttpHeaders.RETRY_AFTER, "1")
                .body(problem(HttpStatus.SERVICE_UNAVAILABLE, "Come again", String.valueOf(later.getMessage())));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> store(StoreFailure failure) {
        if (failure.why() == StoreFailure.Why.DAMAGED) {
            LOG.error("store", failure);
        } else {
            LOG.error("store: {}", failure.why().words());
        }
        HttpStatus status = switch (failure.why()) {
            case FULL -> HttpStatus.INSUFFICIENT_STORAGE;
            case BUSY -> HttpStatus.SERVICE_UNAVAILABLE;
            case READ_ONLY, DAMAGED -> HttpStatus.INTERNAL_SERVER_ERROR;
        };
        return answer(problem(status, "Not saved", failure.why().words() + ": nothing of this was saved."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> anything(Exception other) {
        if (other instanceof ErrorResponse known) {
            HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            return answer(problem(status, status.getReasonPhrase(), "The request cannot be answered like this."));
        }
        LOG.error("unexpected", other);
        return answer(problem(
                HttpStatus.INTERNAL_SERVER_ERROR, "A fault of ours", "Something went wrong here; nothing was saved."));
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    private static ResponseEntity<ProblemDetail> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}

package app.brightkeel.server.http;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.RigDifferences;
import app.brightkeel.server.store.RigNotFound;
import app.brightkeel.server.store.StaleRevision;
import app.brightkeel.server.store.StoreFailure;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** Every error as a problem detail (RFC 9457) that names the field; no class name and no stack trace leaves. */
@RestControllerAdvice
class Problems {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

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

    private static String sentence(Refusal refusal) {
        String field = refusal.field().substring(refusal.field().lastIndexOf('/') + 1);
        String what = field.isEmpty() ? "The document" : field;
        return refusal.value().isEmpty()
                ? what + ": " + refusal.allowed() + "."
                : what + " is " + refusal.value() + "; allowed: " + refusal.allowed() + ".";
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException unreadable) {
        if (unreadable.getCause() instanceof CountedRequest.TooLarge) {
            return answer(problem(HttpStatus.CONTENT_TOO_LARGE, "Too large", Guard.TOO_LARGE));
        }
        return refused(new Refusal(RefusalCode.ABSENT, "", "", "a rig document is wanted in the body"));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stale(StaleRevision stale) {
        ProblemDetail problem = problem(
                HttpStatus.PRECONDITION_FAILED,
                "Edited elsewhere",
                "This rig was changed in another window: you edited revision %d, it is at %d now. Nothing was lost and nothing of yours was saved."
                        .formatted(stale.expected(), stale.now().revision()));
        problem.setProperty("revision", stale.now().revision());
        stale.base().ifPresent(base -> {
            problem.setProperty(
                    "theirs", RigDifferences.between(base, stale.now().rig()));
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
        return answer(problem(HttpStatus.NOT_FOUND, "No such rig", "There is no rig with this id on the shelf."));
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
    ResponseEntity<ProblemDetail> noPicture(FileController.NoPicture picture) {
        return answer(problem(
                HttpStatus.NOT_FOUND, "No picture yet", "This link has no picture yet: figures are missing for it."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> badArgument(MethodArgumentTypeMismatchException mismatch) {
        return answer(problem(
                HttpStatus.BAD_REQUEST,
                "Not understood",
                "\"" + mismatch.getName() + "\" is none of the values it may take."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noArgument(MissingServletRequestParameterException missing) {
        return answer(
                problem(HttpStatus.BAD_REQUEST, "Not understood", "\"" + missing.getParameterName() + "\" is wanted."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> store(StoreFailure failure) {
        LOG.error("store", failure);
        return answer(problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Not saved",
                "The data could not be read or written; is the disk full?"));
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

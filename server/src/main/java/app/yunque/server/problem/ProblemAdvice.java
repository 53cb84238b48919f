package app.yunque.server.problem;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import app.yunque.server.door.TooLarge;
import jakarta.validation.ConstraintViolationException;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.databind.DatabindException;

/** Turns every fault into an RFC 9457 problem that names field, value, unit, range and way out. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ProblemAdvice {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    private final Retold retold;

    ProblemAdvice(Retold retold) {
        this.retold = retold;
    }

    @ExceptionHandler
    ProblemDetail refused(Refused refused) {
        var told = new Refused(refused.problems().stream().map(retold).toList());
        var fields = told.problems().stream().map(ProblemAdvice::field).toList();
        return unprocessable(told.getMessage(), fields);
    }

    @ExceptionHandler
    ProblemDetail notApplicable(NotApplicable fault) {
        var problem = unprocessable(fault.getMessage(), List.of());
        problem.setProperty("rule", fault.rule());
        problem.setProperty("instead", fault.instead());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict conflict) {
        var problem = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, conflict.getMessage());
        problem.setTitle("Two people on one record");
        problem.setProperty("changedBy", conflict.changedBy());
        problem.setProperty("changedAt", conflict.changedAt());
        problem.setProperty("current", conflict.current());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail raced(ObjectOptimisticLockingFailureException fault) {
        var problem =
                ProblemDetail.forStatusAndDetail(
                        HttpStatus.CONFLICT,
                        "Somebody kept a change to this in the same moment. Look at it again, then keep yours.");
        problem.setTitle("Two people on one record");
        return problem;
    }

    /** Two writes that cannot both stand: the same tag, a second open job, two first entries at once. */
    @ExceptionHandler
    ProblemDetail clashed(DataIntegrityViolationException fault) {
        LOG.info("A write clashed with another: {}", fault.getMostSpecificCause().getMessage());
        var problem =
                ProblemDetail.forStatusAndDetail(
                        HttpStatus.CONFLICT,
                        "Somebody kept the same thing in this moment. Look again, then keep yours if it is still wanted.");
        problem.setTitle("Two people on one record");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail notThere(NotThere fault) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, fault.getMessage());
    }

    @ExceptionHandler
    ProblemDetail forbidden(Forbidden fault) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.FORBIDDEN, fault.getMessage());
    }

    /** The screen asks for the PIN and sends the same once more. */
    @ExceptionHandler
    ProblemDetail pinWanted(PinWanted fault) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.PRECONDITION_REQUIRED, fault.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof TooLarge large) {
                return ProblemDetail.forStatusAndDetail(
                        HttpStatus.CONTENT_TOO_LARGE, String.valueOf(large.getMessage()));
            }
        }
        if (fault.getCause() instanceof DatabindException databind) {
            return refused(NotUnderstood.of(databind));
        }
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "The request is not valid JSON.");
    }

    @ExceptionHandler
    ProblemDetail badArgument(MethodArgumentTypeMismatchException fault) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.NOT_FOUND,
                "“"
                        + fault.getValue()
                        + "” is not a valid "
                        + fault.getName()
                        + ". Look on the Floor.");
    }

    @ExceptionHandler
    ProblemDetail missingHeader(MissingRequestHeaderException fault) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST,
                "The header "
                        + fault.getHeaderName()
                        + " is missing: every write carries an identity of its own.");
    }

    @ExceptionHandler
    ProblemDetail missingParameter(MissingServletRequestParameterException fault) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST,
                "“" + fault.getParameterName() + "” is missing in the address.");
    }

    @ExceptionHandler
    ProblemDetail violated(ConstraintViolationException fault) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, fault.getMessage());
    }

    @ExceptionHandler
    ProblemDetail noSuchPath(NoResourceFoundException fault) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.NOT_FOUND, "There is nothing at this address.");
    }

    @ExceptionHandler
    ProblemDetail wrongMethod(HttpRequestMethodNotSupportedException fault) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.METHOD_NOT_ALLOWED,
                "This address does not take " + fault.getMethod() + ".");
    }

    @ExceptionHandler
    ProblemDetail wrongType(HttpMediaTypeNotSupportedException fault) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Send application/json.");
    }

    /** Our own defects: logged with their trace, told without it. What filters answer is passed on to them. */
    @ExceptionHandler
    ProblemDetail unexpected(Exception fault) throws Exception {
        if (fault instanceof org.springframework.security.core.AuthenticationException
                || fault instanceof org.springframework.security.access.AccessDeniedException
                || RecordsDown.isDown(fault)) {
            throw fault;
        }
        // What the framework refuses by itself, a form of answer that no address gives among them.
        if (fault instanceof ErrorResponse told && told.getStatusCode().is4xxClientError()) {
            return told.getBody();
        }
        LOG.error("A defect of the app", fault);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "The app has a fault here. What you entered is kept on this screen; tell the lead.");
    }

    private static ProblemDetail unprocessable(String sentence, List<FieldProblem> fields) {
        var problem = ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, sentence);
        problem.setTitle("Not accepted");
        problem.setProperty("fields", fields);
        return problem;
    }

    private static FieldProblem field(Problem p) {
        return new FieldProblem(
                p.component(), p.sentence(), p.value(), p.unit(), p.low(), p.high());
    }
}

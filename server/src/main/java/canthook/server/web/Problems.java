package canthook.server.web;

import canthook.length.UnreadLength;
import canthook.refusal.OneLine;
import canthook.refusal.Refused;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.StaleWrite;
import canthook.server.keeping.Unknown;
import canthook.server.rack.BadLines;
import canthook.server.sharing.TooSoon;
import canthook.server.storage.StorageFault;
import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.InvalidNullException;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Everything refused leaves as a problem document (RFC 9457) that names the field and says what would do. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail refused(Refused e) {
        return problem(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage(), e.field());
    }

    @ExceptionHandler
    ProblemDetail stale(StaleWrite e) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, e.getMessage(), "revision");
        problem.setProperty("currentRevision", e.currentRevision());
        return problem;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooSoon(TooSoon e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.seconds()))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(HttpStatus.TOO_MANY_REQUESTS, e.getMessage(), "passcode"));
    }

    @ExceptionHandler
    ProblemDetail unknown(Unknown e) {
        return problem(HttpStatus.NOT_FOUND, e.getMessage(), "id");
    }

    @ExceptionHandler
    ProblemDetail damaged(Damaged.Unread e) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, e.getMessage(), "id");
        problem.setProperty("code", "DAMAGED");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail badLines(BadLines e) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage(), "file");
        problem.setProperty("lines", e.lines());
        return problem;
    }

    /** Whoever asked has hung up: there is nobody left to answer, and nothing has gone wrong here. */
    @ExceptionHandler
    void gone(ClientAbortException e, HttpServletResponse response) {
        LOG.debug("Hung up before the answer was out: {}", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        Optional<StorageFault> fault = StorageFault.of(e);
        if (fault.isPresent()) {
            LOG.warn("{} ({})", fault.get().sentence(), e.getMessage());
            ProblemDetail problem = problem(fault.get().status(), fault.get().sentence(), null);
            problem.setProperty("code", fault.get());
            return problem;
        }
        LOG.error("An unexpected error", e);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong here. Nothing you typed is lost; try again.",
                null);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = unreadable(e);
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String field =
                e instanceof MethodArgumentTypeMismatchException argument ? argument.getName() : e.getPropertyName();
        String value = shortened(String.valueOf(e.getValue()));
        return ResponseEntity.badRequest()
                .body(problem(HttpStatus.BAD_REQUEST, field + " cannot be “" + value + "”.", field));
    }

    private static ProblemDetail unreadable(HttpMessageNotReadableException e) {
        String path = "";
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof WholeBody.TooLarge) {
                return problem(HttpStatus.PAYLOAD_TOO_LARGE, cause.getMessage(), null);
            }
            if (cause instanceof JsonMappingException mapping && path.isEmpty()) {
                path = path(mapping);
            }
            if (cause instanceof Refused refused) {
                return problem(HttpStatus.UNPROCESSABLE_ENTITY, refused.getMessage(), join(path, refused.field()));
            }
            if (cause instanceof UnreadLength) {
                return problem(HttpStatus.UNPROCESSABLE_ENTITY, cause.getMessage(), path);
            }
        }
        Throwable cause = e.getCause();
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return problem(
                    HttpStatus.BAD_REQUEST, "There is no field called “" + unknown.getPropertyName() + "” here.", path);
        }
        if (cause instanceof InvalidTypeIdException kind) {
            return problem(
                    HttpStatus.BAD_REQUEST,
                    kind.getTypeId() == null
                            ? "The kind is missing."
                            : "There is no kind “" + shortened(kind.getTypeId()) + "” of it.",
                    join(path, "kind"));
        }
        if (cause instanceof InvalidFormatException format) {
            String choices = format.getTargetType().isEnum()
                    ? " It is one of "
                            + java.util.Arrays.stream(format.getTargetType().getEnumConstants())
                                    .map(String::valueOf)
                                    .collect(Collectors.joining(", "))
                            + "."
                    : "";
            return problem(
                    HttpStatus.BAD_REQUEST,
                    path + " cannot be “" + shortened(String.valueOf(format.getValue())) + "”." + choices,
                    path);
        }
        if (cause instanceof JsonMappingException mapping) {
            if (mapping.getCause() instanceof JsonParseException parse) {
                return problem(HttpStatus.BAD_REQUEST, (path.isEmpty() ? "It" : path) + notJson(parse), path);
            }
            if (mapping instanceof InvalidNullException) {
                return problem(HttpStatus.BAD_REQUEST, path + " is empty where something must stand.", path);
            }
            return problem(
                    HttpStatus.BAD_REQUEST,
                    mapping instanceof MismatchedInputException || mapping.getOriginalMessage() == null
                            ? (path.isEmpty() ? "What was sent" : path) + " is not of the kind that belongs there."
                            : path + ": " + firstLine(mapping.getOriginalMessage()),
                    path);
        }
        return problem(
                HttpStatus.BAD_REQUEST,
                cause instanceof JsonParseException parse ? "What was sent" + notJson(parse) : "Nothing was sent.",
                null);
    }

    private static String notJson(JsonParseException e) {
        String says = String.valueOf(e.getOriginalMessage());
        if (says.startsWith("Duplicate field")) {
            return " says " + says.substring("Duplicate field".length()).strip() + " twice.";
        }
        return " is not JSON that can be read.";
    }

    private static String path(JsonMappingException e) {
        StringBuilder path = new StringBuilder();
        for (JsonMappingException.Reference reference : e.getPath()) {
            if (reference.getFieldName() == null) {
                path.append('[').append(reference.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(reference.getFieldName());
            }
        }
        return path.toString();
    }

    private static String join(String path, String field) {
        return path.isEmpty() ? field : field.isEmpty() ? path : path + "." + field;
    }

    private static String firstLine(@Nullable String text) {
        String first = text == null ? "" : text.lines().findFirst().orElse("");
        return shortened(first);
    }

    private static String shortened(String text) {
        return text.length() > 160 ? OneLine.beginning(text, 160) + "…" : text;
    }

    /** Refuses before a request has reached what would answer it. */
    static void refuse(ObjectMapper json, HttpServletResponse response, HttpStatus status, String sentence)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), problem(status, sentence, null));
    }

    static ProblemDetail problem(HttpStatus status, @Nullable String sentence, @Nullable String field) {
        ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(status, sentence == null ? status.getReasonPhrase() : sentence);
        if (field != null) {
            problem.setProperty("field", field);
        }
        return problem;
    }
}

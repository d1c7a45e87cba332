package canthook.server.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Where the server sends what it could not answer; a problem document, never a page. */
@Controller
class Errors implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        HttpStatus said = status == null ? HttpStatus.NOT_FOUND : status;
        return ResponseEntity.status(said)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(Problems.problem(
                        said,
                        said.is5xxServerError()
                                ? "Something went wrong here. Nothing you typed is lost; try again."
                                : "There is nothing here.",
                        null));
    }
}

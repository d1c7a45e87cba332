package canthook.server.web;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.util.StreamUtils;

/** What the server itself refuses, said as all else here. */
public final class ProblemValve extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, @Nullable Throwable thrown) {
        int status = response.getStatus();
        if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        HttpStatus known = HttpStatus.resolve(status);
        String title = known == null ? "Refused" : known.getReasonPhrase();
        String sentence = status < 500
                ? "That cannot be asked here."
                : "Something went wrong here. Nothing you typed is lost; try again.";
        byte[] problem = ("{\"type\":\"about:blank\",\"title\":\"" + title + "\",\"status\":" + status
                        + ",\"detail\":\"" + sentence + "\"}")
                .getBytes(StandardCharsets.UTF_8);
        try {
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getResponse().setContentLength(problem.length);
            StreamUtils.copy(problem, response.getResponse().getOutputStream());
            response.finishResponse();
        } catch (IOException e) {
            container.getLogger().debug("an answer that nobody waited for", e);
        }
    }
}

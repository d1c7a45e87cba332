package canthook.server.web;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The front end keeps places in the address; all of them load the one page. */
@Controller
public class Pages {
    @GetMapping({
        "/new-box",
        "/boxes",
        "/boxes/{id}",
        "/boxes/{id}/{station}",
        "/rack",
        "/rack/{shelf}",
        "/practice",
        "/practice/{round}",
        "/book",
        "/join",
        "/about"
    })
    String page() {
        return "forward:/index.html";
    }
}

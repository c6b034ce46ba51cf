package org.goldentally.app.web;

import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseStatus;

/** Every address of a page is answered with the one page; which view it shows is settled in the browser. */
@Controller
class PagesController {

    @GetMapping({
        "/start",
        "/cloth",
        "/words",
        "/compare",
        "/quilts",
        "/quilts/{id}",
        "/quilts/{id}/{station}",
        "/quilts/{id}/table/{station}",
        "/yields",
        "/yields/{part}"
    })
    String page() {
        return "forward:/index.html";
    }

    /** Any other address, files and the API apart: the page that says so, with the way home. */
    @GetMapping({"/{first:^(?!api$|assets$)[^.]*$}", "/{first:^(?!api$|assets$)[^.]*$}/{*rest}"})
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String nothingHere() {
        return "forward:/index.html";
    }
}

package org.goldentally.app.web;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every address of a page is answered with the one page; which view it shows is settled in the browser. */
@Controller
class PagesController {

    @GetMapping({"/quilts", "/quilts/{id}", "/quilts/{id}/{station}", "/yields", "/yields/{part}"})
    String page() {
        return "forward:/index.html";
    }
}

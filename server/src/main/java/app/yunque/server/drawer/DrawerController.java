package app.yunque.server.drawer;

import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerEntries;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Every calculator without a job. */
@RestController
@RequestMapping("/api/drawers")
class DrawerController {
    private final DrawerService drawers;

    DrawerController(DrawerService drawers) {
        this.drawers = drawers;
    }

    @GetMapping
    List<DrawerView> drawers() {
        return drawers.all();
    }

    /** What the entries mean; nothing is kept. */
    @PostMapping("/{name}")
    DrawerAnswer ask(@PathVariable String name, @RequestBody DrawerEntries entries) {
        return drawers.answer(name, entries);
    }
}

package app.yunque.server.unit;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/units")
class UnitController {
    private final UnitService units;

    UnitController(UnitService units) {
        this.units = units;
    }

    /** Two hundred units by tag, after a tag. */
    @GetMapping
    List<UnitView> units(@RequestParam(defaultValue = "") String afterTag) {
        return units.list(afterTag);
    }

    /** Kinds of stages, with what is asked for each. */
    @GetMapping("/stage-kinds")
    List<StageSheets.Kind> stageKinds() {
        return StageSheets.all();
    }

    @GetMapping("/{id}")
    UnitView unit(@PathVariable UUID id) {
        return units.view(id);
    }

    @PostMapping
    UnitView describe(@RequestHeader("Write-Id") UUID writeId, @RequestBody UnitRequest request) {
        return units.describe(writeId, request);
    }
}

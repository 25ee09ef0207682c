package palintone.server.house;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/house")
class HouseController {

    private final HouseService houses;
    private final NextDoor door;

    HouseController(final HouseService houses, final NextDoor door) {
        this.houses = houses;
        this.door = door;
    }

    /** Which house this is, and where the other is. */
    @GetMapping("/houses")
    NextDoor.HousesView houses() {
        return door.view();
    }

    /** House rules: the room, the cabinets, the tools, how things are done here. */
    @GetMapping
    HouseView house() {
        return houses.view();
    }

    /** Changes the house rules. */
    @PutMapping
    HouseView change(@Valid @RequestBody final HouseDraft draft) {
        return houses.change(draft);
    }

    /** Notes the room as it was just read. */
    @PutMapping("/air")
    HouseView read(@Valid @RequestBody final HouseService.AirDraft air) {
        return houses.read(air);
    }
}

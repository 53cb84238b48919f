package app.yunque.server.people;

import app.yunque.server.history.WriteOnce;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The people of the shop, for a lead; and everybody's own PIN. */
@RestController
@RequestMapping("/api/people")
class PeopleController {
    private final PeopleService people;
    private final SignInService signIn;
    private final DeviceService devices;
    private final WriteOnce writes;

    PeopleController(
            PeopleService people, SignInService signIn, DeviceService devices, WriteOnce writes) {
        this.devices = devices;
        this.people = people;
        this.signIn = signIn;
        this.writes = writes;
    }

    /**
     * @param current the PIN up to now
     * @param pin     the new one, 4 characters or more
     */
    record NewPinRequest(String current, String pin) {}

    @GetMapping
    List<PersonView> people() {
        return people.all();
    }

    @PutMapping("/{id}")
    List<PersonView> keepPerson(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestBody PersonRequest request) {
        writes.run(writeId, () -> people.keep(id, request));
        return people.all();
    }

    /** Lets a person go; what the person signed and wrote stays. */
    @PostMapping("/{id}/leave")
    List<PersonView> leave(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> people.leave(id, version));
        return people.all();
    }

    @PostMapping("/{id}/come-back")
    List<PersonView> comeBack(
            @PathVariable UUID id,
            @RequestHeader("Write-Id") UUID writeId,
            @RequestParam long version) {
        writes.run(writeId, () -> people.comeBack(id, version));
        return people.all();
    }

    @PostMapping("/{id}/unlock")
    List<PersonView> unlock(@PathVariable UUID id, @RequestHeader("Write-Id") UUID writeId) {
        writes.run(writeId, () -> people.unlock(id));
        return people.all();
    }

    /** Devices that know the person at the bench. */
    @GetMapping("/me/devices")
    List<DeviceView> ownDevices() {
        return devices.own();
    }

    /** Forgets one, and ends what is open on it. */
    @PostMapping("/me/devices/{id}/forget")
    List<DeviceView> forgetDevice(
            @PathVariable String id, @RequestHeader("Write-Id") UUID writeId, HttpSession session) {
        writes.run(writeId, () -> devices.forget(id, session.getId()));
        return devices.own();
    }

    @PutMapping("/me/pin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changeOwnPin(@RequestBody NewPinRequest request, HttpSession session) {
        var attempt =
                people.changeOwnPin(signIn, request.current(), request.pin(), session.getId());
        if (attempt.person() == null) {
            throw new ErrorResponseException(
                    HttpStatus.UNPROCESSABLE_ENTITY,
                    ProblemDetail.forStatusAndDetail(
                            HttpStatus.UNPROCESSABLE_ENTITY, attempt.sentence()),
                    null);
        }
    }
}

package canthook.server.sharing;

import canthook.refusal.Refused;
import canthook.server.sharing.Devices.Device;
import canthook.server.sharing.Door.Standing;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The door seen from inside: opened, shut, who is in. Only at the machine the shop is on. */
@RestController
@RequestMapping("/api/sharing")
public class SharingApi {
    private final Door door;
    private final Devices devices;

    SharingApi(Door door, Devices devices) {
        this.door = door;
        this.devices = devices;
    }

    /**
     * An address of the shop.
     *
     * @param joining what the code says: the address with the passcode behind it
     * @param size squares a side of the code
     * @param path outline of its dark squares, of an SVG
     */
    public record AddressView(String url, String joining, int size, String path) {}

    /** A device that was let in. */
    public record DeviceView(String id, String name, May may, String words, String joinedAt, String seenAt) {
        static DeviceView of(Device device) {
            return new DeviceView(
                    device.id(),
                    device.name(),
                    device.may(),
                    device.may().words(),
                    device.joined().toString(),
                    device.seen().toString());
        }
    }

    /**
     * The door.
     *
     * @param passcode empty while it is shut
     * @param fingerprint of the authority, to compare; empty while it is shut
     */
    public record DoorView(
            boolean open,
            May may,
            List<AddressView> addresses,
            String passcode,
            String fingerprint,
            List<DeviceView> devices) {}

    /** What devices that join may do. */
    public record OpenRequest(@Nullable May may) {
        May said() {
            Refused.ifMissing("may", "What a device may do", may);
            return java.util.Objects.requireNonNull(may);
        }
    }

    @GetMapping
    DoorView door() {
        List<DeviceView> in = devices.all().stream().map(DeviceView::of).toList();
        return door.standing()
                .map(open -> new DoorView(
                        true,
                        open.may(),
                        open.names().stream().map(name -> address(open, name)).toList(),
                        open.passcode().shown(),
                        open.authority().fingerprint(),
                        in))
                .orElseGet(() -> new DoorView(false, May.MARK, List.of(), "", "", in));
    }

    private static AddressView address(Standing open, String name) {
        String joining = SharedAt.joining(open, name);
        SharedAt.Code code = SharedAt.code(joining);
        return new AddressView(open.address(name), joining, code.size(), code.path());
    }

    @PostMapping("/open")
    DoorView open(@RequestBody OpenRequest request) {
        door.open(request.said());
        return door();
    }

    @PostMapping("/shut")
    DoorView shut() {
        door.shut();
        return door();
    }

    /** The same as the terminal shows when it is opened from there. */
    @PostMapping("/open/terminal")
    TerminalView openFromTerminal(@RequestBody OpenRequest request) {
        return new TerminalView(SharedAt.inTheTerminal(door.open(request.said())));
    }

    /** Lines for a terminal. */
    public record TerminalView(String text) {}

    @PutMapping("/devices/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void may(@PathVariable String id, @RequestBody OpenRequest request) {
        devices.may(id, request.said());
    }

    @DeleteMapping("/devices/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putOut(@PathVariable String id) {
        devices.putOut(id);
    }
}

# shellcheck shell=bash
# A machine of the project's own to try on what needs one: Debian in a folder, with systemd as its first process, in
# namespaces that go with it. Nothing of the machine it runs on is touched but the ports of loopback.
#   SUITE=bookworm    which Debian (trixie: 13)
#   PREPARE=SCRIPT    run within it before anything else, for a network that wants something special

MACHINE=$ROOT/var/machine
SUITE=${SUITE:-bookworm}
INIT=''

# build_machine: an empty Debian, kept for another time
build_machine() {
    local base=$ROOT/var/machine-$SUITE
    if [ ! -f "$base/.whole" ]; then
        say "Building an empty Debian ($SUITE) …"
        rm -rf "$base"; mkdir -p "$base"
        debootstrap --variant=minbase --include=systemd,systemd-sysv,dbus "$SUITE" "$base" >"$ROOT/var/machine.log" 2>&1 \
            || die "debootstrap failed; see var/machine.log"
        touch "$base/.whole"
    fi
    rm -rf "$MACHINE"; cp -a --reflink=auto "$base" "$MACHINE"
    rm -f "$MACHINE/etc/resolv.conf"; cp /etc/resolv.conf "$MACHINE/etc/resolv.conf"
    [ -z "${PREPARE:-}" ] || "$PREPARE" "$MACHINE" || die "the machine could not be prepared"
}

# boot_machine [UNSHARE-OPTIONS]: sets INIT, its first process as seen from here
boot_machine() {
    cat >"$ROOT/var/boot" <<'BOOT'
mount --make-rprivate /
mount --bind "$1" "$1"
mount -t proc proc "$1/proc"
mount --rbind /sys "$1/sys"
mount -t tmpfs tmpfs "$1/sys/fs/cgroup"
mkdir "$1/sys/fs/cgroup/systemd"
mount -t cgroup -o none,name=systemd cgroup "$1/sys/fs/cgroup/systemd" 2>/dev/null \
    || { umount "$1/sys/fs/cgroup"; mount -t cgroup2 cgroup2 "$1/sys/fs/cgroup"; }
mount -t tmpfs tmpfs "$1/run"; mount -t tmpfs tmpfs "$1/tmp"
mount --rbind /dev "$1/dev"
# A root of its own and no mere folder: units are given views of it.
cd "$1" && mkdir -p .outside && pivot_root . .outside || exit 1
exec env -i container=other PATH=/usr/sbin:/usr/bin:/sbin:/bin sh -c \
    'umount -l /.outside; rmdir /.outside; exec /lib/systemd/systemd --system --log-target=console --show-status=no'
BOOT
    unshare --pid --mount --uts --ipc --cgroup --fork --kill-child=KILL "$@" -- bash "$ROOT/var/boot" "$MACHINE" \
        </dev/null >"$ROOT/var/boot.log" 2>&1 &
    local unshare=$! tries
    for tries in $(seq 1 100); do
        INIT=$(cat /proc/$unshare/task/$unshare/children 2>/dev/null | tr -d ' ')
        # What lacks in a namespace, such as consoles, makes it "degraded": it runs all the same.
        [ -n "$INIT" ] && case $(within systemctl is-system-running 2>/dev/null) in running|degraded) return 0 ;; esac
        sleep 0.3
    done
    die "systemd did not start; see var/boot.log"
}

within() { nsenter -t "$INIT" -m -u -i -p -n -C -r -w -- env HOME=/root DEBIAN_FRONTEND=noninteractive "$@"; }

# Its files go with it; the empty Debian stays for another time.
stop_machine() {
    [ -z "$INIT" ] || kill -KILL "$INIT" 2>/dev/null
    sleep 1
    rm -rf "$MACHINE" "$ROOT/var/boot"
}

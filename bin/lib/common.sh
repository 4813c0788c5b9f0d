# shellcheck shell=bash
# Shared by bin/serve, bin/test and bin/bench. Everything they write goes under $VAR; nothing outside this folder is
# touched, and no system service is used.

say() { printf '%s\n' "$*"; }
die() { printf 'True Pupil: %s\n' "$*" >&2; exit 1; }

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null; then sudo "$@"; else return 127; fi
}

# What answers requests: the foreign function interface for the pictures, and loops compiled, as the worker's are.
FPM_SETTINGS=(-d ffi.enable=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=48M)

# The version of the PHP that runs here, such as 8.2; nothing while there is none.
php_version() { php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;' 2>/dev/null; }

# Debian's package of a part of PHP, for the PHP that runs here.
php_package() { printf 'php%s-%s' "$(php_version)" "$1"; }

fpm_program() { command -v "php-fpm$(php_version)" || command -v php-fpm || true; }

# The Debian packages that hold the programs we need; only what is missing is installed.
install_packages() {
    local wanted=() extension modules
    # Read whole before it is searched: a search that stops early breaks the pipe, and that would count as missing.
    modules=$(php -m 2>/dev/null)
    command -v php >/dev/null || wanted+=(php-cli)
    for extension in gd:gd mysql:pdo_mysql zip:zip curl:curl intl:intl mbstring:mbstring xml:dom; do
        grep -qix "${extension#*:}" <<<"$modules" || wanted+=("$(php_package "${extension%%:*}")")
    done
    command -v mariadbd >/dev/null || [ -x /usr/sbin/mariadbd ] || wanted+=(mariadb-server)
    command -v vips >/dev/null || wanted+=(libvips-tools)
    command -v raw-identify >/dev/null || wanted+=(libraw-bin)
    command -v bwrap >/dev/null || wanted+=(bubblewrap)
    command -v exiftool >/dev/null || wanted+=(libimage-exiftool-perl)
    [ -f BUNDLE ] || command -v composer >/dev/null || wanted+=(composer)
    for program in "$@"; do
        case $program in
            fpm) [ -n "$(fpm_program)" ] || wanted+=("$(php_package fpm)") ;;
            nginx) [ -x /usr/sbin/nginx ] || wanted+=(nginx) ;;
            redis) command -v redis-server >/dev/null || wanted+=(redis-server) ;;
            chromium) command -v chromium-headless-shell >/dev/null || wanted+=(chromium-headless-shell)
                      command -v chromedriver >/dev/null || wanted+=(chromium-driver) ;;
        esac
    done
    [ ${#wanted[@]} = 0 ] && return
    say "Installing: ${wanted[*]}"
    local log; log=$(mktemp)
    # A system database or web server that the packages would start is not ours: keep it from starting.
    if ! { as_root env DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get update -qq \
        && as_root env DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get install -y -qq --no-install-recommends "${wanted[@]}"; } >"$log" 2>&1; then
        tail -n 5 "$log" >&2
        die "these packages are missing and could not be installed (run as root or with sudo, with a package source in reach): ${wanted[*]}"
    fi
    rm -f "$log"
}

# install_libraries [serving]: those that composer.json names, they and all that they need in the versions of
# composer.pins, without those for development where only serving. They are installed again when a list has changed, or
# when tests need what a served copy left out.
install_libraries() {
    local kind=all options=(--no-interaction --no-progress) log name version
    [ "${1:-}" = serving ] && kind=serving
    if [ -f vendor/autoload.php ] && [ -f vendor/.installed-for ]; then
        case "$(head -n 1 vendor/.installed-for) $kind" in
            'all all' | 'all serving' | 'serving serving')
                tail -n +2 vendor/.installed-for | cmp -s - <(cat composer.json composer.pins) && return ;;
        esac
    fi
    [ $kind = serving ] && options+=(--no-dev)
    while read -r name version; do options+=(--with "$name:$version"); done <composer.pins
    say "Installing PHP libraries"
    log=$(mktemp)
    # Without a lock file an install would keep what lies there: an update brings what is pinned now.
    if ! COMPOSER_ALLOW_SUPERUSER=1 composer update "${options[@]}" >"$log" 2>&1; then
        tail -n 15 "$log" >&2
        die "the PHP libraries could not be installed; the lines above say why"
    fi
    rm -f "$log"
    # What Laravel found in the packages that lay here before; it looks again when the list is gone.
    rm -f bootstrap/cache/packages.php bootstrap/cache/services.php
    { echo $kind; cat composer.json composer.pins; } >vendor/.installed-for
}

# The database's own programs take a path apart at its spaces.
no_spaces() {
    case $1 in *[[:space:]]*) die "the path \"$1\" has a space in it, which MariaDB's programs do not take. Put the folder elsewhere, or name another with PUPIL_VAR=. Nothing was changed." ;; esac
}

# step_down VAR COMMAND...: root goes on as whoever owns this folder, or as www-data: what answers people and reads their
# files needs no rights over this machine. PUPIL_USER names another; with root it stays root.
step_down() {
    local var=$1 user as; shift
    [ "$(id -u)" = 0 ] || return 0
    user=${PUPIL_USER:-$(stat -c %U .)}
    [ -n "${PUPIL_USER:-}" ] || case $user in root|UNKNOWN) user=www-data ;; esac
    [ "$user" != root ] || return 0
    id "$user" >/dev/null 2>&1 || die "there is no user \"$user\" (PUPIL_USER)."
    # Some libraries come packed for their packer's eyes alone.
    chmod -R a+rX vendor
    as=(setpriv "--reuid=$user" "--regid=$(id -g "$user")" --init-groups)
    # A port below 1024 is root's to give.
    [ "$PORT" -ge 1024 ] || as+=(--inh-caps=+net_bind_service --ambient-caps=+net_bind_service)
    if ! "${as[@]}" -- sh -c 'test -r vendor/autoload.php && test -x "$1"' sh "$var"; then
        say "Only root can read this folder: everything runs as root. In a folder that others may read, it runs as $user."
        return 0
    fi
    chown -R "$user": "$var" bootstrap/cache
    exec "${as[@]}" -- env HOME="$var" USER="$user" "$@"
}

# Room for a database, an upload or two and their scratch files.
need_disk() {
    local free; free=$(df -Pk "$1" | awk 'NR==2 {print $4}')
    [ "$free" -ge 400000 ] || die "the disk under $1 is full: $((free / 1024)) MB are free, 400 MB are needed to start. Nothing was changed."
}

free_port() {
    php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'
}

port_is_free() {
    php -r 'exit(@stream_socket_server("tcp://127.0.0.1:".$argv[1]) ? 0 : 1);' "$1"
}

# Sockets have a short limit on their path: a deep folder gets its sockets elsewhere.
socket_folder() {
    if [ ${#1} -le 80 ]; then mkdir -p "$1/run"; printf '%s' "$1/run"; else mktemp -d /tmp/true-pupil.XXXXXX; fi
}

secret() { php -r 'echo bin2hex(random_bytes(16));'; }

# Starts a child that ends with us, even when we are killed.
# Always called in the background, so that the exec replaces that subshell and the child is ours directly.
run_child() { exec setpriv --pdeathsig TERM -- "$@"; }

# create_database DATA LOG: empty, for the user that this runs as
create_database() {
    rm -rf "$1"; mkdir -p "$1"
    mariadb-install-db --no-defaults --datadir="$1" --user="$(id -un)" --auth-root-authentication-method=socket \
        --auth-root-socket-user="$(id -un)" --skip-test-db >"$2" 2>&1
}

# start_database DATA RUN PORT PASSWORD LOG: sets DB_PID
start_database() {
    local data=$1 run=$2 port=$3 password=$4 log=$5 user; user=$(id -un)
    if [ ! -d "$data/mysql" ]; then
        # Where many start at once the machine may have nothing left for one of them: it is tried twice.
        create_database "$data" "$log" || { sleep 3; create_database "$data" "$log"; } \
            || { grep -i error "$log" | head -n 5 >&2; tail -n 5 "$log" >&2; die "the database could not be created in $data"; }
    fi
    # Who started it before may have been another user.
    ( umask 077; printf "%s\n" "create user if not exists '$user'@'localhost' identified via unix_socket;" \
        "grant all on *.* to '$user'@'localhost' with grant option;" >"$run/accounts.sql" )
    run_child "$(command -v mariadbd || echo /usr/sbin/mariadbd)" --no-defaults --init-file="$run/accounts.sql" --datadir="$data" --user="$user" --bind-address=127.0.0.1 \
        --port="$port" --socket="$run/db.sock" --pid-file="$run/db.pid" --skip-log-bin --innodb-buffer-pool-size=256M \
        ${DB_EXTRA:-} >>"$log" 2>&1 &
    DB_PID=$!
    local tries
    for tries in $(seq 1 300); do
        if mariadb --no-defaults --socket="$run/db.sock" -u "$user" -e 'select 1' >/dev/null 2>&1; then
            mariadb --no-defaults --socket="$run/db.sock" -u "$user" <<SQL || die "the database account could not be made"
create database if not exists truepupil character set utf8mb4 collate utf8mb4_unicode_ci;
create or replace user 'truepupil'@'127.0.0.1' identified by '$password';
grant all on truepupil.* to 'truepupil'@'127.0.0.1';
SQL
            return
        fi
        kill -0 "$DB_PID" 2>/dev/null || { tail -n 8 "$log" >&2; die "the database did not start; the lines above say why"; }
        sleep 0.1
    done
    die "the database did not answer within 30 seconds; see $log"
}

# stop PID...: asks, waits until it is gone, and insists after ten seconds. The shell's own "wait" may hang within a trap:
# an end that came together with the signal is lost to it.
stop() {
    local pid tries
    for pid in "$@"; do [ -n "$pid" ] && kill -TERM "$pid" 2>/dev/null; done
    for pid in "$@"; do
        [ -n "$pid" ] || continue
        for tries in $(seq 1 120); do
            kill -0 "$pid" 2>/dev/null || break
            [ "$tries" -ne 100 ] || kill -KILL "$pid" 2>/dev/null
            sleep 0.1
        done
    done
    return 0
}

make_folders() {
    mkdir -p "$1"/storage/{framework/{cache/data,sessions,views},logs,scratch,pictures,app} "$1/log" || die "cannot write to $1"
}

# The line below which bin/serve keeps what belongs to its own database and port; above it, nothing is ever changed.
OURS='# What bin/serve finds out at each start; what is set above this line stays as it is.'

# own_settings FILE: what an operator set there, above our line. Up to 0.21 the whole file was ours: then its key alone.
own_settings() {
    [ -f "$1" ] || return 0
    if ! grep -qxF "$OURS" "$1" && [ "$(sed -n 's/^\([A-Z_]*\)=.*/\1/p' "$1" | head -n 7 | tr '\n' ' ')" = 'APP_KEY APP_ENV APP_URL DB_HOST DB_PORT DB_PASSWORD PUPIL_DEMO ' ]; then
        sed -n '/^APP_KEY=/p' "$1"
    else
        awk -v ours="$OURS" '$0 == ours {exit} {print}' "$1"
    fi
}

# Whether the database is an operator's: then none is started.
has_own_database() { [ -n "${DB_HOST:-}" ] || own_settings "$1" | grep -q '^DB_\(HOST\|SOCKET\)=.'; }

# write_environment VAR PORT DB_PORT DB_PASSWORD: keeps what an operator set, and the key of an earlier start. Without a
# DB_PORT the database is the operator's.
write_environment() {
    local file=$1/.env key own name value
    own=$(own_settings "$file")
    key=$(printf '%s\n' "$own" | sed -n 's/^APP_KEY=//p')
    if [ -z "$key" ]; then
        own=$(printf '%s\n' "$own" | sed '/^APP_KEY=$/d')
        own+="${own:+
}APP_KEY=base64:$(php -r 'echo base64_encode(random_bytes(32));')"
    fi
    ( umask 077
        {
            printf '%s\n%s\n' "$own" "$OURS"
            while IFS='=' read -r name value; do
                grep -q "^$name=" <<<"$own" || printf '%s=%s\n' "$name" "$value"
            done <<ENV
APP_ENV=${APP_ENV:-production}
APP_URL=http://127.0.0.1:$2
${3:+DB_HOST=127.0.0.1
DB_PORT=$3
DB_PASSWORD=$4}
PUPIL_DEMO=${PUPIL_DEMO:-}
PUPIL_START=open
ENV
        } | sed '/^=$/d' >"$file.part" && mv "$file.part" "$file"
    ) || die "cannot write to $1"
}

# fill TEMPLATE NAME=VALUE...: the template with its @NAME@s filled in; values may have several lines
fill() {
    local text pair; text=$(cat "$1"); shift
    for pair in "$@"; do text=${text//"@${pair%%=*}@"/${pair#*=}}; done
    printf '%s\n' "$text"
}

# write_server_files VAR RUN PORT ROOT: configuration of nginx and PHP-FPM on loopback
write_server_files() {
    local var=$1 run=$2 port=$3 root=$4 nginx_user='' fpm_user='' priority='' cookie settings name
    # As config/session.php names it.
    cookie=$(sed -n 's/^SESSION_COOKIE=//p' "$var/.env" | tail -n 1)
    [ -n "$cookie" ] || cookie=true_pupil_$(sed -n 's/^APP_KEY=//p' "$var/.env" | tail -n 1 | tr -d '\n' | sha1sum | cut -c1-8)
    if [ "$(id -u)" = 0 ]; then
        nginx_user='user root;' fpm_user=$'user = root\ngroup = root' priority='process.priority = 5'
    fi
    # Under another name than its address, whoever watches it asks by address all the same.
    name=${APP_URL:-$(sed -n 's/^APP_URL=//p' "$var/.env" | tail -n 1)} name=${name#*://} name=${name%%/*}
    case $name in ''|127.*|localhost*) name=127.0.0.1:$port ;; esac
    mkdir -p "$var/nginx/body" "$run/servers"
    echo "listen 127.0.0.1:$port;" >"$run/listen.conf"
    fill deploy/nginx/headers.conf.in >"$run/headers.conf"
    fill deploy/nginx/fastcgi.conf.in ROOT="$root" >"$run/fastcgi.conf"
    fill deploy/nginx/nginx.conf.in USER="$nginx_user" PID="$run/nginx.pid" RUN="$run" CONF="$run" LOG="$var/log" TEMP="$var/nginx" ROOT="$root" \
        ACCESS=off COOKIE="$cookie" HOST='$host:$server_port' NAME="$name" >"$run/nginx.conf"
    settings=$(fill deploy/fpm-settings.in VAR="$var" TEMP="$var/nginx" LOG="$var/log")
    fill deploy/fpm.conf.in USER="$fpm_user" PRIORITY="$priority" RUN="$run" LOG="$var/log" PAGES="${FPM_CHILDREN:-6}" \
        PICTURES="${PICTURE_CHILDREN:-3}" SIGNING="${SIGNING_CHILDREN:-2}" SETTINGS="$settings" >"$run/fpm.conf"
}

wait_for_page() {
    local tries
    for tries in $(seq 1 400); do
        php -r '$h = @file_get_contents($argv[1], false, stream_context_create(["http" => ["timeout" => 5, "ignore_errors" => true]])); exit($h === false ? 1 : (str_contains($http_response_header[0], $argv[2]) ? 0 : 1));' "$1" "$2" && return 0
        sleep 0.1
    done
    return 1
}

# run_workers VAR NUMBER OPTIONS...: workers and what keeps them running. Called in the background.
run_workers() {
    local var=$1 number=$2; shift 2
    PUPIL_VAR=$var run_child php artisan pupil:work --workers="$number" "$@" >>"$var/log/worker.log" 2>&1
}

# serve_copy VAR RUN PORT ROOT: PHP-FPM and nginx; sets FPM_PID and NGINX_PID
serve_copy() {
    write_server_files "$1" "$2" "$3" "$4"
    run_child "$(fpm_program)" "${FPM_SETTINGS[@]}" -F -R -y "$2/fpm.conf" >>"$1/log/fpm.log" 2>&1 & FPM_PID=$!
    run_child nginx -c "$2/nginx.conf" -e "$1/log/nginx.log" >>"$1/log/nginx.log" 2>&1 & NGINX_PID=$!
}

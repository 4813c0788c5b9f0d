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
    command -v bwrap >/dev/null || wanted+=(bubblewrap)
    command -v exiftool >/dev/null || wanted+=(libimage-exiftool-perl)
    command -v composer >/dev/null || wanted+=(composer)
    for program in "$@"; do
        case $program in
            fpm) [ -n "$(fpm_program)" ] || wanted+=("$(php_package fpm)") ;;
            nginx) [ -x /usr/sbin/nginx ] || wanted+=(nginx) ;;
            chromium) command -v chromium >/dev/null || wanted+=(chromium)
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

# install_libraries [serving]: those that composer.json pins, without those for development where only serving. They are
# installed again when the list has changed, or when tests need what a served copy left out.
install_libraries() {
    local wanted=all options=(--no-interaction --no-progress) log
    [ "${1:-}" = serving ] && wanted=serving
    if [ -f vendor/autoload.php ] && [ -f vendor/.installed-for ]; then
        case "$(head -n 1 vendor/.installed-for) $wanted" in
            'all all' | 'all serving' | 'serving serving')
                tail -n +2 vendor/.installed-for | cmp -s - composer.json && return ;;
        esac
    fi
    [ $wanted = serving ] && options+=(--no-dev)
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
    { echo $wanted; cat composer.json; } >vendor/.installed-for
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

# start_database DATA RUN PORT PASSWORD LOG: sets DB_PID
start_database() {
    local data=$1 run=$2 port=$3 password=$4 log=$5 user; user=$(id -un)
    if [ ! -d "$data/mysql" ]; then
        rm -rf "$data"; mkdir -p "$data"
        mariadb-install-db --no-defaults --datadir="$data" --user="$user" --auth-root-authentication-method=socket \
            --auth-root-socket-user="$user" --skip-test-db >"$log" 2>&1 || { tail -n 5 "$log" >&2; die "the database could not be created in $data"; }
    fi
    run_child "$(command -v mariadbd || echo /usr/sbin/mariadbd)" --no-defaults --datadir="$data" --user="$user" --bind-address=127.0.0.1 \
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

# stop PID...: asks, waits, and insists after ten seconds
stop() {
    local pid tries
    for pid in "$@"; do [ -n "$pid" ] && kill -TERM "$pid" 2>/dev/null; done
    for pid in "$@"; do
        [ -n "$pid" ] || continue
        for tries in $(seq 1 100); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
        kill -KILL "$pid" 2>/dev/null
        wait "$pid" 2>/dev/null
    done
    return 0
}

make_folders() {
    mkdir -p "$1"/storage/{framework/{cache/data,sessions,views},logs,scratch,pictures,app} "$1/log" || die "cannot write to $1"
}

# write_environment VAR PORT DB_PORT DB_PASSWORD: keeps the key of an earlier start
write_environment() {
    local key; key=$(sed -n 's/^APP_KEY=//p' "$1/.env" 2>/dev/null)
    [ -n "$key" ] || key="base64:$(php -r 'echo base64_encode(random_bytes(32));')"
    ( umask 077; cat >"$1/.env" <<ENV
APP_KEY=$key
APP_ENV=${APP_ENV:-production}
APP_URL=http://127.0.0.1:$2
DB_HOST=127.0.0.1
DB_PORT=$3
DB_PASSWORD=$4
PUPIL_DEMO=${PUPIL_DEMO:-}
ENV
    ) || die "cannot write to $1"
}

# write_server_files VAR RUN PORT ROOT: configuration of nginx and PHP-FPM
write_server_files() {
    local var=$1 run=$2 port=$3 root=$4 user_line='' cookie
    # As config/session.php names it.
    cookie=true_pupil_$(sed -n 's/^APP_KEY=//p' "$var/.env" | tr -d '\n' | sha1sum | cut -c1-8)
    [ "$(id -u)" = 0 ] && user_line="user root;"
    # What nginx answers itself says the same of it as the application (SecureHeaders); the application's own answers
    # bring theirs.
    cat >"$run/headers.conf" <<'HEADERS'
add_header Content-Security-Policy $our_policy always;
add_header X-Content-Type-Options $our_nosniff always;
add_header X-Frame-Options $our_frames always;
add_header Referrer-Policy $our_referrer always;
HEADERS
    cat >"$run/nginx.conf" <<NGINX
$user_line
worker_processes 2;
pid $run/nginx.pid;
error_log $var/log/nginx.log;
daemon off;
events { worker_connections 512; }
http {
    include /etc/nginx/mime.types;
    types { text/javascript js mjs; font/woff2 woff2; }
    access_log off;
    sendfile on;
    gzip on; gzip_types text/css text/javascript image/svg+xml;
    client_max_body_size 66m;
    client_body_temp_path $var/nginx/body; fastcgi_temp_path $var/nginx/fastcgi; proxy_temp_path $var/nginx/proxy;
    uwsgi_temp_path $var/nginx/uwsgi; scgi_temp_path $var/nginx/scgi;
    # What has to be rendered is answered by processes of its own, so that pages never wait for it; and nobody has more
    # of it on the way at once than a browser asks for.
    upstream pages { server unix:$run/fpm.sock; }
    upstream pictures { server unix:$run/pictures.sock; }
    map \$request_uri \$answered_by {
        default pages;
        ~^/frames/[0-9]+/(whole|retaken|views|what-if|spot) pictures;
        ~^/what-ifs/[0-9]+ pictures;
        ~^/practice/[^/?]+ pictures;
        ~^/drills/[^?]+/[^/?]+/[^/?]+/[^/?]+/[^/?]+ pictures;
    }
    # No key may be longer; what one browser asks for at the same time begins alike.
    map \$cookie_$cookie \$visitor { default ''; "~^(?<beginning>.{1,200})" \$beginning; }
    map \$answered_by \$counted_for { default ''; pictures \$visitor; }
    limit_conn_zone \$counted_for zone=renderings:1m;
    limit_conn renderings 8;
    limit_conn_status 429;
    map \$upstream_http_x_content_type_options \$our_policy {
        '' "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline'; object-src 'none'; frame-ancestors 'none'; base-uri 'self'; form-action 'self'";
        default '';
    }
    map \$upstream_http_x_content_type_options \$our_nosniff { '' nosniff; default ''; }
    map \$upstream_http_x_content_type_options \$our_frames { '' DENY; default ''; }
    map \$upstream_http_x_content_type_options \$our_referrer { '' same-origin; default ''; }
    server {
        listen 127.0.0.1:$port;
        root $root/public;
        server_tokens off;
        error_page 413 /too-large.json;
        error_page 502 504 /down.html;
        # Repeated where a location has headers of its own.
        include $run/headers.conf;
        location = /too-large.json { internal; default_type application/json; }
        location = /down.html { internal; }
        error_page 429 /busy.txt;
        location = /busy.txt { internal; default_type text/plain; }
        location / { try_files \$uri @app; }
        # The address carries a fingerprint of what it holds.
        location ~ ^/assets/[0-9a-f]+/ {
            rewrite ^/assets/[0-9a-f]+/((?:css|js|vendor)/.*)\$ /\$1 break;
            add_header Cache-Control "public, max-age=31536000, immutable";
            include $run/headers.conf;
        }
        # A page of our own says that there is nothing.
        location ~ \\.php\$ { try_files /nowhere @app; }
        location @app {
            # Written out, not included: distributions differ in what they pass as the host, and we need its port.
            fastcgi_param HTTP_HOST \$host:\$server_port;
            fastcgi_param SCRIPT_FILENAME $root/public/index.php;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param QUERY_STRING \$query_string;
            fastcgi_param REQUEST_METHOD \$request_method;
            fastcgi_param REQUEST_URI \$request_uri;
            fastcgi_param CONTENT_TYPE \$content_type;
            fastcgi_param CONTENT_LENGTH \$content_length;
            fastcgi_param DOCUMENT_ROOT $root/public;
            fastcgi_param SERVER_PROTOCOL \$server_protocol;
            fastcgi_param SERVER_NAME \$host;
            fastcgi_param SERVER_PORT \$server_port;
            fastcgi_param REMOTE_ADDR \$remote_addr;
            fastcgi_param GATEWAY_INTERFACE CGI/1.1;
            fastcgi_read_timeout 120;
            fastcgi_pass \$answered_by;
        }
    }
}
NGINX
    local fpm_settings
    fpm_settings=$(cat <<SETTINGS
clear_env = no
env[PUPIL_VAR] = $var
php_admin_value[upload_max_filesize] = 64M
php_admin_value[post_max_size] = 66M
php_admin_value[memory_limit] = 512M
php_admin_value[upload_tmp_dir] = $var/nginx/body
php_admin_value[error_log] = $var/log/php.log
php_admin_flag[display_errors] = off
php_admin_value[opcache.revalidate_freq] = 2
SETTINGS
    )
    cat >"$run/fpm.conf" <<FPM
[global]
pid = $run/fpm.pid
error_log = $var/log/fpm.log
daemonize = no
[www]
$( [ "$(id -u)" = 0 ] && printf 'user = root\ngroup = root\n' )
listen = $run/fpm.sock
pm = static
pm.max_children = ${FPM_CHILDREN:-6}
$fpm_settings
[pictures]
$( [ "$(id -u)" = 0 ] && printf 'user = root\ngroup = root\nprocess.priority = 5\n' )
listen = $run/pictures.sock
listen.backlog = 128
pm = static
pm.max_children = ${PICTURE_CHILDREN:-3}
$fpm_settings
FPM
    mkdir -p "$var/nginx/body"
}

wait_for_page() {
    local tries
    for tries in $(seq 1 150); do
        php -r '$h = @file_get_contents($argv[1], false, stream_context_create(["http" => ["timeout" => 5, "ignore_errors" => true]])); exit($h === false ? 1 : (str_contains($http_response_header[0], $argv[2]) ? 0 : 1));' "$1" "$2" && return 0
        sleep 0.1
    done
    return 1
}

# run_worker VAR OPTIONS...: a queue worker that is started afresh whenever it ends. Called in the background.
run_worker() {
    local var=$1; shift
    # What is read comes before what is judged: somebody waits to mark it.
    PUPIL_VAR=$var run_child bash -c 'trap "kill \$child 2>/dev/null; wait \$child; exit" TERM
        while :; do bin/lib/worker-php artisan queue:work --queue=reading,default,mail --quiet "$@" & child=$!; wait $child; sleep 1; done' worker "$@" >>"$var/log/worker.log" 2>&1
}

# serve_copy VAR RUN PORT ROOT: PHP-FPM and nginx; sets FPM_PID and NGINX_PID
serve_copy() {
    write_server_files "$1" "$2" "$3" "$4"
    run_child "$(fpm_program)" "${FPM_SETTINGS[@]}" -F -R -y "$2/fpm.conf" >>"$1/log/fpm.log" 2>&1 & FPM_PID=$!
    run_child nginx -c "$2/nginx.conf" -e "$1/log/nginx.log" >>"$1/log/nginx.log" 2>&1 & NGINX_PID=$!
}
